import { stopsAll, type Clearable, type IntakeQuestion } from "../body/conditions";
import { exposureGroups, exposures, type Exposure } from "../body/exposures";

/** Where a rule comes from: a published statement, or a figure that careful practice works with. */
export type SafetySource =
  "working" | "malfait-2017" | "mountjoy-2023" | "patricios-2023" | "acog-2020" | "sinaki-1984";

/** What a condition makes of the things a rung can do. */
export type ConditionRule = {
  /** Asked with it. At the place that is said everything that loads, stretches or presses is refused. */
  asks?: readonly ("where" | "since")[];
  refuses: readonly Exposure[];
  /** A stay at the end of the range is no longer than this, seconds. */
  longestHold?: number;
  source: SafetySource;
};

const { spine, neck, shoulder } = exposureGroups;
const loadedShoulder = shoulder.filter((one) => one.endsWith("loaded"));
const loadedSpine = spine.filter((one) => one.endsWith("loaded"));
/** What asks most of a body, whichever part of it. */
const hard = ["near-maximal", "hang-behind", "head-bears", "one-arm"] as const;

/** Condition × what a rung does. What is not listed is allowed. A new condition is a row. */
export const conditionRules: Record<Clearable, ConditionRule> = {
  "recent-injury": {
    asks: ["where", "since"],
    refuses: ["pushed", "near-maximal"],
    source: "working",
  },
  "unstable-joint": {
    asks: ["where"],
    refuses: ["pushed", "hang-behind", "near-maximal"],
    source: "working",
  },
  "nerve-signs": {
    asks: ["where"],
    refuses: [...spine, ...neck, "passive-end", "pushed", "impact", "strain", "pressed", ...hard],
    source: "working",
  },
  unwell: { refuses: [], source: "working" },
  saddle: { refuses: [], source: "working" },
  "heart-effort": { refuses: [], source: "working" },
  concussion: { refuses: [], source: "patricios-2023" },
  spine: {
    refuses: [
      ...spine,
      ...neck,
      "impact",
      "strain",
      "weight",
      "inverted",
      "hang",
      "pushed",
      "fall",
      ...hard,
    ],
    longestHold: 30,
    source: "working",
  },
  replacement: {
    asks: ["where"],
    refuses: ["impact", "fall", "pushed", ...hard],
    source: "working",
  },
  hernia: {
    refuses: [
      "strain",
      "weight",
      "impact",
      "hang",
      "hands-full",
      "inverted",
      "spine-arch-end",
      ...loadedSpine,
      "knee-loaded",
      ...hard,
    ],
    source: "working",
  },
  pregnancy: {
    refuses: [
      "head-low",
      "inverted",
      "belly",
      "back",
      "strain",
      "impact",
      "fall",
      "hang",
      "hands-full",
      "weight",
      "pushed",
      "pressed",
      "balance",
      ...spine,
      ...hard,
    ],
    longestHold: 30,
    source: "acog-2020",
  },
  pressure: {
    refuses: [
      "head-low",
      "inverted",
      "strain",
      "hang",
      "weight",
      "impact",
      "pressed",
      "neck-end",
      "neck-loaded",
      ...hard,
    ],
    source: "working",
  },
  bone: {
    refuses: [
      "spine-bend-end",
      "spine-turn-end",
      "spine-side-end",
      ...loadedSpine,
      "neck-loaded",
      "impact",
      "fall",
      "balance",
      "inverted",
      "pushed",
      "pressed",
      "fists",
      "weight",
      ...hard,
    ],
    source: "sinaki-1984",
  },
  connective: {
    refuses: [
      "passive-end",
      "pushed",
      "hang",
      "spine-arch-end",
      "neck-end",
      "neck-loaded",
      "impact",
      ...loadedShoulder,
      ...loadedSpine,
      ...hard,
    ],
    source: "working",
  },
  energy: {
    refuses: ["impact", "weight", "strain", "pushed", ...hard],
    longestHold: 30,
    source: "mountjoy-2023",
  },
  thinners: {
    refuses: ["pressed", "impact", "fall", "inverted", "pushed", ...hard],
    source: "working",
  },
  steroids: {
    refuses: [
      "impact",
      "weight",
      "strain",
      "hang",
      "pushed",
      "fall",
      "knee-loaded",
      ...loadedShoulder,
      ...loadedSpine,
      ...hard,
    ],
    longestHold: 30,
    source: "working",
  },
  medicine: {
    refuses: [
      "passive-end",
      "pushed",
      "pressed",
      "impact",
      "strain",
      "hang",
      "weight",
      "knee-loaded",
      ...hard,
    ],
    source: "working",
  },
  "older-new": {
    refuses: ["impact", "fall", "inverted", "hang", "fists", "strain", "pushed", ...hard],
    longestHold: 30,
    source: "working",
  },
  growing: {
    refuses: ["pushed", "hang-behind", "one-arm"],
    longestHold: 60,
    source: "working",
  },
  loose: {
    refuses: ["passive-end", "pushed", "hang-behind", "spine-arch-loaded"],
    source: "malfait-2017",
  },
};

/** What is harmless to nearly all: a rung that does nothing else may be done by anybody who has been asked nothing. */
export const harmless: ReadonlySet<Exposure> = new Set<Exposure>([
  "hands-part",
  "kneeling",
  "back",
  "active-end",
  "hip-deep",
  "knee-deep",
  "shoulder-overhead-end",
  "wrist-end",
  "spine-side-end",
]);

/** The questions that ask for a place. */
export const asksWhere = (question: IntakeQuestion): boolean =>
  conditionRules[question].asks?.includes("where") ?? false;

/** What a condition keeps away, and so what may be allowed again; everything, where all stops or a place is shut. */
export function clearableBy(id: Clearable): Exposure[] {
  const { refuses, asks } = conditionRules[id];
  return id in stopsAll || asks ? exposures.filter((one) => !harmless.has(one)) : [...refuses];
}
