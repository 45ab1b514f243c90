import type { MotionId } from "../body/motions";
import type { Advice, SomeSchools } from "../content/schools";
import { drillOf, type Library } from "../content/library";
import type { Drill } from "../drill/drill";
import { rungOf } from "../drill/drill";
import type { KitItem } from "../drill/kit";
import { standInOf } from "../exposure/stand-ins";
import { ladderOf } from "../prep/doses";
import { eligibility, type Eligible } from "../prep/eligible";
import { itemFrom } from "../prep/item";
import { orderTerms } from "../prep/mend";
import { breaches, clash, mustBeMended } from "../prep/order";
import { itemSeconds } from "../prep/timeline";
import type { StationRound, Seat, HallStation } from "../records/hall";
import type { GroupMember, Place, PrepItem } from "../records/records";
import { handsSeconds } from "../safety/hands-week";
import { planInStep, sharedNeedsOf } from "./in-step";
import type { HallTerms, Mind } from "./mind";
import { quickSeats, type SeatModel, type SeatOption, type Seating } from "./seats";

export type StationTerms = HallTerms & {
  place: Place | null;
  library: Library;
  coach: SomeSchools;
  aside: readonly Advice[];
  /** So many stations at most. */
  stations: number;
  /** Seconds of work at one, and to change. */
  work: number;
  change: number;
};

/** A training at stations: what all do first, the stations, the rounds, and who is where when. */
export type StationPlan = {
  items: PrepItem[];
  members: GroupMember[];
  stations: HallStation[];
  rounds: StationRound[];
  seats: Seat[];
  model: SeatModel;
};

/** What stands before the stations: at least five minutes, a quarter of the time, at most ten. Working figures. */
const startShare = 0.25;
const shortestStart = 300;
const longestStart = 600;

/** How the minutes are shared: the start, and so many rounds of work and change; all of it to the second. */
export function roundsIn({
  budget,
  work,
  change,
  alreadyWarm,
}: Pick<StationTerms, "budget" | "work" | "change" | "alreadyWarm">): {
  start: number;
  rounds: StationRound[];
} {
  const least = alreadyWarm
    ? 0
    : Math.min(longestStart, Math.max(shortestStart, Math.round((budget * startShare) / 30) * 30));
  const count = Math.max(0, Math.floor((budget - least) / (work + change)));
  const left = budget - least - count * (work + change);
  if (!alreadyWarm || count === 0)
    return {
      start: least + left,
      rounds: Array.from({ length: count }, () => ({ work, change })),
    };
  // Already warm there is no start: what is over goes to the rounds, the first ones first.
  return {
    start: 0,
    rounds: Array.from({ length: count }, (_, n) => ({
      work: work + Math.floor(left / count) + (n < left % count ? 1 : 0),
      change,
    })),
  };
}

/** Plans a training at stations: the start in step, the stations that give most to all, and a good seating at once. */
export function planStations(minds: readonly Mind[], terms: StationTerms): StationPlan {
  const { start, rounds } = roundsIn(terms);
  const first =
    start > 0
      ? planInStep(minds, { ...terms, budget: start, format: "" })
      : { items: [], members: [] };
  const stations = stationsFor(minds, terms, first, rounds.length);
  const model = seatModel(minds, stations, rounds.length, terms, first);
  return {
    items: first.items,
    members: first.members,
    stations,
    rounds,
    model,
    seats: seatsOf(model, quickSeats(model)),
  };
}

/** A seating as it is kept. */
export const seatsOf = (model: SeatModel, seating: Seating): Seat[] =>
  seating.flatMap((row, person) =>
    row.flatMap((at, round): Seat[] => {
      const option = at < 0 ? null : model.options[person]![at];
      return option
        ? [
            {
              athleteId: model.people[person]!.id,
              round,
              stationId: model.stations[at]!.id,
              rungId: option.rungId,
              dose: option.dose,
            },
          ]
        : [];
    }),
  );

