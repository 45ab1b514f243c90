import { benefit } from "./benefit";
import type { ModelChoice, Model } from "./model";

/**
 * A good choice at once. Adds, a step at a time, the drill or the dose that gives most for its seconds, then
 * takes each chosen drill out, and each other one in, and fills the room anew, keeping what is better. Deterministic.
 * @param rounds how often the whole choice is gone over again; 0 for the first answer only
 */
export function quickChoice(model: Model, rounds = 2): ModelChoice {
  const starts = rounds === 0 || model.options.length > many ? leanings.slice(0, 1) : leanings;
  const found = starts.map((leaning) => {
    const state = new Filling(model, leaning);
    state.fill();
    for (let round = 0; round < rounds && improved(state); round += 1);
    return { choice: state.choice, value: state.value() };
  });
  return found.reduce((best, one) => (one.value > best.value + 1e-9 ? one : best)).choice;
}

/**
 * What a step is measured by: its value over its seconds to this power. 1 takes what gives most for a second,
 * less takes larger pieces first; the search begins once with each and keeps the better end.
 */
const leanings = [1, 0.6] as const;
/** With more options than this one beginning has to do. */
const many = 90;

/** Goes over the whole choice once; whether anything became better. */
function improved(state: Filling): boolean {
  const before = state.value();
  for (let i = 0; i < state.choice.length && state.tried < mostTries; i += 1) {
    const kept = [...state.choice];
    const was = state.value();
    if (state.choice[i]! > 0) state.without(i);
    else if (!state.with(i)) state.restore(kept);
    if (state.value() <= was + 1e-9 || !state.legal()) state.restore(kept);
  }
  return state.value() > before + 1e-9;
}

/** The search ends after so many steps were weighed: some tens of milliseconds, counted so that the answer is always the same. */
const mostTries = 5_000;

/** Of those that may help an option so many are looked at, the quickest first. */
const mostHelpers = 6;
const lightestOf = (model: Model, i: number): number => model.options[i]!.levels[0]!.seconds;

/** A choice under way, with its seconds and the cells' seconds kept up to date. */
class Filling {
  choice: ModelChoice;
  /** An option that may not be taken for now. */
  shut = -1;
  /** Steps weighed so far. */
  tried = 0;
  private cells: number[];
  private groups: number[];
  private used = 0;
  private cost = 0;
  private readonly coversOf: number[][];
  private readonly coverCount: number[];
  private readonly clashesOf: number[][];
  private readonly helpersOf: Map<number, number[][]>;
  private readonly capsOf: number[][];
  private readonly capUsed: number[];
  private readonly countsOf: number[][];
  private readonly counted: number[];

  constructor(
    private readonly model: Model,
    private readonly leaning: number,
  ) {
    this.choice = model.options.map(() => 0);
    this.cells = model.cells.map(({ already }) => already);
    this.groups = model.groups.map(() => 0);
    this.coversOf = model.options.map(() => []);
    model.covers.forEach(({ by }, cover) => by.forEach((i) => this.coversOf[i]!.push(cover)));
    this.coverCount = model.covers.map(() => 0);
    this.clashesOf = model.options.map(() => []);
    for (const [i, j] of model.clashes) {
      this.clashesOf[i]!.push(j);
      this.clashesOf[j]!.push(i);
    }
    this.helpersOf = new Map();
    for (const { option, anyOf } of model.needsOne)
      this.helpersOf.set(option, [
        ...(this.helpersOf.get(option) ?? []),
        [...anyOf].sort((a, b) => lightestOf(model, a) - lightestOf(model, b)),
      ]);
    this.capsOf = model.options.map(() => []);
    model.atMost.forEach(({ members }, cap) => members.forEach((i) => this.capsOf[i]!.push(cap)));
    this.capUsed = model.atMost.map(() => 0);
    this.countsOf = model.options.map(() => []);
    model.counts.forEach(({ members }, one) => members.forEach((i) => this.countsOf[i]!.push(one)));
    this.counted = model.counts.map(() => 0);
  }

