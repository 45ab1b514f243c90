import { emptyProgramme, programmeText, type Term } from "../stats/programme";
import { changeCost, mostInRow, timesWorth, type Seating, type SeatModel } from "./seats";

/**
 * Who is where when, as a mixed-integer programme. x is a person at a station in a round (0 or 1), z a first, second or
 * third time at one station, m a change between two rounds. Maximises Σ worth × the shares of the times − changes.
 * Null where there is nothing to choose.
 */
export function seatsProgramme(model: SeatModel): string | null {
  const { people, stations, rounds, options, kit, done } = model;
  const programme = emptyProgramme();
  const { goal, rules, bounds, binaries } = programme;
  const start = done[0]?.length ?? 0;
  const cost = changeCost(model);
  const open = (p: number, s: number, t: number): boolean => {
    const { from, until } = people[p]!;
    return t >= start && t >= from && t < until && options[p]![s] !== null;
  };
  const x = (p: number, s: number, t: number): string => `x${p}_${s}_${t}`;
  const each = <T>(count: number, of: (n: number) => T[]): T[] =>
    Array.from({ length: count }, (_, n) => of(n)).flat();
  const [P, S] = [people.length, stations.length];
  each(P, (p) =>
    each(S, (s) =>
      each(rounds, (t) => {
        if (open(p, s, t)) binaries.push(x(p, s, t));
        return [];
      }),
    ),
  );
  each(P, (p) => {
    for (let t = start; t < rounds; t += 1) {
      const here = each(S, (s): Term[] => (open(p, s, t) ? [[1, x(p, s, t)]] : []));
      if (here.length > 1) rules.push({ terms: here, most: 1 });
    }
    const { handsLeft } = people[p]!;
    const hands: Term[] = [];
    let spent = 0;
    each(S, (s) => {
      const option = options[p]![s];
      if (!option) return [];
      const times = each(rounds, (t): Term[] => (open(p, s, t) ? [[1, x(p, s, t)]] : []));
      const before = (done[p] ?? []).filter((at) => at === s).length;
      spent += before * option.hands;
      if (option.hands > 0) hands.push(...times.map(([, name]): Term => [option.hands, name]));
      if (times.length === 0) return [];
      const counts = timesWorth.map((share, n): Term => {
        const name = `z${n}_${p}_${s}`;
        goal.push([option.worth * share, name]);
        bounds.push({ name, most: n < before ? 0 : 1 });
        return [1, name];
      });
      rules.push({
        terms: [...counts, ...times.map(([, name]): Term => [-1, name])],
        most: 0,
      });
      rules.push({ terms: times, most: Math.max(0, timesWorth.length - before) });
      for (let t = start; t < rounds; t += 1) {
        const stay = Array.from({ length: mostInRow + 1 }, (_, n) => t - n);
        const was = stay.filter((one) => done[p]?.[one] === s).length;
        const now = stay.flatMap((one): Term[] => (open(p, s, one) ? [[1, x(p, s, one)]] : []));
        if (was + now.length > mostInRow) rules.push({ terms: now, most: mostInRow - was });
      }
      return [];
    });
    if (handsLeft !== null && hands.length > 0)
      rules.push({ terms: hands, most: Math.max(0, handsLeft - spent) });
    for (let t = Math.max(1, start); t < rounds; t += 1) changeRules(p, t);
    return [];
  });
  for (let t = start; t < rounds; t += 1) {
    each(S, (s) => {
      const here = each(P, (p): Term[] => (open(p, s, t) ? [[1, x(p, s, t)]] : []));
      if (here.length > stations[s]!.most) rules.push({ terms: here, most: stations[s]!.most });
      return [];
    });
    for (const { item, count } of kit) {
      const using = each(P, (p) =>
        each(S, (s): Term[] =>
          open(p, s, t) && options[p]![s]!.kit.includes(item) ? [[1, x(p, s, t)]] : [],
        ),
      );
      if (using.length > count) rules.push({ terms: using, most: count });
    }
  }
  return binaries.length > 0 ? programmeText(programme) : null;

  /** m is at least one where somebody is at a station and was not there before: x(s, t) − x(s, t − 1). */
  function changeRules(p: number, t: number): void {
    if (cost === 0) return;
    const name = `m${p}_${t}`;
    const rulesBefore = rules.length;
    each(S, (s) => {
      if (!open(p, s, t) || done[p]?.[t - 1] === s) return [];
      const before: Term[] = open(p, s, t - 1) ? [[-1, x(p, s, t - 1)]] : [];
      rules.push({ terms: [[1, x(p, s, t)], ...before, [-1, name]], most: 0 });
      return [];
    });
    if (rules.length === rulesBefore) return;
    goal.push([-cost, name]);
    bounds.push({ name, most: 1 });
  }
}

/** The seating that a solver's columns choose; rounds that are over as they were. */
export function seatingFrom(model: SeatModel, columns: Readonly<Record<string, number>>): Seating {
  const start = model.done[0]?.length ?? 0;
  return model.people.map((_, p) =>
    Array.from({ length: model.rounds }, (__, t) =>
      t < start
        ? (model.done[p]?.[t] ?? -1)
        : model.stations.findIndex((___, s) => (columns[`x${p}_${s}_${t}`] ?? 0) > 0.5),
    ),
  );
}
