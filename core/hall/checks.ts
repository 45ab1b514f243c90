import { gapOf } from "../aim/gap";
import { skillOf, protocolOf, type Library } from "../content/library";
import type { Mode, Protocol } from "../content/protocol";
import { daysBetween } from "../dates/days";
import type { Athlete } from "../records/athlete";
import type { Aim, Check } from "../records/records";

/** Somebody to be measured: their aims, and the latest check of each kind, side and mode. */
export type ToMeasure = { athlete: Athlete; aims: readonly Aim[]; checks: readonly Check[] };

/** A check that aims of a squad ask: of whom, and who of them has none that is fresh. */
export type HallCheck = {
  protocol: Protocol;
  mode: Mode;
  asked: readonly string[];
  /** Never measured, too close to call, or older than this many days. */
  due: readonly string[];
};

/** A reading older than this is taken again when the hall is measured. Working figure. */
const freshDays = 21;

/** The checks that the aims of a squad ask, those that most are due for first. */
export function hallChecks(
  people: readonly ToMeasure[],
  library: Library,
  today: string,
): HallCheck[] {
  const found = new Map<
    string,
    { protocol: Protocol; mode: Mode; asked: Set<string>; due: Set<string> }
  >();
  for (const { athlete, aims, checks } of people)
    for (const aim of aims) {
      const skill = aim.closedOn ? undefined : skillOf(library, aim.skillId);
      if (!skill) continue;
      for (const gap of gapOf({ athlete, aim, skill, checks, library })) {
        const protocol = gap.protocolId && protocolOf(library, gap.protocolId);
        if (!protocol) continue;
        const { mode } = gap.demand;
        const key = `${protocol.id}/${mode}`;
        const row = found.get(key) ?? { protocol, mode, asked: new Set(), due: new Set() };
        row.asked.add(athlete.id);
        const oldest = gap.sides
          .filter(({ asked }) => asked)
          .map(({ checkedOn }) => (checkedOn ? daysBetween(checkedOn, today) : Infinity));
        if (gap.verdict === "unsure" || Math.max(...oldest) > freshDays) row.due.add(athlete.id);
        found.set(key, row);
      }
    }
  return [...found.values()]
    .map((row) => ({ ...row, asked: [...row.asked], due: [...row.due] }))
    .sort((a, b) => b.due.length - a.due.length || b.asked.length - a.asked.length);
}
