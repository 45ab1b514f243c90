import { sitesMoving, type SiteId } from "../body/sites";
import { atRung, type Drill, type Rung } from "../drill/drill";
import { doesOf, onPurpose } from "./does";
import type { Exposure } from "../body/exposures";

const arm: readonly SiteId[] = ["wrist", "fingers", "forearm", "elbow", "shoulder"];
const leg: readonly SiteId[] = ["hip", "knee", "ankle", "heel", "foot"];

/** The places of the body that an exposure loads, or takes to the end of what they have. */
const places: Partial<Record<Exposure, readonly SiteId[]>> = {
  "head-low": ["head"],
  inverted: ["head", "neck"],
  "hands-part": arm,
  "hands-full": [...arm, "lumbar", "abdomen"],
  "one-arm": arm,
  fists: ["wrist", "fingers"],
  "hand-backs": ["wrist", "fingers"],
  forearms: ["forearm", "elbow", "shoulder"],
  "head-bears": ["head", "neck"],
  "hang-part": ["fingers", "wrist", "forearm", "elbow", "shoulder"],
  hang: ["fingers", "wrist", "forearm", "elbow", "shoulder"],
  "hang-behind": ["fingers", "wrist", "forearm", "elbow", "shoulder", "ribs"],
  impact: ["head", "lumbar", "calf", "shin", "toes", ...leg],
  // Held in the hands, wherever it is for.
  weight: ["wrist", "fingers"],
  strain: ["head", "abdomen"],
  "near-maximal": ["head", "abdomen"],
  "spine-bend-end": ["lumbar", "thoracic"],
  "spine-arch-end": ["lumbar", "thoracic", "abdomen"],
  "spine-turn-end": ["lumbar", "thoracic", "ribs"],
  "spine-side-end": ["lumbar", "ribs"],
  "spine-bend-loaded": ["lumbar", "thoracic"],
  "spine-arch-loaded": ["lumbar", "thoracic", "abdomen"],
  "spine-turn-loaded": ["lumbar", "thoracic", "ribs"],
  "neck-end": ["neck", "head"],
  "neck-loaded": ["neck", "head"],
  "shoulder-overhead-end": ["shoulder"],
  "shoulder-overhead-loaded": ["shoulder"],
  "shoulder-behind-end": ["shoulder"],
  "shoulder-behind-loaded": ["shoulder"],
  "shoulder-out-end": ["shoulder"],
  "shoulder-out-loaded": ["shoulder"],
  "wrist-end": ["wrist"],
  "toes-end": ["toes", "foot"],
  "hip-end": ["hip"],
  "hip-deep": ["hip"],
  "knee-deep": ["knee"],
  "knee-loaded": ["knee", "thigh", "ankle", "heel"],
  kneeling: ["knee"],
  "one-leg": leg,
  fall: ["head"],
  balance: ["head", "ankle"],
};

/** Whether what a rung does is done to a place of the body. */
export const doneTo = (exposure: Exposure, site: SiteId): boolean =>
  places[exposure]?.includes(site) ?? false;

const known = new WeakMap<Rung, ReadonlySet<SiteId>>();

/**
 * The places of the body that a rung loads, stretches, presses or works on. Both sides of each: what one side works
 * the other often carries.
 */
export function stressOf(drill: Drill, rung: Rung): ReadonlySet<SiteId> {
  let found = known.get(rung);
  if (!found) {
    const { exposes, presses } = doesOf(drill, rung);
    const served = atRung(drill, rung).serves.flatMap(({ motion, share }) =>
      share >= onPurpose && drill.kind !== "breathing" ? sitesMoving(motion) : [],
    );
    known.set(
      rung,
      (found = new Set([
        ...[...exposes].flatMap((one) => places[one] ?? []),
        ...served,
        ...presses,
      ])),
    );
  }
  return found;
}
