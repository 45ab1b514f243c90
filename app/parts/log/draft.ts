import type { Log, LogItem, Prep } from "#core/records/records";
import { amountOf, logItemOf, setsAs } from "#core/doses/log-item";
import { timesOf, type Drill } from "#core/drill/drill";
import { newId } from "../../clock";

/** A log to fill in by hand: the prep's drills as done, or an empty one. */
export const draftLog = (athleteId: string, on: string, prep: Prep | null): Log => ({
  kind: "log",
  id: newId("log"),
  athleteId,
  prepId: prep?.id ?? null,
  on,
  minutes: prep ? Math.round(prep.budget / 60) : 0,
  items: prep?.items.map(logItemOf) ?? [],
  note: "",
});

/** A drill that was done without being planned, at its first rung and in its usual amount. */
export function unplanned(drill: Drill): LogItem {
  const rung = drill.rungs[0]!;
  const usual = logItemOf({
    drillId: drill.id,
    rungId: rung.id,
    dose: rung.session ?? rung.warmUp,
  });
  const amount = amountOf(usual);
  return {
    ...usual,
    planned: null,
    sets: amount ? setsAs(amount, loggedSides(drill, rung.id)) : [],
  };
}

/** The sides a drill is done on, on a rung. */
export const loggedSides = (drill: Drill, rungId: string): ("left" | "right")[] =>
  timesOf(drill, rungId) === 2 ? ["left", "right"] : [];

/** The same drills as another log, as done now: what was felt then is left out. */
export const sameAgain = (log: Log): LogItem[] =>
  log.items
    .filter(({ done }) => done !== "skipped")
    .map((item) => ({
      ...logItemOf({ drillId: item.drillId, rungId: item.rungId, dose: item.planned }),
      sets: item.sets,
      load: item.load,
    }));
