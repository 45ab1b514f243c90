import { errorFunction } from "simple-statistics";

/**
 * The standard normal cumulative distribution Φ(z): the share of a bell curve below z. Absolute error below 2e-7.
 *
 * @param z standard deviations, any finite number
 * @returns 0–1
 * @example normalBelow(1.96) // 0.975
 */
export const normalBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;
