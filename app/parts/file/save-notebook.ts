import { fileOf, type Progress } from "../../store/file-out";
import { locked } from "../../store/locked";
import type { Notebook } from "../../store/notebook";
import { download } from "../download";

/** Hands the whole notebook to the user as a file, locked where a passphrase is given. */
export async function saveNotebook(
  notebook: Notebook,
  progress: Progress = () => undefined,
  signal: AbortSignal = new AbortController().signal,
  passphrase: string | null = null,
): Promise<void> {
  const file = await fileOf(notebook, progress, signal);
  download("notebook", passphrase === null ? file : await locked(file, passphrase));
}
