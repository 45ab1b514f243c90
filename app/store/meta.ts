import type { KnownThere } from "#core/exchange/known-there";
import type { Gathered } from "#core/exchange/parcel";
import { openShelf, type Shelf } from "./shelf";

/** Which notebook a browser has open. The demo and the user's own never share a shelf. */
export type NotebookName = "demo" | "own";

/** What the browser answered when it was asked to keep the notebook. */
export type Persistence = "granted" | "denied" | "unknown";

/** Small facts about this browser, beside the notebooks; losing them loses no record. */
export type Meta = {
  open: NotebookName;
  /** The day the demo was filled on, and the act that did it. */
  demo: { on: string; acts: number };
  /** 2 once what the first layout kept has been brought over. */
  layout: number;
  /** The own notebook's act up to which a file was saved, and when. */
  saved: { acts: number; on: string };
  persistence: Persistence;
  /** When the own notebook was first written to. */
  begun: string;
  /** The name of this browser in what it writes. */
  device: string;
  /** Whoever was looked at last. */
  last: string;
  /** Athletes that a coach has handed to this device. */
  handed: HandedHere[];
  /** The parts so far of what comes in several codes. */
  parcel: Gathered;
};

/** An athlete that a coach has handed to this device: from whom, when last, and what of this device's writes was known. */
export type HandedHere = { athleteId: string; by: string; on: string; known: KnownThere };

const shelf: Shelf = openShelf("yearling", "meta");

export async function readMeta<K extends keyof Meta>(name: K): Promise<Meta[K] | null> {
  return (await shelf.read(name)) as Meta[K] | null;
}

export const writeMeta = <K extends keyof Meta>(name: K, value: Meta[K]): Promise<void> =>
  shelf.write(name, value);

/** Whether anything was ever kept by this browser. */
export const metaIsEmpty = async (): Promise<boolean> => (await shelf.keys()).length === 0;
