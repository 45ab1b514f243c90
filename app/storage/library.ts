import { withPacks, type Library } from "#core/content/library";
import { shippedLibrary } from "../library";
import { openNotebook } from "../store/open";

/** The library with the open notebook's own packs laid over it. */
export async function wholeLibrary(): Promise<Library> {
  const [{ notebook }, shipped] = await Promise.all([openNotebook(), shippedLibrary()]);
  return withPacks(shipped, notebook.all("pack"));
}
