import { drillOf, type Library } from "../content/library";
import { daysBetween, mondayOf } from "../dates/days";
import { onRung, rungOf } from "../drill/drill";
import { blankPrep } from "../prep/blank";
import { fillExactly } from "../prep/fill";
import { permittedDown } from "../prep/permit";
import { planPrep, type Plan, type PlanRequest } from "../prep/plan";
import { carriedOn } from "../prep/sequence";
import { prepSeconds } from "../prep/timeline";
import { another } from "../prep/variants";
import type { Prep, PrepItem } from "../records/records";
import { isWork, sessionKinds, type Slot } from "../records/training";
import { trainingsOn } from "../schedule/block";
import { requestOf } from "./request-of";
import type { Situation } from "./situation";

/** The prep that a day shows, and whether the notebook has it; for today a proposal where it has none. */
export type ShownPrep = { prep: Prep | null; kept: boolean };

/**
 * One answer for the desk, the sheets and the run: the prep asked for, else the first of the day that is not logged, else
 * the first; for today and days to come, where there is none, what waits or a new one, planned.
 * @param asked a prep's or a slot's id
 * @param id what a new prep would be called
 */
export function prepShown(
  situation: Situation,
  on: string,
  asked: string | null,
  id: string,
): ShownPrep {
  const slot = waitingOn(situation, on).find((one) => one.id === asked);
  const onDay = situation.preps.filter((prep) => prep.on === on);
  const kept = slot
    ? undefined
    : (onDay.find((prep) => prep.id === asked) ??
      onDay.find((prep) => !situation.logs.some(({ prepId }) => prepId === prep.id)) ??
      onDay[0]);
  if (kept) return { prep: kept, kept: true };
  if (on < situation.today) return { prep: null, kept: false };
  const blank = slot ? prepOfSlot(situation, slot) : newPrep(situation, on, id);
  return { prep: proposed(situation, blank), kept: false };
}

/** The prep with its items planned anew; what is locked stays. */
export function planned(situation: Situation, prep: Prep): { prep: Prep; plan: Plan } {
  const request = requestOf(situation, prep);
  const plan = prep.turn > 0 ? another(request) : planPrep(request);
  return { prep: { ...prep, items: plan.items }, plan };
}

/**
 * The prep after a reorder or a change of place in the list: the raise and the wind-down take up the seconds. One that
 * was written by hand stays as it is, and takes the minutes it takes.
 */
export const refitted = (situation: Situation, prep: Prep): Prep =>
  prep.sequence
    ? asWritten(situation.library, prep)
    : {
        ...prep,
        items: fillExactly(prep.items, {
          budget: prep.budget,
          library: situation.library,
          handOver: prep.handOver,
        }),
      };

/** The shortest and longest prep, seconds. */
const bounds = { from: 120, to: 7200 };

/** A prep written by hand, with the minutes it takes; any other as it is. */
export function asWritten(library: Library, prep: Prep): Prep {
  if (!prep.sequence) return prep;
  const seconds = prepSeconds(prep.items, library, prep.handOver);
  return { ...prep, budget: Math.min(bounds.to, Math.max(bounds.from, seconds)) };
}

/** What waits on a day: what hangs on it and has neither become a prep nor been logged. Rounds of checks are no preps. */
export const waitingOn = (situation: Situation, on: string): Slot[] =>
  (situation.season?.slots ?? []).filter(
    (slot) =>
      slot.on === on &&
      slot.kind !== "check" &&
      !situation.preps.some(({ id }) => id === slot.id) &&
      !situation.logs.some(({ prepId }) => prepId === slot.id),
  );

/** The prep that a slot becomes: its own minutes, place and shape, to be planned. */
export function prepOfSlot(situation: Situation, slot: Slot): Prep {
  const { doses, format, warm } = sessionKinds[slot.kind];
  const standing = situation.ownPreps.find((own) => standsOn(own, slot));
  if (standing) return laidOn(situation, standing, slot);
  return blankPrep({
    id: slot.id,
    athleteId: situation.athlete.id,
    session: doses,
    on: slot.on,
    budget: slot.minutes * 60,
    placeId: slot.placeId,
    format: format ?? "",
    flagged: situation.athlete.flagged,
    alreadyWarm: warm,
    next: slot.kind === "warm-up" ? trainedAfter(situation, slot) : null,
  });
}

/** What the training works on that a warm-up stands before; null where nobody has said. */
function trainedAfter({ season }: Situation, { on, starts }: Slot): Prep["next"] {
  if (!season) return null;
  const next = trainingsOn(season, on).find((one) => isWork(one.kind) && one.starts >= starts);
  return next?.trains ?? null;
}

/** Whether a prep of one's own hangs on a slot. */
const standsOn = ({ standing }: Prep, { kind, on }: Pick<Slot, "kind" | "on">): boolean =>
  standing !== null &&
  standing.kind === kind &&
  (standing.weekdays.length === 0 || standing.weekdays.includes(daysBetween(mondayOf(on), on)));

/** A standing prep as it is done on a day: carried on by the log, drill by drill. */
function laidOn(
  situation: Situation,
  own: Prep,
  { id, on, placeId }: Pick<Slot, "id" | "on" | "placeId">,
): Prep {
  const prep = { ...own, id, on, placeId: placeId ?? own.placeId, own: "", standing: null };
  const request = requestOf(situation, { ...prep, items: [] });
  return asWritten(situation.library, {
    ...prep,
    sequence: true,
    items: carriedOn(own.items, request, situation.logs, on).map((item) =>
      atOwnRung(item, request),
    ),
  });
}

/** A drill of a session that is kept for several, on the rung that this athlete may do: lower where the gate asks it. */
function atOwnRung(item: PrepItem, request: PlanRequest): PrepItem {
  const drill = drillOf(request.library, item.drillId);
  const rung = drill && permittedDown(drill, rungOf(drill, item.rungId), request);
  return rung && rung.id !== item.rungId ? onRung(item, drill, rung) : item;
}

/** What is proposed: a standing prep as it is, anything else planned. */
export const proposed = (situation: Situation, blank: Prep): Prep =>
  blank.items.length > 0 ? blank : planned(situation, blank).prep;

/**
 * An empty prep for a day, to be planned: what waits there first, except what is so light that nobody looks for it;
 * without a season fifteen minutes before training, at the athlete's usual place.
 * @param id what a prep that hangs on no slot is called
 */
export function newPrep(situation: Situation, on: string, id: string): Prep {
  const waiting = waitingOn(situation, on);
  const first = waiting.find(({ kind }) => kind !== "circles" && kind !== "fillers") ?? waiting[0];
  if (first) return prepOfSlot(situation, first);
  const standing = situation.ownPreps.find((own) => standsOn(own, { kind: "warm-up", on }));
  if (standing) return laidOn(situation, standing, { id, on, placeId: null });
  return blankPrep({
    id,
    athleteId: situation.athlete.id,
    session: "warm-up",
    on,
    budget: 15 * 60,
    placeId: situation.place?.id ?? null,
    flagged: situation.athlete.flagged,
  });
}
