import * as z from "zod/mini";
import { drillOf } from "../content/library";
import { RunEvent, type PrepItem, type Run } from "../records/records";
import { allClean } from "../run/all-clean";
import { itemBarred } from "../run/barred";
import { groupAfter } from "../run/group";
import { mayBeDropped, runAt } from "../run/run";
import { withShut } from "../run/shut";
import { lastSlip } from "../run/slips";
import { requestOf } from "../situation/request-of";
import type { Refusal } from "./refusal";
import { logOf, memberLog } from "../run/log-of";
import { gone, momentless, nothing, Of, rule, type Outcome, type Scene } from "./act";

/** An event of a run before it is known when. */
export type Happening = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, "at">
    : never
  : never;

const withEvents = (run: Run, events: readonly Happening[], at: string): Run => ({
  ...run,
  events: [...run.events, ...events.map((event) => ({ ...event, at }) as RunEvent)],
});

/** Everybody whose run it is. */
const ownersOf = (run: Run | null): string[] =>
  run ? [run.athleteId, ...run.group.map(({ athleteId }) => athleteId)] : [];

/** What a change of plan on the floor puts in that may not be done; null where nothing. What stays as it was stays. */
function unpermitted(scene: Scene, run: Run, events: readonly RunEvent[]): Refusal | null {
  const plans = events.flatMap((event) => (event.type === "plan" ? [event.items] : []));
  // What all do in step belongs to nobody: each member's own gate says who sits it out.
  if (plans.length === 0 || run.hallId) return null;
  const state = runAt(run, scene.library, Date.parse(scene.moment));
  const asked = requestOf(scene.situation(run.athleteId), { ...run.prep, on: scene.today });
  const request = { ...asked, body: withShut(asked.body, state.shut) };
  const same = (item: PrepItem) =>
    state.items.some(
      (one) =>
        one.id === item.id &&
        one.drillId === item.drillId &&
        one.rungId === item.rungId &&
        stillTime(one) >= stillTime(item),
    );
  for (const item of plans.flat()) {
    const drill = drillOf(scene.library, item.drillId);
    if (!drill || same(item)) continue;
    const against = itemBarred(item, drill, request);
    if (against.length > 0) return { why: "not-permitted", drill: drill.name, against };
  }
  return null;
}

/** A harder or easier rung for one of a group, that the own gate refuses; null where none is. */
function unpermittedFor(scene: Scene, run: Run, events: readonly RunEvent[]): Refusal | null {
  for (const event of events) {
    if (event.type !== "member" || event.then.is !== "on-rung") continue;
    const { itemId, rungId } = event.then;
    const { items } = runAt(run, scene.library, Date.parse(scene.moment));
    const item = items.find(({ id }) => id === itemId);
    const drill = item && drillOf(scene.library, item.drillId);
    if (!item || !drill) continue;
    const request = requestOf(scene.situation(event.who), { ...run.prep, on: scene.today });
    const against = itemBarred({ ...item, rungId }, drill, request);
    if (against.length > 0) return { why: "not-permitted", drill: drill.name, against };
  }
  return null;
}

/** The run with everybody else's parts of a changed plan. */
function regrouped(scene: Scene, run: Run, events: readonly RunEvent[]): Run {
  const plan = events.findLast((event) => event.type === "plan");
  if (!plan || run.group.length === 0) return run;
  const { items } = runAt(run, scene.library, Date.parse(scene.moment));
  const asked = (id: string) => requestOf(scene.situation(id), { ...run.prep, on: scene.today });
  return { ...run, group: groupAfter(run.group, items, plan.items, asked) };
}

/** Seconds in one go of an item; 0 where it is counted. */
const stillTime = ({ dose }: PrepItem): number =>
  dose.type === "reps" ? 0 : dose.type === "contract-relax" ? dose.deepen : dose.seconds;

