/**
 * The standard normal cumulative distribution Φ(z): the share of a bell curve below z.
 *
 * Abramowitz & Stegun 7.1.26 through the error function; absolute error below 1.5e-7.
 *
 * @param z standard deviations, any finite number
 * @returns 0–1
 * @example normalBelow(1.96) // 0.975
 */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const erf = 1 - poly * Math.exp(-x * x);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}
