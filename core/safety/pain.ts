import type { MotionId } from "../body/motions";
import type { Athlete, MotionClearance } from "../records/athlete";
import type { Check, Log } from "../records/records";
import { drillOf, protocolOf, type Library } from "../content/library";

/** Stretch feeling up to this is fine. */
export const comfortLimit = 4;
/** Pain above this locks the motion out of plans. */
export const painLimit = 5;
/** So many sessions running with a flag at one place lock its motions. */
export const flagsInARow = 3;

/** Why a motion is shut: pain while measuring or in a drill, or one place flagged session after session. */
export type LockReason =
  | { why: "measuring"; pain: number }
  | { why: "pain"; pain: number; place: string }
  | { why: "flagged"; place: string; sessions: number };

/** What shut a motion: the record it comes from, its day and the reason. */
export type LockCause = { motion: MotionId; cause: string; since: string; because: LockReason };

export type PainLock = {
  motion: MotionId;
  since: string;
  because: LockReason;
  /** The records that shut it and that nobody has cleared. */
  causes: string[];
};

/** A place as it is compared: "Left wrist", "wrist, left" and "the left wrist" are one. */
export const placeKey = (place: string): string =>
  place
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word && !["the", "my", "of", "in", "on", "at"].includes(word))
    .sort()
    .join(" ");

/**
 * Everything that ever shut a motion: pain above 5/10 in a log or a check, or the same place flagged in three
 * sessions in a row. Oldest first.
 */
export function lockCauses(
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): LockCause[] {
  const causes: LockCause[] = [];
  for (const check of checks) {
    const protocol = protocolOf(library, check.protocolId);
    if (protocol && check.pain > painLimit)
      for (const motion of protocol.involves)
        causes.push({
          motion,
          cause: check.id,
          since: check.on,
          because: { why: "measuring", pain: check.pain },
        });
  }
  const ordered = [...logs].sort((a, b) => a.on.localeCompare(b.on));
  const flags = new Map<string, { session: number; run: number }>();
  ordered.forEach((log, session) => {
    for (const item of log.items) {
      const motions = drillOf(library, item.drillId)?.serves.map(({ motion }) => motion) ?? [];
      const shut = (because: LockReason) =>
        motions.forEach((motion) => causes.push({ motion, cause: log.id, since: log.on, because }));
      if (item.pain > painLimit)
        shut({ why: "pain", pain: item.pain, place: item.painPlace.trim() });
      const place = placeKey(item.painPlace);
      if (!place || (item.pain <= comfortLimit && !item.sharp)) continue;
      const flag = flags.get(place);
      const run =
        flag?.session === session ? flag.run : flag?.session === session - 1 ? flag.run + 1 : 1;
      flags.set(place, { session, run });
      if (run >= flagsInARow)
        shut({ why: "flagged", place: item.painPlace.trim(), sessions: flagsInARow });
    }
  });
  return causes.sort((a, b) => a.since.localeCompare(b.since));
}

/**
 * The clearance that lets a cause go. It counts for the records it was given for; one from before records were
 * named counts for what is dated up to its own day.
 */
export const clearanceOf = (
  { motion, cause, since }: LockCause,
  clearances: readonly MotionClearance[],
): MotionClearance | undefined =>
  clearances.find(
    (one) =>
      one.motion === motion &&
      (one.covers.length > 0 ? one.covers.includes(cause) : one.on >= since),
  );

/** Motions locked out of plans until a person clears them with a reason. */
export function painLocks(
  athlete: Pick<Athlete, "clearances">,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): PainLock[] {
  const locks = new Map<MotionId, PainLock>();
  for (const cause of lockCauses(logs, checks, library)) {
    if (clearanceOf(cause, athlete.clearances)) continue;
    const { motion, since, because } = cause;
    const causes = [...new Set([...(locks.get(motion)?.causes ?? []), cause.cause])];
    locks.set(motion, { motion, since, because, causes });
  }
  return [...locks.values()];
}
