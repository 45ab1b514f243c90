import { Band, BandStrength } from "../drill/band";
import * as z from "zod";
import { Side } from "../body/side";
import { Dose } from "../drill/dose";
import { BreathMode } from "../drill/breathing";
import { Drill, Phase, Space } from "../drill/drill";
import { KitItem } from "../drill/kit";
import { Instrument, Mode } from "../content/protocol";
import { Athlete, Day, Moment, Pain } from "./athlete";
import { Group } from "./groups";
import { HallEvent, HallPerson, Seat, HallStation, StationRound, StationsLaid } from "./hall";
import { MotionId } from "../body/motions";
import { Protocol } from "../content/protocol";
import { LengthUnit } from "../content/units";
import { Skill } from "../content/skill";
import { JointId } from "../body/motions";
import { OwnProfile } from "../body/profiles";
import { BodyPlace } from "../body/sites";
import { Clocked, Format, Gaps } from "../content/format";
import { Against, Because } from "./reasons";
import { Advice, SomeSchools } from "../content/schools";
import { Season, SlotKind, Trained } from "./training";
import { Stamp } from "./stamp";

/** The version of everything below. It counts up with a change that older values do not fit; see `earlier.ts`. */
export const recordsVersion = 12;

const Id = z.string().min(1).max(80);
/** A text of one line, and one of many. */
const Line = z.string().max(300);
const Text = z.string().max(5000);
/** A reading in the protocol's unit, degrees, cm or a count: nothing that a body gives is farther off. */
const Reading = z.number().min(-1000).max(1000);

export const Troupe = z.object({
  kind: z.literal("troupe"),
  stamp: Stamp.optional(),
  id: Id,
  name: Line,
  work: Text,
});
export type Troupe = z.infer<typeof Troupe>;

/** A named kit with a space: home, hall, wall. A prep uses only what its place has. */
export const Place = z.object({
  kind: z.literal("place"),
  stamp: Stamp.optional(),
  id: Id,
  name: Line.min(1),
  kit: z.array(KitItem).max(100),
  /** How many there are of it, where somebody has counted; a kit that is not named here is enough for everybody. */
  counts: z
    .array(z.object({ item: KitItem, count: z.int().min(1).max(200) }))
    .max(100)
    .optional(),
  /** Its bands, from thin to thick; empty where nobody has said which. */
  bands: z.array(Band).max(12).default([]),
  /** Its weights, kg; empty where nobody has said which. */
  weights: z.array(z.number().positive().max(200)).max(24).default([]),
  /** The most room there is. */
  space: Space.default("room"),
  /** Neighbours below: nothing that is heard through the floor. */
  silent: z.boolean().default(false),
  /** No lying or kneeling down: standing drills only. */
  noFloor: z.boolean().default(false),
  note: Text,
});
export type Place = z.infer<typeof Place>;

export const Aim = z.object({
  kind: z.literal("aim"),
  stamp: Stamp.optional(),
  id: Id,
  athleteId: Id,
  skillId: Id,
  quality: z.enum(["clean", "passable"]),
  side: Side,
  by: Day,
  since: Day,
  closedOn: Day.nullable(),
  /** What became of it, where somebody said so when it was closed. */
  outcome: z.enum(["reached", "not-reached", "let-go"]).nullable().default(null),
  /** How the hips stand in a split, where the skill leaves it open. */
  hips: z.enum(["square", "open"]).default("square"),
  /** A coach's own weight for a motion, over the computed one, with the reason. */
  overrides: z
    .array(z.object({ motion: MotionId, weight: z.number().min(0).max(10), reason: Line }))
    .max(60)
    .default([]),
  /** A what-if that was kept: the degrees to have by a day. */
  targets: z
    .array(z.object({ motion: MotionId, side: Side, degrees: Reading, by: Day }))
    .max(60)
    .default([]),
});
export type Aim = z.infer<typeof Aim>;

/** What kind of feeling a pain is. Everything but a stretch or an ache ends the drill. */
export const PainKind = z.enum([
  "stretch",
  "ache",
  "sharp",
  "pinching",
  "spreading",
  "joint-line",
  "numb",
  "dizzy",
]);
export type PainKind = z.infer<typeof PainKind>;

/** A check as it was kept before it was mended: whose, which side, what was read. */
export const CheckWas = z.object({
  /** When it was mended. */
  until: Moment,
  athleteId: Id,
  side: Side,
  trials: z.array(Reading).max(9),
  pain: Pain,
  note: Text,
});
export type CheckWas = z.infer<typeof CheckWas>;

