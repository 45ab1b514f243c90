import { verdictRank, type DemandGap, type Verdict } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Mode } from "../content/protocol";
import type { Demand } from "../content/skill";
import { measuredKey } from "../safety/body-today";

/** One athlete of a squad: the gaps of every open aim. */
export type SquadRow = { athleteId: string; gaps: readonly DemandGap[] };

/** One motion that somebody's aims ask, passive or active, and how the squad stands in it. */
export type SquadColumn = {
  /** The motion and how it is asked, as one name. */
  key: string;
  motion: MotionId;
  mode: Mode;
  /** The gap of each athlete whose aims ask it: the worst where several do. */
  gaps: ReadonlyMap<string, DemandGap>;
  /** Who is how, in the order of the rows. */
  by: Record<Verdict, readonly string[]>;
};

/** The worse of two gaps of a motion: by its verdict, then by how much is short. */
const worseGap = (a: DemandGap, b: DemandGap): DemandGap =>
  (verdictRank[a.verdict] - verdictRank[b.verdict] || b.limiter - a.limiter) <= 0 ? a : b;

/** The motions that a squad's aims ask, what most are really short of first, then what most are asked. */
export function squadOf(rows: readonly SquadRow[]): SquadColumn[] {
  const columns = new Map<string, Map<string, DemandGap>>();
  for (const { athleteId, gaps } of rows)
    for (const gap of gaps) {
      const key = measuredKey(gap.demand.motion, gap.demand.mode);
      const column = columns.get(key) ?? new Map<string, DemandGap>();
      const known = column.get(athleteId);
      column.set(athleteId, known ? worseGap(known, gap) : gap);
      columns.set(key, column);
    }
  return [...columns]
    .map(([key, gaps]): SquadColumn => {
      const [{ motion, mode }] = [...gaps.values()].map(({ demand }) => demand) as [Demand];
      const having = (verdict: Verdict) =>
        [...gaps].filter(([, gap]) => gap.verdict === verdict).map(([id]) => id);
      return {
        key,
        motion,
        mode,
        gaps,
        by: {
          short: having("short"),
          unsure: having("unsure"),
          unknown: having("unknown"),
          clear: having("clear"),
        },
      };
    })
    .sort((a, b) => b.by.short.length - a.by.short.length || b.gaps.size - a.gaps.size);
}

/** The smallest margin of the sides that are asked, degrees; null where nothing was measured. */
export function leastMargin(gap: DemandGap): number | null {
  const known = gap.sides.flatMap(({ asked, margin }) =>
    asked && margin !== null ? [margin] : [],
  );
  return known.length > 0 ? Math.min(...known) : null;
}

/** Rows by a motion: the shortest first, who was not measured after them, who is not asked it last. */
export function sortedBy<Row extends { athleteId: string }>(
  rows: readonly Row[],
  { gaps }: Pick<SquadColumn, "gaps">,
): Row[] {
  const rank = ({ athleteId }: Row): number => {
    const gap = gaps.get(athleteId);
    if (!gap) return 2e6;
    return leastMargin(gap) ?? 1e6;
  };
  return rows.toSorted((a, b) => rank(a) - rank(b));
}
