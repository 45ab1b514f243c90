import { needsOf, type Need } from "#core/aim/priority";
import type { Prep } from "#core/exchange/records";
import { blankPrep } from "#core/prep/blank";
import { fillExactly, planPrep, type Plan, type PlanRequest } from "#core/prep/plan";
import { requestFor } from "#core/prep/request";
import { daysBetween } from "#core/season/days";
import { prepTerms } from "#core/season/plan/prep-terms";
import { aimShares, sharedNeeds } from "#core/season/plan/shares";
import { aroundOf } from "#core/season/plan/terms-of";
import type { Slot, SlotKind } from "#core/season/plan/training";
import { newId } from "./clock";
import type { AthleteView } from "./view";

/** What the planner needs to know, from what the notebook knows and what the prep and its season say. */
export const requestOf = (view: AthleteView, prep: Prep): PlanRequest =>
  requestFor({
    prep,
    athlete: view.athlete,
    library: view.library,
    needs: needsFor(view, prep),
    skills: view.aims.filter((aim) => !aim.closedOn).map((aim) => aim.skillId),
    place: view.places.find(({ id }) => id === prep.placeId) ?? null,
    locked: view.locks.map(({ motion }) => motion),
    logs: view.logs,
    days: view.days,
    preps: view.preps,
    coach: view.settings.schools,
    ...(view.season ? { terms: prepTerms(aroundOf(view, view.season), prep.on, prep.id) } : {}),
  });

/**
 * What a prep works for: a session of the season for its own aim, what else hangs on the weeks for all open aims by
 * their shares, any other prep for the aim that is walked toward.
 */
function needsFor(view: AthleteView, prep: Prep): readonly Need[] {
  const slot = view.season?.slots.find(({ id }) => id === prep.id);
  if (!slot || view.openAims.length < 2) return view.needs;
  const own = view.openAims.find(({ aim }) => aim.id === slot.aimId);
  if (own) return needsOf(own.gaps, daysBetween(view.day, own.aim.by), own.aim.overrides);
  const shares = aimShares(view.openAims, view.season!.shares, view.day);
  return shares.length > 0 ? sharedNeeds(view.openAims, shares, view.day) : view.needs;
}

/** The prep with its items planned anew; what is locked stays. */
export function planned(view: AthleteView, prep: Prep): { prep: Prep; plan: Plan } {
  const plan = planPrep(requestOf(view, prep));
  return { prep: { ...prep, items: plan.items }, plan };
}

/** The prep after a reorder or a change of place in the list: the raise and the wind-down take up the seconds. */
export const refitted = (view: AthleteView, prep: Prep): Prep => ({
  ...prep,
  items: fillExactly(prep.items, {
    budget: prep.budget,
    library: view.library,
    handOver: prep.handOver,
  }),
});

/** What waits on a day: what hangs on it and has neither become a prep nor been logged. Rounds of checks are no preps. */
export const waitingOn = (view: AthleteView, on: string): Slot[] =>
  (view.season?.slots ?? []).filter(
    (slot) =>
      slot.on === on &&
      slot.kind !== "check" &&
      !view.preps.some(({ id }) => id === slot.id) &&
      !view.logs.some(({ prepId }) => prepId === slot.id),
  );

/** The format that each kind of slot is planned in; the usual one of the session where it names none. */
const formats: Partial<Record<SlotKind, string>> = {
  issue: "issue-prep",
  circles: "daily-circles",
  conditioning: "conditioning",
  fillers: "fillers",
};

/** The prep that a slot becomes: its own minutes, place and shape, to be planned. */
export const prepOfSlot = (view: AthleteView, slot: Slot): Prep =>
  blankPrep({
    id: slot.id,
    athleteId: view.athlete.id,
    session: slot.kind === "mobility" || slot.kind === "conditioning" ? "mobility" : "warm-up",
    on: slot.on,
    budget: slot.minutes * 60,
    placeId: slot.placeId,
    format: formats[slot.kind] ?? "",
    flagged: view.athlete.flagged,
    alreadyWarm: slot.kind === "fillers",
  });

/**
 * An empty prep for a day, to be planned: what waits there first, except what is so light that nobody looks for it;
 * without a season fifteen minutes before training, at the athlete's usual place.
 */
export function newPrep(view: AthleteView, on: string): Prep {
  const waiting = waitingOn(view, on);
  const first = waiting.find(({ kind }) => kind !== "circles" && kind !== "fillers") ?? waiting[0];
  if (first) return prepOfSlot(view, first);
  return blankPrep({
    id: newId("prep"),
    athleteId: view.athlete.id,
    session: "warm-up",
    on,
    budget: 15 * 60,
    placeId: view.place?.id ?? null,
    flagged: view.athlete.flagged,
  });
}
