import type { LeftRight } from "../body/side";
import { z95 } from "../stats/confidence";
import type { DemandGap, Verdict } from "./margin";

/** On which sides a demand is short: one that is asked, both alike, or one really more than the other. */
export type ShortOn =
  { on: "middle" | "both" } | { on: "one"; side: LeftRight } | { on: "more"; side: LeftRight };

/** What limits a skill, before anything else is said. */
export type HeadlineVerdict =
  | { says: "short"; gap: DemandGap; sides: ShortOn }
  | { says: "nothing-measured" | "too-little-measured" | "too-close" | "passive-only" | "there" };

/** What limits a skill, and how everything that it asks stands. No praise for noise. */
export type Headline = {
  verdict: HeadlineVerdict;
  /** Demands by their verdict, what limits most first. */
  by: Record<Verdict, readonly DemandGap[]>;
};

/** Reads the gaps of one skill. What is short is ranked by its limiter value, and the largest is named first. */
export function headlineOf(gaps: readonly DemandGap[]): Headline {
  const having = (verdict: Verdict) => gaps.filter((gap) => gap.verdict === verdict);
  const by = {
    short: having("short").sort((a, b) => b.limiter - a.limiter),
    unsure: having("unsure"),
    unknown: having("unknown"),
    clear: having("clear"),
  };
  return { verdict: verdictOn(by, gaps), by };
}

function verdictOn(by: Headline["by"], gaps: readonly DemandGap[]): HeadlineVerdict {
  const [first] = by.short;
  if (first) return { says: "short", gap: first, sides: shortOn(first) };
  if (by.unknown.length === gaps.length) return { says: "nothing-measured" };
  if (by.unknown.length > 0) return { says: "too-little-measured" };
  if (by.unsure.length > 0) return { says: "too-close" };
  return { says: gaps.some((gap) => gap.passiveOnly) ? "passive-only" : "there" };
}

function shortOn(gap: DemandGap): ShortOn {
  const asked = gap.sides.filter((side) => side.asked && side.margin !== null);
  const one = (side: (typeof asked)[0]): ShortOn =>
    side.side === "mid" ? { on: "middle" } : { on: "one", side: side.side };
  const [a, b] = asked;
  if (!a) return { on: "middle" };
  if (!b) return one(a);
  if (a.verdict !== "short" || b.verdict !== "short") return one(a.verdict === "short" ? a : b);
  if (Math.abs(a.margin! - b.margin!) <= z95 * Math.hypot(a.have!.se, b.have!.se))
    return { on: "both" };
  const lesser = a.margin! < b.margin! ? a : b;
  return lesser.side === "mid" ? { on: "middle" } : { on: "more", side: lesser.side };
}
