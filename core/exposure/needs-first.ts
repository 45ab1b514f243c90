import type { Drill, Rung, RungNeeds } from "../drill/drill";
import { doesOf } from "./does";
import type { Exposure } from "../body/exposures";

/** What asks most of tendons, growing bones and the low back: so many clean times over so many weeks come first. */
const slow: readonly Exposure[] = [
  "near-maximal",
  "hang-behind",
  "inverted",
  "fists",
  "head-bears",
  "one-arm",
  "shoulder-behind-loaded",
  "spine-arch-loaded",
  "neck-loaded",
  "spine-bend-loaded",
];
/** What loads a joint or takes it far, less than that. */
const middling: readonly Exposure[] = [
  "hands-full",
  "hang",
  "impact",
  "weight",
  "knee-loaded",
  "shoulder-overhead-loaded",
  "shoulder-out-loaded",
  "hand-backs",
  "forearms",
];

/** Clean times and weeks on the rung below, by what the rung does. Working figures; somebody growing waits longer. */
const floors = {
  slow: { clean: 6, weeks: 3 },
  middling: { clean: 4, weeks: 2 },
  other: { clean: 2, weeks: 0 },
} as const;
/** Weeks more for somebody who is growing, where there is a floor of weeks at all. */
const growingMore = 2;

/** A rung of a split is taken slowly too: the tissue of the back of the leg needs its weeks. */
const isDeepSplit = (drill: Drill, exposes: ReadonlySet<Exposure>): boolean =>
  drill.kind === "skill" && exposes.has("hip-end") && exposes.has("passive-end");

/**
 * What has to be there before a rung: what the library says of it, else what follows from what it does. The first
 * rung of a ladder asks for nothing of its own ladder.
 */
export function needsFirst(drill: Drill, rung: Rung, growing: boolean): RungNeeds {
  const exposes = doesOf(drill, rung).exposes;
  const has = (list: readonly Exposure[]) => list.some((one) => exposes.has(one));
  const first = drill.rungs.indexOf(rung) <= 0;
  const floor = has(slow)
    ? floors.slow
    : has(middling) || isDeepSplit(drill, exposes)
      ? floors.middling
      : floors.other;
  const said = rung.needs;
  const weeks = Math.max(said?.weeks ?? 0, floor.weeks);
  return {
    ranges: said?.ranges ?? [],
    after: said?.after ?? [],
    clean: first ? 0 : Math.max(said?.clean ?? 0, floor.clean),
    weeks: first ? 0 : weeks + (growing && weeks > 0 ? growingMore : 0),
  };
}
