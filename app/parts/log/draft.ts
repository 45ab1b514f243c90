import type { Log, LogItem, Prep, PrepItem } from "#core/exchange/records";
import type { Drill } from "#core/drill/drill";
import { newId } from "../../clock";

const asDone = (item: Pick<PrepItem, "drillId" | "rungId" | "dose">): LogItem => ({
  drillId: item.drillId,
  rungId: item.rungId,
  planned: item.dose,
  done: "done",
  seconds: 0,
  form: null,
  pain: 0,
  painPlace: "",
  sharp: false,
  looseAt: null,
  note: "",
});

/** A log to fill in by hand: the prep's drills as done, or an empty one. */
export const draftLog = (athleteId: string, on: string, prep: Prep | null): Log => ({
  kind: "log",
  id: newId("log"),
  athleteId,
  prepId: prep?.id ?? null,
  on,
  minutes: prep ? Math.round(prep.budget / 60) : 0,
  items: prep?.items.map(asDone) ?? [],
  note: "",
});

/** A drill that was done without being planned, at its first rung and usual dose. */
export function unplanned(drill: Drill): LogItem {
  const rung = drill.rungs[0]!;
  return {
    ...asDone({ drillId: drill.id, rungId: rung.id, dose: (rung.session ?? rung.warmUp)! }),
    planned: null,
  };
}
