import type { Library } from "../content/library";
import { timelineOf } from "../prep/timeline";
import type { Hall } from "../records/records";

/** A stretch of a hall session: a drill that all do, a change of stations, or a round at them. */
export type HallSpan =
  | { kind: "start"; item: number; seconds: number }
  | { kind: "change" | "work"; round: number; seconds: number };

/** A hall session laid out second by second; its length is the sum of its spans. */
export function spansOf(
  { items, rounds }: Pick<Hall, "items" | "rounds">,
  library: Library,
): HallSpan[] {
  const start = new Map<number, number>();
  for (const step of timelineOf(items, library))
    start.set(step.item, (start.get(step.item) ?? 0) + step.seconds);
  return [
    ...[...start].map(([item, seconds]): HallSpan => ({ kind: "start", item, seconds })),
    ...rounds.flatMap(({ work, change }, round): HallSpan[] => [
      ...(change > 0 ? [{ kind: "change" as const, round, seconds: change }] : []),
      { kind: "work", round, seconds: work },
    ]),
  ];
}

/** Seconds of a whole hall session. */
export const hallSeconds = (hall: Pick<Hall, "items" | "rounds">, library: Library): number =>
  spansOf(hall, library).reduce((sum, { seconds }) => sum + seconds, 0);

/** What the hall's one clock shows at a moment. */
export type HallNow = {
  status: "ready" | "running" | "paused" | "finished";
  spans: HallSpan[];
  /** The present span; spans.length when it is over. */
  at: number;
  into: number;
  /** Seconds left in it, and in the whole. */
  left: number;
  whole: number;
};

/** A press of "back" within these seconds of a span's start goes to the span before it. */
const backWindow = 3;

/**
 * The hall at a moment, replayed from its events: wall time decides, whatever happened to the screen.
 * @param now milliseconds since 1970
 */
export function hallAt(
  hall: Pick<Hall, "items" | "rounds" | "events">,
  library: Library,
  now: number,
): HallNow {
  const spans = spansOf(hall, library);
  let status: HallNow["status"] = "ready";
  let [at, into] = [0, 0];
  let clock: number | null = null;
  const pass = (to: number) => {
    if (clock !== null && status === "running") {
      into += Math.max(0, (to - clock) / 1000);
      while (at < spans.length && into >= spans[at]!.seconds) {
        into -= spans[at]!.seconds;
        at += 1;
      }
      if (at >= spans.length) [status, into] = ["finished", 0];
    }
    clock = Math.max(clock ?? to, to);
  };
  for (const event of hall.events) {
    pass(Date.parse(event.at));
    if (event.type === "start" || event.type === "resume") {
      if (status !== "finished") status = spans.length > 0 ? "running" : "finished";
    } else if (event.type === "pause") {
      if (status === "running") status = "paused";
    } else if (event.type === "next") {
      [at, into] = [Math.min(spans.length, at + 1), 0];
      if (at >= spans.length) status = "finished";
    } else if (event.type === "back") {
      if (into <= backWindow && at > 0) at -= 1;
      into = 0;
      if (status === "finished") status = "paused";
    } else if (event.type === "longer") {
      const span = spans[at];
      if (span) spans[at] = { ...span, seconds: span.seconds + event.seconds };
    } else [status, at, into] = ["finished", spans.length, 0];
  }
  pass(now);
  const left = at < spans.length ? spans[at]!.seconds - into : 0;
  const later = spans.slice(at + 1).reduce((sum, { seconds }) => sum + seconds, 0);
  return { status, spans, at, into, left, whole: left + later };
}

/** The round that is on, or that is changed to; −1 before the first. */
export function roundNow({ spans, at }: Pick<HallNow, "spans" | "at">): number {
  const span = spans[Math.min(at, spans.length - 1)];
  return span && span.kind !== "start" ? span.round : -1;
}
