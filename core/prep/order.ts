import { phases, type Drill } from "../drill/drill";
import type { PrepItem } from "../exchange/records";
import { drillOf, type Library } from "../library";

/** Inside a phase: soft tissue, then circles, then dynamic work, then the rest. */
const kindRank: Partial<Record<Drill["kind"], number>> = {
  "soft-tissue": 0,
  circles: 1,
  dynamic: 2,
};

/** Safe order of two drills: by phase, soft tissue first, wrists before other circles, then by position to save changes. */
export function byOrder(a: Drill, b: Drill): number {
  return (
    phases.indexOf(a.phase) - phases.indexOf(b.phase) ||
    (kindRank[a.kind] ?? 3) - (kindRank[b.kind] ?? 3) ||
    Number(b.preparesHands) - Number(a.preparesHands) ||
    a.position.localeCompare(b.position) ||
    a.id.localeCompare(b.id)
  );
}

const stretches = (drill: Drill): boolean =>
  drill.phase === "open" || drill.kind === "skill" || drill.kind === "active";

/**
 * The first safety rule this order breaks, as a sentence; null when it is safe.
 * Temperature before stretching, wrists before weight on the hands, winding down last.
 */
export function unsafeOrder(
  items: readonly PrepItem[],
  library: Library,
  alreadyWarm: boolean,
): string | null {
  let warm = alreadyWarm;
  let wrists = false;
  let settled = false;
  for (const { drillId } of items) {
    const drill = drillOf(library, drillId);
    if (!drill) continue;
    if (settled && drill.phase !== "settle") return `${drill.name} would come after the wind-down.`;
    if (!warm && stretches(drill))
      return `${drill.name} would come before the temperature is up. Cold tissue is not stretched.`;
    if (drill.loadsHands && !wrists)
      return `${drill.name} puts weight on the hands: the wrists go first.`;
    warm ||= drill.phase === "raise";
    wrists ||= drill.preparesHands;
    settled ||= drill.phase === "settle";
  }
  return null;
}
