import { usualPrior, type ForecastPrior } from "../content/motion-prior";

/** A check: when, in weeks since the first day of the doses, its value and its standard error. */
export type Seen = { week: number; value: number; se: number };

/** The belief about one motion of one side: a mixture, each part with its rate, decay and headroom. */
export type Belief = {
  parts: readonly Part[];
  prior: ForecastPrior;
  /** The week of the last check, and its standard error. */
  last: number;
  error: number;
  checks: number;
};

type Part = {
  weight: number;
  headroom: number;
  rate: number;
  decay: number;
  /** The level without any training: mean and variance at the last check. */
  level: number;
  variance: number;
  /** Share of the headroom that is won, by week, as far as the doses go. */
  won: readonly number[];
};

/** How much of a full week's work a dose is, 0–1: it rises and levels off. @example response(400, 400) // 0.63 */
export const response = (seconds: number, fullDose: number): number =>
  1 - Math.exp(-Math.max(0, seconds) / fullDose);

/** Places on a log-normal of median 1: so many equal shares of its probability, each by its middle. */
const spread = (sigma: number, middles: readonly number[]): number[] =>
  middles.map((z) => Math.exp(sigma * z));
/** Middles of seven equal shares of a normal, and of five. */
const seven = [-1.465, -0.792, -0.366, 0, 0.366, 0.792, 1.465];
const five = [-1.282, -0.524, 0, 0.524, 1.282];
/** Errors may be larger than stated: so many times, with so much belief. */
const errorScales = [
  { times: 1, belief: 0.35 },
  { times: 1.25, belief: 0.38 },
  { times: 1.6, belief: 0.27 },
];

/**
 * What no number of checks averages out, as a share of the last one's standard error: a tester's own way of reading, an
 * error that is shared by all. A working figure.
 */
const hiddenShare = 0.1;

/**
 * Share of the headroom that is won at the end of each week: what a week gains is a share of what is left, by its
 * dose; what it loses is a share of what was won, by what its dose leaves out. Index 0 is the beginning.
 */
export function wonBy(
  doses: readonly number[],
  { rate, decay, fullDose }: Pick<ForecastPrior, "rate" | "decay" | "fullDose">,
): number[] {
  const won = [0];
  for (const dose of doses) {
    const before = won.at(-1)!;
    const full = response(dose, fullDose);
    won.push(before + rate * full * (1 - before) - decay * (1 - full) * before);
  }
  return won;
}

/** Between the weeks the share goes evenly; beyond the doses it stays. */
const at = (won: readonly number[], week: number): number => {
  const from = Math.max(0, Math.min(won.length - 1, Math.floor(week)));
  const to = Math.min(won.length - 1, from + 1);
  return won[from]! + (won[to]! - won[from]!) * Math.max(0, Math.min(1, week - from));
};

/**
 * Learns from the checks: every combination of rate, decay, headroom and size of error on a fixed grid, the level
 * exactly (a Kalman filter in one dimension with a slow drift). Deterministic, no sampling.
 * @param doses seconds of work by week since week 0, as far as they are known
 */
export function learn(
  checks: readonly Seen[],
  doses: readonly number[],
  prior: ForecastPrior = usualPrior,
): Belief {
  const seen = [...checks].sort((a, b) => a.week - b.week || a.value - b.value || a.se - b.se);
  const last = seen.at(-1)?.week ?? 0;
  const parts: (Part & { log: number })[] = [];
  for (const faster of spread(0.7, seven))
    for (const looser of spread(0.5, five.slice(1, 4))) {
      const [rate, decay] = [
        Math.min(0.5, prior.rate * faster),
        Math.min(0.3, prior.decay * looser),
      ];
      const won = wonBy(doses, { rate, decay, fullDose: prior.fullDose });
      for (const [share, belief] of headrooms)
        for (const { times, belief: trust } of errorScales) {
          const headroom = prior.headroom * share;
          const { level, variance, log } = filtered(seen, won, headroom, times, prior.drift);
          parts.push({
            weight: 0,
            headroom,
            rate,
            decay,
            level,
            variance,
            won,
            log: log + Math.log(belief * trust),
          });
        }
    }
  const most = Math.max(...parts.map(({ log }) => log));
  const sum = parts.reduce((all, { log }) => all + Math.exp(log - most), 0);
  return {
    parts: parts
      .map(({ log, ...part }) => ({ ...part, weight: Math.exp(log - most) / sum }))
      .filter(({ weight }) => weight > 1e-7),
    prior,
    last,
    error: seen.at(-1)?.se ?? 0,
    checks: seen.length,
  };
}

