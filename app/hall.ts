import { redirect } from "react-router";
import type { Athlete } from "#core/records/athlete";
import type { Group } from "#core/records/groups";
import type { Place, Settings } from "#core/records/records";
import { plainSettings } from "#core/records/settings";
import type { Library } from "#core/content/library";
import { today } from "./clock";
import { shippedLibrary } from "./library";
import type { NotebookName } from "./store/meta";
import { openNotebook } from "./store/open";
import { peopleOf } from "./store/people";
import type { Summary } from "./store/summary";
import { libraryOf } from "./view";

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
  groups: Group[];
  places: Place[];
  settings: Settings;
  library: Library;
  today: string;
  notebook: NotebookName;
};

/** Gathers a group, or everybody. A group that was taken away leads back to the list of athletes. */
export async function hallView(id: string): Promise<HallView> {
  const [{ name: notebookName, notebook }, shipped] = await Promise.all([
    openNotebook(),
    shippedLibrary(),
  ]);
  const group = id === allOfThem ? null : notebook.get("group", id);
  if (id !== allOfThem && !group) throw redirect("/");
  const everybody = peopleOf(notebook).filter(({ archived }) => !archived);
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
        state: [notebookName, athlete.id, notebook.versionOf(athlete.id), today()].join("|"),
      })),
    everybody,
    groups: notebook.all("group"),
    places: notebook.all("place"),
    settings: notebook.get("settings", "settings") ?? plainSettings,
    library: libraryOf(shipped, notebook),
    today: today(),
    notebook: notebookName,
  };
}
