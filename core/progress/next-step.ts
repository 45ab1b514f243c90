import type { JointId, MotionId } from "../body/motions";
import type { Dose } from "../drill/dose";
import { naturalAfter, naturalReps, naturalSeconds } from "../drill/natural";
import { nextWeight } from "../drill/band";
import { rungOf, type Drill, type Rung } from "../drill/drill";
import type { NextChosen } from "../records/athlete";
import type { DayNote, Log, LogItem } from "../records/records";
import type { Drills } from "../content/library";
import { comfortLimit, painLimit } from "../safety/pain";
import { doseDone } from "../doses/log-item";
import { daysBetween } from "../dates/days";
import { needsFirst } from "../exposure/needs-first";
import { daysAway, lastWorked, restartAfter } from "./after-break";
import { looseAtMedians } from "./loose-at";
import { enoughToCompare, stiffFrom } from "./stiff";
import { isFor, tenderJoints, thirdLess, type Tender } from "./soreness";

/** What a step follows from. */
export type StepCause =
  /** Sharp pain, or pain above the limit. */
  | { cause: "stopped"; sharp: boolean; pain: number }
  | { cause: "pain"; pain: number }
  | { cause: "lost" }
  | { cause: "wobble" }
  | { cause: "incomplete" }
  | { cause: "stiff"; looseAt: number; usual: number }
  | { cause: "clean-once" }
  | { cause: "clean-twice" }
  /** Clean so many times running at one dose that the plan could not raise. */
  | { cause: "clean-row"; times: number; rungId: string }
  | { cause: "top-of-range"; rungId: string }
  /** At the top of the range with one weight: the place's next heavier one. */
  | { cause: "heavier"; from: number; kg: number }
  | { cause: "top-of-ladder" }
  /** There is no rung below: fewer and slower. */
  | { cause: "bottom-of-ladder" }
  | { cause: "away"; days: number; rungs: number }
  | { cause: "sore"; joint: JointId; level: number }
  /** Clean enough, but the next rung waits for its weeks, or for more clean times. */
  | { cause: "waits"; rungId: string; clean: number; weeks: number }
  | { cause: "show-week" }
  | { cause: "coach"; how: NextChosen["how"]; why: string }
  /** Stands over what the coach had said. */
  | { cause: "over-coach"; how: NextChosen["how"] };

/** Whether pain is among the causes, whatever else is: then it stands over what a coach has said. */
export const isForPain = ({ causes }: Pick<NextStep, "causes">): boolean =>
  causes.some(({ cause }) => cause === "stopped" || cause === "pain");

export type NextStep = {
  drillId: string;
  rungId: string;
  dose: Dose;
  change: "more" | "same" | "next-rung" | "step-back" | "less" | "restart" | "stop";
  /** Everything that speaks for it, the chief first: none masks another. */
  causes: readonly StepCause[];
  /** What the coach has said of it; null where it stands as the rules propose. */
  chosen: NextChosen["how"] | null;
  /** What the rules propose, where the coach has chosen otherwise. */
  proposed: Pick<NextStep, "rungId" | "dose" | "change" | "causes"> | null;
};

/** What the rules look at beside the logs. */
export type StepTerms = {
  /** The day that is planned for; without it no break is reckoned. */
  on?: string;
  days?: readonly DayNote[];
  chosen?: readonly NextChosen[];
  /** In the last week before a show: nobody goes up a rung, unless the coach has pinned it. */
  noNewRung?: boolean;
  /** Somebody who is growing waits longer for what loads bones and tendons. */
  growing?: boolean;
  /** The weights of the place, kg: a rung's own are gone through before the next rung. */
  weights?: readonly number[];
};

const easy = (item: LogItem): boolean =>
  item.done === "done" &&
  item.form !== "wobble" &&
  item.form !== "lost" &&
  item.pain <= comfortLimit;

/** A drill in one session: what was done last of it there, with the worst pain of it. */
type Session = { on: string; item: LogItem; stiff: StepCause | null };

/**
 * What was done of each drill, the latest session first. A session counts once, however often the drill came in it
 * (a second round, a rung changed on the floor): its last rung, its worst pain.
 */
