import { motionOf, MotionId } from "../body/motions";
import { withPlaces } from "./earlier-places";
import { motionNow, withNamesOfToday } from "./earlier-names";
import { Athlete } from "./athlete";
import { fieldProblems, type FieldProblem } from "./field-problem";
import { AnyRecord, keyOf, recordsVersion } from "./records";

type Loose = Record<string, unknown>;

const isLoose = (value: unknown): value is Loose => typeof value === "object" && value !== null;

/**
 * Steps of a record from one version to the next: `steps[n]` turns a value of version n into one of n + 1. The
 * same steps serve what lies in the browser and what comes in a file.
 */
const steps: Record<number, (record: Loose) => Loose> = {
  1: (record) => (record.kind === "pack" ? packWithErrors(record) : record),
  2: (record) => {
    if (record.kind === "season") return { out: [], written: [], ...record };
    if (record.kind === "prep") return withToldReasons(record);
    return record.kind === "run" ? runWithToldReasons(record) : record;
  },
  3: (record) => withNamesOfToday(record) as Loose,
  4: (record) => withPlaces(record) as Loose,
  7: (record) => (record.kind === "athlete" ? withLikelyMeasures(record) : record),
  5: (record) =>
    record.kind === "pack" ? { ...record, formats: each(record.formats, withParts) } : record,
  10: (record) => (record.kind === "pack" ? packWithUprightSticks(record) : record),
};

/** A reason that was written as a sentence, as the fact that it was. */
const told = (why: unknown): unknown =>
  typeof why !== "string" ? why : why === "" ? [] : [{ why: "told", text: why }];

const each = (list: unknown, change: (one: Loose) => Loose): unknown =>
  Array.isArray(list) ? list.map((one) => (isLoose(one) ? change(one) : (one as unknown))) : list;

/** Of a segment was only said whether something had to stand there. */
const withParts = (format: Loose): Loose => ({
  ...format,
  segments: each(format.segments, ({ wanted, ...segment }) => ({
    fewest: wanted === true ? 1 : 0,
    ...segment,
  })),
});

/** A stick at the toes stood on its end without saying so. */
const upright = (prop: Loose): Loose =>
  prop.kind === "stick" && prop.at === "toe" ? { upright: true, ...prop } : prop;

const packWithUprightSticks = (pack: Loose): Loose => ({
  ...pack,
  drills: each(pack.drills, (drill) => ({
    ...drill,
    rungs: each(drill.rungs, (rung) =>
      isLoose(rung.picture)
        ? { ...rung, picture: { ...rung.picture, props: each(rung.picture.props, upright) } }
        : rung,
    ),
  })),
});

/** Lengths that no body has were taken without a question: they go. */
const withLikelyMeasures = (athlete: Loose): Loose => ({
  ...athlete,
  measures: isLoose(athlete.measures)
    ? Object.fromEntries(
        Object.entries(athlete.measures).filter(
          ([name, value]) =>
            !(name in Athlete.shape.measures.shape) ||
            Athlete.shape.measures.shape[
              name as keyof typeof Athlete.shape.measures.shape
            ].safeParse(value).success,
        ),
      )
    : athlete.measures,
});

const withToldReasons = (holder: Loose): Loose => ({
  ...holder,
  items: each(holder.items, (item) => ({ ...item, why: told(item.why) })),
});

/** A run holds a prep, plans that came later, and why somebody sat out. */
const runWithToldReasons = (run: Loose): Loose => ({
  ...run,
  prep: isLoose(run.prep) ? withToldReasons(run.prep) : run.prep,
  events: each(run.events, (event) => (event.type === "plan" ? withToldReasons(event) : event)),
  group: each(run.group, (member) => ({
    ...member,
    parts: each(member.parts, (part) => ({
      ...part,
      reason:
        typeof part.reason !== "string"
          ? part.reason
          : part.reason === ""
            ? null
            : { why: "told", text: part.reason },
    })),
  })),
});

/** A record of an earlier version as it is today. What is no record is given back as it came. */
export function upgraded(record: unknown, version: number): unknown {
  if (isLoose(record) && record.kind === "gone" && isLoose(record.was))
    return { ...record, was: upgraded(record.was, version) };
  let now = record;
  for (let from = version; from < recordsVersion; from += 1)
    if (isLoose(now)) now = steps[from]?.(now) ?? now;
  return now;
}

/** Reads one record of any version up to this one. `refused` says which field of it cannot be right. */
export function readRecord(
  found: unknown,
  version: number,
): { record: AnyRecord } | { refused: FieldProblem } {
  const result = AnyRecord.safeParse(upgraded(found, version));
  if (result.success) return withWas(result.data);
  return { refused: fieldProblems(result.error)[0]! };
}

/** What was taken away has to be a record itself, and the one that it names. */
function withWas(record: AnyRecord): { record: AnyRecord } | { refused: FieldProblem } {
  if (record.kind !== "gone" || record.was === null) return { record };
  const was = AnyRecord.safeParse(record.was);
  return was.success && keyOf(was.data) === record.id
    ? { record: { ...record, was: was.data } }
    : { refused: { at: ["was"], problem: { is: "unknown" } } };
}

/**
 * A coach's pack from before each instrument had its own error and each check its joint and position.
 * What was not written down then is filled from the motion; the posture is left at standing, which only orders rounds.
 */
function packWithErrors(pack: Loose): Loose {
  const { protocols } = pack;
  return {
    ...pack,
    protocols: Array.isArray(protocols) ? protocols.map(protocolWithErrors) : protocols,
  };
}

function protocolWithErrors(entry: unknown): unknown {
  if (!isLoose(entry)) return entry;
  const { sem, semSource, instruments, ...rest } = entry;
  if (sem === undefined) return entry;
  const motion = MotionId.safeParse(motionNow(rest.motion));
  return {
    posture: "standing",
    joint: motion.success ? motionOf(motion.data).joint : "hip",
    involves: motion.success ? [motion.data] : [],
    contraindications: ["Whoever has sharp pain in it."],
    ...rest,
    instruments: (Array.isArray(instruments) ? instruments : []).map((id) => ({
      id: id as unknown,
      sem,
      source: semSource ?? "working figure",
    })),
  };
}
