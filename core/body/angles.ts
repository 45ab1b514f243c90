export const radians = (degrees: number): number => (degrees * Math.PI) / 180;
export const degrees = (radians: number): number => (radians * 180) / Math.PI;

/** Keeps a value between two limits. */
export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));
