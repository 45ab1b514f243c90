import * as z from "zod/mini";

/**
 * Ways of working on which good coaches differ. Each is a setting of an athlete, or of the coach for all;
 * a prep says which it follows.
 */
export const Schools = z.object({
  amount: z.enum(["count", "feel"]),
  pace: z.enum(["count", "clock"]),
  hold: z.enum(["summed", "long"]),
  stretch: z.enum(["both", "static", "contract-relax"]),
  often: z.enum(["spaced", "daily"]),
  discomfort: z.enum(["mild", "through"]),
  firstSide: z.enum(["worse", "non-dominant", "either"]),
  turnIn: z.enum(["off", "on"]),
  staticBefore: z.enum(["short", "none"]),
  active: z.enum(["before", "after"]),
  softTissue: z.enum(["first", "last"]),
  held: z.enum(["mixed", "static-first"]),
  hands: z.enum(["first", "last"]),
});
export type Schools = z.infer<typeof Schools>;
export const SomeSchools = z.partial(Schools);
export type SomeSchools = z.infer<typeof SomeSchools>;

export const defaultSchools: Schools = {
  amount: "count",
  pace: "count",
  hold: "summed",
  stretch: "both",
  often: "spaced",
  discomfort: "mild",
  firstSide: "worse",
  turnIn: "off",
  staticBefore: "short",
  active: "before",
  softTissue: "first",
  held: "mixed",
  hands: "first",
};

/**
 * What is advised of an order of work: a reason is given, a coach may set it aside, and nothing is shut by it. What
 * only the gate decides is not among it.
 */
export const Advice = z.enum([
  "soft-tissue-first",
  "loosen-first",
  "easy-first",
  "general-first",
  "after-wind-down",
  "no-release",
  "held-long",
  "held-last",
]);
export type Advice = z.infer<typeof Advice>;

/** The athlete's own choices over the coach's over the defaults. */
export const schoolsFor = (coach: SomeSchools, athlete: SomeSchools): Schools => ({
  ...defaultSchools,
  ...coach,
  ...athlete,
});
