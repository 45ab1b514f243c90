const golden = (Math.sqrt(5) - 1) / 2;
/** So many places are looked at before the valley is followed. */
const places = 7;

/**
 * Where a function is least between two bounds: looked for at evenly spread places, then about the best of them by golden
 * section (Kiefer 1953).
 * @param near how close to the least, in the unit of x
 */
export function leastOf(f: (x: number) => number, low: number, high: number, near = 0.02): number {
  if (high - low <= near) return f(low) <= f(high) ? low : high;
  const apart = (high - low) / (places - 1);
  const looked = Array.from({ length: places }, (_, n) => f(low + n * apart));
  const best = looked.indexOf(Math.min(...looked));
  let [a, b] = [low + Math.max(0, best - 1) * apart, low + Math.min(places - 1, best + 1) * apart];
  // An end that is lower than what lies just inside it is the least.
  if (best === 0 && f(low + near) >= looked[0]!) return low;
  if (best === places - 1 && f(high - near) >= looked[best]!) return high;
  let [c, d] = [b - golden * (b - a), a + golden * (b - a)];
  let [fc, fd] = [f(c), f(d)];
  while (b - a > near) {
    if (fc <= fd) {
      [b, d, fd] = [d, c, fc];
      c = b - golden * (b - a);
      fc = f(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + golden * (b - a);
      fd = f(d);
    }
  }
  return (a + b) / 2;
}
