/** Of all changes called real in a round, so large a share may be false. */
export const falseShare = 0.1;
/** A change alone is called real from here on, however many others there are. */
export const aloneBelow = 0.05;

/**
 * The largest likelihood of error that still counts, so that of all that count no more than a share is false (the step-up
 * rule of Benjamini and Hochberg, 1995); never more lenient than for one alone.
 * @param all the likelihood of each change by error alone, 0–1
 * @returns the bar for what counts; for none that counts the bar that the first would have to pass
 */
export function discoveryBar(all: readonly number[], share = falseShare): number {
  const sorted = [...all].sort((a, b) => a - b);
  const count = sorted.findLastIndex((p, n) => p <= (share * (n + 1)) / sorted.length) + 1;
  return Math.min(aloneBelow, (share * Math.max(1, count)) / Math.max(1, sorted.length));
}
