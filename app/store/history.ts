import type { AnyRecord } from "#core/records/records";
import type { JournalAct, Edit, ActEntry } from "./act";

/** What can be taken back, and what can be made again; the last of each is next. */
export type TabHistory = { past: JournalAct[]; future: JournalAct[] };

export const noHistory: TabHistory = { past: [], future: [] };

/** How many steps can be taken back. */
export const steps = 100;

/**
 * The history after one more act. What nobody asked for is no step: it slips beneath the steps there are, so
 * that they still lead back from it and on to it.
 */
export function withAct({ past, future }: TabHistory, act: JournalAct): TabHistory {
  if (act.travel) {
    const { way, of } = act.travel;
    const [from, to] = way === "undo" ? [past, future] : [future, past];
    const step = from.find(({ id }) => id === of);
    if (!step) return { past, future };
    const [rest, more] = [from.filter((one) => one !== step), [...to, step]];
    return way === "undo" ? { past: rest, future: more } : { past: more, future: rest };
  }
  if (act.label === null)
    return {
      past: slipped(past, act.edits, "after"),
      future: slipped(future, act.edits, "before"),
    };
  return { past: [...past, act].slice(-steps), future: [] };
}

/** The newest step that holds a record is told what the record has become since. */
function slipped(
  list: readonly JournalAct[],
  edits: readonly Edit[],
  end: "before" | "after",
): JournalAct[] {
  const next = [...list];
  for (const { key, after } of edits) {
    const at = next.findLastIndex((step) => step.edits.some((edit) => edit.key === key));
    if (at < 0) continue;
    const step = next[at]!;
    next[at] = {
      ...step,
      edits: step.edits.map((edit) => (edit.key === key ? { ...edit, [end]: after } : edit)),
    };
  }
  return next;
}

/** The history of a tab, from what it wrote into the journal before it was loaded again. */
export const tabHistoryOf = (entries: readonly ActEntry[]): TabHistory =>
  entries.reduce<TabHistory>((history, entry) => withAct(history, entry), noHistory);

/** An act turned round: what it put goes back to what was. */
export const turned = (edits: readonly Edit[]): Pick<Edit, "key" | "before" | "after">[] =>
  edits.map(({ key, before, after }) => ({ key, before: after, after: before }));

/** Whether two records say the same, whenever it was written. */
export const sameRecord = (a: AnyRecord | null, b: AnyRecord | null): boolean =>
  a === b || textOf(a) === textOf(b);

const textOf = (record: AnyRecord | null): string =>
  JSON.stringify(record && { ...record, stamp: undefined });
