import { answeringChecks } from "../core/aim/gap";
import type { Exposure } from "../core/body/exposures";
import { MotionId } from "../core/body/motions";
import { atRung, type Drill, type DrillKind, type Rung } from "../core/drill/drill";
import { breathingOf } from "../core/exposure/breathing";
import { doesOf } from "../core/exposure/does";
import { musclesOf } from "../core/exposure/muscles";
import { needsFirst } from "../core/exposure/needs-first";
import { angleAt, type Pose } from "../core/figure/pose";
import { forecastPriors } from "../library/forecast-priors";
import { senseless, workColumns } from "../library/work-columns";
import { library } from "../library/index";
import type { Bench } from "./bench";

type Named = { drill: Drill; rung: Rung; name: string };
const rungs: Named[] = library.drills.flatMap((drill) =>
  drill.rungs.map((rung) => ({ drill, rung, name: `${drill.id}/${rung.id}` })),
);
const share = (some: number, all: number) => Math.round((some / all) * 1000) / 1000;

/** A rung has its own when no other rung of its ladder has the same. */
const owns = ({ drill, rung }: Named, of: (rung: Rung) => unknown): boolean =>
  drill.rungs.every(
    (other) => other === rung || JSON.stringify(of(other)) !== JSON.stringify(of(rung)),
  );

const limbs = [
  "shoulder",
  "shoulderOut",
  "shoulderTurn",
  "elbow",
  "forearmTurn",
  "wrist",
  "hip",
  "hipOut",
  "hipOpen",
  "hipTurn",
  "knee",
  "ankle",
  "toes",
] as const;

/** Drawn with another left than right at its end: one side does it, unless the sides take turns inside a set. */
const drawnOneSided = ({ picture: { start, end } }: Rung): boolean => {
  const pose: Pose = end ?? start;
  return limbs.some((key) => angleAt(pose[key], "left") !== angleAt(pose[key], "right"));
};

/** Work in which the sides take turns inside a set, or a step follows a step. */
const takesTurns = ({ drill, rung }: Named): boolean =>
  drill.kind === "pulse" ||
  drill.pattern === "travel" ||
  [rung.cue, rung.setting, ...rung.steps].some((text) =>
    /other side|other way|other (arm|leg|knee|foot|hand|hip|heel|ear)|each side|both ways|change|alternat|in turn|turns|step|side to side|then the left|walk|one after|to each/i.test(
      text,
    ),
  );

const ownTools = new Set(["tape", "fingers", "eye", "count"]);
/** Every demand of the skill has a check that a tape, fingers or the eye can read. */
const byTapeAndEye = library.skills.filter((skill) =>
  skill.demands.every((demand) =>
    answeringChecks(demand, library).some(({ instruments }) =>
      instruments.some(({ id }) => ownTools.has(id)),
    ),
  ),
);

/** A floor, a wall and a mat are there wherever somebody trains. */
const everywhere = new Set(["wall", "mat"]);
const withoutKit = ({ drill, rung }: Named, motion: string, kinds: readonly DrillKind[]): boolean =>
  kinds.includes(drill.kind) &&
  rung.kit.every((item) => everywhere.has(item)) &&
  atRung(drill, rung).serves.some((one) => one.motion === motion && one.share >= 0.3);

const cells = MotionId.options.flatMap((motion) =>
  workColumns.map(({ name, kinds }) => ({
    motion,
    name,
    rungs: rungs.filter((one) => withoutKit(one, motion, kinds)).length,
    reason: senseless[motion]?.[name] ?? "",
  })),
);

/** How much a rung asks of a body, counted apart from what orders the ladders: what it bears, hangs from and holds. */
const burdens: Partial<Record<string, number>> = {
  "hands-part": 1,
  "hang-part": 1,
  band: 1,
  weight: 1.5,
  "one-leg": 1,
  "hands-full": 2,
  hang: 2.5,
  "one-arm": 2,
  fists: 1,
  "hand-backs": 1,
  inverted: 2,
  "near-maximal": 3,
  "shoulder-overhead-loaded": 1,
  "shoulder-behind-loaded": 1,
  "hang-behind": 2,
  "knee-loaded": 1,
  impact: 1,
  "head-bears": 1,
};
const burden = (drill: Drill, rung: Rung): number =>
  [...doesOf(drill, rung).exposes].reduce((sum, one) => sum + (burdens[one] ?? 0), 0);
const rises = (drill: Drill): boolean =>
  burden(drill, drill.rungs.at(-1)!) >= burden(drill, drill.rungs[0]!);

/** What nobody begins with; upside down, one arm too. */
const hardAtOnce: readonly Exposure[] = ["near-maximal", "head-bears", "hang-behind"];
const hard: readonly Exposure[] = [
  ...hardAtOnce,
  "one-arm",
  "neck-loaded",
  "inverted",
  "hands-full",
  "hang",
  "impact",
  "weight",
  "spine-arch-loaded",
  "spine-bend-loaded",
];

