import { complaintRows } from "../body/complaints";
import { motionOf, type JointId } from "../body/motions";
import { mostFamilies, type Clocked } from "../content/format";
import type { MoveFamily } from "../drill/families";

/** A clocked prep with a complaint in it lasts so long, seconds. */
export const grownSeconds = 20 * 60;

/**
 * The families of a prep by the clock, grown for a complaint: the joint twice, and every joint that its tissues belong
 * to, up to ten. What was chosen stays.
 */
export function grownFor(clocked: Clocked, joint: JointId): Clocked {
  const beside = complaintRows[joint].tissues.map((motion) => motionOf(motion).joint);
  const wanted: MoveFamily[] = [
    joint,
    ...new Set(beside.filter((other) => other !== joint)),
    joint,
  ];
  return { ...clocked, families: [...clocked.families, ...wanted].slice(0, mostFamilies) };
}
