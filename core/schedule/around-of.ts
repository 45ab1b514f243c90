import type { OpenAim } from "../aim/shared";
import type { Library } from "../content/library";
import type { DayText } from "../dates/days";
import type { Athlete } from "../records/athlete";
import type { Aim, Log, Prep, Run } from "../records/records";
import type { Season } from "../records/training";
import type { PainLock } from "../safety/pain";
import type { SeasonAround } from "./block";

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

/** The block that a day of a season lies in, and what is round it: dates, absences, what was done. */
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
