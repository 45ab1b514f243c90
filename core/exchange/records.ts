import * as z from "zod";
import { Side } from "../body/side";
import { Dose } from "../drill/dose";
import { Drill, Phase, Space } from "../drill/drill";
import { KitItem } from "../drill/kit";
import { Instrument, Mode } from "../measure/protocol";
import { Athlete, Day, Moment, Pain } from "./athlete";
import { MotionId } from "../body/motions";
import { Protocol } from "../measure/protocol";
import { LengthUnit } from "../measure/units";
import { Skill } from "../aim/skill";
import { JointId } from "../body/motions";
import { Clocked, Format, Gaps } from "../prep/format";
import { SomeSchools } from "../prep/schools";

const Id = z.string().min(1).max(80);

export const Troupe = z.object({
  kind: z.literal("troupe"),
  id: Id,
  name: z.string(),
  work: z.string(),
});
export type Troupe = z.infer<typeof Troupe>;

/** A named kit with a space: home, hall, wall. A prep uses only what its place has. */
export const Place = z.object({
  kind: z.literal("place"),
  id: Id,
  name: z.string().min(1),
  kit: z.array(KitItem),
  /** The most room there is. */
  space: Space.default("room"),
  /** Neighbours below: nothing that is heard through the floor. */
  silent: z.boolean().default(false),
  /** No lying or kneeling down: standing drills only. */
  noFloor: z.boolean().default(false),
  note: z.string(),
});
export type Place = z.infer<typeof Place>;

export const Aim = z.object({
  kind: z.literal("aim"),
  id: Id,
  athleteId: Id,
  skillId: Id,
  quality: z.enum(["clean", "passable"]),
  side: Side,
  by: Day,
  since: Day,
  closedOn: Day.nullable(),
  /** How the hips stand in a split, where the skill leaves it open. */
  hips: z.enum(["square", "open"]).default("square"),
  /** A coach's own weight for a motion, over the computed one, with the reason. */
  overrides: z
    .array(z.object({ motion: MotionId, weight: z.number().min(0).max(10), reason: z.string() }))
    .default([]),
  /** A what-if that was kept: the degrees to have by a day. */
  targets: z
    .array(z.object({ motion: MotionId, side: Side, degrees: z.number(), by: Day }))
    .default([]),
});
export type Aim = z.infer<typeof Aim>;

export const Check = z.object({
  kind: z.literal("check"),
  id: Id,
  athleteId: Id,
  protocolId: Id,
  protocolVersion: z.int().positive(),
  side: Side,
  mode: Mode,
  temperature: z.enum(["cold", "warm"]),
  instrument: Instrument,
  tester: z.string(),
  on: Day,
  at: Moment,
  /** In the protocol's own unit, whatever they were typed in. None where pain stopped it before a reading. */
  trials: z.array(z.number()).max(9),
  /** What was typed, where it was not the protocol's own unit. */
  typed: z
    .object({
      unit: z.enum(["in", "fingers"]),
      trials: z.array(z.number()),
      /** Centimetres in one finger width at the time. */
      fingerCm: z.number().positive().optional(),
    })
    .nullable()
    .default(null),
  /** The reading's own standard error beside the instrument's, as of pointing at a photo; the protocol's unit. */
  ownError: z.number().min(0).default(0),
  pain: Pain,
  seen: z.array(z.string()),
  /** How it was read, as a note: landmarks of a photo, zero of a level, file of a sensor. */
  read: z.string().default(""),
  note: z.string(),
});
export type Check = z.infer<typeof Check>;

/** A photograph that an angle was read from, kept because the user said so; scaled down. */
export const Photo = z.object({
  kind: z.literal("photo"),
  id: Id,
  athleteId: Id,
  on: Day,
  /** A data URL of a JPEG. */
  image: z.string().startsWith("data:image/"),
  width: z.int().positive(),
  height: z.int().positive(),
  readings: z.array(
    z.object({
      protocolId: Id,
      side: Side,
      degrees: z.number(),
      se: z.number(),
      /** Landmarks on the picture as shares of its width and height. */
      spots: z.array(z.tuple([z.number(), z.number()])),
    }),
  ),
});
export type Photo = z.infer<typeof Photo>;

/** One drill in a prep. `seconds` is what the dose takes, set-up and rests included, transition before it not. */
export const PrepItem = z.object({
  id: Id,
  drillId: Id,
  rungId: Id,
  phase: Phase,
  /** Name of the format's segment it stands in; empty: the phase. */
  segment: z.string().default(""),
  dose: Dose,
  /** Set-up and change of place happen inside its time box; both sides share the box. */
  boxed: z.boolean().default(false),
  /** Order in which sides are worked; empty for a drill without sides. */
  sides: z.array(z.enum(["left", "right"])),
  why: z.string(),
  serves: z.array(MotionId),
  locked: z.boolean(),
});
export type PrepItem = z.infer<typeof PrepItem>;

