import * as z from "zod";
import { plusDays } from "../dates/days";
import { Season } from "../records/training";
import { Athlete, Day, Intake } from "../records/athlete";
import { Aim, Check, DayNote, Log, Place, Settings, type AnyRecord } from "../records/records";

const who = "athlete";

/** The person, with what a plan does not need left to usual values. */
const Person = Athlete.extend({
  kind: z.literal("athlete").default("athlete"),
  id: z.string().default(who),
  name: z.string().default("The athlete"),
  discipline: z.string().default(""),
  statureCm: Athlete.shape.statureCm.default(170),
  massKg: Athlete.shape.massKg.default(null),
  dominantSide: Athlete.shape.dominantSide.default("right"),
  measures: Athlete.shape.measures.default({}),
  placeId: Athlete.shape.placeId.default(null),
  note: z.string().default(""),
  intake: z
    .object({
      on: Day.optional(),
      yes: Intake.shape.yes.default([]),
      where: Intake.shape.where,
      note: z.string().default(""),
      growthSpurt: z.boolean().default(false),
      beighton: Intake.shape.beighton.default(null),
      clearances: Intake.shape.clearances.default([]),
    })
    .nullable()
    .default(null),
  clearances: Athlete.shape.clearances.default([]),
  absences: Athlete.shape.absences.default([]),
  archived: z.boolean().default(false),
});

/**
 * One situation, written by hand or by another program: a person, what was measured and done, and what there is to
 * plan into. Smaller than a notebook: what is left out is as usual.
 */
export const SituationFile = z.object({
  format: z.literal("yearling-situation"),
  /** The day it is; the day it is read when it is left out. */
  day: Day.optional(),
  athlete: Person,
  aims: z
    .array(
      Aim.extend({
        kind: z.literal("aim").default("aim"),
        id: z.string().optional(),
        athleteId: z.string().default(who),
        quality: Aim.shape.quality.default("clean"),
        side: Aim.shape.side.default("mid"),
        by: Day.optional(),
        since: Day.optional(),
        closedOn: Aim.shape.closedOn.default(null),
      }),
    )
    .default([]),
  checks: z
    .array(
      Check.extend({
        kind: z.literal("check").default("check"),
        id: z.string().optional(),
        athleteId: z.string().default(who),
        protocolVersion: Check.shape.protocolVersion.default(1),
        temperature: Check.shape.temperature.default("warm"),
        tester: z.string().default(""),
        on: Day.optional(),
        at: Check.shape.at.optional(),
        pain: Check.shape.pain.default(0),
        seen: Check.shape.seen.default([]),
        note: z.string().default(""),
      }),
    )
    .default([]),
  logs: z
    .array(
      Log.extend({
        kind: z.literal("log").default("log"),
        id: z.string().optional(),
        athleteId: z.string().default(who),
        prepId: Log.shape.prepId.default(null),
        minutes: Log.shape.minutes.default(0),
        note: z.string().default(""),
      }),
    )
    .default([]),
  days: z.array(DayNote).default([]),
  season: Season.nullable().default(null),
  settings: Settings.nullable().default(null),
  /** Where it is done; nothing is asked of the place when it is left out. */
  place: Place.extend({
    kind: z.literal("place").default("place"),
    id: z.string().default("here"),
    name: z.string().default("here"),
    note: z.string().default(""),
  })
    .nullable()
    .default(null),
  /** Minutes of the prep. */
  minutes: z.number().min(2).max(120).optional(),
  /** Identifier of the prep's format, as in the library. */
  prepFormat: z.string().optional(),
  alreadyWarm: z.boolean().optional(),
});
export type SituationFile = z.infer<typeof SituationFile>;

/** The records that a situation stands for. @param today the day it is, where the file does not say */
export function recordsOf(file: SituationFile, today: string): AnyRecord[] {
  const day = file.day ?? today;
  const { athlete } = file;
  const id = athlete.id;
  const records: AnyRecord[] = [
    {
      ...athlete,
      placeId: file.place?.id ?? athlete.placeId,
      intake: athlete.intake && { ...athlete.intake, on: athlete.intake.on ?? day },
    },
    ...file.aims.map((aim, n) => ({
      ...aim,
      athleteId: id,
      id: aim.id ?? `aim-${n + 1}`,
      by: aim.by ?? plusDays(day, 70),
      since: aim.since ?? day,
    })),
    ...file.checks.map((check, n) => ({
      ...check,
      athleteId: id,
      id: check.id ?? `check-${n + 1}`,
      on: check.on ?? day,
      at: check.at ?? `${check.on ?? day}T12:00:00.000Z`,
    })),
    ...file.logs.map((log, n) => ({ ...log, athleteId: id, id: log.id ?? `log-${n + 1}` })),
    ...file.days.map((note) => ({ ...note, athleteId: id })),
  ];
  if (file.season) records.push({ ...file.season, athleteId: id });
  if (file.settings) records.push(file.settings);
  if (file.place) records.push(file.place);
  return records;
}
