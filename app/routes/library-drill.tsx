import { library } from "#library/index";
import { drillOf } from "#core/library";
import { motionOf } from "#core/body/motions";
import { writeDose } from "#core/drill/dose";
import { phaseMeaning } from "#core/drill/drill";
import { LibraryPage } from "../parts/library/page";
import { PosePicture } from "../parts/figure/pose-picture";
import type { Route } from "./+types/library-drill";

export function loader({ params }: Route.LoaderArgs) {
  const drill = drillOf(library, params.id);
  if (!drill) throw new Response("The library has no such drill.", { status: 404 });
  return { drill };
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.drill.name ?? "Drill"} · Yearling` },
];

export default function DrillPage({ loaderData: { drill } }: Route.ComponentProps) {
  const serves = drill.serves.map(({ motion }) => motionOf(motion).name.toLowerCase()).join(", ");
  return (
    <LibraryPage
      title={drill.name}
      lead={`${drill.phase}: ${phaseMeaning[drill.phase]}. ${serves ? `Serves ${serves}.` : ""}`}
    >
      <ol className="mt-6 border-t border-ink">
        {drill.rungs.map((rung, i) => (
          <li
            key={rung.id}
            className="grid gap-x-8 gap-y-2 border-b border-line py-4 md:grid-cols-[20rem_1fr]"
          >
            <PosePicture
              picture={rung.picture}
              label={`${rung.name}: start and end`}
              className="max-h-44 w-full"
            />
            <div>
              <h2 className="text-xl">
                <span className="figures mr-2 text-base text-muted">{i + 1}</span>
                {rung.name}
              </h2>
              <p className="font-semibold">{rung.cue}</p>
              <p>{rung.steps.join(" ")}</p>
              <p className="mt-1 text-sm text-muted">
                before training {rung.warmUp ? writeDose(rung.warmUp) : "not used"} · session{" "}
                {rung.session ? writeDose(rung.session) : "not used"}
                {rung.kit.length > 0 ? ` · needs ${rung.kit.join(", ")}` : " · no kit"}
              </p>
              <p className="mt-1 text-sm">
                {rung.gates.map((gate) => `${gate.see}: ${gate.then}.`).join(" ")}
              </p>
            </div>
          </li>
        ))}
      </ol>
      {drill.cautions.length > 0 ? (
        <p className="mt-4 border-l-4 border-clay pl-3 text-sm">{drill.cautions.join(" ")}</p>
      ) : null}
    </LibraryPage>
  );
}
