import { fillExactly, planPrep, type Plan, type PlanRequest } from "#core/prep/plan";
import type { Prep } from "#core/exchange/records";
import { nextSteps } from "#core/progress/next-step";
import { newId } from "./clock";
import type { AthleteView } from "./view";

/** What the planner needs to know, from what the notebook knows and what the prep says. */
export function requestOf(view: AthleteView, prep: Prep): PlanRequest {
  return {
    session: prep.session,
    budget: prep.budget,
    alreadyWarm: prep.alreadyWarm,
    library: view.library,
    kept: prep.items.filter((item) => item.locked),
    needs: view.needs,
    skills: view.aims.filter((aim) => !aim.closedOn).map((aim) => aim.skillId),
    place: view.places.find(({ id }) => id === prep.placeId) ?? null,
    locked: view.locks.map(({ motion }) => motion),
    cautions: view.cautions,
    dropped: prep.dropped,
    nextSteps: nextSteps(view.library.drills, view.logs),
  };
}

/** The prep with its items planned anew; what is locked stays. */
export function planned(view: AthleteView, prep: Prep): { prep: Prep; plan: Plan } {
  const plan = planPrep(requestOf(view, prep));
  return { prep: { ...prep, items: plan.items }, plan };
}

/** The prep after a reorder or a change of place in the list: the raise and the wind-down take up the seconds. */
export const refitted = (view: AthleteView, prep: Prep): Prep => ({
  ...prep,
  items: fillExactly(prep.items, { budget: prep.budget, library: view.library }),
});

/** An empty prep for a day, to be planned: fifteen minutes before training, at the athlete's usual place. */
export const blankPrep = (view: AthleteView, on: string): Prep => ({
  kind: "prep",
  id: newId("prep"),
  athleteId: view.athlete.id,
  session: "warm-up",
  on,
  budget: 15 * 60,
  placeId: view.place?.id ?? null,
  alreadyWarm: false,
  items: [],
  dropped: [],
});