  set(i: number, level: number): void {
    const option = this.model.options[i]!;
    const before = this.choice[i]!;
    if (before === level) return;
    const was = before > 0 ? option.levels[before - 1]! : null;
    const now = level > 0 ? option.levels[level - 1]! : null;
    for (const feed of was?.feeds ?? []) this.cells[feed.cell]! -= feed.seconds;
    for (const feed of now?.feeds ?? []) this.cells[feed.cell]! += feed.seconds;
    const change = (now?.seconds ?? 0) - (was?.seconds ?? 0);
    this.used += change;
    for (const cap of this.capsOf[i]!) this.capUsed[cap]! += change;
    if (before > 0 !== level > 0) {
      const sign = level > 0 ? 1 : -1;
      this.cost += sign * option.cost;
      for (const cover of this.coversOf[i]!) this.coverCount[cover]! += sign;
      for (const one of this.countsOf[i]!) this.counted[one]! += sign;
      if (option.group !== null) {
        this.groups[option.group]! += sign;
        if (this.groups[option.group] === (level > 0 ? 1 : 0)) {
          this.used += sign * this.model.groups[option.group]!.seconds;
          this.cost += sign * this.model.groups[option.group]!.cost;
        }
      }
    }
    this.choice[i] = level;
  }

  restore(choice: ModelChoice): void {
    choice.forEach((level, i) => this.set(i, level));
  }

  value(): number {
    let sum = -this.cost;
    this.model.cells.forEach(({ weight, already }, cell) => {
      sum += weight * (benefit(this.cells[cell]!) - benefit(already));
    });
    this.model.covers.forEach(({ bonus, upTo }, cover) => {
      sum += bonus * Math.min(upTo, this.coverCount[cover]!);
    });
    return sum;
  }

  /** Whether everything chosen has the helper it needs. */
  legal(): boolean {
    return this.model.needsOne.every(
      ({ option, anyOf }) => this.choice[option] === 0 || anyOf.some((i) => this.choice[i]! > 0),
    );
  }

  /** Takes an option out and fills the room with others; it may come back where nothing else does. */
  without(i: number): void {
    this.shut = i;
    this.set(i, 0);
    this.fill();
    this.shut = -1;
    this.fill();
  }

  /** Puts an option in at its lightest, with its helper, in the place of what gives least; false when it cannot be. */
  with(i: number): boolean {
    for (const j of this.clashesOf[i]!) this.set(j, 0);
    for (const one of this.countsOf[i]!) this.makeRoom(this.model.counts[one]!);
    const step = this.stepFor(i);
    if (!step) return false;
    while (this.rateOf(step) === -Infinity) {
      const least = this.leastOf(step);
      if (least === null) return false;
      this.set(least, this.choice[least]! - 1);
    }
    for (const [option, level] of step) this.set(option, level);
    this.fill();
    return true;
  }

  /** Takes the drill that gives least out of a part that is full. */
  private makeRoom({ members, most }: Model["counts"][number]): void {
    const there = members.filter((j) => this.choice[j]! > 0);
    if (there.length < most) return;
    const least = there.reduce((a, b) => (this.lastRate(b) < this.lastRate(a) ? b : a));
    this.set(least, 0);
  }

  /** The chosen option whose last step gives least for its seconds; those of a step are spared. */
  private leastOf(step: readonly [number, number][]): number | null {
    let least: number | null = null;
    let leastRate = Infinity;
    for (let i = 0; i < this.choice.length; i += 1) {
      if (this.choice[i] === 0 || step.some(([option]) => option === i)) continue;
      const rate = this.lastRate(i);
      if (rate < leastRate) [least, leastRate] = [i, rate];
    }
    return least;
  }

  /** Value for a second that the last step of a chosen option gives. */
  private lastRate(i: number): number {
    this.tried += 1;
    const option = this.model.options[i]!;
    const level = this.choice[i]!;
    const now = option.levels[level - 1]!;
    const was = level > 1 ? option.levels[level - 2]! : null;
    let value = was ? 0 : -option.cost;
    if (!was)
      for (const cover of this.coversOf[i]!)
        if (this.coverCount[cover]! <= this.model.covers[cover]!.upTo)
          value += this.model.covers[cover]!.bonus;
    now.feeds.forEach((feed, n) => {
      const less = feed.seconds - (was?.feeds[n]?.seconds ?? 0);
      const at = this.cells[feed.cell]!;
      value += this.model.cells[feed.cell]!.weight * (benefit(at) - benefit(at - less));
    });
    return value / Math.max(1, now.seconds - (was?.seconds ?? 0));
  }

