import type { Need } from "../aim/priority";
import { complaintRows } from "../body/complaints";
import type { Exposure } from "../body/exposures";
import { motionOf, type JointId, type MotionId } from "../body/motions";
import type { LeftRight } from "../body/side";
import type { Dose } from "../drill/dose";
import { atRung, rungOf, type Drill, type Rung } from "../drill/drill";
import { natural, naturalDown, naturalReps, naturalUp } from "../drill/natural";
import { bandFor, weightFor } from "../drill/band";
import { fetched, type Fetched } from "../exposure/stand-ins";
import type { Place } from "../records/records";
import type { NextStep } from "../progress/next-step";
import type { Tender } from "../progress/soreness";
import type { BodyToday } from "../safety/body-today";
import type { Format, Segment } from "../content/format";
import type { Library } from "../content/library";
import type { Emphasis } from "../schedule/block";
import { startRung, type Experience } from "./start";
import { mainlyFor } from "./mainly";
import { against as refusedBy, held, withinLimits } from "./permit";
import { capped, longestOf, stillSeconds } from "./stays";
import { deepWarmth, isDeep } from "./warmth";
import { isOfBody, type Against, type Because } from "../records/reasons";
import { doesOf } from "../exposure/does";
import { defaultSchools, type Advice, type Schools } from "../content/schools";

export type PlanTerms = {
  format: Format;
  /** The checks by their names, for the reasons; without it they are called by their identifiers. */
  library?: Pick<Library, "protocols">;
  needs: readonly Need[];
  /** Skills of the open aims. */
  skills: readonly string[];
  place: Place | null;
  /** What is known of the body today: what the gate looks at. */
  body: BodyToday;
  /** The minutes allow no raise until sweating: no deep split, bridge or ring work. */
  noDeep?: boolean;
  /** The longest stretch that the raise there is room for warms up for, seconds; null where nothing limits it. */
  longestStretch?: number | null;
  /** How long what was done: where ladders begin that were never logged. */
  experience?: Experience;
  dropped: readonly string[];
  /** Nothing but these drills: a prep that shrinks keeps to what it has. */
  only?: readonly string[];
  /** What the log says comes next for each drill. */
  nextSteps: ReadonlyMap<string, NextStep>;
  schools?: Schools;
  /** Advice on the order of work that the coach has set aside. */
  aside?: readonly Advice[];
  flagged?: readonly JointId[];
  dominant?: LeftRight;
  /** Motions that had a hard day yesterday, or four in the last seven days: only light work today. */
  rested?: readonly MotionId[];
  /** Joints whose soreness has lasted: their next dose takes so many seconds at most. */
  tender?: readonly Pick<Tender, "joint" | "most">[];
  /** What the week of the block works toward; null outside a block. */
  emphasis?: Emphasis | null;
  /** Two days before a show: nothing is held long, in a session of its own either. */
  noLongHold?: boolean;
  /** The weight each drill was last done with, kg. */
  lastLoads?: ReadonlyMap<string, number>;
  /** The usual number of repetitions until loose, by drill: 28-day medians. */
  looseAt?: ReadonlyMap<string, number>;
};

const noExperience: Experience = { years: null, sports: [] };

export type Eligible = {
  drill: Drill;
  rung: Rung;
  dose: Dose;
  segment: Segment;
  fetched: Fetched[];
  /** Why it is not the rung the athlete has reached, and what stands in for its kit; empty when nothing changed. */
  replaced: Because[];
};

/** Why a drill is not used; or where in the format and at which rung and dose it can be. */
export function eligibility(
  drill: Drill,
  situation: PlanTerms,
): { places: Eligible[] } | { reason: Against } {
  const reason = reasonAgainst(drill, situation);
  if (reason) return { reason };
  const fitting = situation.format.segments.filter(
    ({ kinds, regions }) =>
      kinds.includes(drill.kind) && (regions.length === 0 || regions.includes(drill.region)),
  );
  if (fitting.length === 0) return { reason: noSegment(drill, situation.format) };
  // What readies the hands comes in wherever something is to bear on them.
  const segments = fitting.filter(
    (segment) =>
      drawnFor(drill, segment, situation) || (drill.preparesHands && segment.from !== "complaint"),
  );
  if (segments.length === 0) return { reason: { why: "serves-none" } };
  const found = segments.map((segment) => atPlace(drill, segment, situation));
  const places = found.flatMap((one) => ("reason" in one ? [] : [one]));
  if (places.length > 0) return { places };
  const reasons = found.flatMap((one) => ("reason" in one ? [one.reason] : []));
  // Where another part would take it but for what it serves, that is what stands against it.
  if (segments.length < fitting.length && reasons.every(({ why }) => why === "position"))
    return { reason: { why: "serves-none" } };
  return { reason: reasons.find(({ why }) => why !== "position") ?? reasons[0]! };
}

function noSegment({ kind, region }: Drill, { name, segments }: Format): Against {
  if (kind === "breathing") return { why: "wind-down" };
  const elsewhere = segments.some(({ kinds }) => kinds.includes(kind));
  return { why: "no-segment", format: name, kind, region: elsewhere ? region : null };
}

