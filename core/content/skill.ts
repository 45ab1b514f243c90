import * as z from "zod/mini";
import { MotionId } from "../body/motions";
import { Pose } from "../figure/pose";

/** Part a limb plays in a skill; sides follow from it once the aim has a side. */
export const Role = z.enum([
  "both-sides",
  "trunk",
  "front-leg",
  "back-leg",
  /** The limb that does the skill, on the aim's side; and the one that bears it. */
  "working-side",
  "standing-side",
]);
export type Role = z.infer<typeof Role>;

/** What a skill asks of one joint motion. Angles in degrees. */
export const Demand = z.object({
  motion: MotionId,
  role: Role,
  mode: z.enum(["passive", "active"]),
  loaded: z.boolean(),
  clean: z.number(),
  passable: z.number(),
  /** Relative importance, 0–2; 1 is usual. */
  weight: z.number().check(z.minimum(0), z.maximum(2)),
  how: z.string(),
  /** What the body does instead. */
  missing: z.string(),
  /** A published source, "working figure", or "own figure" with the reason for it. */
  source: z.string(),
  reason: z._default(z.string(), ""),
  /** Checks that can show what is asked here, the best first; empty: those of the motion. */
  by: z._default(z.array(z.string()), []),
  /** Only asked with these hips, where the aim may choose between square and open ones. */
  hips: z.optional(z.enum(["square", "open"])),
});
export type Demand = z.infer<typeof Demand>;

/**
 * Planar shape models that know how to bend a body within its limits; `posed` is none: the clean pose, joint by
 * joint taken back.
 */
export const ShapeModel = z.enum([
  "handstand",
  "front-split",
  "middle-split",
  "deep-squat",
  "overhead-squat",
  "one-leg-squat",
  "pike",
  "pancake",
  "bridge",
  "leg-behind",
  "tilted-leg",
  "leg-front",
  "leg-side",
  "high-foothold",
  "behind-back-hang",
  "l-sit",
  "high-straddle",
  "demi-rise",
  "full-rise",
  "posed",
]);
export type ShapeModel = z.infer<typeof ShapeModel>;

/** Kinds of skills, as they are listed. */
export const Family = z.enum([
  "hand balance",
  "supports and levers",
  "floor",
  "dance",
  "climbing",
  "everyday",
]);
export type Family = z.infer<typeof Family>;

export const Skill = z.object({
  id: z.string(),
  name: z.string(),
  /** As in "a straight handstand", for sentences. */
  phrase: z.string(),
  sided: z.boolean(),
  /** What the side of the aim means: "front leg". */
  sideMeans: z.string(),
  summary: z.string(),
  model: ShapeModel,
  /** The clean pose, of a right-sided aim where the skill is sided. */
  pose: Pose,
  /** From where the pose reads best: 0 from the right side, 90 from the front. */
  view: z._default(z.number(), 0),
  family: z._default(Family, "everyday"),
  /** Square or open hips is a choice of the aim. */
  hipsChoice: z._default(z.boolean(), false),
  /** Easier skills that it stands on, by identifier. */
  standsOn: z._default(z.array(z.string()), []),
  /** Who decides that somebody is ready, where that is not a matter of range. */
  decides: z._default(z.string(), ""),
  /** Nobody younger is prepared for it, whoever decides; null where age is no matter. */
  fromAge: z._default(z.nullable(z.int().check(z.minimum(0), z.maximum(30))), null),
  demands: z.array(Demand).check(z.minLength(1)),
  firstChecks: z.array(z.string()),
  cautions: z.array(z.string()),
});
export type Skill = z.infer<typeof Skill>;
