import * as z from "zod/mini";
import { Gate } from "./gate";
import { MotionId } from "../body/motions";
import { MuscleId } from "../body/muscles";
import { Picture } from "../figure/picture";
import { IntakeQuestion } from "../body/conditions";
import { BandUse } from "./band";
import { Dose } from "./dose";
import { KitItem } from "./kit";
import { SiteId } from "../body/sites";
import { Exposure } from "../body/exposures";

/** The phases of a prep, in the order in which they are always done. */
export const phases = ["raise", "loosen", "open", "own", "use", "settle"] as const;
export const Phase = z.enum(phases);
export type Phase = z.infer<typeof Phase>;

export const DrillKind = z.enum([
  "pulse",
  "soft-tissue",
  "circles",
  "dynamic",
  "static",
  "contract-relax",
  "active",
  "strength",
  "skill",
  "breathing",
]);
export type DrillKind = z.infer<typeof DrillKind>;

export const Position = z.enum([
  "standing",
  "half-kneeling",
  "all-fours",
  "kneeling",
  "sitting",
  "supine",
  "prone",
  "side-lying",
  "plank",
  "hanging",
  "inverted",
  "split",
]);
export type Position = z.infer<typeof Position>;

/** How far a dose may grow inside a rung, repetitions or seconds; it goes by the figures that people say (`natural.ts`). */
const Range = z.object({ from: z.number(), to: z.number() });

/** How much floor a drill takes: a spot to stand on (about 1.2 × 1.2 m), a mat's length, or a way across the room. */
export const Space = z.enum(["spot", "mat", "room"]);
export type Space = z.infer<typeof Space>;

/** Part of the body a drill is filed under. */
export const Region = z.enum([
  "whole body",
  "hands and wrists",
  "elbows and forearms",
  "shoulders",
  "neck",
  "upper back",
  "trunk",
  "hips",
  "splits",
  "knees",
  "ankles and feet",
  "turnout",
  "climbing",
]);
export type Region = z.infer<typeof Region>;

/** Families of movement that clocked warm-ups take their variants from. */
export const Pattern = z.enum([
  "hands",
  "reach",
  "push",
  "pull",
  "bend",
  "twist",
  "brace",
  "squat",
  "lunge",
  "hinge",
  "feet",
  "travel",
]);
export type Pattern = z.infer<typeof Pattern>;

export const Plane = z.enum(["sagittal", "frontal", "transverse"]);
export type Plane = z.infer<typeof Plane>;

/** Who must not do it: an intake answer that no clinician has cleared, growing, or loose joints. */
export const Contraindication = z.enum([...IntakeQuestion.options, "growing", "loose-jointed"]);
export type Contraindication = z.infer<typeof Contraindication>;

/** Motions served, with the share of the dose that counts for each, 0–1. */
const Serves = z.array(
  z.object({ motion: MotionId, share: z.number().check(z.minimum(0), z.maximum(1)) }),
);

/**
 * What has to be there before a rung: degrees of a motion, the rung below done clean so often over so many weeks, and
 * rungs of other ladders.
 */
export const RungNeeds = z.object({
  ranges: z._default(
    z.array(
      z.object({ motion: MotionId, mode: z.enum(["passive", "active"]), degrees: z.number() }),
    ),
    [],
  ),
  clean: z._default(z.int().check(z.minimum(0), z.maximum(60)), 0),
  weeks: z._default(z.int().check(z.minimum(0), z.maximum(26)), 0),
  /** Of another ladder: one of these rungs done clean so often. The name is said where it is missing. */
  after: z._default(
    z.array(
      z.object({
        drillId: z.string(),
        rungIds: z.array(z.string()).check(z.minLength(1)),
        name: z.string(),
        clean: z._default(z.int().check(z.minimum(1), z.maximum(60)), 4),
      }),
    ),
    [],
  ),
});
export type RungNeeds = z.infer<typeof RungNeeds>;

export const Rung = z.object({
  id: z.string(),
  name: z.string(),
  cue: z.string(),
  /** How things are laid out before it begins. */
  setting: z._default(z.string(), ""),
  steps: z.array(z.string()).check(z.minLength(2)),
  kit: z.array(KitItem),
  /** Kit that nothing else may stand in for. */
  exact: z._default(z.array(KitItem), []),
  space: z._default(Space, "mat"),
  /** Heard through a floor. */
  loud: z._default(z.boolean(), false),
  /** Dose in a warm-up; null where the rung does not belong before training. */
  warmUp: z.nullable(Dose),
  session: z.nullable(Dose),
  range: Range,
  /** The rule for weight, where it is loaded. */
  load: z._default(z.string(), ""),
  /** Kilograms to begin with and to grow to, for a grown-up; null where no weight is held. */
  kg: z._default(
    z.nullable(
      z.object({ from: z.number().check(z.positive()), to: z.number().check(z.positive()) }),
    ),
    null,
  ),
  /** How strong a band it is done with; null where it has none, or any will do. */
  band: z._default(z.nullable(BandUse), null),
  gates: z.array(Gate).check(z.minLength(1)),
  contraindications: z._default(z.array(Contraindication), []),
  /** Where a rung differs from its ladder. */
  serves: z.optional(Serves),
  position: z.optional(Position),
  loadsHands: z.optional(z.boolean()),
  inverted: z.optional(z.boolean()),
  sided: z.optional(z.boolean()),
  /** What it does to a body that its picture, position, kind and kit do not show. */
  does: z._default(z.array(Exposure), []),
  /** What the picture seems to show and is not so. */
  doesNot: z._default(z.array(Exposure), []),
  /** Places under a roller or a ball. */
  presses: z._default(z.array(SiteId), []),
  /** What has to be there before it is done. */
  needs: z._default(z.nullable(RungNeeds), null),
  picture: Picture,
});
export type Rung = z.infer<typeof Rung>;

