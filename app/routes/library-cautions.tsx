import { cautions } from "#library/index";
import { Clearable, stopsAll } from "#core/body/conditions";
import { exposureGroupIds, exposureGroups } from "#core/body/exposures";
import { conditionRules, harmless } from "#core/safety/condition-table";
import { exposureGroupNames, exposureNames } from "#words/exposures";
import { listWords } from "#words/plain";
import { conditionReasons, intakeQuestions, sourceNames } from "#words/conditions";
import { conditionNames, stopWords } from "#words/safety";
import { LibraryPage } from "../parts/library/page";
import type { Route } from "./+types/library-cautions";

export { ErrorBoundary } from "../parts/frame/broken";

export const loader = () => ({ cautions });

export const meta: Route.MetaFunction = () => [{ title: "Cautions · Yearling" }];

/** Condition × what a rung does, as the gate has it. */
const rows = Clearable.options.map((id) => ({
  id,
  asked: id === "growing" || id === "loose" ? null : intakeQuestions[id],
  rule: conditionRules[id],
  stops: id === "growing" || id === "loose" ? undefined : stopsAll[id],
  groups: exposureGroupIds.flatMap((group) => {
    const own = exposureGroups[group].filter((one) => conditionRules[id].refuses.includes(one));
    return own.length > 0
      ? [{ group, whole: own.length === exposureGroups[group].length, own }]
      : [];
  }),
}));

export default function CautionsPage({ loaderData }: Route.ComponentProps) {
  return (
    <LibraryPage title="Cautions" lead="Briefly, where it matters, and here in full.">
      {loaderData.cautions.map(({ title, lines }) => (
        <section key={title} className="mt-6">
          <h2 className="text-xl">{title}</h2>
          <ul className="mt-1 list-disc pl-5">
            {lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
      <section className="mt-8">
        <h2 className="text-xl">What each answer keeps away</h2>
        <p className="text-sm text-muted">
          Until a clearance names it again. Where a place is asked for, everything that loads,
          stretches or presses that place is kept away too.
        </p>
        <div className="mt-2 overflow-x-auto">
          <table className="w-full text-sm">
            <thead>
              <tr className="border-b border-ink text-left">
                <th className="label py-1 pr-4">Answer</th>
                <th className="label py-1 pr-4">Kept away</th>
                <th className="label py-1 pr-4">Held at most</th>
                <th className="label py-1">From</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ id, asked, rule, stops, groups }) => (
                <tr key={id} id={id} className="border-b border-line align-top">
                  <th className="w-56 py-1.5 pr-4 text-left font-semibold">
                    {asked ?? (id === "growing" ? "Growing, under 18" : "Loose joints, by age")}
                    <span className="block font-normal text-muted">{conditionReasons[id]}</span>
                  </th>
                  <td className="py-1.5 pr-4">
                    {stops ? <b>{stopWords[stops]}</b> : null}
                    {groups.map(({ group, whole, own }) => (
                      <span key={group} className="block">
                        <span className="text-muted">{exposureGroupNames[group]}:</span>{" "}
                        {whole && own.length > 1
                          ? "all of it"
                          : own.map((one) => exposureNames[one]).join(", ")}
                      </span>
                    ))}
                    {rule.asks?.includes("where") ? (
                      <span className="block">At the place that is said: everything.</span>
                    ) : null}
                  </td>
                  <td className="figures py-1.5 pr-4">
                    {rule.longestHold ? `${rule.longestHold} s` : "–"}
                  </td>
                  <td className="py-1.5 text-muted">{sourceNames[rule.source]}</td>
                </tr>
              ))}
              <tr id="no-intake" className="align-top">
                <th className="py-1.5 pr-4 text-left font-semibold">
                  {conditionNames["no-intake"]} yet
                </th>
                <td className="py-1.5 pr-4">
                  Everything but {listWords([...harmless].map((one) => exposureNames[one]))}.
                </td>
                <td className="py-1.5 pr-4">–</td>
                <td className="py-1.5 text-muted">{sourceNames.working}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
    </LibraryPage>
  );
}