export const Check = z.object({
  kind: z.literal("check"),
  stamp: Stamp.optional(),
  id: Id,
  athleteId: Id,
  protocolId: Id,
  protocolVersion: z.int().positive(),
  side: Side,
  mode: Mode,
  temperature: z.enum(["cold", "warm"]),
  instrument: Instrument,
  tester: Line,
  on: Day,
  at: Moment,
  /** In the protocol's own unit, whatever they were typed in. None where pain stopped it before a reading. */
  trials: z.array(Reading).max(9),
  /** What was typed, where it was not the protocol's own unit. */
  typed: z
    .object({
      unit: z.enum(["in", "fingers"]),
      trials: z.array(Reading).max(9),
      /** Centimetres in one finger width at the time. */
      fingerCm: z.number().min(0.3).max(5).optional(),
    })
    .nullable()
    .default(null),
  /** The reading's own standard error beside the instrument's, as of pointing at a photo; the protocol's unit. */
  ownError: z.number().min(0).max(1000).default(0),
  pain: Pain,
  /** Where it hurt, where that was pointed at. */
  painAt: BodyPlace.nullable().default(null),
  painKind: PainKind.nullable().default(null),
  seen: z.array(Line).max(40),
  /** How it was read, as a note: landmarks of a photo, zero of a level, file of a sensor. */
  read: Text.default(""),
  note: Text,
  /** What it was before somebody mended it, the first first. */
  was: z.array(CheckWas).max(20).optional(),
});
export type Check = z.infer<typeof Check>;

/** A photograph that an angle was read from, kept because the user said so; scaled down. */
export const Photo = z.object({
  kind: z.literal("photo"),
  stamp: Stamp.optional(),
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
      degrees: Reading,
      se: Reading,
      /** Landmarks on the picture as shares of its width and height. */
      spots: z.array(z.tuple([z.number(), z.number()])).max(12),
    }),
  ),
});
export type Photo = z.infer<typeof Photo>;

/** A breath between two drills, or a break that somebody has put there. */
export const Breath = z.object({
  seconds: z.int().min(1).max(600),
  as: z.enum(["change-over", "water", "shake-out", "break"]),
});
export type Breath = z.infer<typeof Breath>;

/** A prep holds so many lines at most, and a log. */
const mostItems = 200;

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
  /** Sets (or rounds) that the shorter side gets beyond the other's; null where both get the same. */
  extra: z
    .object({ side: z.enum(["left", "right"]), sets: z.int().min(1).max(6) })
    .nullable()
    .default(null),
  /** What each set is called, in their order, where it is done in parts. */
  labels: z.array(z.string().max(40)).max(12).default([]),
  /** Repetitions or seconds of each set, in their order, where they are not all the same; empty: as the dose says. */
  amounts: z.array(z.int().min(1).max(600)).max(12).default([]),
  /** Goes on until it is loose; the dose is what is usual. */
  untilLoose: z.boolean().default(false),
  /** How quick, where it is not as usual. */
  pace: z.enum(["brisk", "slow"]).nullable().default(null),
  /** How to breathe in it, where it is not as usual for the drill. */
  breathing: BreathMode.nullable().default(null),
  /** The breath after it; null where the next drill follows at once. */
  breath: Breath.nullable().default(null),
  /** Done before the clock begins, on the way there. */
  outside: z.boolean().default(false),
  /** Why it is there, the chief reason first. */
  why: z.array(Because),
  serves: z.array(MotionId),
  pinned: z.boolean(),
});
export type PrepItem = z.infer<typeof PrepItem>;

