import type { PrepItem } from "../records/records";

/** What a line of a prep is where nobody has said otherwise. */
export const unsaid = {
  boxed: false,
  extra: null,
  labels: [],
  amounts: [],
  untilLoose: false,
  pace: null,
  breathing: null,
  breath: null,
  outside: false,
  pinned: false,
} satisfies Partial<PrepItem>;
