import type { Athlete } from "#core/records/athlete";
import { athletesInOrder } from "#core/records/groups";
import { plainSettings } from "#core/records/settings";
import type { Notebook } from "./notebook";

/** Everybody in the notebook in the order that holds everywhere, the archive included. */
export const peopleOf = (notebook: Notebook): Athlete[] =>
  athletesInOrder(
    notebook.all("athlete"),
    notebook.all("group"),
    (notebook.get("settings", "settings") ?? plainSettings).order,
  );
