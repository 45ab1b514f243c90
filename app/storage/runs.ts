import type { Log, Run, RunEvent } from "#core/records/records";
import { logOf, memberLog } from "#core/run/log-of";
import { moment, newId, now } from "../clock";
import type { AthleteView } from "../view";
import { change, openNotebook } from "../store/open";

export type Happening = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, "at">
    : never
  : never;

/** Adds what just happened to the run; it is written at once, so that a reload or a crash loses nothing. */
export async function happened(run: Run, ...events: Happening[]): Promise<void> {
  const { notebook } = await openNotebook();
  const latest = notebook.get("run", run.id);
  if (!latest) return;
  await notebook.jot([withEvents(latest, events)], false);
}

const withEvents = (run: Run, events: readonly Happening[]): Run => {
  const at = moment();
  return {
    ...run,
    events: [...run.events, ...events.map((event) => ({ ...event, at }) as RunEvent)],
  };
};

/** What a slip of the thumb can do, and be taken back. Pain is never taken back here. */
const slips: readonly RunEvent["type"][] = ["next", "skip", "longer", "loose", "form", "plan"];

/** The last event that can be taken back; -1 when there is none since the last pain or start. */
export const lastSlip = ({ events }: Run): number => {
  const at = events.findLastIndex(({ type }) => slips.includes(type));
  const wall = events.findLastIndex(({ type }) => type === "pain" || type === "start");
  return at > wall ? at : -1;
};

/** Takes the last change on the floor back, as if it had not been: the clock goes on by wall time. */
export async function takeBack(run: Run): Promise<boolean> {
  const { notebook } = await openNotebook();
  const latest = notebook.get("run", run.id);
  const at = latest ? lastSlip(latest) : -1;
  if (!latest || at < 0) return false;
  await notebook.jot([{ ...latest, events: latest.events.filter((_, i) => i !== at) }], false);
  return true;
}

/**
 * Turns a run into its log, and one for everybody who ran along, and ends it. Undone, the run is there again,
 * paused where it was.
 * @param clean everything that was done was clean, as far as nothing else was said
 */
export async function finishRun(
  view: AthleteView,
  runId: string,
  clean = false,
): Promise<string | null> {
  const { notebook } = await openNotebook();
  const run = notebook.get("run", runId);
  if (!run) return null;
  const ended = withEvents(run, [{ type: "finish" }]);
  const time = now().getTime();
  const own = logOf(ended, view.library, time, newId("log"));
  const others = run.group.map((member) =>
    memberLog(ended, member, view.library, time, newId("log")),
  );
  const logs = [own, ...others].map((log) => (clean ? allClean(log) : log));
  const paused = withEvents(run, [{ type: "pause" }]);
  await change("log the run", logs, [`run/${run.id}`], [paused]);
  return own.id;
}

/** Says clean of everything that was done and of which nothing else was said. */
export const allClean = (log: Log): Log => ({
  ...log,
  items: log.items.map((item) =>
    item.done === "skipped" || item.form !== null ? item : { ...item, form: "clean" },
  ),
});
