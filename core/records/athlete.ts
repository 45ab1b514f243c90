import * as z from "zod/mini";
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
  .check(z.refine((day) => day >= "1900-01-01" && day <= "2100-12-31", "a day from 1900 to 2100"));
/** A moment in ISO 8601, UTC. */
export const Moment = z.iso.datetime();
/** Pain or soreness, 0 (none) to 10. */
export const Pain = z.int().check(z.minimum(0), z.maximum(10));

const Id = z.string().check(z.minLength(1), z.maxLength(80));
/** A text of one line, and one of many. */
const Line = z.string().check(z.maxLength(300));
const Text = z.string().check(z.maxLength(5000));
/** A length of the body, cm. */
const Length = z.number().check(z.minimum(1), z.maximum(200));

/** A clinician's clearance: who, on what day, until when, and what may be done again. It lifts that and no more. */
export const IntakeClearance = z.object({
  question: Clearable,
  who: Line.check(z.minLength(1)),
  on: Day,
  /** The last day it counts on; null where none was said. */
  until: z._default(z.nullable(Day), null),
  /** What a rung may do again. */
  allows: z._default(z.array(Exposure), []),
  limits: Text,
});
export type IntakeClearance = z.infer<typeof IntakeClearance>;

/** A short health intake, asked once and again when things change. `yes` lists the questions answered yes. */
export const Intake = z.object({
  on: Day,
  yes: z.array(IntakeQuestion),
  /** Where it is and since when, of the answers that ask for it. */
  where: z._default(
    z.array(
      z.object({
        question: IntakeQuestion,
        places: z.array(BodyPlace),
        since: z._default(z.nullable(Day), null),
      }),
    ),
    [],
  ),
  note: Text,
  growthSpurt: z.boolean(),
  /** Nine-point joint looseness screen; null when not screened. */
  beighton: z.nullable(z.int().check(z.minimum(0), z.maximum(9))),
  clearances: z.array(IntakeClearance),
});
export type Intake = z.infer<typeof Intake>;

/** A place locked by pain, cleared by a person with a reason. */
export const PlaceClearance = z.object({
  /** Null where nobody had said where it hurt. */
  place: z.nullable(BodyPlace),
  on: Day,
  who: Line.check(z.minLength(1)),
  reason: Text.check(z.minLength(1)),
  /** The records whose pain is cleared; what hurts later, or is entered later, locks again. */
  covers: z._default(z.array(Line).check(z.maxLength(5000)), []),
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
export const Quota = z.object({ drillId: Id, reps: z.int().check(z.minimum(5), z.maximum(1000)) });
export type Quota = z.infer<typeof Quota>;

/** What is lifted in trainings elsewhere: repetitions of pulling or pushing in a usual week, both sides. */
export const Lift = z.object({
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(60)),
  force: z.enum(["pull", "push"]),
  reps: z.int().check(z.minimum(1), z.maximum(5000)),
});
export type Lift = z.infer<typeof Lift>;

export const Athlete = z.object({
  kind: z.literal("athlete"),
  stamp: z.optional(Stamp),
  id: Id,
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(80)),
  discipline: z.string().check(z.maxLength(120)),
  bornOn: Day,
  statureCm: z.number().check(z.minimum(80), z.maximum(230)),
  /** What nobody has said: the height is the usual one of the age then, the day of birth the last of its year. */
  assumed: z._default(z.array(z.enum(["height", "birthday"])).check(z.maxLength(2)), []),
  massKg: z.nullable(z.number().check(z.minimum(15), z.maximum(200))),
  dominantSide: z.enum(["left", "right"]),
  measures: z.object({
    shinCm: z.optional(Length),
    footCm: z.optional(Length),
    legCm: z.optional(Length),
    armCm: z.optional(Length),
    breadthCm: z.optional(Length),
    /** The leg length that makes the split's model fit the tape, where it was never measured by one. */
    fittedLegCm: z.optional(Length),
    /** Floor to hip where a flat split would be: what a measured split gap keeps beside the model. */
    pelvisCm: z.optional(z.number().check(z.minimum(-100), z.maximum(100))),
    /** The width of one finger, for lengths taken in finger widths. */
    fingerCm: z.optional(z.number().check(z.minimum(0.3), z.maximum(5))),
  }),
  placeId: z.nullable(Id),
  note: Text,
  intake: z.nullable(Intake),
  /** The day on which the health questions were asked for anew; null once they were answered. */
  intakeAsked: z.optional(z.nullable(Day)),
  clearances: z.array(PlaceClearance).check(z.maxLength(2000)),
  absences: z.array(Absence).check(z.maxLength(500)),
  archived: z.boolean(),
  /** Ways of working that stand over the coach's. */
  schools: z._default(SomeSchools, {}),
  /** Joints with an old injury or a niggle: prepared before the warm-up. */
  flagged: z._default(z.array(JointId), []),
  /** Joints that are worked for whatever the aim is, and how the body lives. */
  areas: z._default(z.array(JointId), []),
  profiles: z._default(
    z.array(z.string().check(z.minLength(1), z.maxLength(40))).check(z.maxLength(20)),
    [],
  ),
  quotas: z._default(z.array(Quota).check(z.maxLength(20)), []),
  /** Years in the sport; null where nobody has said. */
  years: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(70))), null),
  lifts: z._default(z.array(Lift).check(z.maxLength(20)), []),
  nextChosen: z._default(z.array(NextChosen).check(z.maxLength(1000)), []),
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
