import { diceOf, type Dice } from "../core/stats/dice";
import { plusDays } from "../core/dates/days";
import { aloneBelow } from "../core/measure/discoveries";
import { usualDay } from "../core/measure/day-spread";
import { roundChanges } from "../core/measure/round-changes";
import { bestOf, trendOf, type SeriesPoint } from "../core/measure/trend";
import { angleAtVertex, usualPointing, type Spot } from "../core/measure/photo";
import { protocolOf } from "../core/content/library";
import { errorOf, type Instrument, type Protocol } from "../core/content/protocol";
import { valueOf, type Taken } from "../core/measure/value";
import { sidesOf, type Side } from "../core/body/side";
import type { Check } from "../core/records/records";
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
    const pair = [first, second].map(({ value, se, sem }, at): SeriesPoint => ({
      on: plusDays(begun, 21 * at),
      value,
      se,
      sem,
      tester: "",
    }));
    if (trendOf(pair, usualDay)!.p <= aloneBelow) count += 1;
  }
  return (100 * count) / people;
}

const begun = "2026-01-05";
/** Rounds of an athlete, three weeks apart, and how many athletes a world has. */
const rounds = 5;
const apart = 21;
const athletes = 400;

/** A world in which rounds are measured: what a body differs by from day to day, what all of it shares, and who gains. */
type World = {
  name: string;
  /** Of each reading by itself, and of all of a day together, as shares of the SEM. */
  day: number;
  common: number;
  /** Readings that gain, and how much until the last round, in SEM. */
  gaining: number;
  gain: number;
};

const worlds: World[] = [
  { name: "nobody changes", day: 0, common: 0, gaining: 0, gain: 0 },
  { name: "days differ by 0.8 SEM", day: 0.8, common: 0, gaining: 0, gain: 0 },
  { name: "and the whole body by 0.5", day: 0.8, common: 0.5, gaining: 0, gain: 0 },
  { name: "a quarter gains 2.8 SEM", day: 0, common: 0, gaining: 5, gain: 2.8 },
];

const blankCheck: Omit<
  Check,
  "id" | "protocolId" | "protocolVersion" | "side" | "mode" | "on" | "trials" | "instrument"
> = {
  kind: "check",
  athleteId: "somebody",
  temperature: "warm",
  tester: "one",
  at: `${begun}T09:00:00Z`,
  typed: null,
  ownError: 0,
  pain: 0,
  painAt: null,
  painKind: null,
  seen: [],
  read: "",
  note: "",
};

/** Twenty readings that are asked in a round, all in degrees, by hand. */
const asked: { protocol: Protocol; side: Side }[] = library.protocols
  .filter(
    ({ reading, instruments }) =>
      reading === "degrees" && instruments.some(({ id }) => id === "goniometer"),
  )
  .flatMap((protocol) => sidesOf(protocol.sided).map((side) => ({ protocol, side })))
  .slice(0, 20);

/** The checks of one athlete of a world, round by round, with what is true on the last day. */
function measured(
  world: World,
  dice: Dice,
): { checks: Check[]; truth: number[]; gained: boolean[] } {
  const gained = asked.map((_, n) => n < world.gaining);
  const base = asked.map(({ protocol: { usual } }) => (usual[0] + usual[1]) / 2);
  const checks = Array.from({ length: rounds }, (_, round) => {
    const together = world.common * dice.normal();
    return asked.map(({ protocol, side }, n): Check => {
      const { sem } = errorOf(protocol, "goniometer");
      const way = protocol.better === "more" ? 1 : -1;
      const grown = gained[n] ? way * sem * world.gain * (round / (rounds - 1)) : 0;
      const body = base[n]! + grown + sem * (world.day * dice.normal() + way * together);
      const one = {
        name: "",
        protocol,
        instrument: "goniometer" as const,
        trials: protocol.trials,
      };
      return {
        ...blankCheck,
        id: `${n}/${round}`,
        protocolId: protocol.id,
        protocolVersion: protocol.version,
        side,
        mode: protocol.modes[0]!,
        on: plusDays(begun, apart * round),
        ...sitting(one, body, dice),
      };
    });
  }).flat();
  return { checks, truth: base, gained };
}