  fill(): void {
    for (;;) {
      const step = this.bestStep();
      if (!step) return;
      for (const [i, level] of step) this.set(i, level);
    }
  }

  private bestStep(): [number, number][] | null {
    let best: [number, number][] | null = null;
    let bestRate = 1e-9;
    for (let i = 0; i < this.model.options.length; i += 1) {
      const step = this.stepFor(i);
      if (!step) continue;
      const rate = this.rateOf(step);
      if (rate > bestRate) [best, bestRate] = [step, rate];
    }
    return best;
  }

  /** The next level of an option, with the helpers it needs; null when it may not be taken. */
  private stepFor(
    i: number,
    depth = 0,
    pending: readonly number[] = [],
  ): [number, number][] | null {
    this.tried += 1;
    if (i === this.shut || depth > 2) return null;
    const option = this.model.options[i]!;
    const level = this.choice[i]! + 1;
    if (level > option.levels.length) return null;
    if (level > 1) return [[i, level]];
    if (!this.free(i)) return null;
    const step: [number, number][] = [[i, 1]];
    for (const anyOf of this.helpersOf.get(i) ?? []) {
      if (
        anyOf.some((j) => this.choice[j]! > 0 || pending.includes(j) || step.some(([k]) => k === j))
      )
        continue;
      const help = this.cheapest(anyOf, depth + 1, [...pending, i]);
      if (!help) return null;
      step.push(...help.filter(([j]) => !step.some(([k]) => k === j)));
    }
    // What comes in together must go together.
    if (step.length > 1 && step.some(([j]) => step.some(([k]) => this.clashesOf[j]!.includes(k))))
      return null;
    return step;
  }

  private free = (i: number): boolean =>
    this.clashesOf[i]!.every((j) => this.choice[j] === 0) &&
    this.countsOf[i]!.every((one) => this.counted[one]! < this.model.counts[one]!.most);

  /** Of some helpers the one that gives most for its seconds, with what it needs itself. */
  private cheapest(
    anyOf: readonly number[],
    depth: number,
    pending: readonly number[],
  ): [number, number][] | null {
    let best: [number, number][] | null = null;
    let bestRate = -Infinity;
    let looked = 0;
    for (const j of anyOf) {
      if (!this.free(j)) continue;
      if ((looked += 1) > mostHelpers) break;
      const step = this.stepFor(j, depth, pending);
      const rate = step ? this.rateOf(step) : -Infinity;
      if (rate > bestRate) [best, bestRate] = [step, rate];
    }
    return best;
  }

  /** Value for the seconds of a step, as the search leans; −∞ where it does not fit. */
  private rateOf(step: readonly [number, number][]): number {
    let seconds = 0;
    let value = 0;
    this.tried += 1;
    // An option and its helper may share a cap: it counts for both.
    const caps = step.length > 1 ? new Map<number, number>() : null;
    for (const [i, level] of step) {
      const option = this.model.options[i]!;
      const was = level > 1 ? option.levels[level - 2]! : null;
      const now = option.levels[level - 1]!;
      let here = now.seconds - (was?.seconds ?? 0);
      for (const cap of this.capsOf[i]!) {
        const used = (caps?.get(cap) ?? this.capUsed[cap]!) + here;
        if (used > this.model.atMost[cap]!.seconds) return -Infinity;
        caps?.set(cap, used);
      }
      if (!was) {
        if (option.group !== null && this.groups[option.group] === 0) {
          here += this.model.groups[option.group]!.seconds;
          value -= this.model.groups[option.group]!.cost;
        }
        value -= option.cost;
        for (const cover of this.coversOf[i]!)
          if (this.coverCount[cover]! < this.model.covers[cover]!.upTo)
            value += this.model.covers[cover]!.bonus;
      }
      seconds += here;
      now.feeds.forEach((feed, n) => {
        const more = feed.seconds - (was?.feeds[n]?.seconds ?? 0);
        const at = this.cells[feed.cell]!;
        value += this.model.cells[feed.cell]!.weight * (benefit(at + more) - benefit(at));
      });
    }
    if (this.used + seconds > this.model.budget) return -Infinity;
    return this.leaning === 1
      ? value / Math.max(1, seconds)
      : value / Math.max(1, seconds) ** this.leaning;
  }
}
