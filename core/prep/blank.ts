import type { Prep } from "../records/records";

/** A prep with nothing in it yet: the usual shape of its session, at the format's own numbers. */
export const blankPrep = (
  fields: Pick<Prep, "id" | "athleteId" | "on" | "session" | "budget"> & Partial<Prep>,
): Prep => ({
  kind: "prep",
  placeId: null,
  alreadyWarm: false,
  format: "",
  flagged: [],
  handOver: 0,
  clocked: null,
  gaps: null,
  ramp: null,
  next: null,
  touched: false,
  turn: 0,
  sequence: false,
  own: "",
  standing: null,
  items: [],
  dropped: [],
  ...fields,
});
