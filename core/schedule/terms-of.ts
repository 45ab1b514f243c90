import type { OpenAim } from "../aim/shared";
import { lockedMotions, type PainLock } from "../safety/pain";
import type { Athlete } from "../records/athlete";
import type { Aim, Log, Prep, Run } from "../records/records";
import type { Library } from "../content/library";
import { mondayOf, type DayText } from "../dates/days";
import { blockFor, type SeasonAround } from "./block";
import type { PlaceTerms } from "./place-model";
import { hardDaysDone } from "./plan-rules";
import { aimShares, purposes } from "./shares";
import type { Season } from "../records/training";

/** What a season is planned from. */
export type SeasonScene = {
  athlete: Athlete;
  aims: readonly Aim[];
  openAims: readonly OpenAim[];
  preps: readonly Pick<Prep, "id" | "on">[];
  runs: readonly Pick<Run, "prep">[];
  logs: readonly Log[];
  library: Library;
  locks: readonly Pick<PainLock, "sites">[];
  today: DayText;
};

export const aroundOf = (
  { athlete, aims, logs, today }: Pick<SeasonScene, "athlete" | "aims" | "logs" | "today">,
  season: Season,
): SeasonAround => ({
  season,
  absences: athlete.absences,
  aims: aims.filter(({ closedOn }) => closedOn === null),
  logs,
  today,
});

/** What the placing of a season goes by. */
export function placeTermsOf(scene: SeasonScene, season: Season): PlaceTerms {
  const { athlete, openAims, preps, runs, logs, library, locks, today } = scene;
  const done = new Set(logs.flatMap(({ prepId }) => prepId ?? []));
  return {
    ...aroundOf(scene, season),
    purposes: purposes(
      openAims,
      aimShares(openAims, season.shares, today),
      today,
      lockedMotions(locks),
    ),
    flagged: athlete.flagged,
    home: athlete.placeId,
    settled: new Set([...preps.map(({ id }) => id), ...runs.map(({ prep }) => prep.id), ...done]),
    done,
    hardDone: hardDaysDone(logs, library),
  };
}

/** A season to begin with: a block up to the next date of an open aim, no trainings yet, the usual doses. */
export function newSeason({
  id,
  athlete,
  aims,
  today,
}: Pick<SeasonScene, "athlete" | "aims" | "today"> & { id: string }): Season {
  const by =
    aims
      .filter(({ closedOn, by: day }) => closedOn === null && day >= today)
      .map((aim) => aim.by)
      .sort()[0] ?? null;
  return {
    kind: "season",
    id,
    athleteId: athlete.id,
    ...blockFor(mondayOf(today), by),
    usual: [],
    others: [],
    lighterEvery: 4,
    lighter: [],
    warmUp: 15,
    issue: 10,
    mobility: { perWeek: 3, minutes: 30 },
    conditioning: { perWeek: 2, minutes: 20 },
    fillers: 2,
    circles: { minutes: 5, at: "07:30" },
    ownTime: "18:00",
    most: 90,
    shares: [],
    out: [],
    slots: [],
    written: [],
  };
}