function reasonAgainst(drill: Drill, situation: PlanTerms): Against | null {
  const { format, skills, dropped } = situation;
  const schools = situation.schools ?? defaultSchools;
  if (dropped.includes(drill.id)) return { why: "dropped" };
  if (situation.only && !situation.only.includes(drill.id)) return { why: "not-in-prep" };
  const kept = keptAway(drill, situation);
  if (kept) return kept;
  if (drill.onlyIf === "side-lying-rotation" && schools.turnIn === "off")
    return { why: "school", of: "turn-in" };
  if (schools.stretch !== "both" && held(drill) && drill.kind !== schools.stretch)
    return { why: "school", of: `${schools.stretch}-only` };
  if (schools.staticBefore === "none" && format.doses === "warm-up" && drill.kind === "static")
    return { why: "school", of: "no-static-before" };
  if (drill.kind === "skill" && !drill.toward.some((skill) => skills.includes(skill)))
    return { why: "other-skill" };
  const next = situation.nextSteps.get(drill.id);
  const stop = next?.causes.find(({ cause }) => cause === "stopped");
  return stop?.cause === "stopped" ? { why: "stopped", sharp: stop.sharp, pain: stop.pain } : null;
}

/** What a complaint is not loaded with before somebody has agreed to it. */
const heavyForComplaint: readonly Exposure[] = [
  "hands-full",
  "one-arm",
  "fists",
  "hang",
  "hang-part",
  "hang-behind",
  "inverted",
  "impact",
  "near-maximal",
];

/** Whether it is mainly for the tissues of a joint that is complained of. */
const isForComplaint = (serves: Drill["serves"], { flagged = [] }: PlanTerms): boolean =>
  flagged.some((joint) => mainlyFor({ serves }, complaintRows[joint].tissues));

/** Whether a drill is what a part draws from: the needs, the tissues of a complaint, or the whole body. */
export function drawnFor(drill: Drill, { from }: Segment, situation: PlanTerms): boolean {
  const { format, needs, flagged = [] } = situation;
  if (drill.serves.length === 0 || drill.kind === "pulse" || drill.kind === "breathing")
    return true;
  if (from === "complaint")
    return drill.rungs.some((rung) => isForComplaint(atRung(drill, rung).serves, situation));
  if (from === "whole-body" || format.serves === "every-joint") return true;
  return drill.serves.some(
    ({ motion }) =>
      needs.some((need) => need.motion === motion) || flagged.includes(motionOf(motion).joint),
  );
}

/** Why no rung of a drill may be done; null where one may. The reason against the first stands for all. */
function keptAway(drill: Drill, situation: PlanTerms): Against | null {
  const reasons = drill.rungs.map((rung) => refusedBy(situation, { drill, rung }));
  return reasons.every((list) => list.some(isOfBody)) ? reasons[0]!.find(isOfBody)! : null;
}

/** Why a rung cannot be used here; null when it can. */
function against(drill: Drill, rung: Rung, segment: Segment, situation: PlanTerms): Against | null {
  const { format } = situation;
  const here = atRung(drill, rung);
  if (segment.positions.length > 0 && !segment.positions.includes(here.position))
    return { why: "position", format: format.name, positions: segment.positions };
  if (!doseFor(rung, format))
    return { why: format.doses === "warm-up" ? "too-strong" : "before-only" };
  if (situation.noDeep && isDeep(drill, rung)) return { why: "not-warm", seconds: deepWarmth };
  if (segment.from === "complaint") {
    if (!isForComplaint(here.serves, situation)) return { why: "serves-none" };
    if (heavyForComplaint.some((one) => doesOf(drill, rung).exposes.has(one)))
      return { why: "too-strong" };
  }
  return refusedBy(situation, { drill, rung })[0] ?? null;
}

const doseFor = (rung: Rung, format: Format): Dose | null =>
  format.doses === "warm-up" ? rung.warmUp : rung.session;

/** The highest rung up to the athlete's own that can be used here. Never up for want of anything. */
function atPlace(
  drill: Drill,
  segment: Segment,
  situation: PlanTerms,
): Eligible | { reason: Against } {
  const next = situation.nextSteps.get(drill.id);
  const begin = startRung(drill, situation.experience ?? noExperience);
  const wanted = next ? rungOf(drill, next.rungId) : drill.rungs[begin]!;
  const own = drill.rungs.indexOf(wanted);
  for (let i = own; i >= 0; i -= 1) {
    const rung = drill.rungs[i];
    if (!rung || against(drill, rung, segment, situation)) continue;
    const used = fetched(drill, rung, situation.place?.kit ?? rung.kit) ?? [];
    const base = doseFor(rung, situation.format)!;
    const changed =
      rung === wanted
        ? null
        : ({
            why: "instead",
            drill: drill.name,
            against: against(drill, wanted, segment, situation)!,
          } as const);
    return {
      drill,
      rung,
      segment,
      dose: doseOf(
        drill,
        rung,
        many(
          drill,
          rung,
          segment,
          rung === wanted && next ? scaled(base, next, situation.format) : base,
        ),
        situation,
        next?.chosen != null,
      ),
      fetched: used,
      replaced: [
        ...(changed ? [changed] : []),
        ...used.flatMap(standIn),
        ...taken(
          rung,
          situation.place,
          // Kilograms of the library are for grown-ups: while growing the coach chooses the weight.
          situation.body.growing,
          heavierOf(next) ?? situation.lastLoads?.get(drill.id) ?? null,
        ),
      ],
    };
  }
  const reasons = drill.rungs.map((rung) => against(drill, rung, segment, situation));
  return { reason: reasons[own] ?? reasons[0] ?? { why: "nothing-here" } };
}