export const Prep = z.object({
  kind: z.literal("prep"),
  id: Id,
  athleteId: Id,
  session: z.enum(["warm-up", "mobility"]),
  on: Day,
  budget: z.int().min(120).max(7200),
  placeId: Id.nullable(),
  alreadyWarm: z.boolean(),
  /** The shape it has; empty: the usual one of its session. */
  format: z.string().max(80).default(""),
  /** Joints that an old injury or a niggle flags. */
  flagged: z.array(JointId).default([]),
  handOver: z.int().min(0).max(600).default(0),
  /** Set where the user's own numbers stand over the format's. */
  clocked: Clocked.nullable().default(null),
  gaps: Gaps.nullable().default(null),
  /** The ladder its ramp goes up, and the rung of the work sets. */
  ramp: z.object({ drillId: Id, rungId: Id }).nullable().default(null),
  /** A hand has changed it: a better plan is offered, not put in its place. */
  touched: z.boolean().default(false),
  /** Counts up for another variant of the same prep. */
  turn: z.int().min(0).default(0),
  /** Its name where it is kept as the athlete's own, to be used on any day; empty for the prep of a day. */
  own: z.string().max(60).default(""),
  items: z.array(PrepItem),
  /** Drills the user dropped, so that a new plan leaves them out. */
  dropped: z.array(Id),
});
export type Prep = z.infer<typeof Prep>;

/** What happened on the floor, in order; the run's state follows from it (see core/run). */
export const RunEvent = z.discriminatedUnion("type", [
  z.object({ type: z.literal("start"), at: Moment }),
  z.object({ type: z.literal("pause"), at: Moment }),
  z.object({ type: z.literal("resume"), at: Moment }),
  z.object({ type: z.literal("next"), at: Moment }),
  z.object({ type: z.literal("skip"), at: Moment }),
  z.object({ type: z.literal("back"), at: Moment }),
  z.object({
    type: z.literal("pain"),
    at: Moment,
    level: Pain,
    place: z.string(),
    sharp: z.boolean(),
  }),
  z.object({ type: z.literal("finish"), at: Moment }),
]);
export type RunEvent = z.infer<typeof RunEvent>;

export const Run = z.object({
  kind: z.literal("run"),
  id: Id,
  athleteId: Id,
  prep: Prep,
  events: z.array(RunEvent),
});
export type Run = z.infer<typeof Run>;

export const LogItem = z.object({
  drillId: Id,
  rungId: Id,
  planned: Dose.nullable(),
  done: z.enum(["done", "part", "skipped", "stopped"]),
  seconds: z.int().min(0),
  form: z.enum(["clean", "wobble", "lost"]).nullable(),
  pain: Pain,
  painPlace: z.string(),
  sharp: z.boolean(),
  looseAt: z.number().min(0).nullable(),
  note: z.string(),
});
export type LogItem = z.infer<typeof LogItem>;

export const Log = z.object({
  kind: z.literal("log"),
  id: Id,
  athleteId: Id,
  prepId: Id.nullable(),
  on: Day,
  minutes: z.number().min(0).max(600),
  items: z.array(LogItem),
  note: z.string(),
});
export type Log = z.infer<typeof Log>;

/** A coach's own content, in the same form as the library's. */
export const Pack = z.object({
  kind: z.literal("pack"),
  id: Id,
  name: z.string(),
  skills: z.array(Skill),
  protocols: z.array(Protocol),
  drills: z.array(Drill),
  formats: z.array(Format).default([]),
});
export type Pack = z.infer<typeof Pack>;

export const Settings = z.object({
  kind: z.literal("settings"),
  id: z.literal("settings"),
  theme: z.enum(["system", "light", "dark"]),
  sound: z.boolean(),
  tester: z.string(),
  /** Lengths are typed in this unit unless a round says otherwise. */
  length: LengthUnit.default("cm"),
  /** The user's own pointing error on photographs, a share of the longer segment; null until he has trained. */
  pointing: z.number().positive().nullable().default(null),
  /** The coach's own ways of working, for every athlete who has no own. */
  schools: SomeSchools.default({}),
});
export type Settings = z.infer<typeof Settings>;

/** Everything that is kept, one record a key. */
export const AnyRecord = z.discriminatedUnion("kind", [
  Troupe,
  Athlete,
  Place,
  Aim,
  Check,
  Prep,
  Run,
  Log,
  Photo,
  Pack,
  Settings,
]);
export type AnyRecord = z.infer<typeof AnyRecord>;
export type Kind = AnyRecord["kind"];
export type RecordOf<K extends Kind> = Extract<AnyRecord, { kind: K }>;

export const kinds: readonly Kind[] = [
  "troupe",
  "athlete",
  "place",
  "aim",
  "check",
  "prep",
  "run",
  "log",
  "photo",
  "pack",
  "settings",
];

export const kindNames: Record<Kind, string> = {
  troupe: "troupe",
  athlete: "athletes",
  place: "places",
  aim: "aims",
  check: "checks",
  prep: "preps",
  run: "runs under way",
  log: "logs",
  photo: "photographs",
  pack: "library packs",
  settings: "settings",
};
