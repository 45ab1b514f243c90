import { diceOf, type Dice } from "../core/stats/dice";
import { learn, outlookAt, type Seen } from "../core/forecast/forecast";
import { priorOf, type ForecastPrior } from "../core/content/motion-prior";
import { forecastAnswer } from "../core/forecast/forecast-answer";
import { forecastPriors } from "../library/forecast-priors";
import type { Bench } from "./bench";

const athletes = 600;
const weeks = 16;
/** Checks every other week until here; then it is looked ahead. */
const known = 8;
const stated = 3;
/** So many whole answers are timed. */
const timed = 40;

type Life = { prior: ForecastPrior; truth: number[]; doses: number[]; checks: Seen[] };
const motions = forecastPriors.flatMap((one) => one.motions);

/**
 * One motion of an athlete who does not follow the forecast's own model: of any motion of the library, which has
 * misjudged it by up to a third either way; gains by a hyperbola of the dose and a power of what is
 * left, sometimes after a lag; ceilings and rates of other kinds; weeks missed in a row; a range that is lost faster
 * than it came; checks noisier than stated, by sitting and by trial.
 */
function lifeOf(dice: Dice): Life {
  const prior = priorOf(forecastPriors, motions[Math.floor(dice.unit() * motions.length)]!);
  const range = 40 + 120 * dice.unit();
  const scale = prior.headroom * (0.67 + 0.66 * dice.unit());
  const room = scale * (dice.unit() < 0.15 ? 0.22 * dice.unit() : 0.44 + 2 * dice.unit());
  const rate = 0.03 + 0.14 * dice.unit();
  const bend = 0.7 + 0.9 * dice.unit();
  const half = 120 + 400 * dice.unit();
  const loss = 0.02 + 0.08 * dice.unit();
  const lag = dice.unit() < 0.25 ? 2 : 0;
  const usual = 120 + 700 * dice.unit();
  const sick = 2 + Math.floor(dice.unit() * 12);
  const length = dice.unit() < 0.4 ? 1 + Math.floor(dice.unit() * 3) : 0;
  const louder = 1 + 0.5 * dice.unit();
  const doses = Array.from({ length: weeks }, (_, week) =>
    week >= sick && week < sick + length ? 0 : usual * (0.6 + 0.8 * dice.unit()),
  );
  const truth = [range];
  let gained = 0;
  doses.forEach((_, week) => {
    const dose = week >= lag ? doses[week - lag]! : 0;
    const left = Math.max(0, 1 - gained / room);
    const step = room * rate * (dose / (dose + half)) * left ** bend;
    gained += dose < 30 ? -loss * gained : step;
    truth.push(range + gained + 0.25 * dice.normal());
  });
  const checks: Seen[] = [];
  for (let week = 0; week <= known; week += 2)
    checks.push({ week, value: truth[week]! + stated * louder * dice.normal(), se: stated });
  return { prior, truth, doses, checks };
}

/** A straight line through the checks, with the interval of its own residuals. */
function lineAt(checks: readonly Seen[], week: number): { value: number; half: number } {
  const n = checks.length;
  const [mx, my] = [mean(checks.map((c) => c.week)), mean(checks.map((c) => c.value))];
  const sxx = checks.reduce((sum, c) => sum + (c.week - mx) ** 2, 0);
  const slope = checks.reduce((sum, c) => sum + (c.week - mx) * (c.value - my), 0) / sxx;
  const se = stated * Math.sqrt(1 / n + (week - mx) ** 2 / sxx);
  return { value: my + slope * (week - mx), half: 1.2816 * se };
}

const mean = (list: readonly number[]): number =>
  list.reduce((sum, value) => sum + value, 0) / list.length;
const round = (value: number): number => Math.round(value * 1000) / 1000;

