import { countSources, kindOfSource, type SourceCount } from "#core/content/sources";
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

/** Figures of the library by where they come from, and the dose of each kind of work. */
export async function clientLoader() {
  const [{ cautions, doseSources, library }, { forecastPriors }] = await Promise.all([
    import("#library/index"),
    import("#library/forecast-priors"),
  ]);
  return {
    cautions,
    doses: doseSources.map((dose) => ({ ...dose, kind: kindOfSource(dose.source) })),
    counts: [
      ["Degrees that skills ask", library.skills.flatMap((skill) => skill.demands)],
      ["Errors of instruments", library.protocols.flatMap(({ instruments }) => instruments)],
      ["What motions gain from training", forecastPriors],
      ["Doses by kind of work", doseSources],
    ].map(([what, figures]) => ({
      what: what as string,
      count: countSources((figures as { source: string }[]).map(({ source }) => source)),
    })),
  };
}

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
        <div
          className="mt-2 overflow-x-auto"
          tabIndex={0}
          role="region"
          aria-label="Answers and what they stop"
        >
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
      <Sources counts={loaderData.counts} doses={loaderData.doses} />
    </LibraryPage>
  );
}

/** Where the figures come from: how many of each kind, and the sources of the doses. */
function Sources({ counts, doses }: Pick<Route.ComponentProps["loaderData"], "counts" | "doses">) {
  const cell = (count: SourceCount, kind: "published" | "geometry" | "working") => (
    <td className="figures py-1.5 pr-4">{count[kind]}</td>
  );
  return (
    <section id="sources" className="mt-8">
      <h2 className="text-xl">Where the figures come from</h2>
      <p className="text-sm text-muted">
        Published: a study or a standard, named beside the figure. Geometry: the body’s own lines,
        as a flat hand under an upright arm. Working: what people use, with nothing published for
        this use. A coach’s own figure stands with his reason.
      </p>
      <div
        className="mt-2 overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label="Where the figures come from"
      >
        <table className="w-full text-sm">
          <thead>
            <tr className="border-b border-ink text-left">
              <th className="label py-1 pr-4">Figures</th>
              <th className="label py-1 pr-4">Published</th>
              <th className="label py-1 pr-4">Geometry</th>
              <th className="label py-1 pr-4">Working</th>
              <th className="label py-1">In all</th>
            </tr>
          </thead>
          <tbody>
            {counts.map(({ what, count }) => (
              <tr key={what} className="border-b border-line">
                <th className="py-1.5 pr-4 text-left font-semibold">{what}</th>
                {cell(count, "published")}
                {cell(count, "geometry")}
                {cell(count, "working")}
                <td className="figures py-1.5">{count.all}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h3 className="mt-4 text-lg">Doses</h3>
      <ul className="text-sm">
        {doses.map(({ work, rule, source, kind }) => (
          <li key={work} className="border-b border-line py-1.5">
            <b>{work}:</b> {rule}.{" "}
            <span className="text-muted">
              {kind === "working" ? "Working figure." : `${source}.`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
