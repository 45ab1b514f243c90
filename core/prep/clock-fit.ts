import type { Clocked, Gaps } from "../content/format";
import { naturalSeconds } from "../drill/natural";
import type { PrepItem } from "../records/records";

/** The shortest and longest box, seconds. */
const shortest = 15;
const longest = 180;
const mostRounds = 6;

type Boxes = { count: number; rounds: number; seconds: number };

/** Boxes that may be: so many at once, in so many rounds, of seconds that people say; a box of two drills halves well. */
function boxesIn(counts: readonly number[], rounds: number, to: number, drills = 1): Boxes[] {
  const lengths = naturalSeconds
    .map((seconds) => seconds * drills)
    .filter((seconds) => seconds >= shortest * drills && seconds <= to);
  return counts.flatMap((count) =>
    Array.from({ length: rounds }, (_, n) => n + 1).flatMap((round) =>
      lengths.map((seconds) => ({ count, rounds: round, seconds })),
    ),
  );
}

/** How far from what was wished for: boxes that fit but leave seconds over are worse than a change of their length. */
const distance = (boxes: Boxes, wished: Boxes, room: number): number =>
  (room - lengthOf(boxes)) / 15 +
  3 * Math.abs(Math.log2(boxes.seconds / wished.seconds)) +
  2 * Math.abs(boxes.rounds - wished.rounds) +
  8 * Math.abs(boxes.count - wished.count);

const lengthOf = ({ count, rounds, seconds }: Boxes): number => count * rounds * seconds;

function nearest(all: readonly Boxes[], wished: Boxes, room: number): Boxes | null {
  const fitting = all.filter((one) => lengthOf(one) <= room);
  return fitting.length === 0
    ? null
    : fitting.reduce((a, b) => (distance(b, wished, room) < distance(a, wished, room) ? b : a));
}

/**
 * Families by the clock in these seconds: every family as long as it can be kept, rounds and boxes changed together so
 * that the end is on the second. What is wished for stands where it fits exactly; a raise is no more than a quarter.
 * @param room seconds there are for raise and boxes, hand-over not counted
 */
export function fitClocked(wished: Clocked, room: number): Clocked {
  const raise = Math.min(wished.raise, raiseStep * Math.floor(room / 4 / raiseStep));
  return fitBoxes({ ...wished, raise }, room - raise);
}

const raiseStep = 15;

function fitBoxes(wished: Clocked, room: number): Clocked {
  const { families, rounds, seconds, drills } = wished;
  if (families.length * rounds * seconds === room) return wished;
  const counts = families.map((_, n) => families.length - n);
  const own = { count: families.length, rounds, seconds };
  for (const count of counts) {
    const found = nearest(boxesIn([count], mostRounds, longest, drills), own, room);
    if (found)
      return {
        ...wished,
        families: families.slice(0, count),
        rounds: found.rounds,
        seconds: found.seconds,
      };
  }
  return { ...wished, rounds: 1, seconds: shortest * drills };
}

const mostGaps = 12;
const longestGap = 300;

/** Gaps between work sets that come to these seconds, as near to what is wished for as that goes. */
export function fitGaps(wished: Gaps, room: number): Gaps {
  if (wished.count * wished.seconds === room) return wished;
  const counts = Array.from({ length: mostGaps }, (_, n) => n + 1);
  const all = boxesIn(counts, 1, longestGap).filter(({ seconds }) => seconds >= 30);
  const byLength = all.filter((one) => lengthOf(one) <= room);
  const least = Math.min(...byLength.map((one) => room - lengthOf(one)));
  const found = byLength
    .filter((one) => room - lengthOf(one) === least)
    .reduce<Boxes | null>(
      (a, b) =>
        a === null || Math.abs(b.seconds - wished.seconds) < Math.abs(a.seconds - wished.seconds)
          ? b
          : a,
      null,
    );
  return found ? { count: found.count, seconds: found.seconds } : wished;
}

/** A breath at the end of boxes is no longer than this, seconds: what is more is time handed back. */
const longestBreath = 60;

/**
 * Boxes still to come, in these seconds: each family kept as long as it can, as many boxes as fill the time, and what
 * is over as breath at the end.
 */
export function boxesAnew(later: readonly PrepItem[], room: number): PrepItem[] {
  const names = [...new Set(later.map(({ segment }) => segment))];
  const first = later[0];
  if (first?.dose.type !== "time" || room < shortest) return [];
  const wished = first.dose.seconds;
  const count = Math.min(names.length, Math.floor(room / shortest));
  // Never longer than they were: what may be stayed in for so long was judged then.
  const lengths = naturalSeconds.filter(
    (seconds) => seconds >= shortest && seconds <= Math.min(wished, room / count),
  );
  if (lengths.length === 0) return [];
  const boxesOf = (seconds: number) => Math.min(later.length, Math.floor(room / seconds));
  const cost = (seconds: number) =>
    room - boxesOf(seconds) * seconds + 30 * Math.abs(Math.log2(seconds / wished));
  const seconds = lengths.reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const kept = names.slice(0, count);
  const turns = Array.from({ length: boxesOf(seconds) }, (_, n): PrepItem => {
    const ofFamily = later.filter(({ segment }) => segment === kept[n % count]);
    const round = Math.floor(n / count);
    const item = ofFamily[round] ?? ofFamily[0]!;
    return {
      ...item,
      id: ofFamily[round] ? item.id : `${item.id}~r${round + 1}`,
      breath: null,
      dose: { type: "time", sets: 1, seconds, rest: 0 },
    };
  });
  const over = Math.round(room - turns.length * seconds);
  return turns.map((item, at) =>
    at === turns.length - 1 && over > 0 && over <= longestBreath
      ? { ...item, breath: { seconds: over, as: "change-over" as const } }
      : item,
  );
}
