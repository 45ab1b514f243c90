import { groupBy } from "../stats/group-by";
import { mondayOf } from "../dates/days";
import { bySlotTime, slotId } from "./hang";
import { nearness, placeModel, type PlaceModel, type PlaceTerms } from "./place-model";
import { newRevision, writtenRevisions } from "./season-calendar";
import type { Slot } from "../records/training";

/** A choice as it grows: what each limit holds already, and how many sessions each day has. */
class Choice {
  readonly chosen = new Set<number>();
  private readonly sums: number[];
  private readonly rules: { limit: number; weight: number }[][];
  private readonly counts: number[];
  private readonly dayOf: (number | undefined)[];

  constructor(private readonly model: PlaceModel) {
    const { spots, limits, days } = model;
    this.sums = limits.map(() => 0);
    this.rules = spots.map(() => []);
    limits.forEach(({ members, weights }, limit) =>
      members.forEach((i, n) => this.rules[i]!.push({ limit, weight: weights?.[n] ?? 1 })),
    );
    this.counts = days.map(({ there }) => there);
    this.dayOf = spots.map(() => undefined);
    days.forEach(({ members }, d) => members.forEach((i) => (this.dayOf[i] = d)));
  }

  allows = (spot: number): boolean =>
    this.rules[spot]!.every(
      ({ limit, weight }) => this.sums[limit]! + weight <= this.model.limits[limit]!.most,
    );

  put(spot: number, sign: 1 | -1 = 1): void {
    if (sign > 0) this.chosen.add(spot);
    else this.chosen.delete(spot);
    for (const { limit, weight } of this.rules[spot]!) this.sums[limit]! += sign * weight;
    const day = this.dayOf[spot];
    if (day !== undefined) this.counts[day]! += sign;
  }

  /** What a spot adds: its worth, less what being near to others costs. */
  gain(spot: number): number {
    const day = this.dayOf[spot];
    const { worth } = this.model.spots[spot]!;
    if (day === undefined) return worth;
    return nearness.reduce(
      (sum, cost, n) =>
        sum - cost * ((this.counts[day - n - 1] ?? 0) + (this.counts[day + n + 1] ?? 0)),
      worth,
    );
  }
}

/**
 * A good choice at once: the spot that adds most, again and again; then each one is taken out in turn and better
 * ones are put in its place. It keeps every limit. Deterministic.
 */
export function quickPlaces(model: PlaceModel): Set<number> {
  const choice = new Choice(model);
  const { chosen } = choice;
  const weeks = [
    ...groupBy(
      model.spots.map((_, i) => i),
      (i) => model.spots[i]!.week,
    ).values(),
  ];
  /** Puts in what adds most until nothing adds any more, and says how much that was. */
  const fill = (members: readonly number[], without = -1): number => {
    let sum = 0;
    for (;;) {
      let [best, most] = [-1, 1e-9];
      for (const i of members) {
        if (i === without || chosen.has(i)) continue;
        const gain = choice.gain(i);
        if (gain > most && choice.allows(i)) [best, most] = [i, gain];
      }
      if (best < 0) return sum;
      choice.put(best);
      sum += most;
    }
  };
  for (const members of weeks) fill(members);
  for (const members of weeks)
    for (const i of members) {
      if (!chosen.has(i)) continue;
      const kept = new Set(members.filter((one) => chosen.has(one)));
      choice.put(i, -1);
      const lost = choice.gain(i);
      const won = fill(members, i) + fill(members);
      if (won > lost + 1e-9) continue;
      for (const one of members) if (chosen.has(one) && !kept.has(one)) choice.put(one, -1);
      for (const one of kept) if (!chosen.has(one)) choice.put(one);
    }
  return chosen;
}

/** The slots that a choice makes, with what stands: named by week, kind and number, so that the same session keeps its name. */
export function placed(model: PlaceModel, chosen: ReadonlySet<number>, terms: PlaceTerms): Slot[] {
  const { season } = terms;
  const before = new Map(season.slots.map((slot) => [slot.id, slot]));
  const revisions = writtenRevisions(season);
  const taken = new Set(model.standing.map(({ id }) => id));
  const fresh = [
    ...model.hung,
    ...[...chosen].sort((a, b) => a - b).map((i) => model.spots[i]!),
  ].sort(bySlotTime);
  const slots = fresh.map((hung): Slot => {
    const { kind, on, starts, minutes, placeId } = hung;
    let number = 1;
    const name = (n: number) => slotId(season.athleteId, mondayOf(on), kind, n);
    while (taken.has(name(number))) number += 1;
    const id = name(number);
    taken.add(id);
    const was = before.get(id);
    const next = {
      id,
      kind,
      on,
      starts,
      minutes,
      placeId,
      focus: hung.focus ?? null,
      aimId: hung.aimId ?? null,
      pinned: false,
      movedFrom: null,
    };
    const same =
      was &&
      was.on === on &&
      was.starts === starts &&
      was.minutes === minutes &&
      was.placeId === placeId &&
      was.focus === next.focus;
    return { ...next, revision: was ? was.revision + (same ? 0 : 1) : newRevision(revisions, id) };
  });
  return [...model.standing, ...slots].sort(bySlotTime);
}

/** The season with its sessions placed anew from today on, at once. */
export function quicklyPlaced(terms: PlaceTerms): Slot[] {
  const model = placeModel(terms);
  return placed(model, quickPlaces(model), terms);
}