export const Prep = z.object({
  kind: z.literal("prep"),
  stamp: Stamp.optional(),
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
  ramp: z
    .object({
      drillId: Id,
      rungId: Id,
      /** The work sets, where they are not 3 × 5. */
      work: z
        .object({
          sets: z.int().min(1).max(10),
          reps: z.int().min(1).max(50),
          kg: z.number().min(0.25).max(400).nullable().optional(),
          band: BandStrength.nullable().optional(),
        })
        .optional(),
    })
    .nullable()
    .default(null),
  /** What is trained right after it: a skill, or joints; null where it is the aim. */
  next: Trained.nullable().default(null),
  /** A hand has changed it: a better plan is offered, not put in its place. */
  touched: z.boolean().default(false),
  /** Counts up for another variant of the same prep. */
  turn: z.int().min(0).default(0),
  /** Written by hand, in its own order: nothing but a hand changes it, and its minutes are what it takes. */
  sequence: z.boolean().default(false),
  /** Its name where it is kept as the athlete's own, to be used on any day; empty for the prep of a day. */
  own: z.string().max(60).default(""),
  /** An own prep that hangs on the week: what it stands for, on these weekdays (0 is Monday) or on every day. */
  standing: z
    .object({ kind: SlotKind, weekdays: z.array(z.int().min(0).max(6)).max(7) })
    .nullable()
    .default(null),
  items: z.array(PrepItem).max(mostItems),
  /** Rungs that were earned where it was planned, when it was sent without the log that shows it. */
  earned: z
    .array(z.object({ drillId: Id, rungId: Id }))
    .max(mostItems)
    .optional(),
  /** Drills the user dropped, so that a new plan leaves them out. */
  dropped: z.array(Id).max(1000),
});
export type Prep = z.infer<typeof Prep>;

/** A training of several athletes on a day: all in step, or at stations. */
export const Hall = z.object({
  kind: z.literal("hall"),
  stamp: Stamp.optional(),
  id: Id,
  on: Day,
  groupId: Id.nullable(),
  name: Line,
  placeId: Id.nullable(),
  way: z.enum(["in-step", "stations"]),
  budget: z.int().min(120).max(14400),
  /** The shape of what is done in step; empty: a warm-up. */
  format: z.string().max(80).default(""),
  alreadyWarm: z.boolean().default(false),
  /** Drills that were taken out by hand. */
  dropped: z.array(Id).max(1000).default([]),
  people: z.array(HallPerson).max(200),
  /** Done by all in step, each on the own rung: the whole session, or what stands before the stations. */
  items: z.array(PrepItem).max(mostItems),
  stations: z.array(HallStation).max(30),
  /** What was asked of the stations: so many at most, seconds of work at one, seconds to change. */
  laid: StationsLaid.default({ stations: 4, work: 150, change: 20 }),
  rounds: z.array(StationRound).max(60),
  seats: z.array(Seat).max(6000),
  /** A solver has shown that nothing better is possible. */
  proven: z.boolean().default(false),
  events: z.array(HallEvent).max(2000).default([]),
  /** The logs that came of it. */
  loggedOn: Day.nullable().default(null),
});
export type Hall = z.infer<typeof Hall>;

export const Form = z.enum(["clean", "wobble", "lost"]);
export type Form = z.infer<typeof Form>;

/** Why a plan was changed while it ran. */
export const PlanChange = z.enum([
  "easier",
  "harder",
  "swap",
  "more-sets",
  "shorter-side",
  "form",
  "minutes",
]);
export type PlanChange = z.infer<typeof PlanChange>;

/** What happened on the floor, in order; the run's state follows from it (see core/run). */
export const RunEvent = z.discriminatedUnion("type", [
  z.object({ type: z.literal("start"), at: Moment }),
  z.object({ type: z.literal("pause"), at: Moment }),
  z.object({ type: z.literal("resume"), at: Moment }),
  z.object({ type: z.literal("next"), at: Moment }),
  z.object({ type: z.literal("skip"), at: Moment }),
  z.object({ type: z.literal("back"), at: Moment }),
  /** The present stretch of time lasts so many seconds more. */
  z.object({ type: z.literal("longer"), at: Moment, seconds: z.int().min(1).max(600) }),
  /** It has just come loose: the repetitions or seconds so far are the loose-at number. */
  z.object({ type: z.literal("loose"), at: Moment }),
  /** A form gate was seen, and what was done about it. */
  z.object({ type: z.literal("form"), at: Moment, form: Form, seen: Line, then: Line }),
  /** From here on the plan is another: the whole list, what is done included. */
  z.object({
    type: z.literal("plan"),
    at: Moment,
    why: PlanChange,
    items: z.array(PrepItem).max(mostItems),
  }),
  z.object({
    type: z.literal("pain"),
    at: Moment,
    level: Pain,
    place: Line,
    /** The place on the figure; `place` are the words beside it. */
    where: BodyPlace.nullable().default(null),
    sharp: z.boolean(),
    painKind: PainKind.nullable().default(null),
    /** Whose it is, of a group; empty: the athlete's whose run it is. */
    who: Line.default(""),
  }),
  /** For one of a group, from here on: another rung of the present drill, or not there and there again. */
  z.object({
    type: z.literal("member"),
    at: Moment,
    who: Id,
    then: z.discriminatedUnion("is", [
      z.object({ is: z.literal("on-rung"), itemId: Id, rungId: Id }),
      /** From this item on. */
      z.object({ is: z.literal("away"), itemId: Id }),
      z.object({ is: z.literal("back"), itemId: Id }),
    ]),
  }),
  z.object({ type: z.literal("finish"), at: Moment }),
]);
export type RunEvent = z.infer<typeof RunEvent>;

