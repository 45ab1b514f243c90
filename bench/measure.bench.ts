import { diceOf, type Dice } from "../core/stats/dice";
import { changeBetween } from "../core/measure/change";
import { angleAtVertex, usualPointing, type Spot } from "../core/measure/photo";
import { protocolOf } from "../core/content/library";
import { errorOf, type Instrument, type Protocol } from "../core/content/protocol";
import { valueOf, type Taken } from "../core/measure/value";
import { library } from "../library/index";
import type { Bench } from "./bench";

const people = 1000;
/** Of the SEM's variance this share comes with the sitting, the rest with each trial. */
const sittingShare = 0.6;

type Case = { name: string; protocol: Protocol; instrument: Instrument; trials: number };

const caseOf = (id: string, instrument: Instrument, trials?: number): Case => {
  const protocol = protocolOf(library, id)!;
  const taken = trials ?? protocol.trials;
  const name = `${protocol.name}, ${instrument}, ${taken} trial${taken > 1 ? "s" : ""}`;
  return { name, protocol, instrument, trials: taken };
};

const cases: Case[] = [
  caseOf("shoulder-flexion", "goniometer"),
  caseOf("shoulder-flexion", "goniometer", 1),
  caseOf("straight-leg-raise", "level"),
  caseOf("knee-to-wall", "tape"),
  caseOf("front-split-gap", "tape"),
  caseOf("hip-flexion", "photo"),
];

/** One sitting: the trials of a true value as an instrument with the stated error gives them, typed as people type. */
function sitting({ protocol, instrument, trials }: Case, truth: number, dice: Dice): Taken {
  const { sem } = errorOf(protocol, instrument);
  // The mean of n₀ trials has the SEM; of fewer, that widened as the value states it.
  const spread = sem * Math.sqrt(trials < protocol.trials ? protocol.trials / trials : 1);
  const shift = dice.normal() * spread * Math.sqrt(sittingShare);
  const each = spread * Math.sqrt((1 - sittingShare) * trials);
  const step = protocol.reading === "degrees" ? 1 : 0.1;
  const readings = Array.from({ length: trials }, () => {
    const raw = truth + shift + each * dice.normal();
    if (instrument !== "photo") return { trial: Math.round(raw / step) * step, se: 0 };
    const pointing = pointingMiss(dice);
    return { trial: raw + pointing.miss, se: pointing.se };
  });
  const squares = readings.reduce((sum, { se }) => sum + se ** 2, 0);
  return {
    trials: readings.map(({ trial }) => trial),
    instrument,
    ownError: Math.sqrt(squares) / trials,
  };
}

/** Three landmarks placed by a hand of the usual pointing error: how far off the angle is, and what it says of itself. */
function pointingMiss(dice: Dice): { miss: number; se: number } {
  const truth: [Spot, Spot, Spot] = [
    [100, 500],
    [420, 480],
    [640, 190],
  ];
  const longest = Math.hypot(640 - 420, 190 - 480);
  const off = ([x, y]: Spot): Spot => [
    x + usualPointing * longest * dice.normal(),
    y + usualPointing * longest * dice.normal(),
  ];
  const read = angleAtVertex([off(truth[0]), off(truth[1]), off(truth[2])]);
  return { miss: read.degrees - angleAtVertex(truth).degrees, se: read.se };
}

/** In how many per cent of pairs of sittings a real change is claimed, the truth moved by some MDCs between them. */
function claimed(one: Case, moved: number, dice: Dice): number {
  const { protocol } = one;
  const usual = (protocol.usual[0] + protocol.usual[1]) / 2;
  let count = 0;
  for (let n = 0; n < people; n += 1) {
    const truth = usual + dice.normal() * 0.2 * (protocol.usual[1] - protocol.usual[0]);
    const first = valueOf(sitting(one, truth, dice), protocol);
    const mdc = 1.96 * Math.SQRT2 * first.se;
    const direction = dice.unit() < 0.5 ? -1 : 1;
    const second = valueOf(sitting(one, truth + direction * moved * mdc, dice), protocol);
    if (changeBetween(first, second, protocol).real) count += 1;
  }
  return (100 * count) / people;
}

/** A thousand athletes without change, and a thousand with one of 1.5 MDC, each measured twice. */
const bench: Bench = () => {
  const dice = diceOf(20261125);
  const rows = cases.map((one) => ({
    name: one.name,
    none: claimed(one, 0, dice),
    found: claimed(one, 1.5, dice),
  }));
  const mean = (pick: (row: (typeof rows)[number]) => number) =>
    Math.round((10 * rows.reduce((sum, row) => sum + pick(row), 0)) / rows.length) / 10;
  return Promise.resolve({
    table: rows.map(({ name, none, found }) => ({
      check: name,
      athletes: people,
      "false change %": none,
      "change of 1.5 MDC found %": found,
    })),
    figures: [
      { key: "false_change", value: mean(({ none }) => none), unit: "%" },
      { key: "true_change_found", value: mean(({ found }) => found), unit: "%" },
    ],
  });
};

export default bench;
