import { diceOf, type Dice } from "../core/stats/dice";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { chanceAt, learn, outlookAt, type Seen } from "../core/forecast/forecast";
import { priorOf, type ForecastPrior } from "../core/content/motion-prior";
import { forecastAnswer, sharedByDemands } from "../core/forecast/forecast-answer";
import { together } from "../core/stats/joint";
import { forecastPriors } from "../library/forecast-priors";
import type { Bench } from "./bench";

const athletes = 600;
const weeks = 16;
/** Checks every other week until here; then it is looked ahead. */
const known = 8;
const stated = 3;
/** So many whole answers are timed. */
const timed = 40;

/** What a world does to an athlete that the forecast is not told. */
type World = {
  name: string;
  /** Gains stop at the last check, for good. */
  stops?: boolean;
  /** Every second check is another tester's, who reads off by so many standard errors, the same each time. */
  bias?: number;
  /** Errors have the tails of Student's t with three degrees of freedom. */
  tails?: boolean;
  /** Doses are written down as half to double of what was done. */
  misreported?: boolean;
  /** A share that does not answer to training. */
  deaf?: number;
};

const worlds: readonly World[] = [
  { name: "as other models have it" },
  { name: "gains stop", stops: true },
  { name: "another tester every second time", bias: 1 },
  { name: "errors with tails", tails: true },
  { name: "doses misreported", misreported: true },
  { name: "a third do not respond", deaf: 0.33 },
];

type Life = {
  prior: ForecastPrior;
  truth: number[];
  /** As they were written down. */
  doses: number[];
  checks: Seen[];
  deaf: boolean;
};
const motions = forecastPriors.flatMap((one) => one.motions);

/**
 * One motion of an athlete who does not follow the forecast's own model: of any motion of the library, which has
 * misjudged it by up to a third either way; gains by a hyperbola of the dose and a power of what is
 * left, sometimes after a lag; ceilings and rates of other kinds; weeks missed in a row; a range that is lost faster
 * than it came; checks noisier than stated, by sitting and by trial.
 */
function lifeOf(dice: Dice, world: World = worlds[0]!, answers = 1): Life {
  const prior = priorOf(forecastPriors, motions[Math.floor(dice.unit() * motions.length)]!);
  const range = 40 + 120 * dice.unit();
  const scale = prior.headroom * (0.67 + 0.66 * dice.unit());
  const deaf = world.deaf !== undefined && dice.unit() < world.deaf;
  const room = deaf
    ? 0.3
    : answers * scale * (dice.unit() < 0.15 ? 0.22 * dice.unit() : 0.44 + 2 * dice.unit());
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
    const stopped = world.stops && week >= known;
    const step = stopped ? 0 : room * rate * (dose / (dose + half)) * left ** bend;
    gained += dose < 30 ? -loss * gained : step;
    truth.push(range + gained + 0.25 * dice.normal());
  });
  const checks: Seen[] = [];
  const other = (world.bias ?? 0) * stated * (dice.unit() < 0.5 ? -1 : 1);
  for (let week = 0; week <= known; week += 2) {
    const error = louder * (world.tails ? tailed(dice) : dice.normal());
    const bias = week % 4 === 2 ? other : 0;
    checks.push({ week, value: truth[week]! + stated * error + bias, se: stated });
  }
  const written = world.misreported
    ? doses.map((dose) => dose * 2 ** (2 * dice.unit() - 1))
    : doses;
  return { prior, truth, doses: written, checks, deaf };
}