function sessionsByDrill(logs: readonly Log[]): Map<string, Session[]> {
  const found = new Map<string, Session[]>();
  for (const log of [...logs].sort((a, b) => b.on.localeCompare(a.on))) {
    const here = new Map<string, LogItem>();
    for (const item of log.items) {
      const dose = doseDone(item);
      if (item.done === "skipped" || !dose) continue;
      const known = here.get(item.drillId);
      const worse = known && known.pain > item.pain ? known : item;
      here.set(item.drillId, {
        ...item,
        planned: item.done === "done" ? dose : (item.planned ?? dose),
        pain: worse.pain,
        painPlace: worse.painPlace,
        sharp: item.sharp || (known?.sharp ?? false),
      });
    }
    for (const [id, item] of here)
      found.set(id, [
        ...(found.get(id) ?? []),
        { on: log.on, item, stiff: found.has(id) ? null : stiffness(logs, log.on, item) },
      ]);
  }
  return found;
}

/** A day on which it came loose much later than usual: the work is kept as it was, whatever the form. */
function stiffness(
  logs: readonly Log[],
  on: string,
  { drillId, looseAt }: LogItem,
): StepCause | null {
  if (looseAt === null) return null;
  const before = logs.filter((log) => log.on < on);
  const usual = looseAtMedians(before, on, enoughToCompare).get(drillId);
  return usual !== undefined && looseAt >= stiffFrom * usual
    ? { cause: "stiff", looseAt, usual }
    : null;
}

type Proposed = NonNullable<NextStep["proposed"]>;

/**
 * What the rules propose after the sessions of a drill, the latest first: two or three repetitions or five seconds
 * more when the last two were complete, clean and comfortable; at the top of the range the next rung at the bottom
 * of its range, or after four clean sessions of one dose that the plan could not raise; a rung down when form was lost or pain passed 4/10; a stop after sharp pain or pain above 5/10.
 */
function proposedAfter(
  drill: Drill,
  sessions: readonly Session[],
  terms: Pick<StepTerms, "on" | "growing" | "weights">,
): Proposed | null {
  const [last, before] = sessions;
  if (!last?.item.planned) return null;
  const { item } = last;
  const rung = rungOf(drill, item.rungId);
  const stay: Stay = (change, causes, dose = item.planned!) => ({
    rungId: rung.id,
    dose,
    change,
    causes,
  });
  if (item.sharp || item.pain > painLimit)
    return stay("stop", [{ cause: "stopped", sharp: item.sharp, pain: item.pain }]);
  if (item.form === "lost" || item.pain > comfortLimit) return stepBack(drill, item, stay);
  if (!easy(item))
    return stay("same", [{ cause: item.form === "wobble" ? "wobble" : "incomplete" }]);
  if (last.stiff) return stay("same", [last.stiff]);
  if (!before || before.item.rungId !== item.rungId || !easy(before.item))
    return stay("same", [{ cause: "clean-once" }]);
  const heavier = heavierFor(rung, item, terms);
  return stepUp(drill, item, stay, cleanRow(sessions), waitsFor(drill, sessions, terms), heavier);
}

type Stay = (change: NextStep["change"], causes: StepCause[], dose?: Dose) => Proposed;

const usualDose = (drill: Drill, rungId: string): Dose | null => {
  const rung = rungOf(drill, rungId);
  return rung.session ?? rung.warmUp;
};

function stepBack(drill: Drill, last: LogItem, stay: Stay): Proposed {
  const causes: StepCause[] = [
    ...(last.pain > comfortLimit ? [{ cause: "pain" as const, pain: last.pain }] : []),
    ...(last.form === "lost" ? [{ cause: "lost" as const }] : []),
  ];
  const lower = drill.rungs[drill.rungs.findIndex((rung) => rung.id === last.rungId) - 1];
  if (!lower)
    return stay("same", [...causes, { cause: "bottom-of-ladder" }], thirdLess(last.planned!));
  return {
    rungId: lower.id,
    dose: usualDose(drill, lower.id) ?? last.planned!,
    change: "step-back",
    causes,
  };
}

/** So many clean sessions of one dose are enough for the next rung, where the plan had no room for more of it. */
const enoughClean = 4;

/** How many of the latest sessions running were easy, at one rung and one dose. */
function cleanRow(sessions: readonly Session[]): number {
  const first = sessions[0]!.item;
  const same = ({ item }: Session) =>
    easy(item) && item.rungId === first.rungId && perSet(item.planned) === perSet(first.planned);
  const end = sessions.findIndex((one) => !same(one));
  return end < 0 ? sessions.length : end;
}

