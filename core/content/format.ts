import * as z from "zod";
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
  name: z.string().min(1),
  phase: Phase,
  kinds: z.array(DrillKind),
  positions: z.array(Position).default([]),
  regions: z.array(Region).default([]),
  /** What it is for, in a line. */
  note: z.string().default(""),
  from: DrawnFrom.default("needs"),
  /** The most of the minutes it may take, 0–1. */
  most: z.number().min(0.05).max(1).default(1),
  /** So many drills stand here where anything safe fits; what stays empty is said. */
  fewest: z.int().min(0).max(12).default(0),
  drills: z.int().min(1).max(20).default(20),
  /** Done before the clock begins, on the way there. */
  outside: z.boolean().default(false),
});
export type Segment = z.infer<typeof Segment>;

/** The most families that go by the clock; the same one may stand there several times. */
export const mostFamilies = 10;

/** Time boxes by the clock: the families in their order, so many rounds. */
export const Clocked = z.object({
  families: z.array(MoveFamily).min(1).max(mostFamilies),
  rounds: z.int().min(1).max(6),
  seconds: z.int().min(15).max(180),
  /** Drills in a box, one after the other. */
  drills: z.int().min(1).max(2).default(1),
  /** The same drills in every round, instead of others. */
  same: z.boolean().default(false),
  /** Quick and light. */
  brisk: z.boolean().default(false),
  /** Only what needs no more than a spot to stand on, about 1.2 × 1.2 m. */
  spot: z.boolean().default(false),
  /** Seconds of a raise before the boxes. */
  raise: z.int().min(0).max(600).default(0),
});
export type Clocked = z.infer<typeof Clocked>;

/** So many gaps between work sets, so long each. */
export const Gaps = z.object({
  count: z.int().min(1).max(12),
  seconds: z.int().min(30).max(300),
});
export type Gaps = z.infer<typeof Gaps>;

/** The shape of a prep, as content: the library's own and those a coach saves and shares. */
export const Format = z.object({
  id: z.string().min(1).max(80),
  name: z.string().min(1).max(60),
  kind: PrepKind,
  lead: z.string(),
  /** Which of a rung's two doses is used. */
  doses: z.enum(["warm-up", "mobility"]),
  minutes: z.int().min(2).max(120),
  segments: z.array(Segment).min(1),
  /** Serves the aim's needs, or every joint alike. */
  serves: z.enum(["aim", "every-joint"]).default("aim"),
  /** The trunk is moved in all three planes. */
  planes: z.boolean().default(false),
  /** Each chief limit is held, contracted and relaxed, and worked at its end. */
  limits: z.boolean().default(false),
  /** It ends on the feet or in the skill. */
  ends: z.enum(["anywhere", "ready"]).default("anywhere"),
  /** What was contracted is stretched, and nothing else is. */
  contracted: z.boolean().default(false),
  clocked: Clocked.nullable().default(null),
  gaps: Gaps.nullable().default(null),
  /** Ends with a ramp of work sets up one ladder. */
  ramp: z.boolean().default(false),
  /** Seconds kept free at the end to hand over to the training. */
  handOver: z.int().min(0).max(600).default(0),
});
export type Format = z.infer<typeof Format>;

/** Length of a clocked prep: raise + families × rounds × seconds + hand-over. @example 4 × 2 × 60 + 120 = 600 */
export const clockedSeconds = (
  { families, rounds, seconds, raise }: Pick<Clocked, "families" | "rounds" | "seconds" | "raise">,
  handOver: number,
): number => raise + families.length * rounds * seconds + handOver;
