import * as z from "zod/mini";
import { MotionId } from "#core/body/motions";
import { Side } from "#core/body/side";
import { Dose } from "#core/drill/dose";
import { DrillKind, Phase } from "#core/drill/drill";
import { Mode } from "#core/content/protocol";
import { Against, Because } from "#core/records/reasons";

const Day = z.iso.date();
const Figure = z.nullable(z.number());
const Verdict = z.enum(["clear", "unsure", "short", "unknown"]);
const of = { athlete: z.string(), day: Day };
const AimSaid = z.object({ id: z.string(), skill: z.string(), by: Day });

/** What each verb prints with --json: facts and figures. Degrees, seconds and shares 0–1 unless said otherwise. */
export const answerSchemas = {
  validate: z.strictObject({
    valid: z.literal(true),
    version: z.nullable(z.int()),
    savedAt: z.nullable(z.string()),
    counts: z.record(z.string(), z.int()),
    aside: z.int(),
  }),
  check: z.strictObject({
    ...of,
    checks: z.array(
      z.strictObject({
        id: z.string(),
        on: Day,
        protocol: z.string(),
        side: Side,
        mode: Mode,
        trials: z.array(z.number()),
        unit: z.nullable(z.string()),
        value: Figure,
        error: Figure,
        degrees: Figure,
        degreesError: Figure,
        change: z.nullable(
          z.strictObject({ since: Day, by: z.number(), threshold: z.number(), real: z.boolean() }),
        ),
        pain: z.int(),
        tester: z.string(),
      }),
    ),
    round: z.array(z.strictObject({ protocol: z.string(), mode: Mode })),
  }),
  gap: z.strictObject({
    ...of,
    aim: z.strictObject({
      ...AimSaid.shape,
      quality: z.enum(["clean", "passable"]),
      side: Side,
    }),
    headline: z.string(),
    demands: z.array(
      z.strictObject({
        motion: MotionId,
        mode: Mode,
        need: z.number(),
        weight: z.number(),
        verdict: Verdict,
        shortage: Figure,
        limiter: z.number(),
        source: z.string(),
        sides: z.array(
          z.strictObject({
            side: Side,
            asked: z.boolean(),
            have: Figure,
            error: Figure,
            margin: Figure,
            probability: Figure,
            verdict: Verdict,
            checkedOn: z.nullable(Day),
          }),
        ),
      }),
    ),
  }),
  plan: z.strictObject({
    ...of,
    format: z.string(),
    minutes: z.number(),
    place: z.nullable(z.string()),
    seconds: z.number(),
    value: z.number(),
    proof: z.nullable(z.looseObject({})),
    note: z.nullable(z.looseObject({ note: z.string() })),
    breaches: z.array(z.strictObject({ at: z.int(), rule: z.looseObject({ why: z.string() }) })),
    items: z.array(
      z.strictObject({
        drill: z.string(),
        name: z.string(),
        rung: z.string(),
        rungName: z.string(),
        phase: Phase,
        segment: z.string(),
        kind: DrillKind,
        sides: z.array(z.enum(["left", "right"])),
        extra: z.nullable(z.strictObject({ side: z.enum(["left", "right"]), sets: z.int() })),
        dose: Dose,
        doseText: z.string(),
        /** Seconds from the beginning to its set-up. */
        start: z.nullable(z.number()),
        seconds: z.number(),
        serves: z.array(MotionId),
        reasons: z.array(Because),
      }),
    ),
    leftOut: z.array(z.strictObject({ drill: z.string(), reason: Against })),
  }),
  forecast: z.strictObject({
    ...of,
    aim: z.strictObject(AimSaid.shape),
    unmeasured: z.array(MotionId),
    date: z.nullable(
      z.strictObject({ chance: z.number(), most: z.number(), holding: z.nullable(z.string()) }),
    ),
    demands: z.array(
      z.strictObject({
        motion: MotionId,
        side: Side,
        need: z.number(),
        secondsAWeek: z.number(),
        /** No work on it is known: the usual dose is assumed. */
        assumed: z.boolean(),
        checks: z.int(),
        onDate: z.looseObject({ low: z.number(), high: z.number() }),
        chance: z.number(),
        wouldDo: Figure,
        measureInWeeks: Figure,
      }),
    ),
  }),
  season: z.strictObject({
    ...of,
    since: Day,
    weeks: z.int(),
    slots: z.array(
      z.strictObject({
        id: z.string(),
        on: Day,
        starts: z.string(),
        minutes: z.number(),
        kind: z.string(),
        place: z.nullable(z.string()),
      }),
    ),
  }),
};
