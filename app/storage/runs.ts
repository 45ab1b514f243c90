import type { Run, RunEvent } from "#core/exchange/records";
import { logOf } from "#core/run/run";
import { moment, newId, now } from "../clock";
import type { AthleteView } from "../view";
import { change, openNotebook } from "./open";

type Happening = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, "at"> : never) : never;

/** Adds what just happened to the run; it is written at once, so that a reload or a crash loses nothing. */
export async function happened(run: Run, ...events: Happening[]): Promise<void> {
  const { notebook } = await openNotebook();
  const latest = notebook.get("run", run.id);
  if (!latest) return;
  await notebook.jot(withEvents(latest, events), false);
}

const withEvents = (run: Run, events: readonly Happening[]): Run => {
  const at = moment();
  return {
    ...run,
    events: [...run.events, ...events.map((event) => ({ ...event, at }) as RunEvent)],
  };
};

/** Turns a run into its log, and ends it. Undone, the run is there again, paused where it was. */
export async function finishRun(view: AthleteView, runId: string): Promise<string | null> {
  const { notebook } = await openNotebook();
  const run = notebook.get("run", runId);
  if (!run) return null;
  const ended = withEvents(run, [{ type: "finish" }]);
  const log = logOf(ended, view.library, now().getTime(), newId("log"));
  await notebook.jot(withEvents(run, [{ type: "pause" }]));
  await change("log the run", [log], [`run/${run.id}`]);
  return log.id;
}
