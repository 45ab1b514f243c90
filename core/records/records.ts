import { Band, BandStrength } from "../drill/band";
import * as z from "zod/mini";
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

const Id = z.string().check(z.minLength(1), z.maxLength(80));
/** A text of one line, and one of many. */
const Line = z.string().check(z.maxLength(300));
const Text = z.string().check(z.maxLength(5000));
/** A reading in the protocol's unit, degrees, cm or a count: nothing that a body gives is farther off. */
const Reading = z.number().check(z.minimum(-1000), z.maximum(1000));

export const Troupe = z.object({
  kind: z.literal("troupe"),
  stamp: z.optional(Stamp),
  id: Id,
  name: Line,
  work: Text,
});
export type Troupe = z.infer<typeof Troupe>;

/** A named kit with a space: home, hall, wall. A prep uses only what its place has. */
export const Place = z.object({
  kind: z.literal("place"),
  stamp: z.optional(Stamp),
  id: Id,
  name: Line.check(z.minLength(1)),
  kit: z.array(KitItem).check(z.maxLength(100)),
  /** How many there are of it, where somebody has counted; a kit that is not named here is enough for everybody. */
  counts: z.optional(
    z
      .array(z.object({ item: KitItem, count: z.int().check(z.minimum(1), z.maximum(200)) }))
      .check(z.maxLength(100)),
  ),
  /** Its bands, from thin to thick; empty where nobody has said which. */
  bands: z._default(z.array(Band).check(z.maxLength(12)), []),
  /** Its weights, kg; empty where nobody has said which. */
  weights: z._default(
    z.array(z.number().check(z.positive(), z.maximum(200))).check(z.maxLength(24)),
    [],
  ),
  /** The most room there is. */
  space: z._default(Space, "room"),
  /** Neighbours below: nothing that is heard through the floor. */
  silent: z._default(z.boolean(), false),
  /** No lying or kneeling down: standing drills only. */
  noFloor: z._default(z.boolean(), false),
  note: Text,
});
export type Place = z.infer<typeof Place>;

