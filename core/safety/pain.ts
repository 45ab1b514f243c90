import type { MotionId } from "../body/motions";
import type { Athlete } from "../exchange/athlete";
import type { Check, Log } from "../exchange/records";
import { drillOf, protocolOf, type Library } from "../library";

/** Stretch feeling up to this is fine. */
export const comfortLimit = 4;
/** Pain above this locks the motion out of plans. */
export const painLimit = 5;

export type MotionLock = { motion: MotionId; since: string; reason: string };

/**
 * Motions locked out of plans until a person clears them with a reason: pain above 5/10 in a log or a
 * check, or the same place flagged in three sessions in a row.
 * A clearance counts when it is dated on or after the day of the lock.
 */
export function lockedMotions(
  athlete: Athlete,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): MotionLock[] {
  const locks = new Map<MotionId, MotionLock>();
  const lock = (motion: MotionId, since: string, reason: string) => {
    if ((locks.get(motion)?.since ?? "") <= since) locks.set(motion, { motion, since, reason });
  };
  for (const check of checks) {
    const protocol = protocolOf(library, check.protocolId);
    if (protocol && check.pain > painLimit)
      protocol.involves.forEach((motion) =>
        lock(motion, check.on, `pain ${check.pain}/10 while measuring`),
      );
  }
  const ordered = [...logs].sort((a, b) => a.on.localeCompare(b.on));
  const flags = new Map<string, { session: number; run: number }>();
  ordered.forEach((log, session) => {
    for (const item of log.items) {
      const motions = drillOf(library, item.drillId)?.serves.map(({ motion }) => motion) ?? [];
      if (item.pain > painLimit)
        motions.forEach((motion) =>
          lock(
            motion,
            log.on,
            `pain ${item.pain}/10${item.painPlace ? `, ${item.painPlace}` : ""}`,
          ),
        );
      const place = item.painPlace.trim().toLowerCase();
      if (!place || (item.pain <= comfortLimit && !item.sharp)) continue;
      const flag = flags.get(place);
      const run =
        flag?.session === session ? flag.run : flag?.session === session - 1 ? flag.run + 1 : 1;
      flags.set(place, { session, run });
      if (run >= 3)
        motions.forEach((motion) =>
          lock(motion, log.on, `${place} flagged in three sessions in a row`),
        );
    }
  });
  return [...locks.values()].filter(
    ({ motion, since }) => !athlete.clearances.some((c) => c.motion === motion && c.on >= since),
  );
}
