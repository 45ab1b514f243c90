import type { LeftRight } from "../body/side";
import { z95 } from "../stats/confidence";
import type { DemandGap, Verdict } from "./margin";

/** On which sides a demand is short: one that is asked, both alike, or one really more than the other. */
export type ShortOn =
  { on: "middle" | "both" } | { on: "one"; side: LeftRight } | { on: "more"; side: LeftRight };

/** What limits a skill, before anything else is said. */
export type HeadlineVerdict =
  | { says: "short"; gap: DemandGap; sides: ShortOn }
  /** Too close to say which of these limits most; the likeliest first. */
  | { says: "either"; gaps: readonly DemandGap[] }
  | { says: "nothing-measured" | "too-little-measured" | "too-close" | "passive-only" | "there" };

/** What limits a skill, and how everything that it asks stands. No praise for noise. */
export type Headline = {
  verdict: HeadlineVerdict;
  /** Demands by their verdict, what limits most first. */
  by: Record<Verdict, readonly DemandGap[]>;
};

/** The one that limits most is named alone when it is this likely, else those that it is among. */
const sureToName = 0.8;
/** More than so many are not told by name. */
const mostNamed = 3;

/** Reads the gaps of one skill: the one that limits most, or those that it is too close to tell apart. */
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
  const leaders = leadersOf(gaps);
  if (first && leaders.length > 1) return { says: "either", gaps: leaders };
  if (first) return { says: "short", gap: first, sides: shortOn(first) };
  if (by.unknown.length === gaps.length) return { says: "nothing-measured" };
  if (by.unknown.length > 0) return { says: "too-little-measured" };
  if (by.unsure.length > 0) return { says: "too-close" };
  return { says: gaps.some((gap) => gap.passiveOnly) ? "passive-only" : "there" };
}

/**
 * The demands that the first limiter is among, in their order: one where it is sure enough and proven short, else as
 * many as make it sure. None where nobody ranked them.
 */
function leadersOf(gaps: readonly DemandGap[]): DemandGap[] {
  const ranked = gaps.filter(({ block }) => block !== null && block.first > 0);
  const [first] = ranked;
  if (first && first.verdict === "short" && first.block!.first >= sureToName) return [first];
  let sure = 0;
  return ranked
    .filter(({ block }, n) => {
      const needed = n < 2 || sure < sureToName;
      sure += block!.first;
      return needed;
    })
    .slice(0, mostNamed);
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
