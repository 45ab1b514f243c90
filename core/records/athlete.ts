import * as z from "zod";
import { Stamp } from "./stamp";
import { Clearable, IntakeQuestion } from "../body/conditions";
import { JointId } from "../body/motions";
import { BodyPlace } from "../body/sites";
import { Exposure } from "../body/exposures";
import { Dose } from "../drill/dose";
import { SomeSchools } from "../content/schools";

/** An ISO local date, 2026-11-24. */
export const Day = z.iso
  .date({ abort: true })
  .refine((day) => day >= "1900-01-01" && day <= "2100-12-31", "a day from 1900 to 2100");
/** A moment in ISO 8601, UTC. */
export const Moment = z.iso.datetime();
/** Pain or soreness, 0 (none) to 10. */
export const Pain = z.int().min(0).max(10);

const Id = z.string().min(1).max(80);
/** A text of one line, and one of many. */
const Line = z.string().max(300);
const Text = z.string().max(5000);
/** A length of the body, cm. */
const Length = z.number().min(1).max(200);

/** A clinician's clearance: who, on what day, until when, and what may be done again. It lifts that and no more. */
export const IntakeClearance = z.object({
  question: Clearable,
  who: Line.min(1),
  on: Day,
  /** The last day it counts on; null where none was said. */
  until: Day.nullable().default(null),
  /** What a rung may do again. */
  allows: z.array(Exposure).default([]),
  limits: Text,
});
export type IntakeClearance = z.infer<typeof IntakeClearance>;

/** A short health intake, asked once and again when things change. `yes` lists the questions answered yes. */
export const Intake = z.object({
  on: Day,
  yes: z.array(IntakeQuestion),
  /** Where it is and since when, of the answers that ask for it. */
  where: z
    .array(
      z.object({
        question: IntakeQuestion,
        places: z.array(BodyPlace),
        since: Day.nullable().default(null),
      }),
    )
    .default([]),
  note: Text,
  growthSpurt: z.boolean(),
  /** Nine-point joint looseness screen; null when not screened. */
  beighton: z.int().min(0).max(9).nullable(),
  clearances: z.array(IntakeClearance),
});
export type Intake = z.infer<typeof Intake>;

/** A place locked by pain, cleared by a person with a reason. */
export const PlaceClearance = z.object({
  /** Null where nobody had said where it hurt. */
  place: BodyPlace.nullable(),
  on: Day,
  who: Line.min(1),
  reason: Text.min(1),
  /** The records whose pain is cleared; what hurts later, or is entered later, locks again. */
  covers: z.array(Line).max(5000).default([]),
});
export type PlaceClearance = z.infer<typeof PlaceClearance>;

export const Absence = z.object({ from: Day, to: Day, reason: z.enum(["ill", "away", "rest"]) });
export type Absence = z.infer<typeof Absence>;

/** What a coach has said comes next for a drill: taken as proposed, changed, or pinned until it is let go. */
export const NextChosen = z.object({
  drillId: Id,
  rungId: Id,
  dose: Dose,
  how: z.enum(["accepted", "changed", "pinned"]),
  on: Day,
  why: Line,
});
export type NextChosen = z.infer<typeof NextChosen>;

/** So many repetitions of a drill a day, spread over whatever sessions there are. */
export const Quota = z.object({ drillId: Id, reps: z.int().min(5).max(1000) });
export type Quota = z.infer<typeof Quota>;

/** What is lifted in trainings elsewhere: repetitions of pulling or pushing in a usual week, both sides. */
export const Lift = z.object({
  name: z.string().trim().min(1).max(60),
  force: z.enum(["pull", "push"]),
  reps: z.int().min(1).max(5000),
});
export type Lift = z.infer<typeof Lift>;

export const Athlete = z.object({
  kind: z.literal("athlete"),
  stamp: Stamp.optional(),
  id: Id,
  name: z.string().trim().min(1).max(80),
  discipline: z.string().max(120),
  bornOn: Day,
  statureCm: z.number().min(80).max(230),
  /** What nobody has said: the height is the usual one of the age then, the day of birth the last of its year. */
  assumed: z
    .array(z.enum(["height", "birthday"]))
    .max(2)
    .default([]),
  massKg: z.number().min(15).max(200).nullable(),
  dominantSide: z.enum(["left", "right"]),
  measures: z.object({
    shinCm: Length.optional(),
    footCm: Length.optional(),
    legCm: Length.optional(),
    armCm: Length.optional(),
    breadthCm: Length.optional(),
    /** The leg length that makes the split's model fit the tape, where it was never measured by one. */
    fittedLegCm: Length.optional(),
    /** Floor to hip where a flat split would be: what a measured split gap keeps beside the model. */
    pelvisCm: z.number().min(-100).max(100).optional(),
    /** The width of one finger, for lengths taken in finger widths. */
    fingerCm: z.number().min(0.3).max(5).optional(),
  }),
  placeId: Id.nullable(),
  note: Text,
  intake: Intake.nullable(),
  /** The day on which the health questions were asked for anew; null once they were answered. */
  intakeAsked: Day.nullable().optional(),
  clearances: z.array(PlaceClearance).max(2000),
  absences: z.array(Absence).max(500),
  archived: z.boolean(),
  /** Ways of working that stand over the coach's. */
  schools: SomeSchools.default({}),
  /** Joints with an old injury or a niggle: prepared before the warm-up. */
  flagged: z.array(JointId).default([]),
  /** Joints that are worked for whatever the aim is, and how the body lives. */
  areas: z.array(JointId).default([]),
  profiles: z.array(z.string().min(1).max(40)).max(20).default([]),
  quotas: z.array(Quota).max(20).default([]),
  /** Years in the sport; null where nobody has said. */
  years: z.number().min(0).max(70).nullable().default(null),
  lifts: z.array(Lift).max(20).default([]),
  nextChosen: z.array(NextChosen).max(1000).default([]),
});
export type Athlete = z.infer<typeof Athlete>;

type Known = Pick<
  Athlete,
  "name" | "discipline" | "bornOn" | "statureCm" | "massKg" | "dominantSide" | "placeId" | "years"
> &
  Partial<Pick<Athlete, "assumed">>;

/** Somebody of whom only this is known. */
export const newAthlete = (id: string, known: Known): Athlete => ({
  kind: "athlete",
  id,
  assumed: [],
  ...known,
  measures: {},
  note: "",
  intake: null,
  clearances: [],
  absences: [],
  archived: false,
  schools: {},
  areas: [],
  profiles: [],
  quotas: [],
  lifts: [],
  flagged: [],
  nextChosen: [],
});

/** Age in whole years on a day. */
export function ageOn(athlete: Pick<Athlete, "bornOn">, on: string): number {
  const years = Number(on.slice(0, 4)) - Number(athlete.bornOn.slice(0, 4));
  return on.slice(5) < athlete.bornOn.slice(5) ? years - 1 : years;
}