export const Aim = z.object({
  kind: z.literal("aim"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  skillId: Id,
  quality: z.enum(["clean", "passable"]),
  side: Side,
  by: Day,
  since: Day,
  closedOn: z.nullable(Day),
  /** What became of it, where somebody said so when it was closed. */
  outcome: z._default(z.nullable(z.enum(["reached", "not-reached", "let-go"])), null),
  /** How the hips stand in a split, where the skill leaves it open. */
  hips: z._default(z.enum(["square", "open"]), "square"),
  /** A coach's own weight for a motion, over the computed one, with the reason. */
  overrides: z._default(
    z
      .array(
        z.object({
          motion: MotionId,
          weight: z.number().check(z.minimum(0), z.maximum(10)),
          reason: Line,
        }),
      )
      .check(z.maxLength(60)),
    [],
  ),
  /** A what-if that was kept: the degrees to have by a day. */
  targets: z._default(
    z
      .array(z.object({ motion: MotionId, side: Side, degrees: Reading, by: Day }))
      .check(z.maxLength(60)),
    [],
  ),
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
  trials: z.array(Reading).check(z.maxLength(9)),
  pain: Pain,
  note: Text,
});
export type CheckWas = z.infer<typeof CheckWas>;

export const Check = z.object({
  kind: z.literal("check"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  protocolId: Id,
  protocolVersion: z.int().check(z.positive()),
  side: Side,
  mode: Mode,
  temperature: z.enum(["cold", "warm"]),
  instrument: Instrument,
  tester: Line,
  on: Day,
  at: Moment,
  /** In the protocol's own unit, whatever they were typed in. None where pain stopped it before a reading. */
  trials: z.array(Reading).check(z.maxLength(9)),
  /** What was typed, where it was not the protocol's own unit. */
  typed: z._default(
    z.nullable(
      z.object({
        unit: z.enum(["in", "fingers"]),
        trials: z.array(Reading).check(z.maxLength(9)),
        /** Centimetres in one finger width at the time. */
        fingerCm: z.optional(z.number().check(z.minimum(0.3), z.maximum(5))),
      }),
    ),
    null,
  ),
  /** The reading's own standard error beside the instrument's, as of pointing at a photo; the protocol's unit. */
  ownError: z._default(z.number().check(z.minimum(0), z.maximum(1000)), 0),
  pain: Pain,
  /** Where it hurt, where that was pointed at. */
  painAt: z._default(z.nullable(BodyPlace), null),
  painKind: z._default(z.nullable(PainKind), null),
  seen: z.array(Line).check(z.maxLength(40)),
  /** How it was read, as a note: landmarks of a photo, zero of a level, file of a sensor. */
  read: z._default(Text, ""),
  note: Text,
  /** What it was before somebody mended it, the first first. */
  was: z.optional(z.array(CheckWas).check(z.maxLength(20))),
});
export type Check = z.infer<typeof Check>;

/** A photograph that an angle was read from, kept because the user said so; scaled down. */
export const Photo = z.object({
  kind: z.literal("photo"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  on: Day,
  /** A data URL of a JPEG. */
  image: z.string().check(z.startsWith("data:image/")),
  width: z.int().check(z.positive()),
  height: z.int().check(z.positive()),
  readings: z.array(
    z.object({
      protocolId: Id,
      side: Side,
      degrees: Reading,
      se: Reading,
      /** Landmarks on the picture as shares of its width and height. */
      spots: z.array(z.tuple([z.number(), z.number()])).check(z.maxLength(12)),
    }),
  ),
});
export type Photo = z.infer<typeof Photo>;

/** A breath between two drills, or a break that somebody has put there. */
export const Breath = z.object({
  seconds: z.int().check(z.minimum(1), z.maximum(600)),
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
  segment: z._default(z.string(), ""),
  dose: Dose,
  /** Set-up and change of place happen inside its time box; both sides share the box. */
  boxed: z._default(z.boolean(), false),
  /** Order in which sides are worked; empty for a drill without sides. */
  sides: z.array(z.enum(["left", "right"])),
  /** Sets (or rounds) that the shorter side gets beyond the other's; null where both get the same. */
  extra: z._default(
    z.nullable(
      z.object({
        side: z.enum(["left", "right"]),
        sets: z.int().check(z.minimum(1), z.maximum(6)),
      }),
    ),
    null,
  ),
  /** What each set is called, in their order, where it is done in parts. */
  labels: z._default(z.array(z.string().check(z.maxLength(40))).check(z.maxLength(12)), []),
  /** Repetitions or seconds of each set, in their order, where they are not all the same; empty: as the dose says. */
  amounts: z._default(
    z.array(z.int().check(z.minimum(1), z.maximum(600))).check(z.maxLength(12)),
    [],
  ),
  /** Goes on until it is loose; the dose is what is usual. */
  untilLoose: z._default(z.boolean(), false),
  /** How quick, where it is not as usual. */
  pace: z._default(z.nullable(z.enum(["brisk", "slow"])), null),
  /** How to breathe in it, where it is not as usual for the drill. */
  breathing: z._default(z.nullable(BreathMode), null),
  /** The breath after it; null where the next drill follows at once. */
  breath: z._default(z.nullable(Breath), null),
  /** Done before the clock begins, on the way there. */
  outside: z._default(z.boolean(), false),
  /** Why it is there, the chief reason first. */
  why: z.array(Because),
  serves: z.array(MotionId),
  pinned: z.boolean(),
});
export type PrepItem = z.infer<typeof PrepItem>;

export const Prep = z.object({
  kind: z.literal("prep"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  session: z.enum(["warm-up", "mobility"]),
  on: Day,
  budget: z.int().check(z.minimum(120), z.maximum(7200)),
  placeId: z.nullable(Id),
  alreadyWarm: z.boolean(),
  /** The shape it has; empty: the usual one of its session. */
  format: z._default(z.string().check(z.maxLength(80)), ""),
  /** Joints that an old injury or a niggle flags. */
  flagged: z._default(z.array(JointId), []),
  handOver: z._default(z.int().check(z.minimum(0), z.maximum(600)), 0),
  /** Set where the user's own numbers stand over the format's. */
  clocked: z._default(z.nullable(Clocked), null),
  gaps: z._default(z.nullable(Gaps), null),
  /** The ladder its ramp goes up, and the rung of the work sets. */
  ramp: z._default(
    z.nullable(
      z.object({
        drillId: Id,
        rungId: Id,
        /** The work sets, where they are not 3 × 5. */
        work: z.optional(
          z.object({
            sets: z.int().check(z.minimum(1), z.maximum(10)),
            reps: z.int().check(z.minimum(1), z.maximum(50)),
            kg: z.optional(z.nullable(z.number().check(z.minimum(0.25), z.maximum(400)))),
            band: z.optional(z.nullable(BandStrength)),
          }),
        ),
      }),
    ),
    null,
  ),
  /** What is trained right after it: a skill, or joints; null where it is the aim. */
  next: z._default(z.nullable(Trained), null),
  /** A hand has changed it: a better plan is offered, not put in its place. */
  touched: z._default(z.boolean(), false),
  /** Counts up for another variant of the same prep. */
  turn: z._default(z.int().check(z.minimum(0)), 0),
  /** Written by hand, in its own order: nothing but a hand changes it, and its minutes are what it takes. */
  sequence: z._default(z.boolean(), false),
  /** Its name where it is kept as the athlete's own, to be used on any day; empty for the prep of a day. */
  own: z._default(z.string().check(z.maxLength(60)), ""),
  /** An own prep that hangs on the week: what it stands for, on these weekdays (0 is Monday) or on every day. */
  standing: z._default(
    z.nullable(
      z.object({
        kind: SlotKind,
        weekdays: z.array(z.int().check(z.minimum(0), z.maximum(6))).check(z.maxLength(7)),
      }),
    ),
    null,
  ),
  items: z.array(PrepItem).check(z.maxLength(mostItems)),
  /** Rungs that were earned where it was planned, when it was sent without the log that shows it. */
  earned: z.optional(z.array(z.object({ drillId: Id, rungId: Id })).check(z.maxLength(mostItems))),
  /** Drills the user dropped, so that a new plan leaves them out. */
  dropped: z.array(Id).check(z.maxLength(1000)),
});
export type Prep = z.infer<typeof Prep>;

/** A training of several athletes on a day: all in step, or at stations. */
export const Hall = z.object({
  kind: z.literal("hall"),
  stamp: z.optional(Stamp),
  id: Id,
  on: Day,
  groupId: z.nullable(Id),
  name: Line,
  placeId: z.nullable(Id),
  way: z.enum(["in-step", "stations"]),
  budget: z.int().check(z.minimum(120), z.maximum(14400)),
  /** The shape of what is done in step; empty: a warm-up. */
  format: z._default(z.string().check(z.maxLength(80)), ""),
  alreadyWarm: z._default(z.boolean(), false),
  /** Drills that were taken out by hand. */
  dropped: z._default(z.array(Id).check(z.maxLength(1000)), []),
  people: z.array(HallPerson).check(z.maxLength(200)),
  /** Done by all in step, each on the own rung: the whole session, or what stands before the stations. */
  items: z.array(PrepItem).check(z.maxLength(mostItems)),
  stations: z.array(HallStation).check(z.maxLength(30)),
  /** What was asked of the stations: so many at most, seconds of work at one, seconds to change. */
  laid: z._default(StationsLaid, { stations: 4, work: 150, change: 20 }),
  rounds: z.array(StationRound).check(z.maxLength(60)),
  seats: z.array(Seat).check(z.maxLength(6000)),
  /** A solver has shown that nothing better is possible. */
  proven: z._default(z.boolean(), false),
  events: z._default(z.array(HallEvent).check(z.maxLength(2000)), []),
  /** The logs that came of it. */
  loggedOn: z._default(z.nullable(Day), null),
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
  z.object({
    type: z.literal("longer"),
    at: Moment,
    seconds: z.int().check(z.minimum(1), z.maximum(600)),
  }),
  /** It has just come loose: the repetitions or seconds so far are the loose-at number. */
  z.object({ type: z.literal("loose"), at: Moment }),
  /** A form gate was seen, and what was done about it. */
  z.object({ type: z.literal("form"), at: Moment, form: Form, seen: Line, then: Line }),
  /** From here on the plan is another: the whole list, what is done included. */
  z.object({
    type: z.literal("plan"),
    at: Moment,
    why: PlanChange,
    items: z.array(PrepItem).check(z.maxLength(mostItems)),
  }),
  z.object({
    type: z.literal("pain"),
    at: Moment,
    level: Pain,
    place: Line,
    /** The place on the figure; `place` are the words beside it. */
    where: z._default(z.nullable(BodyPlace), null),
    sharp: z.boolean(),
    painKind: z._default(z.nullable(PainKind), null),
    /** Whose it is, of a group; empty: the athlete's whose run it is. */
    who: z._default(Line, ""),
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
  growing: z._default(z.boolean(), false),
  parts: z.array(
    z.object({
      itemId: Id,
      rungId: z.nullable(Id),
      reason: z.nullable(Against),
      /** The side that gets the extra sets, where it is not the one the item names. */
      share: z.optional(z.enum(["left", "right"])),
    }),
  ),
});
export type GroupMember = z.infer<typeof GroupMember>;

export const Run = z.object({
  kind: z.literal("run"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  prep: Prep,
  /** Somebody who is growing runs it: some places are shut by less. */
  growing: z._default(z.boolean(), false),
  events: z.array(RunEvent).check(z.maxLength(5000)),
  /** Everybody else by the same clock. */
  group: z._default(z.array(GroupMember).check(z.maxLength(100)), []),
  /** The hall session it is of, where it is of one. */
  hallId: z.optional(Id),
});
export type Run = z.infer<typeof Run>;

/** One set that was done: its side, and repetitions or seconds. */
export const SetDone = z.object({
  side: z.nullable(z.enum(["left", "right"])),
  reps: z.nullable(z.int().check(z.minimum(0), z.maximum(600))),
  seconds: z.int().check(z.minimum(0), z.maximum(7200)),
});
export type SetDone = z.infer<typeof SetDone>;

export const LogItem = z.object({
  drillId: Id,
  rungId: Id,
  planned: z.nullable(Dose),
  done: z.enum(["done", "part", "skipped", "stopped"]),
  seconds: z.int().check(z.minimum(0)),
  /** The sets as they were done; empty where only "done" is known. */
  sets: z._default(z.array(SetDone).check(z.maxLength(200)), []),
  /** Weight it was done with, kg. */
  load: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(400))), null),
  /** Band it was done with. */
  band: z._default(z.nullable(BandStrength), null),
  form: z.nullable(Form),
  pain: Pain,
  painPlace: Line,
  /** The place on the figure; `painPlace` are the words beside it. */
  painAt: z._default(z.nullable(BodyPlace), null),
  painKind: z._default(z.nullable(PainKind), null),
  sharp: z.boolean(),
  /** Repetitions or seconds until it came loose. */
  looseAt: z.nullable(z.number().check(z.minimum(0), z.maximum(7200))),
  note: Text,
  /** What each set of a side is called, in their order, where it was done in parts. */
  labels: z._default(z.array(z.string().check(z.maxLength(40))).check(z.maxLength(12)), []),
  /** The same of one side, where the sides were told apart. */
  bySide: z._default(
    z
      .array(
        z.object({
          side: z.enum(["left", "right"]),
          looseAt: z.nullable(z.number().check(z.minimum(0), z.maximum(7200))),
          note: z.string().check(z.maxLength(300)),
        }),
      )
      .check(z.maxLength(2)),
    [],
  ),
});
export type LogItem = z.infer<typeof LogItem>;

export const Log = z.object({
  kind: z.literal("log"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  prepId: z.nullable(Id),
  on: Day,
  minutes: z.number().check(z.minimum(0), z.maximum(600)),
  items: z.array(LogItem).check(z.maxLength(mostItems)),
  note: Text,
  /** The hall session it came of. */
  hallId: z.optional(Id),
});
export type Log = z.infer<typeof Log>;

/** How a day was, in three small marks: 1 poor, 2 usual, 3 good; soreness 0–10 with the joints it is in. */
export const DayNote = z.object({
  kind: z.literal("day"),
  stamp: z.optional(Stamp),
  id: Id,
  athleteId: Id,
  on: Day,
  sleep: z.nullable(z.int().check(z.minimum(1), z.maximum(3))),
  energy: z.nullable(z.int().check(z.minimum(1), z.maximum(3))),
  soreness: z.nullable(Pain),
  sore: z.array(JointId),
});
export type DayNote = z.infer<typeof DayNote>;

/** A coach's own content, in the same form as the library's. */
export const Pack = z.object({
  kind: z.literal("pack"),
  stamp: z.optional(Stamp),
  id: Id,
  name: Line,
  skills: z.array(Skill).check(z.maxLength(300)),
  protocols: z.array(Protocol).check(z.maxLength(300)),
  drills: z.array(Drill).check(z.maxLength(1000)),
  formats: z._default(z.array(Format).check(z.maxLength(100)), []),
});
export type Pack = z.infer<typeof Pack>;

/** A session that is kept for more than one athlete: for those named, or for everybody. */
export const SharedPrep = z.object({ prep: Prep, with: z.array(Id).check(z.maxLength(200)) });
export type SharedPrep = z.infer<typeof SharedPrep>;

export const Settings = z.object({
  kind: z.literal("settings"),
  stamp: z.optional(Stamp),
  id: z.literal("settings"),
  theme: z.enum(["system", "light", "dark"]),
  sound: z.boolean(),
  /** Cues are spoken too, by the browser's own voice. */
  voice: z._default(z.boolean(), false),
  tester: Line,
  /** Lengths are typed in this unit unless a round says otherwise. */
  length: z._default(LengthUnit, "cm"),
  /** The user's own pointing error on photographs, a share of the longer segment; null until he has trained. */
  pointing: z._default(z.nullable(z.number().check(z.positive(), z.maximum(1))), null),
  /** The coach's own ways of working, for every athlete who has no own. */
  schools: z._default(SomeSchools, {}),
  /** Advice on the order of work that the coach has set aside for good. */
  aside: z._default(z.array(Advice), []),
  /** How bodies live, in the coach's own words. */
  profiles: z._default(z.array(OwnProfile).check(z.maxLength(30)), []),
  /** Sessions kept for several athletes, each at the rungs of his own; nobody named is everybody. */
  shared: z._default(z.array(SharedPrep).check(z.maxLength(40)), []),
  /** In which order athletes stand, wherever there are several. */
  order: z._default(
    z.object({ by: z.enum(["name", "group", "hand"]), hand: z.array(Id).check(z.maxLength(1000)) }),
    { by: "hand", hand: [] },
  ),
});
export type Settings = z.infer<typeof Settings>;

/** What was taken away, so that a file from elsewhere doesn't bring it back; see `merge/gone.ts`. */
export const Gone = z.object({
  kind: z.literal("gone"),
  /** The key of the record that went. */
  id: z.string().check(z.minLength(3), z.maxLength(170)),
  athleteId: z.optional(Id),
  /** The record as it was; null where it leaves nothing behind. */
  was: z.unknown(),
  forGood: z.boolean(),
  stamp: Stamp,
});
export type Gone = z.infer<typeof Gone>;

/** A kind of record: its form, the name of its part of a file, and whether there is one at most. */
const kindRow = <Form extends z.ZodMiniObject, Place extends string>(
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
