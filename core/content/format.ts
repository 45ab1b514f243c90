import * as z from "zod/mini";
import { DrillKind, Phase, Position, Region } from "../drill/drill";
import { MoveFamily } from "../drill/families";

/** What a prep is for. */
export const PrepKind = z.enum([
  "warm-up",
  "issue",
  "mobility",
  "circles",
  "conditioning",
  "fillers",
]);
export type PrepKind = z.infer<typeof PrepKind>;

/** What the drills of a part are drawn from: the needs of the aim, the tissues of the complaint, or the whole body. */
export const DrawnFrom = z.enum(["needs", "complaint", "whole-body"]);

/** A part of a prep: what must be in it, and which drills may stand there. An empty list lets any through. */
export const Segment = z.object({
  name: z.string().check(z.minLength(1)),
  phase: Phase,
  kinds: z.array(DrillKind),
  positions: z._default(z.array(Position), []),
  regions: z._default(z.array(Region), []),
  /** What it is for, in a line. */
  note: z._default(z.string(), ""),
  from: z._default(DrawnFrom, "needs"),
  /** The most of the minutes it may take, 0–1. */
  most: z._default(z.number().check(z.minimum(0.05), z.maximum(1)), 1),
  /** So many drills stand here where anything safe fits; what stays empty is said. */
  fewest: z._default(z.int().check(z.minimum(0), z.maximum(12)), 0),
  drills: z._default(z.int().check(z.minimum(1), z.maximum(20)), 20),
  /** Done before the clock begins, on the way there. */
  outside: z._default(z.boolean(), false),
});
export type Segment = z.infer<typeof Segment>;

/** The most families that go by the clock; the same one may stand there several times. */
export const mostFamilies = 10;

/** Time boxes by the clock: the families in their order, so many rounds. */
export const Clocked = z.object({
  families: z.array(MoveFamily).check(z.minLength(1), z.maxLength(mostFamilies)),
  rounds: z.int().check(z.minimum(1), z.maximum(6)),
  seconds: z.int().check(z.minimum(15), z.maximum(180)),
  /** Drills in a box, one after the other. */
  drills: z._default(z.int().check(z.minimum(1), z.maximum(2)), 1),
  /** The same drills in every round, instead of others. */
  same: z._default(z.boolean(), false),
  /** Quick and light. */
  brisk: z._default(z.boolean(), false),
  /** Only what needs no more than a spot to stand on, about 1.2 × 1.2 m. */
  spot: z._default(z.boolean(), false),
  /** Seconds of a raise before the boxes. */
  raise: z._default(z.int().check(z.minimum(0), z.maximum(600)), 0),
});
export type Clocked = z.infer<typeof Clocked>;

/** So many gaps between work sets, so long each. */
export const Gaps = z.object({
  count: z.int().check(z.minimum(1), z.maximum(12)),
  seconds: z.int().check(z.minimum(30), z.maximum(300)),
});
export type Gaps = z.infer<typeof Gaps>;

/** The shape of a prep, as content: the library's own and those a coach saves and shares. */
export const Format = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(80)),
  name: z.string().check(z.minLength(1), z.maxLength(60)),
  kind: PrepKind,
  lead: z.string(),
  /** Which of a rung's two doses is used. */
  doses: z.enum(["warm-up", "mobility"]),
  minutes: z.int().check(z.minimum(2), z.maximum(120)),
  segments: z.array(Segment).check(z.minLength(1)),
  /** Serves the aim's needs, or every joint alike. */
  serves: z._default(z.enum(["aim", "every-joint"]), "aim"),
  /** The trunk is moved in all three planes. */
  planes: z._default(z.boolean(), false),
  /** Each chief limit is held, contracted and relaxed, and worked at its end. */
  limits: z._default(z.boolean(), false),
  /** It ends on the feet or in the skill. */
  ends: z._default(z.enum(["anywhere", "ready"]), "anywhere"),
  /** What was contracted is stretched, and nothing else is. */
  contracted: z._default(z.boolean(), false),
  clocked: z._default(z.nullable(Clocked), null),
  gaps: z._default(z.nullable(Gaps), null),
  /** Ends with a ramp of work sets up one ladder. */
  ramp: z._default(z.boolean(), false),
  /** Seconds kept free at the end to hand over to the training. */
  handOver: z._default(z.int().check(z.minimum(0), z.maximum(600)), 0),
});
export type Format = z.infer<typeof Format>;

/** Length of a clocked prep: raise + families × rounds × seconds + hand-over. @example 4 × 2 × 60 + 120 = 600 */
export const clockedSeconds = (
  { families, rounds, seconds, raise }: Pick<Clocked, "families" | "rounds" | "seconds" | "raise">,
  handOver: number,
): number => raise + families.length * rounds * seconds + handOver;