/** Calibration on athletes of other kinds: how often the 80 % interval holds the truth, and how far off the median is. */
const forecast: Bench = () => {
  const dice = diceOf(2026);
  const lives = Array.from({ length: athletes }, () => lifeOf(dice));
  const looked = lives.map(({ prior, truth, doses, checks }) => {
    const belief = learn(checks, doses.slice(0, known), prior);
    return [4, 8].map((ahead) => {
      const week = known + ahead;
      const said = outlookAt(belief, week, doses);
      const [real, last, line] = [truth[week]!, checks.at(-1)!, lineAt(checks, week)];
      const lastHalf = 1.2816 * stated;
      return {
        ahead,
        headroom: prior.headroom,
        held: real >= said.low && real <= said.high,
        width: said.high - said.low,
        off: Math.abs(real - said.median),
        lastHeld: Math.abs(real - last.value) <= lastHalf,
        lastOff: Math.abs(real - last.value),
        lineHeld: Math.abs(real - line.value) <= line.half,
        lineOff: Math.abs(real - line.value),
      };
    });
  });
  const started = performance.now();
  for (const { prior, truth, doses, checks } of lives.slice(0, timed))
    forecastAnswer({
      key: "timed",
      motion: "hip.flexion",
      side: "left",
      need: truth[0]! + 8,
      start: "2026-09-14",
      seen: checks,
      done: doses.slice(0, known),
      planned: doses.slice(known),
      by: weeks,
      prior,
    });
  const ms = (performance.now() - started) / timed;
  const of = (ahead: number) => looked.flat().filter((one) => one.ahead === ahead);
  const share = (list: readonly boolean[]) => round(mean(list.map(Number)));
  const table = [4, 8].flatMap((ahead) => {
    const all = of(ahead);
    return [
      {
        "weeks ahead": ahead,
        by: "forecast",
        "80 % holds": share(all.map(({ held }) => held)),
        "mean error": round(mean(all.map(({ off }) => off))),
        "width of interval": round(mean(all.map(({ width }) => width))),
      },
      {
        "weeks ahead": ahead,
        by: "last value",
        "80 % holds": share(all.map(({ lastHeld }) => lastHeld)),
        "mean error": round(mean(all.map(({ lastOff }) => lastOff))),
        "width of interval": round(2 * 1.2816 * stated),
      },
      {
        "weeks ahead": ahead,
        by: "straight line",
        "80 % holds": share(all.map(({ lineHeld }) => lineHeld)),
        "mean error": round(mean(all.map(({ lineOff }) => lineOff))),
        "width of interval": round(2 * lineAt(lives[0]!.checks, known + ahead).half),
      },
    ];
  });
  const eight = of(8);
  const rooms = [
    ["up to 6°", 0, 6],
    ["7–9°", 7, 9],
    ["10° and more", 10, 99],
  ] as const;
  for (const [name, least, most] of rooms) {
    const own = eight.filter(({ headroom }) => headroom >= least && headroom <= most);
    table.push({
      "weeks ahead": 8,
      by: `forecast, ${own.length} motions with ${name} to win`,
      "80 % holds": share(own.map(({ held }) => held)),
      "mean error": round(mean(own.map(({ off }) => off))),
      "width of interval": round(mean(own.map(({ width }) => width))),
    });
  }
  return Promise.resolve({
    table,
    figures: [
      {
        key: "cover_4wk",
        value: share(of(4).map(({ held }) => held)),
        unit: "of truths in the 80 % interval",
      },
      {
        key: "cover_8wk",
        value: share(eight.map(({ held }) => held)),
        unit: "of truths in the 80 % interval",
      },
      {
        key: "mae_8wk",
        value: round(mean(eight.map(({ off }) => off))),
        unit: "degrees, mean error of the median",
      },
      {
        key: "mae_8wk_last_value",
        value: round(mean(eight.map(({ lastOff }) => lastOff))),
        unit: "degrees, the last check carried on",
      },
      {
        key: "mae_8wk_line",
        value: round(mean(eight.map(({ lineOff }) => lineOff))),
        unit: "degrees, a straight line",
      },
      {
        key: "ms",
        value: round(ms),
        unit: "ms, a whole answer: fan, date, dose, next check, plateau",
      },
    ],
  });
};

export default forecast;