/** Adds what just happened to the run; it is written at once, so that a reload or a crash loses nothing. */
const happen = rule({
  sent: z.object({
    runId: z.string(),
    events: z.array(momentless(RunEvent)).check(z.minLength(1)),
  }),
  others: ({ runId }, { get }) => ownersOf(get("run", runId)),
  decide: (scene, { runId, events }): Outcome<null> => {
    const run = scene.get("run", runId);
    const refused = run && (unpermitted(scene, run, events) ?? unpermittedFor(scene, run, events));
    if (refused) return { refused };
    return run
      ? {
          does: null,
          put: [withEvents(regrouped(scene, run, events), events, scene.moment)],
          quietly: true,
          answer: null,
        }
      : gone("run");
  },
});

/** Takes the last change on the floor back, as if it had not been: the clock goes on by wall time. */
const takeBack = rule({
  sent: z.object({ runId: z.string() }),
  decide: (scene, { runId }): Outcome<{ taken: boolean }> => {
    const run = scene.get("run", runId);
    const at = run ? lastSlip(run) : -1;
    if (!run || at < 0) return { does: null, put: [], answer: { taken: false } };
    const events = run.events.filter((_, n) => n !== at);
    return { does: null, put: [{ ...run, events }], quietly: true, answer: { taken: true } };
  },
});

/** What a run was logged as: the athlete's own log, or the session of a hall whose logs it made. */
type RunLogged = { logId: string | null; hall: { id: string; groupId: string | null } | null };

/**
 * Turns the athlete's run into its log, and one for everybody who ran along, and ends it. Undone, the run is there
 * again, paused where it was. Answers with the log's identifier; null where there was no run.
 */
const finishRun = rule({
  sent: z.extend(Of, {
    /** Everything that was done was clean, as far as nothing else was said. */
    clean: z._default(z.boolean(), false),
  }),
  others: ({ athleteId }, { all }) => ownersOf(all("run", athleteId)[0] ?? null),
  decide: (scene, { athleteId, clean }): Outcome<RunLogged> => {
    const [run] = scene.all("run", athleteId);
    if (!run) return { does: null, put: [], answer: { logId: null, hall: null } };
    const ended = withEvents(run, [{ type: "finish" }], scene.moment);
    const time = Date.parse(scene.moment);
    const own = run.hallId ? [] : [logOf(ended, scene.library, time, scene.newId("log"))];
    // Who was away for all of it has nothing to log.
    const others = run.group
      .map((member) => memberLog(ended, member, scene.library, time, scene.newId("log")))
      .filter(({ items }) => items.length > 0);
    const logs = [...own, ...others];
    const hall = run.hallId ? scene.get("hall", run.hallId) : null;
    return {
      does: { does: "log-run" },
      put: [
        ...logs.map((log) => (clean ? allClean(log) : log)),
        ...(hall ? [{ ...hall, loggedOn: scene.today }] : []),
      ],
      remove: [`run/${run.id}`],
      restore: [withEvents(run, [{ type: "pause" }], scene.moment)],
      answer: {
        logId: own[0]?.id ?? null,
        hall: hall ? { id: hall.id, groupId: hall.groupId } : null,
      },
    };
  },
});

/** Throws the athlete's run away as if it had not been begun; its prep stays. Undone, it is there again, paused. */
const dropRun = rule({
  sent: Of,
  others: ({ athleteId }, { all }) => ownersOf(all("run", athleteId)[0] ?? null),
  decide: (scene, { athleteId }): Outcome<null> => {
    const [run] = scene.all("run", athleteId);
    if (!run || !mayBeDropped(run)) return nothing;
    return {
      does: { does: "drop-run" },
      put: [],
      remove: [`run/${run.id}`],
      restore: [withEvents(run, [{ type: "pause" }], scene.moment)],
      answer: null,
    };
  },
});

export const runActs = {
  "drop-run": dropRun,
  happen,
  "take-back": takeBack,
  "finish-run": finishRun,
};
