import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { tolerance, uniquely } from "./whole";
import { fillExactly } from "./fill";
import { planPrep, type Plan, type PlanRequest } from "./plan";
import { itemSeconds, prepSeconds } from "./timeline";
import { raises } from "./warmth";

/** What new minutes would do to a prep: shown before it is accepted. */
export type Retimed = {
  items: PrepItem[];
  seconds: number;
  goes: { drillId: string; seconds: number }[];
  comes: { drillId: string; seconds: number }[];
  /** What stays, with its length before and after. */
  stays: { drillId: string; was: number; now: number }[];
  note: Plan["note"];
};

/**
 * A prep at another length. Done items stay as they are and first; locked ones stay; the temperature raise, the
 * wrists before weight and the order stay; then what the needs ask most. A prep that shrinks keeps to its own
 * drills; one that grows keeps them all and takes on more.
 * @param done identifiers of the items that are done already
 */
export function retimed(
  items: readonly PrepItem[],
  done: readonly string[],
  budget: number,
  request: PlanRequest,
): Retimed {
  const { library } = request;
  const before = items.filter(({ id }) => done.includes(id));
  const rest = items.filter(({ id }) => !done.includes(id));
  const spent = prepSeconds(before, library);
  const terms: PlanRequest = {
    ...request,
    before,
    alreadyWarm: request.alreadyWarm || before.some(({ phase }) => phase === "raise"),
    budget: budget - spent - (before.length > 0 ? 10 : 0),
    kept: rest.filter(({ pinned: locked }) => locked),
  };
  const room = budget >= prepSeconds(items, library, request.handOver);
  // The raise is made anew: what comes in may ask for a longer one.
  const stays = rest.filter((item) => item.pinned || raises(item, library) === 0);
  const grown = room ? planPrep({ ...terms, kept: stays }) : null;
  const plan = grown && grown.seconds <= terms.budget ? grown : shrunk(items, grown, terms);
  const renewed = uniquely(
    fillExactly([...before.map((item) => ({ ...item, pinned: true })), ...plan.items], {
      budget,
      library,
      handOver: request.handOver,
    }),
  ).map((item) => before.find(({ id }) => id === item.id) ?? item);
  return {
    items: renewed,
    seconds: prepSeconds(renewed, library, request.handOver),
    note: plan.note,
    ...changes(items, renewed, request),
  };
}

/**
 * A plan of a prep's own drills, and of those that safety puts in with them (a raise that was dropped comes in
 * again, and may leave no room for everything); of any where the own ones leave minutes free.
 */
function shrunk(items: readonly PrepItem[], grown: Plan | null, terms: PlanRequest): Plan {
  const own = [...items, ...(grown?.items ?? [])].map(({ drillId }) => drillId);
  const narrow = planPrep({ ...terms, only: own });
  return terms.budget - narrow.seconds > tolerance ? planPrep(terms) : narrow;
}

/** What goes, comes and stays between two lists. */
export function changes(
  was: readonly PrepItem[],
  now: readonly PrepItem[],
  { library }: Pick<PlanRequest, "library">,
): Pick<Retimed, "goes" | "comes" | "stays"> {
  const length = (item: PrepItem): number => {
    const drill = drillOf(library, item.drillId);
    return drill ? itemSeconds(item.dose, drill, item.sides, item.extra) : 0;
  };
  const in_ = (list: readonly PrepItem[], { id }: PrepItem) => list.find((item) => item.id === id);
  return {
    goes: was
      .filter((item) => !in_(now, item))
      .map((item) => ({ drillId: item.drillId, seconds: length(item) })),
    comes: now
      .filter((item) => !in_(was, item))
      .map((item) => ({ drillId: item.drillId, seconds: length(item) })),
    stays: now.flatMap((item) => {
      const old = in_(was, item);
      return old ? [{ drillId: item.drillId, was: length(old), now: length(item) }] : [];
    }),
  };
}
