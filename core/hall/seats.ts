import type { Dose } from "../drill/dose";
import type { KitItem } from "../drill/kit";

/** What one athlete would do at one station, what it is worth to them, and what it takes. */
export type SeatOption = {
  rungId: string;
  dose: Dose;
  worth: number;
  /** What of the counted kit it takes. */
  kit: readonly KitItem[];
  /** Seconds of weight on the hands, as far as they are counted. */
  hands: number;
};

/** Who can be where in which round, and what it is worth. */
export type SeatModel = {
  people: readonly {
    id: string;
    /** The first round they are there for, and the first they are gone. */
    from: number;
    until: number;
    /** Seconds on the hands that this week still has; null where nothing limits it. */
    handsLeft: number | null;
  }[];
  /** So many can be at each at once. */
  stations: readonly { id: string; most: number }[];
  rounds: number;
  /** By person, then station: null where the gate keeps them from it. */
  options: readonly (readonly (SeatOption | null)[])[];
  kit: readonly { item: KitItem; count: number }[];
  /** Rounds that are over stay as they were. */
  done: readonly (readonly number[])[];
};

/** The station of each person in each round; −1 where they are at none. */
export type Seating = number[][];

/** What the first, second and third time at the same station are worth, as shares; there is no fourth. Working figures. */
export const timesWorth: readonly number[] = [1, 0.5, 0.2];
/** So many rounds at one station in a row at most. Working figure. */
export const mostInRow = 2;
/** A change of station costs this share of what a station is worth on the mean: it is made only for something. */
export const changeShare = 0.05;

/** What a change of station costs, in the units of worth. */
export function changeCost({ options }: Pick<SeatModel, "options">): number {
  const worths = options.flat().flatMap((one) => (one ? [one.worth] : []));
  return worths.length === 0
    ? 0
    : (changeShare * worths.reduce((sum, one) => sum + one, 0)) / worths.length;
}

/** How often somebody comes to a station after the first round, from another or from none. */
export const changesOf = (seating: Seating): number =>
  seating.reduce(
    (sum, row) => sum + row.filter((at, t) => t > 0 && at >= 0 && row[t - 1] !== at).length,
    0,
  );

/** What so many times at a station are worth of one. */
const worthOfTimes = (count: number): number =>
  timesWorth.slice(0, count).reduce((sum, one) => sum + one, 0);

/** What a seating is worth: every first time in full, a second by half, a third by a quarter, less its changes. */
export function seatingValue(model: SeatModel, seating: Seating): number {
  const worth = seating.reduce((sum, row, person) => {
    const times = new Map<number, number>();
    for (const at of row) if (at >= 0) times.set(at, (times.get(at) ?? 0) + 1);
    return (
      sum +
      [...times].reduce(
        (own, [at, count]) => own + model.options[person]![at]!.worth * worthOfTimes(count),
        0,
      )
    );
  }, 0);
  return worth - changeCost(model) * changesOf(seating);
}

/** What a seating breaks: nothing does, whoever made it. */
export type SeatBreach =
  | { breaks: "gate" | "absent" | "times" | "row" | "hands"; person: number; round: number }
  | { breaks: "full" | "kit"; station: number; round: number };

/** For how many rounds in a row, up to this one, somebody is at the same station. */
function inRow(row: readonly number[], round: number): number {
  let from = round;
  while (from > 0 && row[from - 1] === row[round]) from -= 1;
  return round - from + 1;
}

/** The longest stay at one station that a round is part of. */
function stayAt(row: readonly number[], round: number): number {
  let to = round;
  while (to + 1 < row.length && row[to + 1] === row[round]) to += 1;
  return inRow(row, to);
}

/** Every rule that a seating breaks; none when it can be done. */
export function seatBreaches(model: SeatModel, seating: Seating): SeatBreach[] {
  const found: SeatBreach[] = [];
  const { people, stations, rounds, options, kit } = model;
  seating.forEach((row, person) => {
    const { from, until, handsLeft } = people[person]!;
    const times = new Map<number, number>();
    let hands = 0;
    row.forEach((at, round) => {
      if (at < 0) return;
      const option = options[person]![at];
      if (!option) found.push({ breaks: "gate", person, round });
      if (round < from || round >= until) found.push({ breaks: "absent", person, round });
      times.set(at, (times.get(at) ?? 0) + 1);
      if (times.get(at)! > timesWorth.length) found.push({ breaks: "times", person, round });
      if (inRow(row, round) > mostInRow) found.push({ breaks: "row", person, round });
      hands += option?.hands ?? 0;
      if (handsLeft !== null && hands > handsLeft && (option?.hands ?? 0) > 0)
        found.push({ breaks: "hands", person, round });
    });
  });
  for (let round = 0; round < rounds; round += 1) {
    const here = stations.map((_, at) =>
      seating.flatMap((row, person) => (row[round] === at ? [person] : [])),
    );
    here.forEach((who, station) => {
      if (who.length > stations[station]!.most) found.push({ breaks: "full", station, round });
    });
    for (const { item, count } of kit) {
      const used = here.flatMap((who, at) =>
        who.filter((person) => options[person]![at]?.kit.includes(item)),
      ).length;
      if (used > count) found.push({ breaks: "kit", station: -1, round });
    }
  }
  return found;
}

