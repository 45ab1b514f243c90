/** So many of so many, as a whole number of any size. @example choose(7, 2) // 21n */
export function choose(n: number, k: number): bigint {
  if (k < 0 || k > n) return 0n;
  let found = 1n;
  for (let i = 1; i <= Math.min(k, n - k); i += 1)
    found = (found * BigInt(n - Math.min(k, n - k) + i)) / BigInt(i);
  return found;
}

/** The choice with this number among all choices of k out of n, in the order of a dictionary. @example choiceAt(4, 2, 1n) // [0, 2] */
export function choiceAt(n: number, k: number, rank: bigint): number[] {
  const chosen: number[] = [];
  let left = rank;
  for (let at = 0; at < n && chosen.length < k; at += 1) {
    const withIt = choose(n - at - 1, k - chosen.length - 1);
    if (left < withIt) chosen.push(at);
    else left -= withIt;
  }
  return chosen;
}

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));

/**
 * A way through all settings of some wheels, each with so many positions, that comes by every one before any comes
 * again, and turns every wheel of three positions or more each time.
 * @param wheels positions of each, at least 1
 * @returns how many settings there are, and the setting at a turn (any whole number; it goes round)
 */
export function throughAll(wheels: readonly bigint[]): {
  count: bigint;
  at: (turn: number) => bigint[];
} {
  const count = wheels.reduce((product, size) => product * size, 1n);
  const stride = strideOf(wheels, count);
  return {
    count,
    at: (turn) => {
      let left = (((BigInt(turn) * stride) % count) + count) % count;
      return wheels.map((size) => {
        const digit = left % size;
        left /= size;
        return digit;
      });
    },
  };
}

/** A stride without a factor in common with the count, that moves every wheel by about three eighths. */
function strideOf(wheels: readonly bigint[], count: bigint): bigint {
  if (count === 1n) return 1n;
  const turnedBy = (size: bigint): bigint => (size < 2n ? 0n : size < 4n ? 1n : (size * 3n) / 8n);
  let stride = 0n;
  for (const size of [...wheels].reverse()) stride = stride * size + turnedBy(size);
  while (gcd(stride, count) !== 1n) stride += 1n;
  return stride;
}
