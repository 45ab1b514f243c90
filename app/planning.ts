import { blankPrep } from "#core/prep/blank";
import { fillExactly, planPrep, type Plan, type PlanRequest } from "#core/prep/plan";
import { requestFor } from "#core/prep/request";
import type { Prep } from "#core/exchange/records";
import { newId } from "./clock";
import type { AthleteView } from "./view";

/** What the planner needs to know, from what the notebook knows and what the prep says. */
export const requestOf = (view: AthleteView, prep: Prep): PlanRequest =>
  requestFor({
    prep,
    athlete: view.athlete,
    library: view.library,
    needs: view.needs,
    skills: view.aims.filter((aim) => !aim.closedOn).map((aim) => aim.skillId),
    place: view.places.find(({ id }) => id === prep.placeId) ?? null,
    locked: view.locks.map(({ motion }) => motion),
    logs: view.logs,
    days: view.days,
    preps: view.preps,
    coach: view.settings.schools,
  });

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

/** An empty prep for a day, to be planned: fifteen minutes before training, at the athlete's usual place. */
export const newPrep = (view: AthleteView, on: string): Prep =>
  blankPrep({
    id: newId("prep"),
    athleteId: view.athlete.id,
    session: "warm-up",
    on,
    budget: 15 * 60,
    placeId: view.place?.id ?? null,
    flagged: view.athlete.flagged,
  });
