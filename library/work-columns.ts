import type { MotionId } from "../core/body/motions";
import type { DrillKind } from "../core/drill/drill";

/** The kinds of work a joint motion gets: the columns of the coverage table. */
export const workColumns: readonly { name: string; kinds: readonly DrillKind[] }[] = [
  { name: "soft", kinds: ["soft-tissue"] },
  { name: "circles", kinds: ["circles", "dynamic"] },
  { name: "static", kinds: ["static"] },
  { name: "c–r", kinds: ["contract-relax"] },
  { name: "active", kinds: ["active"] },
  { name: "strength", kinds: ["strength"] },
];

/** Kinds of work that make no sense for a motion, or need a thing, and why: the columns of the coverage table. */
export const senseless: Partial<Record<MotionId, Partial<Record<string, string>>>> = {
  "lumbar.extension": {
    "c–r": "pressing into the end of a back bend is what the low back is spared",
  },
  "thoracic.extension": {
    soft: "no hand of one’s own reaches between the shoulder blades: it takes a roller or a ball",
  },
};
