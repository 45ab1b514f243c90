import { drillOf, type Drills } from "../content/library";
import { siteOfMotion, type SiteId } from "../body/sites";
import { plusDays } from "../dates/days";
import { comfortLimit } from "../safety/pain";
import type { Log } from "../records/records";

/** Pain is looked back for so many days. */
const lookBack = 28;

/**
 * Places that hurt in the last four weeks, beyond what is comfortable, and how much at most: as they were shown, else by
 * what the drill mainly moves.
 */
export function hurtLately(
  logs: readonly Log[],
  library: Drills,
  on: string,
): { site: SiteId; pain: number }[] {
  const from = plusDays(on, -lookBack);
  const found = new Map<SiteId, number>();
  for (const log of logs)
    if (log.on >= from && log.on <= on)
      for (const { drillId, pain, painAt } of log.items) {
        if (pain <= comfortLimit) continue;
        const main = drillOf(library, drillId)?.serves[0]?.motion;
        const site = painAt?.site ?? (main ? siteOfMotion(main) : null);
        if (site) found.set(site, Math.max(found.get(site) ?? 0, pain));
      }
  return [...found].map(([site, pain]) => ({ site, pain }));
}
