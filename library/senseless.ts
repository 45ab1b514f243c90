import type { MotionId } from "../core/body/motions";

/** Kinds of work that make no sense for a motion, and why: the columns are those of the coverage table. */
export const senseless: Partial<Record<MotionId, Partial<Record<string, string>>>> = {
  "lumbar.extension": {
    "c–r": "pressing into the end of a back bend is what the low back is spared",
  },
};