/** What one set of a dose is; how many there are is the plan's business. */
const perSet = (dose: Dose | null) =>
  dose === null
    ? null
    : dose.type === "reps"
      ? dose.reps
      : dose.type === "contract-relax"
        ? dose.deepen
        : dose.seconds;

/**
 * What the rung above still waits for: so many clean days on this one, over so many weeks. Null where nothing; tendons
 * and growing bones need their weeks however often the work was clean.
 */
function waitsFor(
  drill: Drill,
  sessions: readonly Session[],
  { on, growing = false }: Pick<StepTerms, "on" | "growing">,
): StepCause | null {
  const { rungId } = sessions[0]!.item;
  const higher = drill.rungs[drill.rungs.indexOf(rungOf(drill, rungId)) + 1];
  if (!higher) return null;
  const needs = needsFirst(drill, higher, growing);
  const clean = sessions.filter(({ item }) => item.rungId === rungId && easy(item));
  const since = clean.at(-1)?.on ?? sessions[0]!.on;
  const weeks = Math.floor(daysBetween(since, on ?? sessions[0]!.on) / 7);
  return clean.length >= needs.clean && weeks >= needs.weeks
    ? null
    : { cause: "waits", rungId: higher.id, clean: needs.clean, weeks: needs.weeks };
}

/** The place's next weight inside a rung's range, where it was done with one; null at its end. */
function heavierFor(
  rung: Rung,
  { load }: LogItem,
  { weights = [], growing = false }: Pick<StepTerms, "weights" | "growing">,
): StepCause | null {
  // Kilograms are for grown-ups: while growing the ladder is gone by repetitions alone.
  if (!rung.kg || load === null || growing) return null;
  const kg = nextWeight(rung.kg, weights, load);
  return kg === null ? null : { cause: "heavier", from: load, kg };
}

function stepUp(
  drill: Drill,
  last: LogItem,
  stay: Stay,
  row: number,
  waits: StepCause | null,
  heavier: StepCause | null,
): Proposed {
  const rung = rungOf(drill, last.rungId);
  const more = row >= enoughClean ? null : grown(last.planned!, rung.range);
  if (more) return stay("more", [{ cause: "clean-twice" }], more);
  if (heavier) return stay("more", [heavier], usualDose(drill, rung.id) ?? last.planned!);
  const higher = drill.rungs[drill.rungs.indexOf(rung) + 1];
  const dose = higher && usualDose(drill, higher.id);
  if (!higher || !dose) return stay("same", [{ cause: "top-of-ladder" }]);
  if (waits) return stay("same", [waits]);
  return {
    rungId: higher.id,
    dose,
    change: "next-rung",
    causes: [
      grown(last.planned!, rung.range)
        ? { cause: "clean-row", times: row, rungId: rung.id }
        : { cause: "top-of-range", rungId: rung.id },
    ],
  };
}

/** The dose one step up inside its range, to the next figure that people say; null at the top. Time boxes and rounds belong to the plan: they count as the top. */
function grown(dose: Dose, range: { to: number }): Dose | null {
  if (dose.type === "reps") {
    const reps = naturalAfter(dose.reps, naturalReps, range.to);
    return reps === null ? null : { ...dose, reps };
  }
  if (dose.type === "hold") {
    const seconds = naturalAfter(dose.seconds, naturalSeconds, range.to);
    return seconds === null ? null : { ...dose, seconds };
  }
  return null;
}

/** After days away it begins again below, by the length of the break; a step back that pain asks for is not made smaller by it. */
function afterBreak(drill: Drill, step: Proposed, last: Session, days: number): Proposed {
  const back = step.change === "stop" ? null : restartAfter(days, drill, last.item.rungId);
  if (!back) return step;
  const order = (rungId: string) => drill.rungs.indexOf(rungOf(drill, rungId));
  if (step.change === "step-back" && order(step.rungId) <= order(back.rungId)) return step;
  return {
    rungId: back.rungId,
    dose: usualDose(drill, back.rungId) ?? step.dose,
    change: "restart",
    // Pain that was there before the break is not forgotten by it.
    causes: [{ cause: "away", days, rungs: back.rungs }, ...painOf(step)],
  };
}