/** Somebody who runs along by the same clock: the rung for each item, or why that one is sat out. */
export const GroupMember = z.object({
  athleteId: Id,
  name: Line,
  /** Some places are shut by less for somebody who is growing. */
  growing: z.boolean().default(false),
  parts: z.array(
    z.object({
      itemId: Id,
      rungId: Id.nullable(),
      reason: Against.nullable(),
      /** The side that gets the extra sets, where it is not the one the item names. */
      share: z.enum(["left", "right"]).optional(),
    }),
  ),
});
export type GroupMember = z.infer<typeof GroupMember>;

export const Run = z.object({
  kind: z.literal("run"),
  stamp: Stamp.optional(),
  id: Id,
  athleteId: Id,
  prep: Prep,
  /** Somebody who is growing runs it: some places are shut by less. */
  growing: z.boolean().default(false),
  events: z.array(RunEvent).max(5000),
  /** Everybody else by the same clock. */
  group: z.array(GroupMember).max(100).default([]),
  /** The hall session it is of, where it is of one. */
  hallId: Id.optional(),
});
export type Run = z.infer<typeof Run>;

/** One set that was done: its side, and repetitions or seconds. */
export const SetDone = z.object({
  side: z.enum(["left", "right"]).nullable(),
  reps: z.int().min(0).max(600).nullable(),
  seconds: z.int().min(0).max(7200),
});
export type SetDone = z.infer<typeof SetDone>;

export const LogItem = z.object({
  drillId: Id,
  rungId: Id,
  planned: Dose.nullable(),
  done: z.enum(["done", "part", "skipped", "stopped"]),
  seconds: z.int().min(0),
  /** The sets as they were done; empty where only "done" is known. */
  sets: z.array(SetDone).max(200).default([]),
  /** Weight it was done with, kg. */
  load: z.number().min(0).max(400).nullable().default(null),
  /** Band it was done with. */
  band: BandStrength.nullable().default(null),
  form: Form.nullable(),
  pain: Pain,
  painPlace: Line,
  /** The place on the figure; `painPlace` are the words beside it. */
  painAt: BodyPlace.nullable().default(null),
  painKind: PainKind.nullable().default(null),
  sharp: z.boolean(),
  /** Repetitions or seconds until it came loose. */
  looseAt: z.number().min(0).max(7200).nullable(),
  note: Text,
  /** What each set of a side is called, in their order, where it was done in parts. */
  labels: z.array(z.string().max(40)).max(12).default([]),
  /** The same of one side, where the sides were told apart. */
  bySide: z
    .array(
      z.object({
        side: z.enum(["left", "right"]),
        looseAt: z.number().min(0).max(7200).nullable(),
        note: z.string().max(300),
      }),
    )
    .max(2)
    .default([]),
});
export type LogItem = z.infer<typeof LogItem>;

export const Log = z.object({
  kind: z.literal("log"),
  stamp: Stamp.optional(),
  id: Id,
  athleteId: Id,
  prepId: Id.nullable(),
  on: Day,
  minutes: z.number().min(0).max(600),
  items: z.array(LogItem).max(mostItems),
  note: Text,
  /** The hall session it came of. */
  hallId: Id.optional(),
});
export type Log = z.infer<typeof Log>;

/** How a day was, in three small marks: 1 poor, 2 usual, 3 good; soreness 0–10 with the joints it is in. */
export const DayNote = z.object({
  kind: z.literal("day"),
  stamp: Stamp.optional(),
  id: Id,
  athleteId: Id,
  on: Day,
  sleep: z.int().min(1).max(3).nullable(),
  energy: z.int().min(1).max(3).nullable(),
  soreness: Pain.nullable(),
  sore: z.array(JointId),
});
export type DayNote = z.infer<typeof DayNote>;

