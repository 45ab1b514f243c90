/** What the margin mark means, where it first stands. */
export const markLegend =
  "The middle tick is what the skill needs. Left of it is short, right of it spare. Left side above, right side below; the thin line is the error.";
