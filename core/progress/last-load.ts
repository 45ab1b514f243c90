import type { Log } from "../records/records";

/** The weight each drill was last done with up to a day, kg; drills that were never done with one are not in it. */
export function lastLoads(logs: readonly Log[], on: string): Map<string, number> {
  const found = new Map<string, number>();
  for (const log of logs.filter((one) => one.on <= on).sort((a, b) => a.on.localeCompare(b.on)))
    for (const { drillId, load, done } of log.items)
      if (load !== null && done !== "skipped") found.set(drillId, load);
  return found;
}
