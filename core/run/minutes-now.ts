import { boxesAnew } from "../prep/clock-fit";
import type { PlanRequest } from "../prep/plan";
import { changes, retimed, type Retimed } from "../prep/retime";
import { prepSeconds, secondsOf } from "../prep/timeline";
import type { PrepItem } from "../records/records";
import { isShut, withShut } from "./shut";
import type { RunState } from "./state";

/** A run at other minutes from now on: what to keep of it, and whether the present drill is cut short for it. */
export type MinutesNow = Retimed & { endsPresent: boolean };

/**
 * "We have so many minutes now": the present drill is finished where it takes no more than half of them, the rest
 * is planned anew. What is done stays; the order stays safe; what pain has shut stays shut.
 * @param minutes from this moment on
 */
export function minutesNow(state: RunState, minutes: number, request: PlanRequest): MinutesNow {
  const { items, steps, at } = state;
  const present = steps[at]?.item ?? items.length;
  const own = steps.filter(
    (step, i) => i >= at && step.item === present && step.kind !== "hand-over",
  );
  const rest = secondsOf(own) - (own.length > 0 ? state.into : 0);
  const endsPresent = rest > (minutes * 60) / 2;
  const done = items.slice(0, present + 1);
  const before = prepSeconds(done, request.library);
  const budget = Math.round(before + minutes * 60 - (endsPresent ? 0 : Math.max(0, rest)));
  const later = items.slice(present + 1);
  if (later.length > 0 && later.every(({ boxed }) => boxed))
    return { ...otherBoxes(items, present + 1, budget, request), endsPresent };
  const terms: PlanRequest = {
    ...request,
    budget,
    body: withShut(request.body, state.shut),
    alreadyWarm: request.alreadyWarm || state.time.work >= 120,
  };
  const again = retimed(
    items.filter((item, i) => i <= present || !isShut(item, state.shut, request.library)),
    done.map(({ id }) => id),
    budget,
    terms,
  );
  return { ...again, endsPresent };
}

/** Boxes by the clock at other minutes: boxes, rounds and breath together land on the second. */
function otherBoxes(
  items: readonly PrepItem[],
  from: number,
  budget: number,
  { library, handOver }: PlanRequest,
): Retimed {
  const done = items.slice(0, from);
  const room = budget - prepSeconds(done, library) - (handOver ?? 0);
  const kept = [...done, ...boxesAnew(items.slice(from), room)];
  return {
    items: kept,
    seconds: prepSeconds(kept, library, handOver),
    note: null,
    ...changes(items, kept, { library }),
  };
}
