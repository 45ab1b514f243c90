import type { MotionId } from "../body/motions";
import type { Athlete, MotionClearance } from "../records/athlete";
import type { Check, Log, PainKind } from "../records/records";
import { drillOf, protocolOf, type Library } from "../content/library";
import {
  clearanceOf,
  comfortLimit,
  lockCauses,
  type LockCause,
  type LockReason,
} from "../safety/pain";

/** A stop or a flag, and what has become of it. */
export type PainStop = {
  on: string;
  recordId: string;
  /** The drill or check it happened in. */
  name: string;
  level: number;
  place: string;
  kind: PainKind | "sharp" | null;
  stopped: boolean;
  /** What it locked, and who let it in again; none when it locked nothing. */
  locks: { motion: MotionId; because: LockReason; cleared: MotionClearance | null }[];
};

/** Everything that hurt more than a stretch should, or was stopped, latest first, with the state of what it locked. */
export function stopsOf(
  athlete: Pick<Athlete, "clearances">,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): PainStop[] {
  const causes = lockCauses(logs, checks, library);
  const locksOf = (recordId: string, motions: readonly MotionId[]): PainStop["locks"] =>
    latestOfEach(
      causes.filter(({ cause, motion }) => cause === recordId && motions.includes(motion)),
    ).map((cause) => ({
      motion: cause.motion,
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
          kind: item.painKind ?? (item.sharp ? "sharp" : null),
          stopped: item.done === "stopped",
          locks: locksOf(log.id, drill?.serves.map(({ motion }) => motion) ?? []),
        };
      }),
  );
  const fromChecks = checks
    .filter((check) => check.pain > comfortLimit)
    .map((check): PainStop => {
      const protocol = protocolOf(library, check.protocolId);
      return {
        on: check.on,
        recordId: check.id,
        name: protocol?.name ?? check.protocolId,
        level: check.pain,
        place: "",
        kind: null,
        stopped: false,
        locks: locksOf(check.id, protocol?.involves ?? []),
      };
    });
  return [...fromLogs, ...fromChecks].sort((a, b) => b.on.localeCompare(a.on));
}

const latestOfEach = (causes: readonly LockCause[]): LockCause[] => [
  ...new Map(causes.map((cause) => [cause.motion, cause])).values(),
];
