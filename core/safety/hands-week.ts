import { rungOf } from "../drill/drill";
import { workSeconds, type Dose } from "../drill/dose";
import { doesOf } from "../exposure/does";
import type { Drill, Rung } from "../drill/drill";
import type { Log } from "../records/records";
import { drillOf, type Drills } from "../content/library";
import { plusDays } from "../dates/days";
import { secondsDone } from "../doses/ledger";

/** Most of the weight on the hands may grow by so much from one week to the next, for somebody who is growing. */
const growth = 1.2;
/** What any week may have, seconds: where there was none before. */
const leastWeek = 180;
const weeksBack = 3;

/** Most of the weight of the body is on the hands. */
export const isOnHands = (drill: Drill, rung: Rung): boolean =>
  doesOf(drill, rung).exposes.has("hands-full");

/** Seconds on the hands that a dose of a rung is; 0 where they carry little. */
export const handsSeconds = (drill: Drill, rung: Rung, dose: Dose): number =>
  isOnHands(drill, rung) ? workSeconds(dose) : 0;

/**
 * Seconds with most of the weight on the hands that the seven days to a day still have, for somebody who is growing:
 * a fifth more than the fullest of the three weeks before, and at least three minutes. Working figure.
 */
export function handsLeftOf(logs: readonly Log[], library: Drills, on: string): number {
  const between = (from: string, to: string): number =>
    logs
      .filter((log) => log.on >= from && log.on <= to)
      .reduce(
        (sum, log) =>
          sum +
          log.items.reduce((one, item) => {
            const drill = drillOf(library, item.drillId);
            return drill && isOnHands(drill, rungOf(drill, item.rungId))
              ? one + secondsDone(item, drill)
              : one;
          }, 0),
        0,
      );
  const weeks = Array.from({ length: weeksBack }, (_, n) =>
    between(plusDays(on, -7 * (n + 2) + 1), plusDays(on, -7 * (n + 1))),
  );
  const most = Math.max(leastWeek, Math.round(growth * Math.max(...weeks)));
  return Math.max(0, most - between(plusDays(on, -6), plusDays(on, -1)));
}
