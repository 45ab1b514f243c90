import { say } from "../say";
import { presentNotebook } from "../../store/open";
import { labelWords } from "#words/labels";

/** Takes the last change back, or makes it again, and says what it was. */
export async function travel(way: "undo" | "redo"): Promise<void> {
  const notebook = presentNotebook()?.notebook;
  if (!notebook) return;
  await notebook.openAthletes(notebook.travelNeeds(way));
  const result = notebook[way]();
  if ("done" in result)
    say(`${way === "undo" ? "Taken back" : "Made again"}: ${labelWords(result.done)}`);
  else if (result.refused === "nothing") say("Nothing to take back.");
  else say(`“${labelWords(result.label)}” was changed since, in another tab: it stays as it is.`);
}
