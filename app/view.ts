import type { Athlete } from "#core/records/athlete";
import { plainSettings } from "#core/records/settings";
import { withPacks, type Content, type Library } from "#core/content/library";
import { situationOf, type Situation } from "#core/situation/situation";
import type { DayText } from "#core/dates/days";
import { today } from "./clock";
import { shippedLibrary } from "./library";
import type { NotebookName } from "./store/meta";
import type { Notebook } from "./store/notebook";
import { peopleOf } from "./store/people";
import { openNotebook, type Opened } from "./store/open";

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
  if (opened.notebook.get("athlete", athleteId)) await opened.notebook.openAthletes([athleteId]);
  return viewIn(opened, shipped, athleteId, request);
}

/** Gathers an athlete whose records are open already. @throws 404 for nobody */
export function viewIn(
  { name, notebook }: Opened,
  shipped: Library,
  athleteId: string,
  request: Request,
): AthleteView {
  const athlete = notebook.get("athlete", athleteId);
  if (!athlete)
    throw new Response("There is no athlete of this name in the open notebook.", { status: 404 });
  const query = new URL(request.url).searchParams;
  const day = dayAsked(query.get("day"));
  const asked = query.get("aim");
  if (asked) chosenAims.set(athleteId, asked);
  const aimId = chosenAims.get(athleteId) ?? null;
  const library = libraryOf(shipped, notebook);
  const key = [athleteId, day, today(), aimId, notebook.versionOf(athleteId)].join("|");
  const known = gathered.get(key);
  if (known?.notebook === notebook && known.library === library) return known.view;
  const view = gather(name, notebook, library, athlete, day, aimId);
  gathered.set(key, { notebook, library, view });
  for (const old of gathered.keys()) if (gathered.size > gatheredMost) gathered.delete(old);
  return view;
}

let laid: { shipped: Library; packs: readonly Content[]; library: Library } | null = null;

/** The library with the open notebook's own packs laid over it. */
export async function wholeLibrary(): Promise<Library> {
  const [{ notebook }, shipped] = await Promise.all([openNotebook(), shippedLibrary()]);
  return libraryOf(shipped, notebook);
}

/** The library with a notebook's own packs laid over it; the same object until a pack changes. */
export function libraryOf(shipped: Library, notebook: Notebook): Library {
  const packs = notebook.all("pack");
  if (laid?.shipped !== shipped || laid.packs !== packs)
    laid = { shipped, packs, library: withPacks(shipped, packs) };
  return laid.library;
}

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
  const { id } = athlete;
  const situation = situationOf(
    {
      athlete,
      aims: notebook.all("aim", id),
      checks: notebook.all("check", id),
      preps: notebook.all("prep", id),
      logs: notebook.all("log", id),
      days: notebook.all("day", id),
      seasons: notebook.all("season", id),
      runs: notebook.all("run", id),
      photos: notebook.all("photo", id),
      places: notebook.all("place"),
      settings: notebook.get("settings", "settings") ?? plainSettings,
      library,
    },
    { today: today(), day, aimId },
  );
  return {
    ...situation,
    others: peopleOf(notebook).filter((other) => other.id !== id && !other.archived),
    troupeName: notebook.all("troupe")[0]?.name ?? "",
    notebook: name,
  };
}
