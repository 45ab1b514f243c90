import type { Athlete } from "#core/records/athlete";
import { plainSettings } from "#core/records/settings";
import type { Library } from "#core/content/library";
import { rankInputs, situationOf, type Records, type Situation } from "#core/situation/situation";
import { isDay, type DayText } from "#core/dates/days";
import { today } from "./clock";
import { shippedLibrary } from "./library";
import { libraryOf } from "./whole-library";
import type { NotebookName } from "./store/meta";
import type { Notebook } from "./store/notebook";
import { peopleOf } from "./store/people";
import { openNotebook, type Opened } from "./store/open";
import { limitsBeside } from "./workers/limits-beside";

/** Everything the stations know of one athlete, as of the day that is looked at. */
export type AthleteView = Situation & {
  troupeName: string;
  /** Everybody else in the notebook. */
  others: Athlete[];
  notebook: NotebookName;
};

/** The aim an athlete's walk follows, once one was chosen in this tab; the next by date otherwise. */
const chosenAims = new Map<string, string>();

/** Views that were gathered, by what they were gathered from; as many as athletes can be open at once. */
const gathered = new Map<string, { notebook: Notebook; library: Library; view: AthleteView }>();
const gatheredMost = 24;

/** Opens the notebook and gathers one athlete. Asked again for the same state, it answers from memory. */
export async function athleteView(athleteId: string, request: Request): Promise<AthleteView> {
  const [opened, shipped] = await Promise.all([openNotebook(), shippedLibrary()]);
  const { notebook } = opened;
  if (notebook.get("athlete", athleteId)) await notebook.openAthletes([athleteId]);
  const athlete = notebook.get("athlete", athleteId);
  if (athlete && !gatheredAlready(opened, shipped, athleteId, request)) {
    const { day, aimId } = askedBy(athleteId, request);
    const inputs = rankInputs(recordsIn(notebook, athlete, libraryOf(shipped, notebook)), day);
    await limitsBeside(inputs, aimId ?? inputs[0]?.aim.id ?? null);
  }
  return viewIn(opened, shipped, athleteId, request);
}

/** The day and the aim that an address asks for; an aim that was once asked for stays the walked one. */
function askedBy(athleteId: string, request: Request): { day: DayText; aimId: string | null } {
  const query = new URL(request.url).searchParams;
  const asked = query.get("aim");
  if (asked) chosenAims.set(athleteId, asked);
  return { day: dayAsked(query.get("day")), aimId: chosenAims.get(athleteId) ?? null };
}

/** Gathers an athlete whose records are open already. @throws 404 for nobody */
export function viewIn(
  opened: Opened,
  shipped: Library,
  athleteId: string,
  request: Request,
): AthleteView {
  const { name, notebook } = opened;
  const athlete = notebook.get("athlete", athleteId);
  if (!athlete)
    throw new Response("There is no athlete of this name in the open notebook.", { status: 404 });
  const known = gatheredAlready(opened, shipped, athleteId, request);
  if (known) return known;
  const { day, aimId } = askedBy(athleteId, request);
  const library = libraryOf(shipped, notebook);
  const view = gather(name, notebook, library, athlete, day, aimId);
  gathered.set(keyOf(notebook, athleteId, request), { notebook, library, view });
  for (const old of gathered.keys()) if (gathered.size > gatheredMost) gathered.delete(old);
  return view;
}

/** A view that was gathered from the same state; null where there is none. */
function gatheredAlready(
  { notebook }: Opened,
  shipped: Library,
  athleteId: string,
  request: Request,
): AthleteView | null {
  const known = gathered.get(keyOf(notebook, athleteId, request));
  const same = known?.notebook === notebook && known.library === libraryOf(shipped, notebook);
  return same ? known.view : null;
}

function keyOf(notebook: Notebook, athleteId: string, request: Request): string {
  const { day, aimId } = askedBy(athleteId, request);
  return [athleteId, day, today(), aimId, notebook.versionOf(athleteId)].join("|");
}

const dayAsked = (text: string | null): DayText =>
  text && isDay(text) && text <= today() ? text : today();

const recordsIn = (notebook: Notebook, athlete: Athlete, library: Library): Records => ({
  athlete,
  aims: notebook.all("aim", athlete.id),
  checks: notebook.all("check", athlete.id),
  preps: notebook.all("prep", athlete.id),
  logs: notebook.all("log", athlete.id),
  days: notebook.all("day", athlete.id),
  seasons: notebook.all("season", athlete.id),
  runs: notebook.all("run", athlete.id),
  photos: notebook.all("photo", athlete.id),
  places: notebook.all("place"),
  settings: notebook.get("settings", "settings") ?? plainSettings,
  library,
});

function gather(
  name: NotebookName,
  notebook: Notebook,
  library: Library,
  athlete: Athlete,
  day: DayText,
  aimId: string | null,
): AthleteView {
  return {
    ...situationOf(recordsIn(notebook, athlete, library), { today: today(), day, aimId }),
    others: peopleOf(notebook).filter((other) => other.id !== athlete.id && !other.archived),
    troupeName: notebook.all("troupe")[0]?.name ?? "",
    notebook: name,
  };
}
