import { atRung, rungOf, type Drill, type Rung } from "../drill/drill";
import { workSeconds, type Dose } from "../drill/dose";
import { doesOf } from "../exposure/does";
import type { Exposure } from "../body/exposures";
import type { PrepItem } from "../records/records";
import { drillOf, type Drills } from "../content/library";
import { held } from "./permit";
import { stillSeconds } from "./stays";

/** A temperature raise is never shorter, unless already warm, seconds. */
export const shortestRaise = 60;
/** Whole-body work before a stretch that is held longer than `shortStretch`, seconds. */
export const stretchWarmth = 120;
/** The same until sweating: before deep splits, bridges and ring work. */
export const deepWarmth = 240;
/** A stretch no longer than this needs the shortest raise alone. */
export const shortStretch = 20;

/** Seconds of a prep below which no raise of the length can have its place: a sixth to a third of it is the raise. */
export const roomFor = { stretch: 420, deep: 900 } as const;

const deepThings: readonly Exposure[] = ["spine-arch-loaded", "hang-behind", "hang"];

/** Deep splits, bridges and work hanging: only when sweating. */
export function isDeep(drill: Drill, rung: Rung): boolean {
  const { exposes } = doesOf(drill, rung);
  return (
    atRung(drill, rung).position === "split" ||
    (drill.kind === "skill" && exposes.has("hip-end") && exposes.has("passive-end")) ||
    (drill.kind !== "static" && deepThings.some((one) => exposes.has(one))) ||
    (exposes.has("shoulder-behind-loaded") && exposes.has("hang-part"))
  );
}

/** A long stretch, an end range or the skill: never cold. */
export const wantsWarmth = (drill: Drill): boolean =>
  ["static", "contract-relax", "active", "skill"].includes(drill.kind);

/** Seconds of whole-body work that have to stand before a dose of a rung. */
export function warmthFor(drill: Drill, rung: Rung, dose: Dose): number {
  if (isDeep(drill, rung)) return deepWarmth;
  const passive = held(drill) || doesOf(drill, rung).exposes.has("passive-end");
  if (passive && stillSeconds(drill, dose) > shortStretch) return stretchWarmth;
  return wantsWarmth(drill) ? shortestRaise : 0;
}

/** Seconds of whole-body work that an item is. */
export function raises(item: PrepItem, library: Drills): number {
  const drill = drillOf(library, item.drillId);
  return drill?.kind === "pulse" ? workSeconds(item.dose) : 0;
}

/** Seconds of whole-body work that the items of a prep ask for between them. */
export const warmthOf = (items: readonly PrepItem[], library: Drills): number =>
  Math.max(
    0,
    ...items.map((item) => {
      const drill = drillOf(library, item.drillId);
      return drill ? warmthFor(drill, rungOf(drill, item.rungId), item.dose) : 0;
    }),
  );