/** What the last round of every athlete of a world claims. */
function claims(world: World, dice: Dice) {
  const last = plusDays(begun, apart * (rounds - 1));
  let [wrong, anyWrong, right] = [0, 0, 0];
  const twoPoint: { z: number; gained: boolean }[] = [];
  for (let n = 0; n < athletes; n += 1) {
    const { checks, gained } = measured(world, dice);
    const real = roundChanges(checks, library, { on: last }).changes.filter(
      ({ change }) => change.real,
    );
    const isTrue = ({ check }: (typeof real)[number]) => gained[Number(check.id.split("/")[0])]!;
    const false_ = real.filter((one) => !isTrue(one)).length;
    twoPoint.push(...firstToLast(checks, gained));
    wrong += false_;
    anyWrong += false_ > 0 ? 1 : 0;
    right += real.filter(isTrue).length;
  }
  return {
    falsePerRound: wrong / athletes,
    roundsWithFalse: anyWrong / athletes,
    power: world.gaining > 0 ? right / (athletes * world.gaining) : null,
    // What the first and the last reading alone would find, at a bar that lets as many false ones through.
    twoReadings: world.gaining > 0 ? foundAt(twoPoint, wrong) / (athletes * world.gaining) : null,
  };
}

/** First against last reading of everything, in their standard errors. */
const firstToLast = (checks: readonly Check[], gained: readonly boolean[]) =>
  asked.map(({ protocol }, n) => {
    const own = checks.filter(({ id }) => id.startsWith(`${n}/`));
    const [a, b] = [valueOf(own[0]!, protocol), valueOf(own.at(-1)!, protocol)];
    return { z: Math.abs(b.value - a.value) / Math.hypot(a.se, b.se), gained: gained[n]! };
  });

/** How many gains lie above the bar that only so many others pass. */
function foundAt(all: readonly { z: number; gained: boolean }[], wrong: number): number {
  const others = all.filter(({ gained }) => !gained).map(({ z }) => z);
  const bar = others.sort((a, b) => b - a)[wrong] ?? 0;
  return all.filter(({ z, gained }) => gained && z > bar).length;
}

/** How far the best that is said stands above the truth after seven rounds of nothing, in SEM. */
function bestBias(dice: Dice): number {
  let sum = 0;
  for (let n = 0; n < athletes; n += 1) {
    const seen = Array.from({ length: 7 }, (_, at): SeriesPoint => {
      const error = dice.normal();
      return { on: plusDays(begun, apart * at), value: error, se: 1, sem: 1, tester: "" };
    });
    sum += bestOf(seen, usualDay, "more")!.value;
  }
  return sum / athletes;
}

/** A thousand athletes without change, and a thousand with one of 1.5 MDC, each measured twice. */
const bench: Bench = () => {
  const dice = diceOf(20261125);
  const rows = cases.map((one) => ({
    name: one.name,
    none: claimed(one, 0, dice),
    found: claimed(one, 1.5, dice),
  }));
  const judged = worlds.map((world) => ({ world, ...claims(world, dice) }));
  const of = (name: string) => judged.find(({ world }) => world.name === name)!;
  const three = (value: number) => Math.round(1000 * value) / 1000;
  const mean = (pick: (row: (typeof rows)[number]) => number) =>
    Math.round((10 * rows.reduce((sum, row) => sum + pick(row), 0)) / rows.length) / 10;
  return Promise.resolve({
    table: [
      ...rows.map(({ name, none, found }) => ({
        "check or world": name,
        athletes: people,
        "false change %": none,
        "change of 1.5 MDC found %": found,
      })),
      ...judged.map(({ world, falsePerRound, roundsWithFalse, power }) => ({
        "check or world": world.name,
        athletes,
        "false a round": three(falsePerRound),
        "rounds with one": three(roundsWithFalse),
        ...(power === null ? {} : { "gains found": three(power) }),
      })),
    ],
    figures: [
      { key: "false_change", value: mean(({ none }) => none), unit: "%" },
      { key: "true_change_found", value: mean(({ found }) => found), unit: "%" },
      {
        key: "false_per_round",
        value: three(of("nobody changes").falsePerRound),
        unit: "of 20 readings",
      },
      {
        key: "false_per_round_day_variance",
        value: three(of("days differ by 0.8 SEM").falsePerRound),
        unit: "of 20 readings",
      },
      {
        key: "false_per_round_common",
        value: three(of("and the whole body by 0.5").falsePerRound),
        unit: "of 20 readings",
      },
      { key: "power", value: three(of("a quarter gains 2.8 SEM").power!), unit: "of the gains" },
      {
        key: "power_two_readings",
        value: three(of("a quarter gains 2.8 SEM").twoReadings!),
        unit: "of the gains, at equal error",
      },
      { key: "best_bias_sem", value: three(bestBias(dice)), unit: "SEM" },
    ],
  });
};

export default bench;
