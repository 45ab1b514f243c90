import type { Format } from "../content/format";
import { formatOf, type Library } from "../content/library";
import type { Prep } from "../records/records";

/** The format a prep has: its own, or the usual one of its session. */
export const formatFor = (library: Library, prep: Pick<Prep, "format" | "session">): Format =>
  formatOf(library, prep.format) ?? formatOf(library, prep.session) ?? library.formats[0]!;
