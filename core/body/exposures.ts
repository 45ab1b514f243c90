import * as z from "zod/mini";

/**
 * What a rung does to a body, as a clinician asks of it. Whole families are listed together; `groups` names them.
 * "Loaded" is with the weight of the body, a weight or a fall behind it; "end" is at the end of the range.
 */
export const exposureGroups = {
  /** Head below the heart; the whole body upside down. */
  "upside-down": ["head-low", "inverted"],
  /** Weight on the hands: a part, most of it, on one arm; other ways of bearing. */
  bearing: ["hands-part", "hands-full", "one-arm", "fists", "hand-backs", "forearms", "head-bears"],
  /** Feet carrying a part; the whole body; with the arms behind. */
  hanging: ["hang-part", "hang", "hang-behind"],
  /** Landing; pressing hard with the breath held; kilograms; a band; a near-maximal skill. */
  effort: ["impact", "strain", "weight", "band", "near-maximal"],
  spine: [
    "spine-bend-end",
    "spine-arch-end",
    "spine-turn-end",
    "spine-side-end",
    "spine-bend-loaded",
    "spine-arch-loaded",
    "spine-turn-loaded",
  ],
  neck: ["neck-end", "neck-loaded"],
  shoulder: [
    "shoulder-overhead-end",
    "shoulder-overhead-loaded",
    "shoulder-behind-end",
    "shoulder-behind-loaded",
    "shoulder-out-end",
    "shoulder-out-loaded",
  ],
  "wrist-and-toe": ["wrist-end", "toes-end"],
  hip: ["hip-end", "hip-deep"],
  /** Bent past 120°; the same under weight; kneeling on it; one leg carrying all. */
  knee: ["knee-deep", "knee-loaded", "kneeling", "one-leg"],
  lying: ["belly", "back"],
  /** Tissue under a roller or a ball. */
  pressed: ["pressed"],
  /** Taken to the end of the range and kept there by something else than its own muscles; by them; by another person. */
  "end-range": ["passive-end", "active-end", "pushed"],
  risk: ["fall", "eyes-closed", "balance"],
} as const;

export type ExposureGroup = keyof typeof exposureGroups;
export const exposureGroupIds = Object.keys(exposureGroups) as ExposureGroup[];
export type Exposure = (typeof exposureGroups)[ExposureGroup][number];
export const exposures = Object.values(exposureGroups).flat() as unknown as [
  Exposure,
  ...Exposure[],
];
export const Exposure = z.enum(exposures);
