import { Link } from "react-router";
import { motionOf } from "#core/body/motions";
import { skillOf, protocolOf } from "#core/content/library";
import { shippedLibrary } from "../library";
import { LibraryPage } from "../parts/library/page";
import { PosePicture } from "../parts/figure/pose-picture";
import type { Route } from "./+types/library-skill";
import { BothNames } from "../parts/both-names";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const library = await shippedLibrary();
  const skill = skillOf(library, params.id);
  if (!skill) throw new Response("The library has no such skill.", { status: 404 });
  const checks = skill.firstChecks
    .flatMap((id) => protocolOf(library, id) ?? [])
    .map(({ id, name }) => ({ id, name }));
  const stands = skill.standsOn
    .flatMap((id) => skillOf(library, id) ?? [])
    .map(({ id, name }) => ({ id, name }));
  return { skill, checks, stands };
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.skill.name ?? "Skill"} · Yearling` },
];

export default function SkillPage({ loaderData: { skill, checks, stands } }: Route.ComponentProps) {
  return (
    <LibraryPage title={skill.name} lead={skill.summary}>
      <div className="mt-6 grid gap-8 md:grid-cols-[18rem_1fr]">
        <PosePicture
          picture={{ view: skill.view, start: skill.pose, props: [] }}
          label={skill.name}
          className="max-h-96 w-full"
        />
        <div>
          <h2 className="text-xl">What it asks</h2>
          <ul className="mt-1 border-t border-ink">
            {skill.demands.map((demand) => (
              <li
                key={`${demand.motion}-${demand.role}-${demand.mode}-${demand.hips ?? ""}`}
                className="border-b border-line py-2"
              >
                <p className="flex flex-wrap items-baseline justify-between gap-x-4">
                  <b className="font-display text-lg">
                    <BothNames motion={demand.motion} plain={motionOf(demand.motion).name} />
                  </b>
                  <span className="figures">
                    {demand.clean}° <span className="text-muted">passable {demand.passable}°</span>
                  </span>
                </p>
                <p className="text-sm text-muted">
                  {demand.hips ? `${demand.hips} hips: ` : ""}
                  {demand.how}, {demand.mode}
                  {demand.loaded ? ", loaded" : ""}. {demand.missing} ({demand.source}
                  {demand.reason ? `: ${demand.reason}` : ""})
                </p>
              </li>
            ))}
          </ul>
          <h2 className="mt-6 text-xl">First checks</h2>
          <p>
            {checks.map(({ id, name }, i) => (
              <span key={id}>
                {i > 0 ? ", " : ""}
                <Link className="underlined" to={`/library/check/${id}`}>
                  {name}
                </Link>
              </span>
            ))}
          </p>
          {stands.length > 0 ? (
            <>
              <h2 className="mt-6 text-xl">It stands on</h2>
              <p>
                {stands.map(({ id, name }, i) => (
                  <span key={id}>
                    {i > 0 ? ", " : ""}
                    <Link className="underlined" to={`/library/skill/${id}`}>
                      {name}
                    </Link>
                  </span>
                ))}
              </p>
            </>
          ) : null}
          {skill.decides ? (
            <p className="mt-6 border-l-4 border-clay pl-3 font-semibold">{skill.decides}</p>
          ) : null}
          <p className="mt-6 border-l-4 border-clay pl-3 text-sm">{skill.cautions.join(" ")}</p>
        </div>
      </div>
    </LibraryPage>
  );
}
