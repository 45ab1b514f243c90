import type { PrepItem, Run, RunEvent } from "../records/records";
import { library } from "../../library/index";
import { runAt } from "../run/run";
import type { RunState } from "../run/state";
import { prep } from "./people";

/** The moment at which every run of the tests begins. */
export const begin = Date.parse("2026-11-24T10:00:00.000Z");
export const at = (seconds: number): string => new Date(begin + seconds * 1000).toISOString();

type Happening = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, "at"> : never) : never;
/** Something that happened so many seconds after the start. */
export const happens = (seconds: number, event: Happening): RunEvent =>
  ({ ...event, at: at(seconds) }) as RunEvent;

export const runOf = (items: PrepItem[], ...events: RunEvent[]): Run => ({
  kind: "run",
  id: "r1",
  athleteId: "a1",
  prep: prep(items),
  growing: false,
  events: [{ type: "start", at: at(0) }, ...events],
  group: [],
});

/** The state of a run so many seconds after its start. */
export const stateAt = (run: Run, seconds: number): RunState =>
  runAt(run, library, begin + seconds * 1000);

export const hurts = (seconds: number, level: number, over: Partial<RunEvent> = {}): RunEvent =>
  ({
    type: "pain",
    at: at(seconds),
    level,
    place: "left wrist",
    where: null,
    sharp: false,
    painKind: null,
    who: "",
    ...over,
  }) as RunEvent;