/**
 * A good seating at once. Round by round, whoever gains most from a free place takes it; then single places are changed as
 * long as that is worth more. It keeps every rule. Deterministic.
 */
export function quickSeats(model: SeatModel): Seating {
  const { people, stations, rounds, options, done } = model;
  const seating: Seating = people.map((_, person) =>
    Array.from({ length: rounds }, (__, round) => done[person]?.[round] ?? -1),
  );
  const start = done[0]?.length ?? 0;
  const allows = (person: number, round: number, at: number): boolean => {
    const before = seating[person]![round]!;
    seating[person]![round] = at;
    const broken = breaksAt(model, seating, person, round);
    seating[person]![round] = before;
    return !broken;
  };
  const gain = (person: number, round: number, at: number): number => {
    const row = seating[person]!;
    const times = row.filter((one, t) => one === at && t !== round).length;
    const worth = options[person]![at]!.worth * (timesWorth[times] ?? -Infinity);
    const cost = changeCostAt(model, row, round, at);
    return worth - cost;
  };
  for (let round = start; round < rounds; round += 1) {
    const wishes = people.flatMap(({ from, until }, person) =>
      round < from || round >= until
        ? []
        : stations.flatMap((_, at) =>
            options[person]![at] ? [{ person, at, worth: gain(person, round, at) }] : [],
          ),
    );
    // Whoever has the fewest choices goes first among equals, so that nobody is left standing.
    const choices = new Map(
      people.map((_, person) => [person, options[person]!.filter(Boolean).length]),
    );
    wishes.sort((a, b) => choices.get(a.person)! - choices.get(b.person)! || b.worth - a.worth);
    for (const { person, at, worth } of wishes)
      if (seating[person]![round] === -1 && worth > 0 && allows(person, round, at))
        seating[person]![round] = at;
  }
  improve(model, seating, start, allows);
  return seating;
}

/** Places are changed one at a time while that is worth more, over all of them at most three times. */
function improve(
  model: SeatModel,
  seating: Seating,
  start: number,
  allows: (person: number, round: number, at: number) => boolean,
): void {
  const rowValue = (person: number): number =>
    seatingValue({ ...model, options: [model.options[person]!] }, [seating[person]!]);
  for (let turn = 0; turn < 3; turn += 1) {
    let better = false;
    seating.forEach((row, person) => {
      for (let round = start; round < model.rounds; round += 1) {
        const { from, until } = model.people[person]!;
        if (round < from || round >= until) continue;
        for (let at = 0; at < model.stations.length; at += 1) {
          if (!model.options[person]![at] || row[round] === at) continue;
          const [was, value] = [row[round]!, rowValue(person)];
          if (!allows(person, round, at)) continue;
          row[round] = at;
          if (rowValue(person) > value + 1e-9) better = true;
          else row[round] = was;
        }
      }
    });
    if (!better) return;
  }
}

const changeCostAt = (
  model: SeatModel,
  row: readonly number[],
  round: number,
  at: number,
): number => (round > 0 && row[round - 1] !== at ? changeCost(model) : 0);

/** Whether what one person does in one round breaks a rule. */
function breaksAt(model: SeatModel, seating: Seating, person: number, round: number): boolean {
  const { people, stations, options, kit } = model;
  const row = seating[person]!;
  const at = row[round]!;
  const option = options[person]![at];
  if (!option) return true;
  if (row.filter((one) => one === at).length > timesWorth.length) return true;
  if (stayAt(row, round) > mostInRow) return true;
  const here = seating.filter((other) => other[round] === at).length;
  if (here > stations[at]!.most) return true;
  const { handsLeft } = people[person]!;
  const hands = row.reduce(
    (sum, one) => sum + (one >= 0 ? (options[person]![one]?.hands ?? 0) : 0),
    0,
  );
  if (handsLeft !== null && option.hands > 0 && hands > handsLeft) return true;
  return option.kit.some((item) => {
    const count = kit.find((one) => one.item === item)?.count ?? Infinity;
    const used = seating.filter((other, who) => {
      const station = other[round]!;
      return station >= 0 && options[who]![station]?.kit.includes(item);
    }).length;
    return used > count;
  });
}