/** A drill is a ladder: its rungs from the easiest to the hardest. */
export const Drill = z.object({
  id: z.string(),
  name: z.string(),
  region: z._default(Region, "whole body"),
  phase: Phase,
  kind: DrillKind,
  position: Position,
  sided: z.boolean(),
  serves: Serves,
  /** Skills it rehearses; empty for drills that prepare any. */
  toward: z.array(z.string()),
  pattern: z._default(z.nullable(Pattern), null),
  planes: z._default(z.array(Plane), []),
  /** Repetitions count as pulling or as pushing. */
  force: z._default(z.nullable(z.enum(["pull", "push"])), null),
  /** Only where the athlete's or coach's way of working has chosen it. */
  onlyIf: z._default(z.nullable(z.enum(["side-lying-rotation"])), null),
  /** The hands carry weight, so wrists must be prepared before. */
  loadsHands: z.boolean(),
  /** This drill prepares the wrists for weight. */
  preparesHands: z.boolean(),
  /** Upside down, or a deep back bend: needs clearance for some conditions. */
  inverted: z.boolean(),
  setUp: z.int().check(z.minimum(0)),
  sideChange: z.int().check(z.minimum(0)),
  rungs: z.array(Rung).check(z.minLength(1)),
  cautions: z.array(z.string()),
  contraindications: z._default(z.array(Contraindication), []),
  /** What every rung does to a body beyond what can be seen of it; null where nobody has said. */
  does: z._default(z.nullable(z.array(Exposure)), null),
  presses: z._default(z.array(SiteId), []),
  /** Muscles it contracts that its motions do not tell: a squeeze works the inner thighs and opens nothing. */
  works: z._default(z.array(MuscleId), []),
  /** In a line: what it is for, and what it is not. */
  purpose: z._default(z.string(), ""),
  notFor: z._default(z.string(), ""),
  /** Other words that people look for it by. */
  also: z._default(z.array(z.string()), []),
  /** Why its rungs stand in this order, where it is not plain. */
  order: z._default(z.string(), ""),
});
export type Drill = z.infer<typeof Drill>;

/** A rung of a drill by its identifier; the first rung when the identifier is not on the ladder. */
export const rungOf = (drill: Drill, rungId: string): Rung =>
  drill.rungs.find((rung) => rung.id === rungId) ?? drill.rungs[0]!;

/** What holds for a drill on one rung. */
export type AtRung = {
  position: Position;
  serves: Drill["serves"];
  loadsHands: boolean;
  inverted: boolean;
  /** Done one side after the other. */
  sided: boolean;
  contraindications: readonly Contraindication[];
};

const known = new WeakMap<Rung, AtRung>();

/** A drill as it is on one rung: what the rung says for itself stands over what the ladder says. */
export function atRung(drill: Drill, rung: Rung): AtRung {
  let here = known.get(rung);
  if (!here)
    known.set(
      rung,
      (here = {
        position: rung.position ?? drill.position,
        serves: rung.serves ?? drill.serves,
        loadsHands: rung.loadsHands ?? drill.loadsHands,
        inverted: rung.inverted ?? drill.inverted,
        sided: rung.sided ?? drill.sided,
        contraindications: [...drill.contraindications, ...rung.contraindications],
      }),
    );
  return here;
}

/** How many sides a drill is done on, one after the other, on a rung. */
export const timesOf = (drill: Drill, rungId: string): 1 | 2 =>
  atRung(drill, rungOf(drill, rungId)).sided ? 2 : 1;

/** Something done of a drill, on another of its rungs: with that rung's sides. */
export function onRung<Item extends { rungId: string; sides: ("left" | "right")[] }>(
  item: Item,
  drill: Drill,
  rung: Rung,
): Item {
  const sides: ("left" | "right")[] = !atRung(drill, rung).sided
    ? []
    : item.sides.length > 0
      ? item.sides
      : ["left", "right"];
  return { ...item, rungId: rung.id, sides };
}

/** Order of two texts by their code: for sorting that must be quick and the same everywhere. */
export const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
