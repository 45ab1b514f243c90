import type { PrepItem } from "../records/records";

/** How many of the last preps a new one must differ from. */
export const unlikeLast = 20;

/** The variants of a clocked prep as they are remembered. */
export const variantsIn = (items: readonly PrepItem[]): string[] => [
  ...new Set(
    items.filter(({ boxed }) => boxed).map(({ drillId, rungId }) => `${drillId}/${rungId}`),
  ),
];
