import type { Library } from "#core/content/library";

/** The library that ships with the application: a file of its own, so that the frame does not wait for it. */
export const shippedLibrary = (): Promise<Library> =>
  import("#library/index").then(({ library }) => library);
