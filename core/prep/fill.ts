import { raiseStep } from "../drill/natural";
import { motionOf } from "../body/motions";
import { rungOf } from "../drill/drill";
import type { Breath, PrepItem } from "../records/records";
import { drillOf, type Library } from "../content/library";
import { prepSeconds } from "./timeline";
import { shortestRaise, warmthOf } from "./warmth";

type Minutes = { budget: number; library: Library; handOver?: number };

/** What the raise takes of the minutes at most, beyond what is asked of it. */
const mostOfRaise = 0.3;
/** The longest breath between two drills, seconds; and where there is nothing else to do with the minutes. */
const longestBreaths = [30, 60] as const;
/** A breath of fewer seconds is a change-over, no drink. */
const longChangeOver = 15;

/**
 * The minutes filled to the second: the raise and the wind-down take what they may in steps of 15 s, and what
 * remains is breath between the drills. Kept items are not touched; nothing is ever made too long.
 */
export function fillExactly(items: readonly PrepItem[], minutes: Minutes): PrepItem[] {
  const bare = items.map((item) =>
    item.breath && !item.pinned && item.breath.as !== "break" ? { ...item, breath: null } : item,
  );
  return withBreath(withRaise(bare, minutes), minutes);
}

const inSteps = (seconds: number): number => Math.floor(seconds / raiseStep) * raiseStep;

/** The raise and the wind-down longer or shorter, by steps, inside what they may last and what follows asks for. */
function withRaise(
  items: readonly PrepItem[],
  { budget, library, handOver = 0 }: Minutes,
): PrepItem[] {
  let over = budget - prepSeconds(items, library, handOver);
  const warmth = Math.max(shortestRaise, warmthOf(items, library));
  return items.map((item) => {
    const drill = drillOf(library, item.drillId);
    if (
      !drill ||
      item.pinned ||
      item.dose.type !== "time" ||
      (item.phase !== "raise" && item.phase !== "settle") ||
      Math.abs(over) < 1
    )
      return item;
    const now = item.dose.seconds;
    const range = rungOf(drill, item.rungId).range.to;
    const most = Math.max(
      now,
      item.phase === "raise" ? Math.min(range, inSteps(mostOfRaise * budget)) : range,
    );
    const least = item.phase === "raise" ? Math.min(now, warmth) : Math.min(30, now);
    const wanted = inSteps(now + over);
    const seconds = Math.min(most, Math.max(least, wanted));
    over -= seconds - now;
    return { ...item, dose: { ...item.dose, seconds } };
  });
}

/** Where there may be a breath: after each drill but the last, where the clock has begun and nothing is boxed. */
const breathes = (item: PrepItem, at: number, all: readonly PrepItem[]): boolean =>
  at < all.length - 1 &&
  !item.outside &&
  !item.boxed &&
  item.breath === null &&
  !all[at + 1]!.boxed;

/**
 * What is left over as breaths: the first before the last part, the others where the parts change, then wherever
 * there is none yet. What even they cannot hold stays over, and is said.
 */
function withBreath(
  items: readonly PrepItem[],
  { budget, library, handOver = 0 }: Minutes,
): PrepItem[] {
  let over = budget - prepSeconds(items, library, handOver);
  const list = [...items];
  const places = breathOrder(items);
  for (const longest of longestBreaths)
    for (const at of places) {
      const had = list[at]!.breath?.seconds ?? 0;
      const seconds = Math.min(had + over, longest);
      if (over <= 0 || seconds <= had) continue;
      list[at] = { ...list[at]!, breath: { seconds, as: breathAs(list[at]!, seconds) } };
      over -= seconds - had;
    }
  return list;
}

/** What is shaken out after work. */
const handJoints: readonly string[] = ["wrist", "fingers", "forearm"];

const breathAs = ({ serves }: PrepItem, seconds: number): Breath["as"] =>
  seconds <= longChangeOver
    ? "change-over"
    : serves.some((motion) => handJoints.includes(motionOf(motion).joint))
      ? "shake-out"
      : "water";

/** Places for a breath, the best first: before the last part, at the other changes of part, then from the middle out. */
function breathOrder(items: readonly PrepItem[]): number[] {
  const places = items.flatMap((item, at) => (breathes(item, at, items) ? [at] : []));
  const turns = places.filter((at) => partKey(items[at]!) !== partKey(items[at + 1]!)).reverse();
  const middle = items.length / 2;
  const rest = places
    .filter((at) => !turns.includes(at))
    .sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle));
  return [...turns, ...rest];
}

const partKey = ({ phase, segment }: PrepItem): string => `${phase}/${segment}`;
