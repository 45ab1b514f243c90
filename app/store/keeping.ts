import { daysBetween } from "#core/dates/days";
import { today } from "../clock";
import { readMeta, type Persistence } from "./meta";
import type { Notebook } from "./notebook";
import { openNotebook } from "./open";

/** How safely the own notebook lies: what the browser answered, and what there is outside it. */
export type Keeping = {
  persistence: Persistence | null;
  /** The day of the last saved file; null when none was ever saved. */
  savedOn: string | null;
  /** Acts since then. */
  actsSince: number;
  /** Days since then, or since the notebook was begun. */
  daysSince: number;
};

export async function keepingOf(notebook: Notebook): Promise<Keeping> {
  try {
    const [persistence, saved, begun] = await Promise.all([
      readMeta("persistence"),
      readMeta("saved"),
      readMeta("begun"),
    ]);
    const since = saved?.on ?? begun?.slice(0, 10) ?? today();
    return {
      persistence,
      savedOn: saved?.on ?? null,
      actsSince: notebook.acts - (saved?.acts ?? 0),
      daysSince: Math.max(0, daysBetween(since, today())),
    };
  } catch {
    return { persistence: null, savedOn: null, actsSince: notebook.acts, daysSince: 0 };
  }
}

/** After so many acts, or so many days with a few of them, a file is offered. */
const manyActs = 150;
const manyDays = 14;
const fewActs = 10;

/** Whether it is time to save a file, and whether it presses. */
export function dueOf({
  actsSince,
  daysSince,
}: Keeping): { days: number; pressing: boolean } | null {
  const due = (times: number) =>
    actsSince >= times * manyActs || (daysSince >= times * manyDays && actsSince >= fewActs);
  return due(1) ? { days: daysSince, pressing: due(2) } : null;
}

/** The same of the notebook that is open; the demo is never due. */
export async function fileDue(): Promise<{ days: number; pressing: boolean } | null> {
  const { name, notebook } = await openNotebook();
  return name === "own" ? dueOf(await keepingOf(notebook)) : null;
}
