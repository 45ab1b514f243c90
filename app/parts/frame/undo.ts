import { say } from "../say";
import { presentNotebook } from "../../storage/open";

/** Takes the last change back, or makes it again, and says what it was. */
export function travel(way: "undo" | "redo"): void {
  const notebook = presentNotebook()?.notebook;
  if (!notebook) return;
  const result = notebook[way]();
  say(
    "done" in result
      ? `${way === "undo" ? "Taken back" : "Made again"}: ${result.done}`
      : result.refused,
  );
}
