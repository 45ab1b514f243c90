import { lockedMotions } from "../safety/pain";
import { mondayOf } from "../dates/days";
import { aroundOf, type SeasonScene } from "./around-of";
import { blockFor } from "./block";
import type { PlaceTerms } from "./place-model";
import { hardDaysDone } from "./plan-rules";
import { aimShares, purposes } from "./shares";
import type { Season } from "../records/training";

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
