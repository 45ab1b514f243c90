import type { Notebook } from "../../store/notebook";

/** Saves the notebook to a file from wherever it is offered. What writes it is fetched only then, or is kept already. */
export const saveFile = (notebook: Notebook): Promise<void> =>
  import("./save-notebook").then(({ saveNotebook }) => saveNotebook(notebook));
