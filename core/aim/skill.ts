import * as z from "zod";
import { MotionId } from "../body/motions";
import { Pose } from "../figure/pose";

/** Part a limb plays in a skill; sides follow from it once the aim has a side. */
export const Role = z.enum(["both-sides", "trunk", "front-leg", "back-leg"]);
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
  weight: z.number().min(0).max(2),
  how: z.string(),
  /** What the body does instead. */
  missing: z.string(),
  source: z.string(),
});
export type Demand = z.infer<typeof Demand>;

/** Planar shape models that know how to bend a body within its limits. */
export const ShapeModel = z.enum(["handstand", "front-split", "deep-squat"]);
export type ShapeModel = z.infer<typeof ShapeModel>;

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
  pose: Pose,
  demands: z.array(Demand).min(1),
  firstChecks: z.array(z.string()),
  cautions: z.array(z.string()),
});
export type Skill = z.infer<typeof Skill>;
