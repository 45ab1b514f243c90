/** The pieces of the benefit curve: so many seconds, at so much each. */
export const benefitPieces: readonly (readonly [seconds: number, rate: number])[] = [
  [120, 1],
  [180, 0.5],
  [300, 0.2],
];

/**
 * Benefit of seconds on one motion, diminishing: full to 120 s, half to 300 s, a fifth to 600 s, none beyond.
 * @example benefit(180) // 150
 */
export function benefit(seconds: number): number {
  let left = seconds;
  let sum = 0;
  for (const [most, rate] of benefitPieces) {
    const here = Math.min(Math.max(0, left), most);
    sum += here * rate;
    left -= most;
  }
  return sum;
}