/** A kept seating as the model has it. */
export const seatingOf = (
  model: {
    people: readonly { id: string }[];
    stations: readonly { id: string }[];
    rounds: number;
  },
  seats: readonly Seat[],
): Seating =>
  model.people.map(({ id }) =>
    Array.from({ length: model.rounds }, (_, round) => {
      const seat = seats.find((one) => one.athleteId === id && one.round === round);
      return seat ? model.stations.findIndex((one) => one.id === seat.stationId) : -1;
    }),
  );

/** What a few minutes of each kind of work leave behind, beside a stretch or strength at the end of the range. Working figures. */
const kindWorth: Record<Drill["kind"], number> = {
  pulse: 0.2,
  "soft-tissue": 0.3,
  circles: 0.3,
  dynamic: 0.6,
  static: 1,
  "contract-relax": 1,
  active: 1,
  strength: 1,
  skill: 0.8,
  breathing: 0.1,
};
/** Work on what is not needed still keeps something: better than standing about. */
const keepsWorth = 0.02;

type Before = { items: readonly PrepItem[]; members: readonly GroupMember[] };

/** Who may do a drill at a station after the start, on which rung and how much; null where they may not. */
function optionFor(
  drill: Drill,
  { athlete, request, needs }: Mind,
  { library, work, place }: StationTerms,
  { items, members }: Before,
): SeatOption | null {
  const found = eligibility(drill, { ...request, dropped: [] });
  if (!("places" in found)) return null;
  const item = boxedIn(found.places[0]!, request, work);
  if (!item) return null;
  const parts = members.find(({ athleteId }) => athleteId === athlete.id)?.parts ?? [];
  const done = items.flatMap((one) => {
    const rungId = parts.find(({ itemId }) => itemId === one.id)?.rungId;
    return rungId ? [{ ...one, rungId }] : [];
  });
  const terms = orderTerms(request);
  if (mustBeMended(breaches([...done, item], library, terms)).length > 0) return null;
  const rung = rungOf(drill, item.rungId);
  const counted = new Set((place?.counts ?? []).map(({ item: kit }) => kit));
  return {
    rungId: rung.id,
    dose: item.dose,
    worth: Math.max(
      keepsWorth,
      kindWorth[drill.kind] *
        Math.sqrt(itemSeconds(item.dose, drill, item.sides) / work) *
        drill.serves.reduce(
          (sum, { motion, share }) =>
            sum + share * (needs.find((need) => need.motion === motion)?.weight ?? 0),
          0,
        ),
    ),
    kit: rung.kit
      .map((wanted) => standInOf(wanted, place?.kit ?? rung.kit, drill, rung) ?? wanted)
      .filter((kit) => counted.has(kit)),
    hands: handsSeconds(drill, rung, item.dose),
  };
}

/** The largest dose of a drill that the work of a round holds, both sides and set-up included; null where none does. */
function boxedIn(place: Eligible, request: Mind["request"], work: number): PrepItem | null {
  const { drill, dose } = place;
  const items = ladderOf(dose, drill, request.format).map((one) => itemFrom(place, one, request));
  return items.findLast((item) => itemSeconds(item.dose, drill, item.sides) <= work) ?? null;
}

/** Work that stands at a station: not what warms up, winds down or leads through the whole skill. */
const isStationWork = (drill: Drill): boolean =>
  drill.phase !== "raise" && drill.phase !== "settle" && drill.kind !== "breathing";

