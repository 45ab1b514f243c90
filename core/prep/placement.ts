import type { Library } from "../content/library";
import { atRung, byText, type Drill } from "../drill/drill";
import { against } from "./permit";
import type { PlanRequest } from "./plan";
import { startRung, type Experience } from "./start";

/** A ladder that somebody is placed on: the rungs that may be asked, the easiest first, and the one to begin with. */
export type PlacementLadder = { drillId: string; rungIds: string[]; first: number };

/** What was said of a rung: done cleanly today, or not. */
export type PlacedAnswer = { rungId: string; clean: boolean };

/** So many ladders are asked: at two or three pictures each, three minutes. */
const mostLadders = 9;
/** A ladder with fewer rungs that may be done has nothing to place. */
const fewestRungs = 3;
/** Where nothing is known, the first picture is a third of the way up; for a skill or strength a little lower. */
const firstShare = 1 / 3;

/**
 * The ladders that matter most to this athlete, to be placed on: those that serve the needs, and the skill's own. Only
 * rungs that the gate lets through are asked, up to the first that it does not.
 * @param done drills that were logged or placed before: they have their rung
 */
export function laddersToPlace(
  request: Pick<PlanRequest, "needs" | "skills" | "body" | "place" | "loadsHands">,
  { drills }: Pick<Library, "drills">,
  experience: Experience,
  done: ReadonlySet<string>,
): PlacementLadder[] {
  const { needs, skills } = request;
  const worth = (drill: Drill): number =>
    (drill.toward.some((skill) => skills.includes(skill)) ? 1 : 0) +
    (drill.preparesHands && request.loadsHands ? 0.3 : 0) +
    atRung(drill, drill.rungs[0]!).serves.reduce(
      (sum, { motion, share }) =>
        sum + share * (needs.find((need) => need.motion === motion)?.weight ?? 0),
      0,
    );
  const found = drills.flatMap((drill) => {
    if (done.has(drill.id) || isElsewhere(drill, experience)) return [];
    const shut = drill.rungs.findIndex((rung) => against(request, { drill, rung }).length > 0);
    const rungIds = drill.rungs.slice(0, shut < 0 ? undefined : shut).map(({ id }) => id);
    const first = Math.max(
      1,
      startRung(drill, experience),
      Math.round(firstShare * (rungIds.length - 1)),
    );
    return rungIds.length >= fewestRungs && worth(drill) > 0 ? [{ drill, rungIds, first }] : [];
  });
  return found
    .sort((a, b) => worth(b.drill) - worth(a.drill) || byText(a.drill.id, b.drill.id))
    .filter(({ drill }, at, all) => !hasKin(drill, all.slice(0, at)))
    .slice(0, mostLadders)
    .map(({ drill, rungIds, first }) => ({ drillId: drill.id, rungIds, first }));
}

/** What has no rungs to be placed on, or belongs to a wall that somebody does not climb. */
const isElsewhere = ({ kind, region }: Drill, { sports }: Experience): boolean =>
  kind === "pulse" ||
  kind === "breathing" ||
  (region === "climbing" && !sports.includes("climbing"));

/** Two ladders of one kind and one region are enough: the rest is placed by the same pictures. */
const mostKin = 2;
const hasKin = (drill: Drill, before: readonly { drill: Drill }[]): boolean =>
  before.filter(({ drill: other }) => other.kind === drill.kind && other.region === drill.region)
    .length >= mostKin;

/** Between which rungs somebody stands by what was said: clean up to `low`, not from `high` on. */
function bounds(
  { rungIds }: PlacementLadder,
  said: readonly PlacedAnswer[],
): { low: number; high: number } {
  const at = (rungId: string) => rungIds.indexOf(rungId);
  const not = said.filter(({ clean }) => !clean).map(({ rungId }) => at(rungId));
  const high = Math.min(rungIds.length, ...not);
  const clean = said.filter((one) => one.clean).map(({ rungId }) => at(rungId));
  // What was said not to be clean stands over what was said of a harder rung.
  return { low: Math.max(0, ...clean.filter((rung) => rung < high)), high };
}

/** The rung to ask next; null where it is clear on which one somebody stands. The lowest is never asked: it is where all begin. */
export function nextQuestion(
  ladder: PlacementLadder,
  said: readonly PlacedAnswer[],
): string | null {
  const { low, high } = bounds(ladder, said);
  if (high - low <= 1) return null;
  const middle = said.length === 0 ? ladder.first : Math.ceil((low + high) / 2);
  return ladder.rungIds[Math.min(high - 1, Math.max(low + 1, middle))] ?? null;
}

/** The rung on which somebody begins by what was said: the highest that is clean. */
export const placedOn = (ladder: PlacementLadder, said: readonly PlacedAnswer[]): string =>
  ladder.rungIds[bounds(ladder, said).low]!;

/** How many pictures are left at most, with the one that is shown. */
export const questionsLeft = (ladder: PlacementLadder, said: readonly PlacedAnswer[]): number => {
  const { low, high } = bounds(ladder, said);
  return Math.ceil(Math.log2(Math.max(1, high - low)));
};
