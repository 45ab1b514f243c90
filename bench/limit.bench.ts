import { performance } from "node:perf_hooks";
import { answeringChecks, sidesOfRole, demandsOf } from "../core/aim/gap";
import { headlineOf } from "../core/aim/headline";
import { needsOf } from "../core/aim/priority";
import type { DemandGap } from "../core/aim/margin";
import { sidesOf, type Side } from "../core/body/side";
import { errorOf, type Protocol } from "../core/content/protocol";
import type { Demand, Skill } from "../core/content/skill";
import { dateOf } from "../core/forecast/date-of";
import { forecastAnswer } from "../core/forecast/forecast-answer";
import { forecastQuestions } from "../core/forecast/forecast-questions";
import { cleanSet } from "../core/limit/clean-set";
import { rankedGaps } from "../core/limit/ranked-gaps";
import type { Aim, Check } from "../core/records/records";
import { limitsAsked, limitsHad, withRange, type Limits } from "../core/shape/limits";
import { bodyFor, shapeOf } from "../core/shape/solve";
import { diceOf, type Dice } from "../core/stats/dice";
import { aim, athlete, check } from "../core/test/people";
import { library } from "../library/index";
import type { Bench } from "./bench";

/** Athletes of every skill, measured twice on the same day without a change between. */
const people = 6;
const day = "2026-11-24";
const by = "2027-02-02";

type Measured = { demand: Demand; protocol: Protocol; side: Side; truth: number };

/** What is measured of a skill, each joint some degrees to either side of what is asked. */
function bodyOf(skill: Skill, toward: Aim, dice: Dice): Measured[] {
  const known = new Map<string, Measured>();
  for (const demand of demandsOf(skill, toward)) {
    const protocol = answeringChecks(demand, library).find(({ reading }) => reading === "degrees");
    if (!protocol) continue;
    const off = -12 + 12 * dice.normal();
    for (const { side, asked } of sidesOfRole(demand, toward.side)) {
      const key = `${protocol.id}/${side}/${demand.mode}`;
      if (!asked || known.has(key)) continue;
      const truth = demand.clean + Math.min(10, off) + 2 * dice.normal();
      known.set(key, { demand, protocol, side, truth });
    }
  }
  return [...known.values()];
}

/** One measuring of a body, by the stated error of the goniometer or what else the check is read with. */
const measuring = (body: readonly Measured[], dice: Dice): Check[] =>
  body.map(({ demand, protocol, side, truth }) => {
    const instrument = protocol.instruments[0]!.id;
    const { sem } = errorOf(protocol, instrument);
    const read = Math.round(truth + sem * dice.normal());
    return check({
      protocolId: protocol.id,
      side: sidesOf(protocol.sided).includes(side) ? side : "mid",
      mode: demand.mode,
      instrument,
      on: day,
      trials: Array<number>(protocol.trials).fill(read),
    });
  });

type Said = {
  headline: string[] | null;
  first: string | null;
  places: Record<string, string | null>;
};
const nameOf = ({ demand }: Pick<DemandGap, "demand">): string => demand.motion;

/** What every place of the application names first. @param date whether the date is asked too, which takes longest */
function saidOf(skill: Skill, toward: Aim, checks: Check[], date: boolean): Said {
  const who = athlete();
  const gaps = rankedGaps({ athlete: who, aim: toward, skill, checks, logs: [], library, on: day });
  const { verdict } = headlineOf(gaps);
  const headline =
    verdict.says === "short"
      ? [nameOf(verdict.gap)]
      : verdict.says === "either"
        ? verdict.gaps.map(nameOf)
        : null;
  const side = { side: toward.side, hips: toward.hips };
  const limits = limitsHad(skill, gaps).limits;
  const set = cleanSet(skill, limits, side, bodyFor(who), gaps);
  const scene = { gaps, athlete: who, checks, logs: [], library, season: null, on: day, by };
  const asked = date ? forecastQuestions(scene) : [];
  const answers = new Map(asked.map((one) => [one.key, forecastAnswer(one)]));
  const order = gaps.map(nameOf);
  // Of what is not yet likely by the date, the first in the rows.
  const unlikely = asked
    .filter(({ key }) => answers.get(key)!.chance < 0.8)
    .map(({ motion }) => motion as string)
    .sort((a, b) => order.indexOf(a) - order.indexOf(b));
  const holder = unlikely.length > 0 ? dateOf(asked, answers)!.holder.motion : null;
  return {
    headline,
    first: gaps[0]?.block && gaps[0].limiter > 0 ? nameOf(gaps[0]) : null,
    places: {
      "smallest set": set?.find(({ assumed }) => !assumed)?.motion ?? null,
      plan: needsOf(gaps, 70)[0]?.motion ?? null,
      date: holder === unlikely[0] ? (order[0] ?? null) : holder,
    },
  };
}

