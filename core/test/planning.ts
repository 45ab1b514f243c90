import { gapOf } from "../aim/gap";
import { needsOf, type Need } from "../aim/priority";
import { formatOf, skillOf } from "../content/library";
import type { Place } from "../records/records";
import type { KitItem } from "../drill/kit";
import type { PlanRequest } from "../prep/plan";
import { library } from "../../library/index";
import { wellToday } from "./bodies";
import { aim, athlete } from "./people";

/** The needs of a skill for an athlete of whom nothing is measured. */
export const needsFor = (skillId: string): Need[] => {
  const skill = skillOf(library, skillId)!;
  return needsOf(
    gapOf({
      athlete: athlete(),
      aim: aim({ skillId, side: skill.sided ? "left" : "mid" }),
      skill,
      checks: [],
      library,
    }),
    40,
  );
};

export const placeWith = (kit: KitItem[], over: Partial<Place> = {}): Place => ({
  kind: "place",
  id: "here",
  name: "Here",
  kit,
  bands: [],
  weights: [],
  space: "room",
  silent: false,
  noFloor: false,
  note: "",
  ...over,
});

/** What a planner is asked, for a skill and a format; anything may be overridden. */
export function asked(
  skillId: string,
  formatId: string,
  over: Partial<PlanRequest> = {},
): PlanRequest {
  const format = formatOf(library, formatId)!;
  return {
    format,
    budget: format.minutes * 60,
    handOver: format.handOver,
    alreadyWarm: false,
    library,
    kept: [],
    needs: needsFor(skillId),
    skills: [skillId],
    place: null,
    body: wellToday,
    dropped: [],
    nextSteps: new Map(),
    ...over,
  };
}
