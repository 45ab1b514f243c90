import { placeOf } from "../records/places";
import { rememberedOfSame } from "../stats/remembered";
import { rankedGaps, type RankInput } from "../limit/ranked-gaps";
import { spreadOf, type ShapeSpread } from "../limit/shape-spread";
import { type DemandGap } from "../aim/margin";
import { needsOf, type Need } from "../aim/priority";
import type { OpenAim } from "../aim/shared";
import type { Skill } from "../content/skill";
import type { Athlete } from "../records/athlete";
import type {
  Aim,
  Check,
  DayNote,
  Log,
  Photo,
  Place,
  Prep,
  Run,
  Settings,
} from "../records/records";
import { skillOf, type Library } from "../content/library";
import { cautionsOf, type Caution } from "../safety/intake";
import { painLocks, type PainLock } from "../safety/pain";
import type { Season } from "../records/training";
import { daysBetween, type DayText } from "../dates/days";
import { bodyFor, shapesOf, type Shapes } from "../shape/solve";

/** The records of one athlete, and what of the notebook concerns everybody. */
export type Records = {
  athlete: Athlete;
  aims: readonly Aim[];
  checks: Check[];
  preps: readonly Prep[];
  logs: Log[];
  days: DayNote[];
  seasons: readonly Season[];
  runs: Run[];
  photos: Photo[];
  places: Place[];
  settings: Settings;
  library: Library;
};

/** What is known of one athlete on a day, and what follows from it: what every page, and the planner, begins with. */
export type Situation = {
  athlete: Athlete;
  /** In the order of their dates. */
  aims: Aim[];
  /** The aim that is walked toward. */
  aim: Aim | null;
  skill: Skill | null;
  checks: Check[];
  preps: Prep[];
  /** Kept under a name for any day: the athlete's own, and what is kept for several. */
  ownPreps: Prep[];
  logs: Log[];
  /** How the days were, in small marks. */
  days: DayNote[];
  /** The weeks as they are planned; null before any are. */
  season: Season | null;
  runs: Run[];
  photos: Photo[];
  places: Place[];
  place: Place | null;
  library: Library;
  gaps: DemandGap[];
  /** The gaps of every open aim: what a measuring round is proposed from. */
  allGaps: DemandGap[];
  openAims: OpenAim[];
  needs: Need[];
  shapes: Shapes | null;
  /** How far the shape is known; null where nothing of it was measured. */
  spread: ShapeSpread | null;
  cautions: Caution[];
  locks: PainLock[];
  settings: Settings;
  today: DayText;
  /** The day that is looked at. */
  day: DayText;
};

/** What takes long over years of records, and most acts change nothing of: it is worked out once for the same records. */
const gapsKnown = rememberedOfSame(rankedGaps, 32);
const locksKnown = rememberedOfSame(
  ({ athlete, logs, checks, library }: Pick<Records, "athlete" | "logs" | "checks" | "library">) =>
    painLocks(athlete, logs, checks, library),
);

/** What the ranking of each open aim on a day is asked with, the next by date first. */
export function rankInputs(
  { athlete, aims, checks, logs, library }: Records,
  day: DayText,
): RankInput[] {
  return aims
    .toSorted((a, b) => a.by.localeCompare(b.by))
    .filter(({ closedOn }) => !closedOn)
    .flatMap((aim) => {
      const skill = skillOf(library, aim.skillId);
      return skill ? [{ athlete, aim, skill, checks, logs, library, on: day }] : [];
    });
}

/**
 * Gathers what follows from an athlete's records.
 * @param day the day that is looked at, not after today
 * @param aimId the aim that is walked toward; the next by date when it is null or not open
 */
export function situationOf(
  records: Records,
  { today, day, aimId }: { today: DayText; day: DayText; aimId: string | null },
): Situation {
  const { athlete, checks, logs, library, places } = records;
  const aims = records.aims.toSorted((a, b) => a.by.localeCompare(b.by));
  const openAims = rankInputs(records, day).map((input): OpenAim => ({
    aim: input.aim,
    name: input.skill.name,
    gaps: gapsKnown(input),
  }));
  const open = aims.filter((aim) => !aim.closedOn);
  const aim = open.find(({ id }) => id === aimId) ?? open[0] ?? null;
  const skill = aim ? (skillOf(library, aim.skillId) ?? null) : null;
  const gaps = [...(openAims.find((one) => one.aim === aim)?.gaps ?? [])];
  return {
    athlete,
    aims,
    aim,
    skill,
    checks,
    logs,
    preps: records.preps.filter((prep) => prep.own === ""),
    ownPreps: [
      ...records.preps.filter((prep) => prep.own !== ""),
      ...records.settings.shared
        .filter((one) => one.with.length === 0 || one.with.includes(athlete.id))
        .map(({ prep }) => ({ ...prep, athleteId: athlete.id })),
    ],
    days: records.days,
    season: records.seasons[0] ?? null,
    runs: records.runs,
    photos: records.photos,
    places,
    place: placeOf(places, athlete.placeId),
    library,
    gaps,
    allGaps: openAims.flatMap((one) => one.gaps),
    openAims,
    needs: aim ? needsOf(gaps, daysBetween(day, aim.by), aim.overrides) : [],
    shapes: aim && skill ? shapesOf(skill, aim, athlete, gaps) : null,
    spread:
      aim && skill
        ? spreadOf(skill, { side: aim.side, hips: aim.hips }, bodyFor(athlete), gaps)
        : null,
    cautions: cautionsOf(athlete, day),
    locks: locksKnown({ athlete, logs, checks, library }),
    settings: records.settings,
    today,
    day,
  };
}