/** An error with heavy tails: Student's t with three degrees of freedom, brought to a variance of 1. */
function tailed(dice: Dice): number {
  const squares = [0, 1, 2].reduce((sum) => sum + dice.normal() ** 2, 0);
  return dice.normal() / Math.sqrt(squares / 3) / Math.sqrt(3);
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

/** How the interval of eight weeks ahead holds in a world, and how far off the median is. */
function inWorld(world: World) {
  const dice = diceOf(77);
  const looked = Array.from({ length: athletes }, () => {
    const { prior, truth, doses, checks, deaf } = lifeOf(dice, world);
    const said = outlookAt(learn(checks, doses.slice(0, known), prior), known + 8, doses);
    const real = truth[known + 8]!;
    return {
      held: real >= said.low && real <= said.high,
      off: said.median - real,
      last: checks.at(-1)!.value - real,
      width: said.high - said.low,
      deaf,
    };
  });
  const deaf = looked.filter((one) => one.deaf);
  return {
    world: world.name,
    cover: mean(looked.map(({ held }) => Number(held))),
    error: mean(looked.map(({ off }) => Math.abs(off))),
    lastError: mean(looked.map(({ last }) => Math.abs(last))),
    bias: mean(looked.map(({ off }) => off)),
    deafBias: deaf.length > 0 ? mean(deaf.map(({ off }) => off)) : null,
    width: mean(looked.map(({ width }) => width)),
  };
}

/** Demands of one athlete: joints and sides that share how the body answers to training. */
const demandsEach = 4;

/** What was said of several demands of one body together, by a common factor and by their product, and what came. */
function jointly() {
  const dice = diceOf(91);
  return Array.from({ length: athletes }, () => {
    // Half of the spread of what training gives is the body's own, half each joint's.
    const answers = Math.exp(0.5 * dice.normal() - 0.125);
    const each = Array.from({ length: demandsEach }, () => {
      const { prior, truth, doses, checks } = lifeOf(dice, worlds[0], answers);
      const need = truth[known]! + prior.headroom * (0.5 * dice.unit() - 0.15);
      const chance = chanceAt(learn(checks, doses.slice(0, known), prior), need, known + 8, doses);
      return { chance, came: truth[known + 8]! >= need };
    });
    const chances = each.map(({ chance }) => chance);
    return {
      each,
      said: together(chances, sharedByDemands),
      product: chances.reduce((all, one) => all * one, 1),
      came: each.every((one) => one.came),
    };
  });
}

type SaidAndCame = { chance: number; came: boolean };

const brier = (said: readonly SaidAndCame[]): number =>
  mean(said.map(({ chance, came }) => (chance - Number(came)) ** 2));

/** Tenths of the chances that were said, with how often it came; tenths in which nothing was said are left out. */
const reliability = (said: readonly SaidAndCame[]) =>
  Array.from({ length: 10 }, (_, tenth) =>
    said.filter(({ chance }) => Math.min(9, Math.floor(chance * 10)) === tenth),
  ).flatMap((own) =>
    own.length === 0
      ? []
      : [
          {
            said: mean(own.map(({ chance }) => chance)),
            came: mean(own.map(({ came }) => Number(came))),
            of: own.length,
          },
        ],
  );

/** The diagram as a picture: what was said from left to right, what came from below up; a dot's size is how many. */
function diagramOf(rows: ReturnType<typeof reliability>): string {
  const at = (share: number) => 40 + 300 * share;
  const most = Math.max(...rows.map(({ of }) => of));
  const dots = rows.map(
    ({ said, came, of }) =>
      `<circle cx="${at(said).toFixed(1)}" cy="${(380 - at(came)).toFixed(1)}" r="${(3 + 9 * Math.sqrt(of / most)).toFixed(1)}" fill="#1d5c56" fill-opacity="0.75"/>`,
  );
  const marks = [0, 2, 4, 6, 8, 10].map(
    (n) =>
      `<text x="${at(n / 10)}" y="356" text-anchor="middle">${n}</text><text x="32" y="${384 - at(n / 10)}" text-anchor="end">${n}</text>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 380 390" font-family="sans-serif" font-size="12">
  <rect width="380" height="390" fill="#f3eee2"/>
  <path d="M40 340 L340 40" stroke="#8a8577" stroke-dasharray="3 4"/>
  <path d="M40 40 V340 H340" fill="none" stroke="#1c2321"/>
  ${marks.join("\n  ")}
  <text x="190" y="376" text-anchor="middle">said, in 10</text>
  <text x="14" y="190" text-anchor="middle" transform="rotate(-90 14 190)">came, in 10</text>
  ${dots.join("\n  ")}
</svg>
`;
}

const diagramFile = join(import.meta.dirname, "../docs/forecast-reliability.svg");

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
  const bad = worlds.map(inWorld);
  for (const one of bad)
    table.push({
      "weeks ahead": 8,
      by: `forecast, ${one.world} (bias ${round(one.bias)}, last value off ${round(one.lastError)})`,
      "80 % holds": round(one.cover),
      "mean error": round(one.error),
      "width of interval": round(one.width),
    });
  const joint = jointly();
  const tenths = reliability(joint.flatMap(({ each }) => each));
  writeFileSync(diagramFile, diagramOf(tenths));
  const deafBias = bad.find((one) => one.deafBias !== null)!.deafBias!;
  return Promise.resolve({
    table,
    figures: [
      {
        key: "joint_brier",
        value: round(brier(joint.map(({ said, came }) => ({ chance: said, came })))),
        unit: `of ${demandsEach} demands met together`,
      },
      {
        key: "joint_brier_product",
        value: round(brier(joint.map(({ product, came }) => ({ chance: product, came })))),
        unit: "had they been taken one by one",
      },
      {
        key: "joint_said",
        value: round(mean(joint.map(({ said }) => said))),
        unit: `on average; it came in ${round(mean(joint.map(({ came }) => Number(came))))}, their product ${round(mean(joint.map(({ product }) => product)))}`,
      },
      {
        key: "chance_off",
        value: round(
          mean(
            tenths.flatMap(({ said, came, of }) => Array<number>(of).fill(Math.abs(said - came))),
          ),
        ),
        unit: "of a chance, said against came, by tenths",
      },
      {
        key: "cover_worst_world_8wk",
        value: round(Math.min(...bad.map(({ cover }) => cover))),
        unit: "of truths in the 80 % interval, the worst world",
      },
      {
        key: "cover_best_world_8wk",
        value: round(Math.max(...bad.map(({ cover }) => cover))),
        unit: "of truths in the 80 % interval, the best world",
      },
      {
        key: "bias_no_response_8wk",
        value: round(deafBias),
        unit: "degrees, of those who do not respond",
      },
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
