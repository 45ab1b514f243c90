import type { Log } from "../records/records";
import { looseAtMedians } from "./loose-at";

/** So many times the usual number until loose is a stiff day. */
export const stiffFrom = 1.5;
/** Fewer numbers than these make no usual. */
export const enoughToCompare = 3;

/** A drill that came loose late on a day, against this athlete's own median of the 28 days before. */
export type Stiff = { on: string; drillId: string; looseAt: number; usual: number };

/** Stiff days: a loose-at number of at least one and a half times the usual. Oldest first. */
export function stiffDays(logs: readonly Log[]): Stiff[] {
  const noted = logs.filter((log) => log.items.some(({ looseAt }) => looseAt !== null));
  const ordered = [...noted].sort((a, b) => a.on.localeCompare(b.on));
  return ordered.flatMap((log) => {
    const before = ordered.filter((other) => other.on < log.on);
    const usual = looseAtMedians(before, log.on, enoughToCompare);
    return log.items.flatMap(({ drillId, looseAt }): Stiff[] => {
      const own = usual.get(drillId);
      return looseAt !== null && own && looseAt >= stiffFrom * own
        ? [{ on: log.on, drillId, looseAt, usual: own }]
        : [];
    });
  });
}