/** Whether a place names another first than the rows do. */
function disagreements({ headline, first, places }: Said): string[] {
  if (first === null) return [];
  return [
    ...(headline && headline[0] !== first ? ["headline"] : []),
    ...Object.entries(places)
      .filter(([, named]) => named !== null && named !== first)
      .map(([place]) => place),
  ];
}

/**
 * What a block is truly worth, from the true joints and by nothing of the ranking's own: the line's gain for the degrees
 * that anybody gains, each alone.
 */
function trueFirst(skill: Skill, toward: Aim, body: readonly Measured[]): string | null {
  const side = { side: toward.side, hips: toward.hips };
  const clean = limitsAsked(skill, side);
  const at = (more: string | null): number => {
    const limits = body.reduce<Limits>((so, { demand, side: on, truth }) => {
      const asked = so[demand.motion]?.[on];
      if (
        asked === undefined ||
        skill.demands.find((one) => one.motion === demand.motion)!.mode !== demand.mode
      )
        return so;
      return withRange(so, demand.motion, on, truth + (demand.motion === more ? usualGain : 0));
    }, clean);
    return shapeOf(skill, limits, side, bodyFor(athlete())).score;
  };
  const now = at(null);
  const motions = [...new Set(body.map(({ demand }) => demand.motion as string))];
  const best = motions
    .map((motion) => ({ motion, gain: at(motion) - now }))
    .sort((a, b) => b.gain - a.gain)[0];
  return best && best.gain > 0.05 ? best.motion : null;
}
const usualGain = 4;

/** One ranking: whether every place names the same first, and whether an unchanged body measured again is told another. */
const limit: Bench = () => {
  const dice = diceOf(16);
  const rows: Record<string, string | number>[] = [];
  const all = { bodies: 0, disagree: 0, flips: 0, alone: 0, right: 0, judged: 0, top: 0 };
  let slowest = 0;
  for (const skill of library.skills) {
    const here = { disagree: 0, flips: 0, alone: 0, top: 0, ms: 0 };
    for (let n = 0; n < people; n += 1) {
      const toward = aim({ skillId: skill.id, side: skill.sided ? "right" : "mid", by });
      const body = bodyOf(skill, toward, dice);
      const [once, again] = [measuring(body, dice), measuring(body, dice)];
      const started = performance.now();
      rankedGaps({
        athlete: athlete(),
        aim: toward,
        skill,
        checks: once,
        logs: [],
        library,
        on: day,
      });
      here.ms += (performance.now() - started) / people;
      const [one, two] = [saidOf(skill, toward, once, true), saidOf(skill, toward, again, false)];
      here.disagree += disagreements(one).length > 0 ? 1 : 0;

      // Told another: one is named, and the other time another, or others without it.
      const told = [one.headline, two.headline];
      if (told[0] && told[1] && !told[0].some((name) => told[1]!.includes(name))) here.flips += 1;
      here.top += one.first !== two.first ? 1 : 0;
      if (told[0]?.length === 1) {
        here.alone += 1;
        const truth = skill.model === "posed" ? null : trueFirst(skill, toward, body);
        if (truth) all.judged += 1;
        if (truth === told[0][0]) all.right += 1;
      }
    }
    all.bodies += people;
    all.disagree += here.disagree;
    all.flips += here.flips;
    all.alone += here.alone;
    all.top += here.top;
    slowest = Math.max(slowest, here.ms);
    rows.push({
      skill: skill.id,
      model: skill.model,
      "places disagree": here.disagree,
      "told another": here.flips,
      "top row another": here.top,
      "one named": here.alone,
      "rank ms": Math.round(10 * here.ms) / 10,
    });
  }
  const share = (count: number, of: number) => Math.round((1000 * count) / Math.max(1, of)) / 1000;
  return Promise.resolve({
    table: rows,
    figures: [
      { key: "first_disagrees", value: all.disagree, unit: `of ${all.bodies} bodies` },
      { key: "first_flips", value: share(all.flips, all.bodies), unit: "of bodies measured twice" },
      { key: "top_row_flips", value: share(all.top, all.bodies), unit: "of bodies measured twice" },
      { key: "named_alone", value: share(all.alone, all.bodies), unit: "of bodies" },
      {
        key: "named_is_best",
        value: share(all.right, all.judged),
        unit: "of those named alone, by the true joints",
      },
      { key: "rank_ms", value: Math.round(slowest * 10) / 10, unit: "ms, the slowest skill" },
    ],
  });
};

export default limit;
