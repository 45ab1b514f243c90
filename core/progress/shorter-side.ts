import type { LeftRight } from "../body/side";
import type { MotionId } from "../body/motions";
import { setsOf } from "../drill/dose";
import { timesOf, type Drill } from "../drill/drill";
import type { PrepItem } from "../records/records";
import type { Sides } from "../aim/sides";
import { unitOf } from "../content/protocol";

/** A side that is really shorter, by enough to act on. */
export type Shorter = {
  motion: MotionId;
  side: LeftRight;
  /** Left less right, in the unit of the check. */
  difference: number;
  unit: ReturnType<typeof unitOf>;
};

/** From this many sets on, the shorter side's share is two sets more; below, one. */
const manySets = 4;

/** The motions with a side that deserves more: the difference is real, and over its protocol's threshold. */
export const shorterSides = (sides: readonly Sides[]): Shorter[] =>
  sides.flatMap(({ motion, protocol, difference }) =>
    difference.worthActing
      ? [
          {
            motion,
            side: difference.shorter,
            difference: difference.difference,
            unit: unitOf(protocol),
          },
        ]
      : [],
  );

/** Work that changes a side: stretches and what is done with their range. A ball or a swing needs no share. */
const earnsMore: readonly Drill["kind"][] = [
  "static",
  "contract-relax",
  "active",
  "strength",
  "skill",
];

/**
 * The shorter side's extra share of a drill: one set more, two where there are four or more. Only for drills of
 * which at least half counts for the motion; null where both sides deserve the same.
 */
export function extraFor(
  item: PrepItem,
  drill: Drill,
  shorter: readonly Shorter[],
): { extra: NonNullable<PrepItem["extra"]>; shorter: Shorter } | null {
  if (timesOf(drill, item.rungId) === 1 || item.boxed || !earnsMore.includes(drill.kind))
    return null;
  const one = shorter.find(({ motion }) =>
    drill.serves.some((served) => served.motion === motion && served.share >= 0.5),
  );
  if (!one) return null;
  const sets = item.dose.type === "contract-relax" ? item.dose.rounds : setsOf(item.dose);
  return { extra: { side: one.side, sets: sets >= manySets ? 2 : 1 }, shorter: one };
}
