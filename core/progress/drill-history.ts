import { rungOf, type Drill } from "../drill/drill";
import type { Log, LogItem } from "../records/records";
import { amountOf, type Amount } from "../doses/log-item";

/** One session of a drill. */
export type DrillDay = {
  on: string;
  logId: string;
  item: LogItem;
  /** Place of its rung on the ladder, 0 the easiest. */
  rung: number;
  amount: Amount | null;
};

/** Every session in which a drill was not skipped, oldest first. */
export const drillHistory = (drill: Drill, logs: readonly Log[]): DrillDay[] =>
  logs
    .flatMap((log) =>
      log.items
        .filter((item) => item.drillId === drill.id && item.done !== "skipped")
        .map((item) => ({
          on: log.on,
          logId: log.id,
          item,
          rung: drill.rungs.indexOf(rungOf(drill, item.rungId)),
          amount: amountOf(item),
        })),
    )
    .sort((a, b) => a.on.localeCompare(b.on));
