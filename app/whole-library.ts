import { withPacks, type Content, type Library } from "#core/content/library";
import { shippedLibrary } from "./library";
import type { Notebook } from "./store/notebook";
import { openNotebook } from "./store/open";

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