const sourced = (source: string): boolean => !/^(working|own) figure|: working figure/.test(source);

/** What the library holds, and what of it is a rung's own, is complete, and has a source. */
const bench: Bench = () => {
  const demands = library.skills.flatMap((skill) => skill.demands);
  const errors = library.protocols.flatMap(({ instruments }) => instruments);
  const sidesMissing = rungs.filter(
    (one) => drawnOneSided(one.rung) && !atRung(one.drill, one.rung).sided && !takesTurns(one),
  );
  // What asks most of a body wants weeks on the rung below, or another ladder first where it is a first rung.
  const needsMissing = rungs.filter(({ drill, rung }) => {
    const { weeks, after, ranges } = needsFirst(drill, rung, false);
    const { exposes } = doesOf(drill, rung);
    const first = drill.rungs.indexOf(rung) === 0;
    const asks = first ? hardAtOnce : hard;
    const overOneArm = first && exposes.has("inverted") && exposes.has("one-arm");
    if (!overOneArm && !asks.some((one) => exposes.has(one))) return false;
    return first ? after.length === 0 && ranges.length === 0 : weeks === 0;
  });
  const incomplete = rungs.filter(
    ({ drill, rung }) =>
      drill.does === null ||
      !breathingOf(drill, rung) ||
      (drill.kind !== "pulse" &&
        drill.kind !== "breathing" &&
        drill.kind !== "soft-tissue" &&
        drill.kind !== "circles" &&
        Object.values(musclesOf(drill, rung)).every((list) => list.length === 0)),
  );
  const empty = cells.filter((cell) => cell.rungs === 0 && cell.reason === "");
  const named = (list: Named[]) => list.map(({ name }) => name).join(" ");
  if (process.argv.includes("--names"))
    console.log(
      [
        `sides: ${named(sidesMissing)}`,
        `needs: ${named(needsMissing)}`,
        `muscles: ${named(incomplete)}`,
        `same dose: ${named(rungs.filter((one) => !owns(one, (r) => [r.warmUp, r.session, r.range])))}`,
        `same gates: ${named(rungs.filter((one) => !owns(one, (r) => r.gates)))}`,
        `empty: ${empty.map(({ motion, name }) => `${motion} ${name}`).join("; ")}`,
        `not by tape: ${library.skills
          .filter((skill) => !byTapeAndEye.includes(skill))
          .map(({ id }) => id)
          .join(" ")}`,
        `fall: ${library.drills
          .filter((drill) => !rises(drill))
          .map(({ id }) => id)
          .join(" ")}`,
        `no line: ${library.drills
          .filter(({ purpose, notFor }) => !purpose || !notFor)
          .map(({ id }) => id)
          .join(" ")}`,
      ].join("\n"),
    );
  const table = MotionId.options.map((motion) => ({
    motion,
    ...Object.fromEntries(
      cells
        .filter((cell) => cell.motion === motion)
        .map(({ name, rungs: found, reason }) => [name, found > 0 ? found : reason ? "–" : 0]),
    ),
  }));
  return Promise.resolve({
    table,
    figures: [
      { key: "ladders", value: library.drills.length, unit: "ladders" },
      { key: "rungs", value: rungs.length, unit: "rungs" },
      {
        key: "own_dose",
        value: share(
          rungs.filter(({ rung }) => rung.warmUp !== null || rung.session !== null).length,
          rungs.length,
        ),
        unit: "of rungs",
      },
      {
        key: "own_gates",
        value: share(rungs.filter((one) => owns(one, (r) => r.gates)).length, rungs.length),
        unit: "of rungs",
      },
      { key: "sides_missing", value: sidesMissing.length, unit: "rungs" },
      { key: "needs_missing", value: needsMissing.length, unit: "rungs" },
      { key: "muscles_missing", value: incomplete.length, unit: "rungs" },
      {
        key: "lines",
        value: share(
          library.drills.filter(({ purpose, notFor }) => purpose && notFor).length,
          library.drills.length,
        ),
        unit: "of ladders",
      },
      {
        key: "tape_skills",
        value: share(byTapeAndEye.length, library.skills.length),
        unit: "of skills",
      },
      {
        key: "demands_sourced",
        value: demands.filter(({ source }) => sourced(source)).length,
        unit: `of ${demands.length} demands`,
      },
      {
        key: "errors_sourced",
        value: errors.filter(({ source }) => sourced(source)).length,
        unit: `of ${errors.length} errors`,
      },
      {
        key: "priors_sourced",
        value: forecastPriors.filter(({ source }) => sourced(source)).length,
        unit: `of ${forecastPriors.length} priors`,
      },
      { key: "empty_cells", value: empty.length, unit: `of ${cells.length} cells` },
      {
        key: "rising",
        value: share(library.drills.filter(rises).length, library.drills.length),
        unit: "of ladders",
      },
    ],
  });
};

export default bench;
