import * as z from "zod/mini";
import type { Library } from "../content/library";
import type { DayText } from "../dates/days";
import type { AnyRecord, Kind, RecordOf } from "../records/records";
import type { Situation } from "../situation/situation";
import type { Does } from "./does";
import type { Refusal } from "./refusal";

/** What an act may read: the notebook, the library, the day and the clock. */
export type Scene = {
  get: <K extends Kind>(kind: K, id: string) => RecordOf<K> | null;
  all: <K extends Kind>(kind: K, athleteId?: string) => readonly RecordOf<K>[];
  /** An athlete and what follows from the records, as of the day that is looked at. Throws for nobody. */
  situation: (athleteId: string) => Situation;
  /** Skills that aims of anybody ask, by identifier; read beforehand for the acts that say they need it. */
  askedSkills: ReadonlySet<string>;
  library: Library;
  today: DayText;
  /** This moment, ISO. */
  moment: string;
  /** A name that nothing else has. */
  newId: (kind: string) => string;
};

/** What an act comes to: records put and taken away as one, or a refusal that changes nothing. */
export type Outcome<Answer> =
  | {
      /** What it is called; null for what no person asked for, which is no step of undo. */
      does: Does | null;
      put: readonly AnyRecord[];
      /** Keys of records that go. */
      remove?: readonly string[];
      /** What undo brings back in place of what was there. */
      restore?: readonly AnyRecord[];
      /** Written without the page being read anew, as the beats of a run. */
      quietly?: boolean;
      answer: Answer;
    }
  | { refused: Refusal };

/** How an act is read and decided. Pure: the same scene and the same act come to the same. */
export type ActRule<Sent extends z.ZodMiniType, Answer> = {
  sent: Sent;
  decide: (scene: Scene, sent: z.output<Sent>) => Outcome<Answer>;
  /** Everybody whose records are read or written, besides the athlete of the act. */
  others?: (sent: z.output<Sent>, look: Pick<Scene, "get" | "all">) => readonly string[];
  needsAskedSkills?: boolean;
};

export const rule = <Sent extends z.ZodMiniType, Answer>(
  one: ActRule<Sent, Answer>,
): ActRule<Sent, Answer> => one;

/** Changes as one act, with nothing to answer. */
export const does = (
  what: Does,
  put: readonly AnyRecord[],
  remove: readonly string[] = [],
): Outcome<null> => ({ does: what, put, remove, answer: null });

/** Nothing to be done: what was asked for is not there any more, or is so already. */
export const nothing: Outcome<null> = { does: null, put: [], answer: null };

/** A record that somebody else has taken away since. */
export const gone = (kind: Kind): { refused: Refusal } => ({ refused: { why: "gone", kind } });

/** An event as it is sent: its moment is the scene's. */
export const momentless = <Event extends z.ZodMiniType>(event: Event) =>
  z.pipe(
    z.transform((sent) =>
      typeof sent === "object" && sent !== null
        ? { ...sent, at: "2000-01-01T00:00:00.000Z" }
        : sent,
    ),
    event,
  );

/** An act about one athlete. */
export const Of = z.object({ athleteId: z.string() });