/** The stations that give most to all: one after the other, what adds most, in no order that would be against the rules. */
function stationsFor(
  minds: readonly Mind[],
  terms: StationTerms,
  before: Before,
  rounds: number,
): HallStation[] {
  const { library, place, dropped } = terms;
  const needed = new Set<MotionId>(sharedNeedsOf(minds).map(({ motion }) => motion));
  const candidates = library.drills
    .filter(
      (drill) =>
        isStationWork(drill) &&
        !dropped.includes(drill.id) &&
        drill.serves.some(({ motion }) => needed.has(motion)),
    )
    .map((drill) => ({
      drill,
      options: minds.map((mind) => optionFor(drill, mind, terms, before)),
    }))
    .filter(({ options }) => options.filter(Boolean).length >= Math.max(1, minds.length / 3));
  const served = minds.map(() => new Map<MotionId, number>());
  /** How many of the chosen each can do. */
  const able = minds.map(() => 0);
  const chosen: { drill: Drill; most: number }[] = [];
  const evenly = Math.ceil(minds.length / Math.max(1, terms.stations)) + 1;
  while (chosen.length < terms.stations) {
    const best = candidates
      .filter(
        ({ drill }) =>
          !chosen.some(
            (one) =>
              one.drill === drill ||
              clash(one.drill, drill) !== null ||
              clash(drill, one.drill) !== null,
          ),
      )
      .map((one) => {
        const most = mostAt(one.drill, one.options, place, evenly);
        const doers = one.options.filter(Boolean).length;
        const reach = Math.min(1, (most * Math.max(1, rounds)) / Math.max(1, doers));
        // Who can do little of what is chosen counts more: nobody is left standing about.
        const gain = minds.reduce(
          (sum, mind, n) =>
            one.options[n]
              ? sum + (keepsWorth + gainOf(one.drill, mind, served[n]!)) / (1 + able[n]! / 2)
              : sum,
          0,
        );
        return { ...one, most, gain: gain * reach };
      })
      .sort((a, b) => b.gain - a.gain)[0];
    if (!best || best.gain <= 0 || best.most < 1) break;
    chosen.push({ drill: best.drill, most: best.most });
    best.options.forEach((option, n) => {
      if (!option) return;
      able[n] = able[n]! + 1;
      for (const { motion, share } of best.drill.serves)
        served[n]!.set(motion, (served[n]!.get(motion) ?? 0) + share);
    });
  }
  return chosen.map(({ drill, most }) => ({ id: drill.id, drillId: drill.id, most }));
}

/** What a drill adds for one: a motion that is served already counts half, then a third. */
const gainOf = (drill: Drill, { needs }: Mind, served: ReadonlyMap<MotionId, number>): number =>
  kindWorth[drill.kind] *
  drill.serves.reduce(
    (sum, { motion, share }) =>
      sum +
      (share * (needs.find((need) => need.motion === motion)?.weight ?? 0)) /
        (1 + (served.get(motion) ?? 0)),
    0,
  );

/** So many can be at it at once: what the counted kit allows, and no more than spread over the hall. */
function mostAt(
  drill: Drill,
  options: readonly (SeatOption | null)[],
  place: Place | null,
  evenly: number,
): number {
  const uses = new Map<KitItem, number>();
  for (const option of options)
    for (const kit of option?.kit ?? []) uses.set(kit, (uses.get(kit) ?? 0) + 1);
  const able = Math.max(1, options.filter(Boolean).length);
  const limits = [...uses].map(([kit, count]) => {
    const there = place?.counts?.find(({ item }) => item === kit)?.count ?? Infinity;
    // Where only some take the kit on their rung, the others need none.
    return count === able ? there : Infinity;
  });
  return Math.min(evenly, ...limits);
}

/** The question of who is where when, of stations that are there. @param done rounds that are over, by person */
export function seatModel(
  minds: readonly Mind[],
  stations: readonly HallStation[],
  rounds: number,
  terms: StationTerms & {
    people?: readonly { athleteId: string; from: number; until: number | null }[];
  },
  before: Before,
  done: Seating = [],
): SeatModel {
  const { library, place, people = [] } = terms;
  return {
    people: minds.map(({ athlete, request }) => {
      const there = people.find(({ athleteId }) => athleteId === athlete.id);
      return {
        id: athlete.id,
        from: there?.from ?? 0,
        until: there?.until == null ? rounds : there.until + 1,
        handsLeft: request.body.handsLeft,
      };
    }),
    stations: stations.map(({ id, most }) => ({ id, most })),
    rounds,
    options: minds.map((mind) =>
      stations.map(({ drillId }) => {
        const drill = drillOf(library, drillId);
        return drill ? optionFor(drill, mind, terms, before) : null;
      }),
    ),
    kit: place?.counts ?? [],
    done,
  };
}
