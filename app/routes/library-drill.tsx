import { bandWords } from "#words/bands";
import { standInHow } from "#words/prep";
import { Link } from "react-router";
import { drillOf } from "#core/content/library";
import { motionOf } from "#core/body/motions";
import { writeDose } from "#core/drill/dose";
import { phaseMeaning, phaseNames } from "#words/names";
import { capital } from "#words/plain";
import { atRung, type Drill, type Rung } from "#core/drill/drill";
import { standInsFor } from "#core/exposure/stand-ins";
import { intakeQuestions } from "#words/conditions";
import { effortOf } from "../parts/figure/effort";
import { MovingPicture } from "../parts/figure/moving-picture";
import { LibraryPage } from "../parts/library/page";
import { RungSafety } from "../parts/library/rung-safety";
import { wholeLibrary } from "../whole-library";
import type { Route } from "./+types/library-drill";

export { ErrorBoundary } from "../parts/frame/broken";

/** The user's own drills are there too. */
export async function clientLoader({ params }: Route.ClientLoaderArgs): Promise<{ drill: Drill }> {
  const drill = drillOf(await wholeLibrary(), params.id);
  if (!drill) throw new Response("The library has no such drill.", { status: 404 });
  return { drill };
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.drill.name ?? "Drill"} · Yearling` },
];

export default function DrillPage({ loaderData: { drill } }: Route.ComponentProps) {
  const serves = drill.serves
    .map(
      ({ motion, share }) => `${motionOf(motion).name.toLowerCase()} ${Math.round(share * 100)} %`,
    )
    .join(", ");
  return (
    <LibraryPage
      title={drill.name}
      lead={`${capital(phaseNames[drill.phase])}: ${phaseMeaning[drill.phase]}. ${serves ? `Of its dose counts for ${serves}.` : ""}`}
    >
      {drill.purpose ? (
        <p className="mt-2">
          <b>For</b> {drill.purpose}. {drill.notFor ? <b>Not for</b> : null} {drill.notFor}
          {drill.notFor ? "." : ""}
        </p>
      ) : null}
      {drill.order ? (
        <p className="text-sm">
          <b>The order:</b> {drill.order}.
        </p>
      ) : null}
      <p className="text-sm text-muted">
        {drill.region} · {drill.kind.replace("-", " ")} · {drill.position}
        {drill.sided ? " · each side" : ""} · set-up {drill.setUp} s
        {drill.sided ? `, change of side ${drill.sideChange} s` : ""}
        {drill.force ? ` · counts as ${drill.force}` : ""} ·{" "}
        <Link className="underlined" to={`/library/own-drill?from=${drill.id}`}>
          make it your own
        </Link>
      </p>
      <ol className="mt-4 border-t border-ink">
        {drill.rungs.map((rung, i) => (
          <RungPart key={rung.id} drill={drill} rung={rung} number={i + 1} />
        ))}
      </ol>
      {drill.cautions.length > 0 ? (
        <p className="mt-4 border-l-4 border-clay pl-3 text-sm">{drill.cautions.join(" ")}</p>
      ) : null}
    </LibraryPage>
  );
}

const room = { spot: "on one spot", mat: "a mat’s room", room: "a way across the room" } as const;

function RungPart({ drill, rung, number }: { drill: Drill; rung: Rung; number: number }) {
  const here = atRung(drill, rung);
  const bars = [...new Set(here.contraindications)].map((bar) =>
    bar === "growing"
      ? "while growing"
      : bar === "loose-jointed"
        ? "with loose joints"
        : `uncleared: ${intakeQuestions[bar].replace(/\?$/, "").toLowerCase()}`,
  );
  return (
    <li className="grid gap-x-8 gap-y-2 border-b border-line py-4 md:grid-cols-[20rem_1fr]">
      <MovingPicture
        picture={rung.picture}
        serves={here.serves}
        effort={effortOf(drill.kind)}
        label={`${rung.name}: start and end`}
        className="max-h-44 w-full"
      />
      <div>
        <h2 className="text-xl">
          <span className="figures mr-2 text-base text-muted">{number}</span>
          {rung.name}
        </h2>
        <p className="font-semibold">{rung.cue}</p>
        <p>
          {rung.setting} {rung.steps.join(" ")}
        </p>
        <p className="mt-1 text-sm text-muted">
          before training {rung.warmUp ? writeDose(rung.warmUp) : "not used"} · session{" "}
          {rung.session ? writeDose(rung.session) : "not used"} · grows from {rung.range.from} to{" "}
          {rung.range.to}
          {rung.warmUp?.type === "reps" || rung.session?.type === "reps"
            ? `, ${(rung.session?.type === "reps" ? rung.session : rung.warmUp?.type === "reps" ? rung.warmUp : { tempo: 0 }).tempo} s each`
            : ""}
        </p>
        <p className="text-sm text-muted">
          {rung.kit.length > 0
            ? `needs ${rung.kit.map((item) => withStandIns(item, drill, rung)).join(", ")}`
            : "no kit"}
          {rung.band
            ? ` · ${bandWords(rung.band.strength)} band${rung.band.helps ? ", which helps" : ""}`
            : ""}
          {` · ${room[rung.space]}`}
          {rung.loud ? " · heard through a floor" : ""}
        </p>
        {rung.load ? <p className="mt-1 text-sm">{rung.load}</p> : null}
        <p className="mt-1 text-sm">
          {rung.gates.map((gate) => `${gate.see}: ${gate.then}.`).join(" ")}
        </p>
        <RungSafety drill={drill} rung={rung} />
        {bars.length > 0 ? (
          <p className="mt-1 text-sm text-clay">Not {bars.join("; not ")}.</p>
        ) : null}
      </div>
    </li>
  );
}

function withStandIns(item: Rung["kit"][number], drill: Drill, rung: Rung): string {
  const others = standInsFor(item, drill, rung);
  const said = others.map((other) => {
    const how = standInHow(item, other);
    return `${other.replace("-", " ")}${how ? `, ${how}` : ""}`;
  });
  return `${item.replace("-", " ")}${said.length > 0 ? ` (or ${said.join("; or ")})` : ""}`;
}
