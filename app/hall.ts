import { redirect } from "react-router";
import type { Athlete } from "#core/records/athlete";
import type { Group } from "#core/records/groups";
import type { Hall, Place, Settings } from "#core/records/records";
import { plainSettings } from "#core/records/settings";
import type { Library } from "#core/content/library";
import { today } from "./clock";
import { shippedLibrary } from "./library";
import type { NotebookName } from "./store/meta";
import { openNotebook } from "./store/open";
import { peopleOf } from "./store/people";
import type { Summary } from "./store/summary";
import { libraryOf } from "./whole-library";

/** Under this name the hall is everybody who trains, whatever groups there are. */
export const allOfThem = "all";

/** One of the hall: who, what lists know of them, and what a reading of their record holds for. */
export type HallAthlete = { athlete: Athlete; summary: Summary; state: string };

/** What the pages of several athletes begin with. */
export type HallView = {
  /** A group's identifier, or `allOfThem`. */
  id: string;
  group: Group | null;
  name: string;
  /** Who trains in it, in the order that holds everywhere. */
  people: HallAthlete[];
  /** Everybody who trains, in that order. */
  everybody: Athlete[];
  /** What a reading of anybody's record holds for. */
  states: ReadonlyMap<string, string>;
  /** The sessions of several there are, the latest first. */
  halls: Hall[];
  groups: Group[];
  places: Place[];
  settings: Settings;
  library: Library;
  today: string;
  notebook: NotebookName;
};

/** The session that a page is about: the one asked for, else today's that is not logged yet, else today's last. */
export function sessionOf(
  view: Pick<HallView, "halls" | "today" | "id">,
  asked: string | null,
): Hall | null {
  const group = view.id === allOfThem ? null : view.id;
  const own = view.halls.filter(({ on, groupId }) => on === view.today && groupId === group);
  return (
    view.halls.find(({ id }) => id === asked) ??
    own.find(({ loggedOn }) => loggedOn === null) ??
    own[0] ??
    null
  );
}

/** Gathers a group, or everybody. A group that was taken away leads back to the list of athletes. */
export async function hallView(id: string): Promise<HallView> {
  const [{ name: notebookName, notebook }, shipped] = await Promise.all([
    openNotebook(),
    shippedLibrary(),
  ]);
  const group = id === allOfThem ? null : notebook.get("group", id);
  if (id !== allOfThem && !group) throw redirect("/");
  const everybody = peopleOf(notebook).filter(({ archived }) => !archived);
  const states = new Map(
    everybody.map(({ id: one }) => [
      one,
      [notebookName, one, notebook.versionOf(one), today()].join("|"),
    ]),
  );
  const summaries = new Map((await notebook.people()).map((one) => [one.athleteId, one]));
  return {
    id,
    group,
    name: group?.name ?? (notebook.all("troupe")[0]?.name || "Everybody"),
    people: everybody
      .filter((athlete) => !group || group.members.includes(athlete.id))
      .map((athlete) => ({
        athlete,
        summary: summaries.get(athlete.id) ?? {
          athleteId: athlete.id,
          aims: [],
          checks: [],
          counts: {},
        },
        state: states.get(athlete.id)!,
      })),
    everybody,
    states,
    halls: notebook.all("hall").toSorted((a, b) => b.on.localeCompare(a.on)),
    groups: notebook.all("group"),
    places: notebook.all("place"),
    settings: notebook.get("settings", "settings") ?? plainSettings,
    library: libraryOf(shipped, notebook),
    today: today(),
    notebook: notebookName,
  };
}
