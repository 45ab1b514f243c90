import * as z from "zod/mini";
import { JointId, motionOf } from "../body/motions";
import { atRung, Pattern, type Drill, type DrillKind, type Position, type Rung } from "./drill";

/** Families that a warm-up by the clock is often made of, beside the patterns and the single joints. */
const Named = z.enum(["neck-and-shoulders", "light-swings", "spine-and-rolls", "seated-hips"]);

/** A family of movement: a pattern, one of the named ones, or whatever moves one joint. */
export const MoveFamily = z.enum([...Named.options, ...Pattern.options, ...JointId.options]);
export type MoveFamily = z.infer<typeof MoveFamily>;

type Members = {
  joints?: readonly JointId[];
  kinds?: readonly DrillKind[];
  positions?: readonly Position[];
  /** These belong to it whatever else is said. */
  drills?: readonly string[];
};

const named: Record<z.infer<typeof Named>, Members> = {
  "neck-and-shoulders": { joints: ["neck", "shoulder"], kinds: ["circles", "dynamic", "active"] },
  "light-swings": {
    drills: [
      "elbow-swings",
      "leg-swings",
      "side-swings",
      "heel-swings",
      "knee-straight-swings",
      "shake-outs",
      "kicks",
    ],
  },
  "spine-and-rolls": {
    joints: ["thoracic", "lumbar"],
    kinds: ["circles", "dynamic"],
    drills: ["rolls"],
  },
  "seated-hips": { joints: ["hip"], positions: ["sitting"] },
};

/** A share of its work that makes a drill one of a joint's. */
const mostly = 0.5;

const moves = ({ serves }: Pick<Drill, "serves">, joints: readonly JointId[]): boolean =>
  serves.some(({ motion, share }) => share >= mostly && joints.includes(motionOf(motion).joint));

/** Whether a drill at a rung is one of a family. */
export function isOfFamily(drill: Drill, rung: Rung, family: MoveFamily): boolean {
  const pattern = Pattern.safeParse(family);
  if (pattern.success) return drill.pattern === pattern.data;
  const joint = JointId.safeParse(family);
  if (joint.success) return moves(atRung(drill, rung), [joint.data]);
  const { joints, kinds, positions, drills } = named[Named.parse(family)];
  if (drills?.includes(drill.id)) return true;
  const here = atRung(drill, rung);
  return (
    (joints ? moves(here, joints) : positions !== undefined) &&
    (kinds?.includes(drill.kind) ?? true) &&
    (positions?.includes(here.position) ?? true)
  );
}
