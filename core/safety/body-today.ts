import type { MotionId } from "../body/motions";
import { unitOf, type Mode } from "../content/protocol";
import type { Library } from "../content/library";
import type { Athlete } from "../records/athlete";
import type { Check, Log } from "../records/records";
import { protocolOf } from "../content/library";
import { cautionsOf, isGrowing, type Caution } from "./intake";
import { handsLeftOf } from "./hands-week";
import { painLocks, type PainLock } from "./pain";
import { rungRecord, type RungRecord } from "./rung-record";

/** What is known of one body on one day, as far as it decides what may be done: what the gate looks at. */
export type BodyToday = {
  on: string;
  growing: boolean;
  cautions: readonly Caution[];
  locks: readonly Pick<PainLock, "place" | "sites" | "because">[];
  record: RungRecord;
  /** The rung a coach has said is this athlete's, by drill. */
  vouched: ReadonlyMap<string, string>;
  /** Degrees last measured, the shorter side, by motion and mode. */
  measured: ReadonlyMap<string, number>;
  /** Seconds of weight on the hands that this week still has; null where nothing limits it. */
  handsLeft: number | null;
};

export const measuredKey = (motion: MotionId, mode: Mode): string => `${motion}/${mode}`;

/** The body of an athlete on a day, from the records. */
export function bodyToday(
  athlete: Athlete,
  { logs, checks, library }: { logs: readonly Log[]; checks: readonly Check[]; library: Library },
  on: string,
): BodyToday {
  const growing = isGrowing(athlete, on);
  return {
    on,
    growing,
    cautions: cautionsOf(athlete, on),
    locks: painLocks(athlete, logs, checks, library),
    record: rungRecord(logs, on),
    vouched: new Map(athlete.nextChosen.map(({ drillId, rungId }) => [drillId, rungId])),
    measured: measuredOn(checks, library, on),
    handsLeft: growing ? handsLeftOf(logs, library, on) : null,
  };
}

/** The last reading of every motion and mode, degrees, the shorter of two sides of one day. */
function measuredOn(checks: readonly Check[], library: Library, on: string): Map<string, number> {
  const found = new Map<string, { on: string; degrees: number }>();
  for (const check of checks) {
    const protocol = protocolOf(library, check.protocolId);
    const motion = protocol?.motion;
    if (
      !protocol ||
      !motion ||
      unitOf(protocol) !== "°" ||
      check.on > on ||
      check.trials.length === 0
    )
      continue;
    const key = measuredKey(motion, check.mode);
    const degrees = check.trials.reduce((sum, one) => sum + one, 0) / check.trials.length;
    const before = found.get(key);
    if (!before || before.on < check.on) found.set(key, { on: check.on, degrees });
    else if (before.on === check.on) before.degrees = Math.min(before.degrees, degrees);
  }
  return new Map([...found].map(([key, { degrees }]) => [key, degrees]));
}
