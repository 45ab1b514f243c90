import { fileOf, type Progress } from "../../store/file-out";
import type { Notebook } from "../../store/notebook";
import { download } from "../download";

/** Hands the whole notebook to the user as a file. */
export async function saveNotebook(
  notebook: Notebook,
  progress: Progress = () => undefined,
  signal: AbortSignal = new AbortController().signal,
): Promise<void> {
  const file = await fileOf(notebook, progress, signal);
  download("notebook", file);
}
