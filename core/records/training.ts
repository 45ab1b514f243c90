import * as z from "zod/mini";
import { Stamp } from "./stamp";
import { JointId } from "../body/motions";
import { Day } from "./athlete";
import { PrepKind } from "../content/format";

const Id = z.string().check(z.minLength(1), z.maxLength(80));

/** A local time of day, 07:30. */
export const Time = z
  .string()
  .check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time of day, like 17:30"));

/** What a day of the training week holds. `rest` and `travel` take the whole day and need no time. */
export const TrainingKind = z.enum(["skill", "strength", "class", "rest", "show", "travel"]);
export type TrainingKind = z.infer<typeof TrainingKind>;

/** What a training works on: a skill, or joints. */
export const Trained = z.object({
  skillId: z.nullable(Id),
  joints: z.array(JointId).check(z.maxLength(12)),
});
export type Trained = z.infer<typeof Trained>;

/** One training of a weekday: 0 is Monday. */
export const Training = z.object({
  weekday: z.int().check(z.minimum(0), z.maximum(6)),
  kind: TrainingKind,
  starts: Time,
  minutes: z.int().check(z.minimum(0), z.maximum(480)),
  placeId: z.nullable(Id),
  /** What it is called, and what it works on, where somebody has said so. */
  name: z.optional(z.string().check(z.maxLength(40))),
  trains: z.optional(z.nullable(Trained)),
});
export type Training = z.infer<typeof Training>;

/** What is hung on a week: a prep of one of the usual kinds, or a round of checks. */
export const SlotKind = z.enum([...PrepKind.options, "check"]);
export type SlotKind = z.infer<typeof SlotKind>;

/**
 * A prep, or a round of checks, that a day holds. Its drills are chosen when the day has come; the prep that is then
 * made carries the slot's id.
 */
export const Slot = z.object({
  id: Id,
  kind: SlotKind,
  on: Day,
  starts: Time,
  minutes: z.int().check(z.minimum(2), z.maximum(120)),
  placeId: z.nullable(Id),
  /** The joint whose long stretches a mobility session holds; null for other kinds. */
  focus: z.nullable(JointId),
  /** The aim it works for; null where it serves them all. */
  aimId: z.nullable(Id),
  /** Put there by hand: it stays when the rest is placed anew. */
  pinned: z.boolean(),
  /** The day it was on before it was moved by hand; null when it never was. */
  movedFrom: z.nullable(Day),
  /** Counts its changes, so that a calendar knows the newer of two. */
  revision: z.int().check(z.minimum(0)),
});
export type Slot = z.infer<typeof Slot>;

/** The season of one athlete: the training week, the block of weeks, and what hangs on it. */
export const Season = z.object({
  kind: z.literal("season"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  /** The Monday on which the block begins. */
  since: Day,
  weeks: z.int().check(z.minimum(4), z.maximum(16)),
  usual: z.array(Training).check(z.maxLength(28)),
  /** Weeks that differ from the usual one, by their Monday. */
  others: z
    .array(z.object({ monday: Day, trainings: z.array(Training).check(z.maxLength(28)) }))
    .check(z.maxLength(100)),
  /** Every so many weeks one is lighter; 0 for none. */
  lighterEvery: z.int().check(z.minimum(0), z.maximum(8)),
  /** Weeks that are lighter on request, by their Monday. */
  lighter: z.array(Day).check(z.maxLength(100)),
  warmUp: z.int().check(z.minimum(2), z.maximum(60)),
  issue: z.int().check(z.minimum(2), z.maximum(60)),
  mobility: z.object({
    perWeek: z.int().check(z.minimum(0), z.maximum(5)),
    minutes: z.int().check(z.minimum(10), z.maximum(90)),
  }),
  conditioning: z.object({
    perWeek: z.int().check(z.minimum(0), z.maximum(3)),
    minutes: z.int().check(z.minimum(5), z.maximum(60)),
  }),
  fillers: z.int().check(z.minimum(0), z.maximum(7)),
  /** Daily circles: their minutes, 0 for none, and the time of day. */
  circles: z.object({ minutes: z.int().check(z.minimum(0), z.maximum(30)), at: Time }),
  /** When a prep stands that hangs on no training. */
  ownTime: Time,
  /** Minutes of preps a day, at most. */
  most: z.int().check(z.minimum(10), z.maximum(240)),
  /** Shares of the minutes that the coach has fixed for an aim, 0–1. */
  shares: z
    .array(z.object({ aimId: Id, share: z.number().check(z.minimum(0), z.maximum(1)) }))
    .check(z.maxLength(40)),
  /** Sessions taken out by hand: their day stays without them. The time tells warm-ups of one day apart; null for what hangs on no training. */
  out: z
    .array(z.object({ on: Day, kind: SlotKind, starts: z.nullable(Time) }))
    .check(z.maxLength(400)),
  slots: z.array(Slot).check(z.maxLength(2000)),
  /** What the last calendar held and is still ahead, so that the next one can call off what is gone. */
  written: z.array(z.extend(Slot, { calledOff: z.boolean() })).check(z.maxLength(2000)),
});
export type Season = z.infer<typeof Season>;

/** Minutes since midnight. @example minutesOf("07:30") // 450 */
export const minutesOf = (time: string): number =>
  Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

/** A time of day from minutes since midnight, kept inside the day. @example timeOf(450) // "07:30" */
export function timeOf(minutes: number): string {
  const inside = Math.max(0, Math.min(24 * 60 - 1, Math.round(minutes)));
  return `${String(Math.floor(inside / 60)).padStart(2, "0")}:${String(inside % 60).padStart(2, "0")}`;
}

/** What goes by the kind of a session. */
export type SessionKind = {
  /** Counted when planned and done are compared. */
  counted: boolean;
  /** Belongs to no training: one of a kind a day, whatever its time. */
  placed: boolean;
  /** Small enough to stand beside, or inside, anything else; left out of a calendar unless it is asked for. */
  light: boolean;
  /** Its doses: those of a warm-up, or those of a session of its own. */
  doses: "warm-up" | "mobility";
  /** The format it is planned in; the usual one of its doses where none is named. */
  format: string | null;
  /** The body is warm when it begins. */
  warm: boolean;
};

/** The kinds of sessions, each in one row; what they are called stands with the words. */
export const sessionKinds: Record<SlotKind, SessionKind> = {
  "warm-up": {
    counted: true,
    placed: false,
    light: false,
    doses: "warm-up",
    format: null,
    warm: false,
  },
  issue: {
    counted: true,
    placed: false,
    light: false,
    doses: "warm-up",
    format: "issue-prep",
    warm: false,
  },
  mobility: {
    counted: true,
    placed: true,
    light: false,
    doses: "mobility",
    format: null,
    warm: false,
  },
  circles: {
    counted: false,
    placed: false,
    light: true,
    doses: "warm-up",
    format: "daily-circles",
    warm: false,
  },
  conditioning: {
    counted: true,
    placed: true,
    light: false,
    doses: "mobility",
    format: "conditioning",
    warm: false,
  },
  fillers: {
    counted: false,
    placed: true,
    light: true,
    doses: "warm-up",
    format: "fillers",
    warm: true,
  },
  check: { counted: false, placed: true, light: false, doses: "warm-up", format: null, warm: true },
};

/** Whether a kind counts when planned and done are compared. */
export const counted = (kind: SlotKind): boolean => sessionKinds[kind].counted;

/** A training that one warms up for. */
export const isWork = (kind: TrainingKind): boolean => kind !== "rest" && kind !== "travel";