/** Lasting soreness takes a third off. */
function whenTender(
  drill: Drill,
  step: Proposed,
  last: Session,
  tender: readonly Tender[],
): Proposed {
  const sore = tender.find(({ joint }) => isFor(drill, joint));
  if (!sore || step.change === "stop" || step.change === "step-back") return step;
  const grows = step.change === "more" || step.change === "next-rung";
  return {
    rungId: grows ? rungOf(drill, last.item.rungId).id : step.rungId,
    dose: thirdLess(grows ? last.item.planned! : step.dose),
    change: "less",
    causes: [{ cause: "sore", joint: sore.joint, level: sore.level }, ...painOf(step)],
  };
}

const painOf = ({ causes }: Proposed): StepCause[] =>
  causes.filter(({ cause }) => cause === "stopped" || cause === "pain");

/** A rung above the last one waits until the show is over; a coach's pin stands. */
function held(drill: Drill, step: NextStep, last: Session): NextStep {
  const order = (rungId: string) => drill.rungs.indexOf(rungOf(drill, rungId));
  if (step.chosen === "pinned" || order(step.rungId) <= order(last.item.rungId)) return step;
  return {
    ...step,
    rungId: rungOf(drill, last.item.rungId).id,
    dose: last.item.planned!,
    change: "same",
    causes: [{ cause: "show-week" }],
  };
}

/**
 * What a coach has said over what the rules propose. Accepted and changed stand until the drill is next logged,
 * pinned until it is let go; none of them over a stop, nor over anything else that pain asked for, whatever asked
 * for it beside.
 */
function decided(
  drill: Drill,
  step: Proposed,
  chosen: NextChosen | undefined,
  lastOn: string,
): NextStep {
  const plain: NextStep = { drillId: drill.id, ...step, chosen: null, proposed: null };
  if (!chosen) return plain;
  if (chosen.how !== "pinned" && chosen.on < lastOn) return plain;
  if (isForPain(step))
    return { ...plain, causes: [...step.causes, { cause: "over-coach", how: chosen.how }] };
  return {
    ...plain,
    rungId: rungOf(drill, chosen.rungId).id,
    dose: chosen.dose,
    change: chosen.how === "accepted" ? step.change : "same",
    causes:
      chosen.how === "accepted" && chosen.why === ""
        ? step.causes
        : [{ cause: "coach", how: chosen.how, why: chosen.why }],
    chosen: chosen.how,
    proposed: step,
  };
}

/** Never logged, and a coach has said where it stands: done already, elsewhere. */
const asSaid = (drill: Drill, { rungId, dose, how, why }: NextChosen): NextStep => ({
  drillId: drill.id,
  rungId: rungOf(drill, rungId).id,
  dose,
  change: "same",
  causes: [{ cause: "coach", how, why }],
  chosen: how,
  proposed: null,
});

/** The next step of every drill that was ever logged: the rules, breaks and soreness, and what the coach has said. */
export function nextSteps(
  library: Drills,
  logs: readonly Log[],
  { on, days = [], chosen = [], noNewRung = false, growing = false, weights = [] }: StepTerms = {},
): Map<string, NextStep> {
  const until = on ? logs.filter((log) => log.on <= on) : logs;
  const sessions = sessionsByDrill(until);
  const worked: ReadonlyMap<MotionId, string> = on ? lastWorked(until, library) : new Map();
  const tender = on ? tenderJoints(days, until, library, on) : [];
  return new Map(
    library.drills.flatMap((drill) => {
      const done = sessions.get(drill.id) ?? [];
      const said = chosen.find(({ drillId }) => drillId === drill.id);
      if (done.length === 0 && said) return [[drill.id, asSaid(drill, said)] as const];
      const proposed = proposedAfter(drill, done, { ...(on ? { on } : {}), growing, weights });
      const last = done[0];
      if (!proposed || !last) return [];
      const rested = on
        ? afterBreak(drill, proposed, last, daysAway(drill, last.on, worked, on))
        : proposed;
      const step = whenTender(drill, rested, last, tender);
      const own = chosen.find(({ drillId }) => drillId === drill.id);
      const next = decided(drill, step, own, last.on);
      return [[drill.id, noNewRung ? held(drill, next, last) : next] as const];
    }),
  );
}