/** Headroom as a share of the usual, with the belief in it: some bodies have next to none, some a lot. */
const headrooms: readonly (readonly [share: number, belief: number])[] = [
  [0, 0.16],
  [0.3, 0.12],
  [0.6, 0.15],
  [1, 0.2],
  [1.5, 0.17],
  [2.2, 0.12],
  [3.4, 0.08],
];

/** The level under one hypothesis: its mean and variance after the checks, and how likely the checks were. */
function filtered(
  seen: readonly Seen[],
  won: readonly number[],
  headroom: number,
  times: number,
  drift: number,
): { level: number; variance: number; log: number } {
  let [level, variance, log, before] = [0, 1e6, 0, 0];
  seen.forEach(({ week, value, se }, n) => {
    if (n > 0) variance += drift * drift * Math.max(0, week - before);
    before = week;
    const error = (se * times) ** 2;
    const spreadOut = variance + error;
    const off = value - headroom * at(won, week) - level;
    if (n > 0) log -= 0.5 * (Math.log(spreadOut) + (off * off) / spreadOut);
    const gain = variance / spreadOut;
    level += gain * off;
    variance *= 1 - gain;
  });
  return { level, variance, log };
}

/** The range that is believed at a week: the median and the 80 % interval. */
export type Outlook = { week: number; median: number; low: number; high: number };

/** The parts of a belief at a week, under doses that may be others than those it was learnt with. */
function normalsAt(belief: Belief, week: number, doses: readonly number[]) {
  const { prior, last, parts } = belief;
  const ahead = Math.max(0, week - last) * prior.drift ** 2;
  const hidden = (hiddenShare * belief.error) ** 2;
  const wons = new Map<string, number[]>();
  return parts.map(({ weight, headroom, rate, decay, level, variance }) => {
    const key = `${rate}/${decay}`;
    let won = wons.get(key);
    if (!won) wons.set(key, (won = wonBy(doses, { rate, decay, fullDose: prior.fullDose })));
    return {
      weight,
      mean: level + headroom * at(won, week),
      sd: Math.sqrt(variance + ahead + hidden),
    };
  });
}

/** Φ, by a rational form good to 1e-7 (Abramowitz and Stegun 26.2.17). */
function phi(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

const below = (parts: ReturnType<typeof normalsAt>, value: number): number =>
  parts.reduce((sum, { weight, mean, sd }) => sum + weight * phi((value - mean) / sd), 0);

/**
 * What is believed of a week.
 * @param doses seconds by week from week 0, those to come included
 */
export function outlookAt(belief: Belief, week: number, doses: readonly number[]): Outlook {
  const parts = normalsAt(belief, week, doses);
  const ends = parts.flatMap(({ mean, sd }) => [mean - 6 * sd, mean + 6 * sd]);
  const quantile = (share: number): number => {
    let [low, high] = [Math.min(...ends), Math.max(...ends)];
    for (let i = 0; i < 40; i += 1) {
      const middle = (low + high) / 2;
      if (below(parts, middle) < share) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  return { week, median: quantile(0.5), low: quantile(0.1), high: quantile(0.9) };
}

/** How likely a demand is met at a week, 0–1. */
export const chanceAt = (
  belief: Belief,
  need: number,
  week: number,
  doses: readonly number[],
): number => Math.max(0, 1 - below(normalsAt(belief, week, doses), need));
