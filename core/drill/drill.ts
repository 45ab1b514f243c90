import * as z from "zod";
import { MotionId } from "../body/motions";
import { Picture } from "../figure/picture";
import { Dose } from "./dose";

/** The phases of a prep, in the order in which they are always done. */
export const phases = ["raise", "loosen", "open", "own", "use", "settle"] as const;
export const Phase = z.enum(phases);
export type Phase = z.infer<typeof Phase>;

/** What each phase is for, in one line. */
export const phaseMeaning: Record<Phase, string> = {
  raise: "temperature up before any stretch",
  loosen: "soft tissue, circles, dynamic work",
  open: "held and contract–relax stretches",
  own: "strength at the end of the range",
  use: "the skill itself, in parts",
  settle: "breathing slow, muscles let go",
};

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
  "inverted",
  "split",
]);
export type Position = z.infer<typeof Position>;

/** How far a dose may grow inside a rung, and by how much a step: repetitions or seconds. */
const Range = z.object({ from: z.number(), to: z.number(), step: z.number().positive() });

export const Gate = z.object({ see: z.string(), then: z.string() });

export const Rung = z.object({
  id: z.string(),
  name: z.string(),
  cue: z.string(),
  steps: z.array(z.string()).min(2),
  kit: z.array(z.string()),
  /** Dose in a warm-up; null where the rung does not belong before training. */
  warmUp: Dose.nullable(),
  session: Dose.nullable(),
  range: Range,
  gates: z.array(Gate).min(1),
  picture: Picture,
});
export type Rung = z.infer<typeof Rung>;

/** A drill is a ladder: its rungs from the easiest to the hardest. */
export const Drill = z.object({
  id: z.string(),
  name: z.string(),
  phase: Phase,
  kind: DrillKind,
  position: Position,
  sided: z.boolean(),
  /** Motions it serves, with the share of its dose that counts for each, 0–1. */
  serves: z.array(z.object({ motion: MotionId, share: z.number().min(0).max(1) })),
  /** Skills it rehearses; empty for drills that prepare any. */
  toward: z.array(z.string()),
  /** The hands carry weight, so wrists must be prepared before. */
  loadsHands: z.boolean(),
  /** This drill prepares the wrists for weight. */
  preparesHands: z.boolean(),
  /** Upside down, or a deep back bend: needs clearance for some conditions. */
  inverted: z.boolean(),
  setUp: z.int().min(0),
  sideChange: z.int().min(0),
  rungs: z.array(Rung).min(1),
  cautions: z.array(z.string()),
});
export type Drill = z.infer<typeof Drill>;

/** A rung of a drill by its identifier; the first rung when the identifier is not on the ladder. */
export const rungOf = (drill: Drill, rungId: string): Rung =>
  drill.rungs.find((rung) => rung.id === rungId) ?? drill.rungs[0]!;
