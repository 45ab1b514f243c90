/** The pieces of the benefit curve: so many seconds, at so much each. */
export const benefitPieces: readonly (readonly [seconds: number, rate: number])[] = [
  [120, 1],
  [180, 0.5],
  [300, 0.2],
];

/** Where each piece begins, and what has been gained by then. */
const begins = [0, 120, 300, 600];
const gained = begins.map((until) =>
  benefitPieces.reduce((sum, [, rate], i) => {
    const length = Math.min(until, begins[i + 1]!) - begins[i]!;
    return sum + Math.max(0, length) * rate;
  }, 0),
);

/**
 * Benefit of seconds on one motion, diminishing: full to 120 s, half to 300 s, a fifth to 600 s, none beyond.
 * Read off a table of its pieces, for the planner asks it hundreds of thousands of times.
 * @example benefit(180) // 150
 */
export function benefit(seconds: number): number {
  if (seconds <= 0) return 0;
  let piece = 0;
  while (piece < 3 && seconds > begins[piece + 1]!) piece += 1;
  return piece === 3
    ? gained[3]!
    : gained[piece]! + (seconds - begins[piece]!) * benefitPieces[piece]![1];
}
