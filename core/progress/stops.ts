import type { BodyPlace } from "../body/sites";
import type { Athlete, PlaceClearance } from "../records/athlete";
import type { Check, Log, PainKind } from "../records/records";
import { drillOf, protocolOf, type Library } from "../content/library";
import {
  clearanceOf,
  comfortLimit,
  lockCauses,
  lockKey,
  painPlaceOf,
  type LockCause,
  type LockReason,
} from "../safety/pain";
import { isSharp } from "../safety/pain-kinds";
import { samePlace } from "../body/sites";

/** A stop or a flag, and what has become of it. */
export type PainStop = {
  on: string;
  recordId: string;
  /** The drill or check it happened in. */
  name: string;
  level: number;
  place: string;
  at: BodyPlace | null;
  kind: PainKind | "sharp" | null;
  stopped: boolean;
  /** What it locked, and who let it in again; none when it locked nothing. */
  locks: { place: BodyPlace | null; because: LockReason; cleared: PlaceClearance | null }[];
};

/** Everything that hurt more than a stretch should, or was stopped, latest first, with the state of what it locked. */
export function stopsOf(
  athlete: Pick<Athlete, "clearances" | "bornOn" | "intake">,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): PainStop[] {
  const causes = lockCauses(athlete, logs, checks, library);
  const locksOf = (recordId: string, at: BodyPlace | null): PainStop["locks"] =>
    latestOfEach(
      causes.filter(
        ({ cause, place }) =>
          cause === recordId && (place && at ? samePlace(place, at) : place === at),
      ),
    ).map((cause) => ({
      place: cause.place,
      because: cause.because,
      cleared: clearanceOf(cause, athlete.clearances) ?? null,
    }));
  const fromLogs = logs.flatMap((log) =>
    log.items
      .filter((item) => item.pain > comfortLimit || item.sharp || item.done === "stopped")
      .map((item): PainStop => {
        const drill = drillOf(library, item.drillId);
        return {
          on: log.on,
          recordId: log.id,
          name: drill?.name ?? item.drillId,
          level: item.pain,
          place: item.painPlace,
          at: painPlaceOf(item),
          kind: item.painKind ?? (item.sharp ? "sharp" : null),
          stopped: item.done === "stopped",
          locks: locksOf(log.id, painPlaceOf(item)),
        };
      }),
  );
  const fromChecks = checks
    .filter((check) => check.pain > comfortLimit || isSharp(check.painKind))
    .map((check): PainStop => {
      const protocol = protocolOf(library, check.protocolId);
      return {
        on: check.on,
        recordId: check.id,
        name: protocol?.name ?? check.protocolId,
        level: check.pain,
        place: "",
        at: check.painAt,
        kind: check.painKind,
        stopped: false,
        locks: locksOf(check.id, causes.find(({ cause }) => cause === check.id)?.place ?? null),
      };
    });
  return [...fromLogs, ...fromChecks].sort((a, b) => b.on.localeCompare(a.on));
}

const latestOfEach = (causes: readonly LockCause[]): LockCause[] => [
  ...new Map(causes.map((cause) => [lockKey(cause), cause])).values(),
];
