const golden = (Math.sqrt(5) - 1) / 2;

/**
 * Where a function that bends one way is least between two bounds. Where it falls or rises all along, or is highest in
 * between, that is an end and is seen at once; else the valley is found by golden section (Kiefer 1953).
 * @param near how close to the least, in the unit of x
 */
export function leastOf(f: (x: number) => number, low: number, high: number, near = 0.02): number {
  const [atLow, atHigh] = [f(low), f(high)];
  const better = atLow < atHigh ? low : high;
  if (high - low <= 2 * near) return better;
  const [risesFromLow, fallsToHigh] = [f(low + near) >= atLow, f(high - near) >= atHigh];
  if (risesFromLow || fallsToHigh)
    return risesFromLow && fallsToHigh ? better : risesFromLow ? low : high;
  let [a, b] = [low, high];
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
