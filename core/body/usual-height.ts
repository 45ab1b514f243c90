/**
 * Usual heights by age, cm: the median of girls and boys together, rounded (WHO Growth Reference, 2007, 5 to 19 years;
 * the year before by the WHO Child Growth Standards, 2006). From 19 on people are taken as they are at 19.
 */
const medians: readonly (readonly [age: number, cm: number])[] = [
  [3, 96],
  [5, 110],
  [7, 121],
  [9, 133],
  [11, 144],
  [13, 156],
  [15, 165],
  [17, 169],
  [19, 170],
];

/** How far people of an age differ from it, as a share of it: about one standard deviation. A working figure. */
export const heightSpread = 0.06;

/** The height taken for somebody whose height nobody has said, cm. */
export function usualHeight(age: number): number {
  const after = medians.findIndex(([at]) => at >= age);
  if (after === 0) return medians[0]![1];
  if (after < 0) return medians.at(-1)![1];
  const [a, low] = medians[after - 1]!;
  const [b, high] = medians[after]!;
  return Math.round(low + ((high - low) * (age - a)) / (b - a));
}
