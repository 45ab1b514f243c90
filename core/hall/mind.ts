import { sideDifferences } from "../aim/sides";
import type { Need } from "../aim/priority";
import { blankPrep } from "../prep/blank";
import type { Library } from "../content/library";
import type { PlanRequest } from "../prep/plan";
import { formatFor } from "../prep/format-for";
import { shorterSides, type Shorter } from "../progress/shorter-side";
import type { Athlete } from "../records/athlete";
import type { Hall, Prep } from "../records/records";
import { requestOf } from "../situation/request-of";
import type { Situation } from "../situation/situation";

/** The hall session as far as it decides what anybody may do in it. */
export type HallTerms = Pick<
  Hall,
  "on" | "placeId" | "budget" | "format" | "alreadyWarm" | "dropped" | "items"
>;

/** One of a hall: what the planner would be asked for them alone, what they need, and which sides are really shorter. */
export type Mind = {
  athlete: Pick<Athlete, "id" | "name" | "schools">;
  request: PlanRequest;
  needs: readonly Need[];
  /** Skills of the open aims. */
  skills: readonly string[];
  shorter: readonly Shorter[];
};

/** A prep holds so many seconds at most. */
const longestPrep = 7200;

/** The hall session as a prep of one athlete, without drills. */
export const prepIn = (terms: HallTerms, library: Library, athleteId: string, id: string): Prep =>
  blankPrep({
    id,
    athleteId,
    session: formatFor(library, { format: terms.format, session: "warm-up" }).doses,
    on: terms.on,
    budget: Math.min(longestPrep, terms.budget),
    placeId: terms.placeId,
    format: terms.format,
    alreadyWarm: terms.alreadyWarm,
    dropped: [...terms.dropped],
  });

/** Reads one of a hall from what is known of them. */
export function mindOf(situation: Situation, terms: HallTerms): Mind {
  const { athlete, allGaps, checks, library, day } = situation;
  const request = requestOf(situation, prepIn(terms, library, athlete.id, "hall"));
  return {
    athlete,
    request,
    needs: request.needs,
    skills: request.skills,
    shorter: shorterSides(sideDifferences(allGaps, checks, library, day)),
  };
}
