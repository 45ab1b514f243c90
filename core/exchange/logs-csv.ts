import { drillOf, type Library } from "../content/library";
import { rungOf } from "../drill/drill";
import type { Athlete } from "../records/athlete";
import type { Log, SetDone } from "../records/records";
import { tableText } from "./table-text";

/** Sets as a cell: side, then repetitions or seconds. @example "left 8; right 8", "30 s" */
const setsText = (sets: readonly SetDone[]): string =>
  sets
    .map(({ side, reps, seconds }) => `${side ? `${side} ` : ""}${reps ?? `${seconds} s`}`)
    .join("; ");

/** Logs as a table: one row a drill that was done, with its units in the heads. */
export function logsCsv(
  logs: readonly Log[],
  athletes: readonly Athlete[],
  library: Library,
): string {
  const rows = logs.flatMap((log) =>
    log.items.map((item) => {
      const drill = drillOf(library, item.drillId);
      return {
        date: log.on,
        athlete: athletes.find(({ id }) => id === log.athleteId)?.name ?? log.athleteId,
        session_min: log.minutes,
        drill: drill?.name ?? item.drillId,
        rung: drill ? rungOf(drill, item.rungId).name : item.rungId,
        done: item.done,
        sets: setsText(item.sets),
        total_s: item.seconds,
        load_kg: item.load ?? "",
        band: item.band ?? "",
        form: item.form ?? "",
        loose_at: item.looseAt ?? "",
        pain: item.pain,
        pain_place: item.painPlace,
        note: item.note,
        session_note: log.note,
      };
    }),
  );
  return tableText(rows);
}