/** A coach's own content, in the same form as the library's. */
export const Pack = z.object({
  kind: z.literal("pack"),
  stamp: Stamp.optional(),
  id: Id,
  name: Line,
  skills: z.array(Skill).max(300),
  protocols: z.array(Protocol).max(300),
  drills: z.array(Drill).max(1000),
  formats: z.array(Format).max(100).default([]),
});
export type Pack = z.infer<typeof Pack>;

/** A session that is kept for more than one athlete: for those named, or for everybody. */
export const SharedPrep = z.object({ prep: Prep, with: z.array(Id).max(200) });
export type SharedPrep = z.infer<typeof SharedPrep>;

export const Settings = z.object({
  kind: z.literal("settings"),
  stamp: Stamp.optional(),
  id: z.literal("settings"),
  theme: z.enum(["system", "light", "dark"]),
  sound: z.boolean(),
  /** Cues are spoken too, by the browser's own voice. */
  voice: z.boolean().default(false),
  tester: Line,
  /** Lengths are typed in this unit unless a round says otherwise. */
  length: LengthUnit.default("cm"),
  /** The user's own pointing error on photographs, a share of the longer segment; null until he has trained. */
  pointing: z.number().positive().max(1).nullable().default(null),
  /** The coach's own ways of working, for every athlete who has no own. */
  schools: SomeSchools.default({}),
  /** Advice on the order of work that the coach has set aside for good. */
  aside: z.array(Advice).default([]),
  /** How bodies live, in the coach's own words. */
  profiles: z.array(OwnProfile).max(30).default([]),
  /** Sessions kept for several athletes, each at the rungs of his own; nobody named is everybody. */
  shared: z.array(SharedPrep).max(40).default([]),
  /** In which order athletes stand, wherever there are several. */
  order: z
    .object({ by: z.enum(["name", "group", "hand"]), hand: z.array(Id).max(1000) })
    .default({ by: "hand", hand: [] }),
});
export type Settings = z.infer<typeof Settings>;

/** What was taken away, so that a file from elsewhere doesn't bring it back; see `merge/gone.ts`. */
export const Gone = z.object({
  kind: z.literal("gone"),
  /** The key of the record that went. */
  id: z.string().min(3).max(170),
  athleteId: Id.optional(),
  /** The record as it was; null where it leaves nothing behind. */
  was: z.unknown(),
  forGood: z.boolean(),
  stamp: Stamp,
});
export type Gone = z.infer<typeof Gone>;

/** A kind of record: its form, the name of its part of a file, and whether there is one at most. */
const kindRow = <Form extends z.ZodObject, Place extends string>(
  form: Form,
  inFile: Place,
  single = false,
) => ({ form, inFile, single });

/** The kinds of records there are, each in one row: everything that goes by kind reads it here. */
export const recordKinds = {
  troupe: kindRow(Troupe, "troupe", true),
  athlete: kindRow(Athlete, "athletes"),
  place: kindRow(Place, "places"),
  group: kindRow(Group, "groups"),
  hall: kindRow(Hall, "halls"),
  aim: kindRow(Aim, "aims"),
  check: kindRow(Check, "checks"),
  prep: kindRow(Prep, "preps"),
  run: kindRow(Run, "runs"),
  log: kindRow(Log, "logs"),
  day: kindRow(DayNote, "days"),
  season: kindRow(Season, "seasons"),
  photo: kindRow(Photo, "photos"),
  pack: kindRow(Pack, "packs"),
  settings: kindRow(Settings, "settings", true),
  gone: kindRow(Gone, "gone"),
};

type RecordForm = (typeof recordKinds)[keyof typeof recordKinds]["form"];

/** Everything that is kept, one record a key. */
export const AnyRecord = z.discriminatedUnion(
  "kind",
  Object.values(recordKinds).map(({ form }) => form) as [RecordForm, ...RecordForm[]],
);
export type AnyRecord = z.infer<typeof AnyRecord>;
export type Kind = AnyRecord["kind"];
export type RecordOf<K extends Kind> = Extract<AnyRecord, { kind: K }>;

/** The key under which a record is kept. */
export const keyOf = (record: { kind: Kind; id: string }): string => `${record.kind}/${record.id}`;

export const kinds = Object.keys(recordKinds) as readonly Kind[];

/** Kinds of which there is one at most. */
export const isSingle = (kind: Kind): boolean => recordKinds[kind].single;
