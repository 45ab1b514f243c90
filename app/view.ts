import { gapOf, type DemandGap } from "#core/aim/gap";
import { needsOf, type Need } from "#core/aim/priority";
import type { OpenAim } from "#core/aim/shared";
import type { Skill } from "#core/aim/skill";
import type { Athlete } from "#core/exchange/athlete";
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
} from "#core/exchange/records";
import { skillOf, withPacks, type Library } from "#core/library";
import { cautionsOf, type Caution } from "#core/safety/intake";
import { lockedMotions, type MotionLock } from "#core/safety/pain";
import type { Season } from "#core/season/plan/training";
import { daysBetween, type DayText } from "#core/season/days";
import { shapesOf, type Shapes } from "#core/shape/solve";
import { today } from "./clock";
import { shippedLibrary } from "./library";
import type { Notebook } from "./store/notebook";
import type { NotebookName } from "./store/meta";
import { openNotebook } from "./store/open";

/** Everything the stations know of one athlete, as of the day that is looked at. */
export type AthleteView = {
  athlete: Athlete;
  aims: Aim[];
  aim: Aim | null;
  skill: Skill | null;
  checks: Check[];
  preps: Prep[];
  /** Kept as the athlete's own under a name, for any day. */
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
  cautions: Caution[];
  locks: MotionLock[];
  settings: Settings;
  troupeName: string;
  /** Everybody else in the notebook. */
  others: Athlete[];
  today: DayText;
  /** The day under the tape's cursor. */
  day: DayText;
  notebook: NotebookName;
};

export const plainSettings: Settings = {
  kind: "settings",
  id: "settings",
  theme: "system",
  sound: true,
  voice: false,
  tester: "",
  length: "cm",
  pointing: null,
  schools: {},
};

/** The aim an athlete's walk follows, once one was chosen in this tab; the next by date otherwise. */
const chosenAims = new Map<string, string>();

let remembered: { key: string; notebook: Notebook; view: AthleteView } | null = null;

/** Opens the notebook and gathers one athlete. Asked again for the same state, it answers from memory. */
export async function athleteView(athleteId: string, request: Request): Promise<AthleteView> {
  const [{ name, notebook }, shipped] = await Promise.all([openNotebook(), shippedLibrary()]);
  const athlete = notebook.get("athlete", athleteId);
  if (!athlete)
    throw new Response("There is no athlete of this name in the open notebook.", { status: 404 });
  await notebook.openAthletes([athleteId]);
  const query = new URL(request.url).searchParams;
  const day = dayAsked(query.get("day"));
  const asked = query.get("aim");
  if (asked) chosenAims.set(athleteId, asked);
  const aimId = chosenAims.get(athleteId) ?? null;
  const key = [notebook.version, athleteId, day, today(), aimId].join("|");
  if (remembered?.key === key && remembered.notebook === notebook) return remembered.view;
  const library = withPacks(shipped, notebook.all("pack"));
  const view = gather(name, notebook, library, athlete, day, aimId);
  remembered = { key, notebook, view };
  return view;
}

type OwnKind = "aim" | "check" | "day" | "log" | "photo" | "prep" | "run" | "season";

const dayAsked = (text: string | null): DayText =>
  text && /^\d{4}-\d{2}-\d{2}$/.test(text) && text <= today() ? text : today();

function gather(
  name: NotebookName,
  notebook: Notebook,
  library: Library,
  athlete: Athlete,
  day: DayText,
  aimId: string | null,
): AthleteView {
  const own = <K extends OwnKind>(kind: K) => notebook.all(kind, athlete.id);
  const checks = own("check");
  const logs = own("log");
  const aims = own("aim").toSorted((a, b) => a.by.localeCompare(b.by));
  const open = aims.filter((aim) => !aim.closedOn);
  const aim = open.find(({ id }) => id === aimId) ?? open[0] ?? null;
  const skill = aim ? (skillOf(library, aim.skillId) ?? null) : null;
  const gaps = aim && skill ? gapOf({ athlete, aim, skill, checks, library, on: day }) : [];
  const openAims = open.flatMap((one): OpenAim[] => {
    const asks = skillOf(library, one.skillId);
    return asks
      ? [
          {
            aim: one,
            name: asks.name,
            gaps: gapOf({ athlete, aim: one, skill: asks, checks, library, on: day }),
          },
        ]
      : [];
  });
  const places = notebook.all("place");
  return {
    athlete,
    aims,
    aim,
    skill,
    checks,
    logs,
    preps: own("prep").filter((prep) => prep.own === ""),
    ownPreps: own("prep").filter((prep) => prep.own !== ""),
    days: own("day"),
    season: own("season")[0] ?? null,
    runs: own("run"),
    photos: own("photo"),
    places,
    place: places.find(({ id }) => id === athlete.placeId) ?? null,
    library,
    gaps,
    allGaps: openAims.flatMap((one) => one.gaps),
    openAims,
    needs: aim ? needsOf(gaps, daysBetween(day, aim.by), aim.overrides) : [],
    shapes: aim && skill ? shapesOf(skill, aim, athlete, gaps) : null,
    cautions: cautionsOf(athlete, day),
    locks: lockedMotions(athlete, logs, checks, library),
    settings: notebook.get("settings", "settings") ?? plainSettings,
    others: notebook.all("athlete").filter(({ id, archived }) => id !== athlete.id && !archived),
    troupeName: notebook.all("troupe")[0]?.name ?? "",
    today: today(),
    day,
    notebook: name,
  };
}