/** The weight that comes next, where the log says that the last one has been grown out of. */
const heavierOf = (next: NextStep | undefined): number | null =>
  next?.causes.flatMap((one) => (one.cause === "heavier" ? [one.kg] : []))[0] ?? null;

/** What of the place's own bands and weights a rung is done with. */
function taken(rung: Rung, place: Place | null, growing: boolean, last: number | null): Because[] {
  const band = rung.band && place && bandFor(rung.band, place.bands);
  const kg = rung.kg && !growing && place && weightFor(rung.kg, place.weights, last);
  return [
    ...(band ? [{ why: "takes-band" as const, ...band }] : []),
    ...(kg ? [{ why: "takes-weight" as const, kg }] : []),
  ];
}

const standIn = ({ wanted, used }: Fetched): Because[] =>
  wanted === used ? [] : [{ why: "stand-in", wanted, used }];

/** The dose as it is worked, warmed up for and allowed here; in figures that people say, unless somebody has set it. */
function doseOf(drill: Drill, rung: Rung, base: Dose, situation: PlanTerms, said: boolean): Dose {
  const worked = asWarm(drill, asWorked(drill, rung, base, situation), situation);
  const dose = withinLimits(situation.body, drill, rung, worked);
  return said || drill.phase === "raise" || drill.phase === "settle" ? dose : natural(dose);
}

/** A complaint is strengthened lightly, in as many repetitions as the rung goes up to. */
const many = (drill: Drill, rung: Rung, { from }: Segment, dose: Dose): Dose =>
  from === "complaint" && drill.kind === "strength" && dose.type === "reps"
    ? { ...dose, reps: Math.max(dose.reps, naturalDown(rung.range.to, naturalReps)) }
    : dose;

/** A stretch no longer than the raise there is room for warms up for. */
const asWarm = (drill: Drill, dose: Dose, { longestStretch = null }: PlanTerms): Dose =>
  longestStretch !== null && held(drill) && stillSeconds(drill, dose) > longestStretch
    ? capped(drill, dose, longestStretch)
    : dose;

/** Before training no hold is longer than this, seconds. */
const longestHoldBefore = 30;
/** Time boxes of the clock school, seconds. */
const box = { "warm-up": 30, mobility: 45 } as const;
/** A stay, where long stays are chosen, seconds. */
const stay = 120;

/** The dose as the ways of working chosen have it: time boxes, long stays, until loose; short holds before training. */
function asWorked(
  drill: Drill,
  rung: Rung,
  dose: Dose,
  { format, schools = defaultSchools, looseAt, noLongHold = false }: PlanTerms,
): Dose {
  if (dose.type === "hold" && (format.doses === "warm-up" || noLongHold))
    return { ...dose, seconds: Math.min(dose.seconds, longestHoldBefore) };
  if (dose.type === "hold" && schools.hold === "long" && drill.kind === "static")
    return { type: "hold", sets: 1, seconds: stay, rest: 0 };
  if (dose.type !== "reps") return dose;
  if (schools.pace === "clock" && longestOf(drill, doesOf(drill, rung).exposes) === null)
    return { type: "time", sets: dose.sets, seconds: box[format.doses], rest: dose.rest };
  const usual = looseAt?.get(drill.id);
  if (schools.amount === "feel" && drill.phase === "loosen" && usual)
    return { ...dose, reps: naturalUp(Math.max(5, Math.min(45, usual / dose.sets)), naturalReps) };
  return dose;
}

/** Before training a hold this short stays as the library has it. */
const shortHold = 20;

/**
 * The library's dose with the repetitions or seconds that the log has reached. In a session of its own a hold is
 * never less than the library's for having been short before training, unless the log asks for less.
 */
function scaled(dose: Dose, { dose: reached, change }: NextStep, format: Format): Dose {
  if (dose.type === "reps" && reached.type === "reps") return { ...dose, reps: reached.reps };
  if (dose.type !== "hold" || reached.type !== "hold") return dose;
  if (format.doses === "warm-up")
    return dose.seconds > shortHold ? { ...dose, seconds: reached.seconds } : dose;
  const lower = change === "less" || change === "restart" || change === "step-back";
  return {
    ...dose,
    seconds: lower ? reached.seconds : Math.max(dose.seconds, reached.seconds),
  };
}
