import { recordsVersion, type AnyRecord } from "#core/records/records";
import type { Owner, PageName } from "./layout";
import type { Label } from "#core/acts/does";

/** One record put, or taken away when `after` is null. */
export type Edit = {
  key: string;
  owner: Owner;
  /** The page it lies on afterwards; where it lay, when it is taken away. */
  page: PageName;
  /** The page it leaves, where that is another. */
  from: PageName | null;
  before: AnyRecord | null;
  after: AnyRecord | null;
};

/**
 * An act as it is written down: one value, so that it is there whole or not at all.
 * `label` is how the user knows it; null for what nobody asked for (the beat of a run, a proof that came back).
 */
export type ActEntry = {
  v: number;
  id: string;
  seq: number;
  tab: string;
  label: Label | null;
  edits: Edit[];
  /** The whole notebook becomes another generation: an import, a fresh demo, a new start. */
  turn: { from: number; to: number } | null;
  /** The act, by its id, that this one takes back or makes again. */
  travel: { way: "undo" | "redo"; of: string } | null;
};

export type JournalAct = Omit<ActEntry, "v" | "seq" | "tab">;

const hours = (milliseconds: number): number => Math.floor(milliseconds / 3_600_000);

/** The name of an entry in the journal: its number, the tab that wrote it, and the hour. */
export const entryName = (seq: number, tab: string, at: number): string =>
  `${String(seq).padStart(12, "0")}.${tab}.${hours(at)}`;

export type EntryName = { name: string; seq: number; tab: string; hour: number };

/** Entries of the journal by their names, in order. */
export const entryNames = (names: readonly string[]): EntryName[] =>
  names
    .flatMap((name) => {
      const [seq, tab, hour] = name.split(".");
      return seq && tab && hour ? [{ name, seq: Number(seq), tab, hour: Number(hour) }] : [];
    })
    .sort((a, b) => a.seq - b.seq || (a.tab < b.tab ? -1 : 1));

export const isEntry = (found: unknown): found is ActEntry =>
  typeof found === "object" &&
  found !== null &&
  typeof (found as ActEntry).v === "number" &&
  typeof (found as ActEntry).seq === "number" &&
  Array.isArray((found as ActEntry).edits);

export const asEntry = (act: JournalAct, seq: number, tab: string): ActEntry => ({
  v: recordsVersion,
  seq,
  tab,
  ...act,
});

/** Whether an entry of that hour is old enough to be let go by a tab that did not write it. */
export const isOld = (hour: number, now: number): boolean => hours(now) - hour > 12;
