import * as z from "zod/mini";
import { plusDays } from "../dates/days";
import { Season } from "../records/training";
import { Athlete, Day, Intake } from "../records/athlete";
import { Aim, Check, DayNote, Log, Place, Settings, type AnyRecord } from "../records/records";

const who = "athlete";

/** The person, with what a plan does not need left to usual values. */
const Person = z.extend(Athlete, {
  kind: z._default(z.literal("athlete"), "athlete"),
  id: z._default(z.string(), who),
  name: z._default(z.string(), "The athlete"),
  discipline: z._default(z.string(), ""),
  statureCm: z._default(Athlete.shape.statureCm, 170),
  massKg: z._default(Athlete.shape.massKg, null),
  dominantSide: z._default(Athlete.shape.dominantSide, "right"),
  measures: z._default(Athlete.shape.measures, {}),
  placeId: z._default(Athlete.shape.placeId, null),
  note: z._default(z.string(), ""),
  intake: z._default(
    z.nullable(
      z.object({
        on: z.optional(Day),
        yes: z._default(Intake.shape.yes, []),
        where: Intake.shape.where,
        note: z._default(z.string(), ""),
        growthSpurt: z._default(z.boolean(), false),
        beighton: z._default(Intake.shape.beighton, null),
        clearances: z._default(Intake.shape.clearances, []),
      }),
    ),
    null,
  ),
  clearances: z._default(Athlete.shape.clearances, []),
  absences: z._default(Athlete.shape.absences, []),
  archived: z._default(z.boolean(), false),
});

/**
 * One situation, written by hand or by another program: a person, what was measured and done, and what there is to
 * plan into. Smaller than a notebook: what is left out is as usual.
 */
export const SituationFile = z.object({
  format: z.literal("yearling-situation"),
  /** The day it is; the day it is read when it is left out. */
  day: z.optional(Day),
  athlete: Person,
  aims: z._default(
    z.array(
      z.extend(Aim, {
        kind: z._default(z.literal("aim"), "aim"),
        id: z.optional(z.string()),
        athleteId: z._default(z.string(), who),
        quality: z._default(Aim.shape.quality, "clean"),
        side: z._default(Aim.shape.side, "mid"),
        by: z.optional(Day),
        since: z.optional(Day),
        closedOn: z._default(Aim.shape.closedOn, null),
      }),
    ),
    [],
  ),
  checks: z._default(
    z.array(
      z.extend(Check, {
        kind: z._default(z.literal("check"), "check"),
        id: z.optional(z.string()),
        athleteId: z._default(z.string(), who),
        protocolVersion: z._default(Check.shape.protocolVersion, 1),
        temperature: z._default(Check.shape.temperature, "warm"),
        tester: z._default(z.string(), ""),
        on: z.optional(Day),
        at: z.optional(Check.shape.at),
        pain: z._default(Check.shape.pain, 0),
        seen: z._default(Check.shape.seen, []),
        note: z._default(z.string(), ""),
      }),
    ),
    [],
  ),
  logs: z._default(
    z.array(
      z.extend(Log, {
        kind: z._default(z.literal("log"), "log"),
        id: z.optional(z.string()),
        athleteId: z._default(z.string(), who),
        prepId: z._default(Log.shape.prepId, null),
        minutes: z._default(Log.shape.minutes, 0),
        note: z._default(z.string(), ""),
      }),
    ),
    [],
  ),
  days: z._default(z.array(DayNote), []),
  season: z._default(z.nullable(Season), null),
  settings: z._default(z.nullable(Settings), null),
  /** Where it is done; nothing is asked of the place when it is left out. */
  place: z._default(
    z.nullable(
      z.extend(Place, {
        kind: z._default(z.literal("place"), "place"),
        id: z._default(z.string(), "here"),
        name: z._default(z.string(), "here"),
        note: z._default(z.string(), ""),
      }),
    ),
    null,
  ),
  /** Minutes of the prep. */
  minutes: z.optional(z.number().check(z.minimum(2), z.maximum(120))),
  /** Identifier of the prep's format, as in the library. */
  prepFormat: z.optional(z.string()),
  alreadyWarm: z.optional(z.boolean()),
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
