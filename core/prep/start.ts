import { SportId, sportRows } from "../body/sports";
import type { Drill } from "../drill/drill";

/** How long somebody has done what. */
export type Experience = { years: number | null; sports: readonly SportId[] };

/** Years of a sport from which its loosening work begins one rung up, and two. Working figures. */
const yearsUp = [1, 3] as const;
/** A share of its work on what the sport asks that makes a ladder one of the sport's. */
const mostly = 0.4;

/** Whether a ladder is one that a sport does every week: it serves what the sport asks, or readies the hands it stands on. */
const isOfSport = (drill: Drill, sports: readonly SportId[]): boolean =>
  sports.some(
    (sport) =>
      (drill.preparesHands && sportRows[sport].hands) ||
      drill.serves.some(
        ({ motion, share }) => share >= mostly && sportRows[sport].asks.includes(motion),
      ),
  );

/**
 * The rung on which somebody begins a ladder that was never logged: the first; after years of a sport a rung or two up
 * where the ladder is one of its daily work. Never for strength or a skill, which are placed by looking, and never the top
 * rung. What may not be done there is not done all the same: the gate is asked after this.
 */
export function startRung(drill: Drill, { years, sports }: Experience): number {
  if (drill.kind === "strength" || drill.kind === "skill" || years === null) return 0;
  if (!isOfSport(drill, sports)) return 0;
  const up = yearsUp.filter((from) => years >= from).length;
  return Math.max(0, Math.min(up, drill.rungs.length - 2));
}
