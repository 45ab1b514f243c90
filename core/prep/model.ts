import type { Need } from "../aim/priority";
import { motionOf, type MotionId } from "../body/motions";
import { bothSides } from "../body/side";
import { workSeconds, type Dose } from "../drill/dose";
import { atRung, byText, rungOf, timesOf, type Drill, type Phase } from "../drill/drill";
import type { Library } from "../content/library";
import { drillOf } from "../content/library";
import { handsSeconds, isOnHands } from "../safety/hands-week";
import type { PrepItem } from "../records/records";
import { hardDay, loadingKinds } from "../doses/stretch-days";
import { benefit, benefitPieces } from "./benefit";
import { ladderOf } from "./doses";
import type { Eligible, PlanTerms } from "./eligible";
import type { Emphasis } from "../schedule/block";
import { handsBefore, readies, readyAfter, unreadyParts, type HandsReady } from "./hands-first";
import { clash, isMovement, rankOf } from "./order";
import { longestStay } from "./permit";
import { changeKit, changePosition, itemSeconds } from "./timeline";

/** One dose of a candidate: what it takes and what it gives to each cell, seconds. */
export type Level = { dose: Dose; seconds: number; feeds: { cell: number; seconds: number }[] };

/** A drill that may stand at one place of the prep, with every dose it may have. */
export type Option = Eligible & { levels: Level[]; group: number | null; cost: number };

/**
 * Choosing drills as a programme over plain numbers: both the instant search and the solver work on it.
 * `options` are in the order in which they will stand. Times are whole seconds. Changes of place are counted
 * a little high (once for every group of drills done in one position, and for every drill that fetches kit),
 * so that what the model says fits, fits.
 */
export type Model = {
  options: Option[];
  budget: number;
  /** What a second on a motion in a phase is worth, and the seconds already given by fixed items. */
  cells: { weight: number; already: number }[];
  /** Paid once when any of these is chosen. */
  covers: { bonus: number; by: number[]; name: string }[];
  /** The first only with one of the others. */
  needsOne: { option: number; anyOf: number[] }[];
  /** Never both. */
  clashes: (readonly [number, number])[];
  /** A change of position, paid once for a group. */
  groups: { seconds: number }[];
  /** Segments that may take only so much of the minutes. */
  atMost: { members: number[]; seconds: number }[];
};

/** Which level of each option is chosen; 0 is none, 1 the lightest. */
export type ModelChoice = number[];

/** What a phase's seconds are worth: held stretches less before training, more in a session of their own. */
const phaseShare: Record<"warm-up" | "mobility", Record<Phase, number>> = {
  "warm-up": { raise: 1, loosen: 1.1, open: 0.7, own: 1, use: 1.2, settle: 0 },
  mobility: { raise: 1, loosen: 0.7, open: 1.2, own: 1, use: 1, settle: 0.5 },
};

/** What the emphasis of a block's week makes of it. Working figures. */
const emphasisShare: Record<Emphasis, Partial<Record<Phase, number>>> = {
  open: { open: 1.25, own: 0.9, use: 0.8 },
  own: { open: 0.85, own: 1.35 },
  use: { open: 0.7, own: 1.1, use: 1.5 },
};

/** What a second in a phase is worth, by the doses of the format and the emphasis of the week. */
export const phaseWorth = (
  doses: "warm-up" | "mobility",
  phase: Phase,
  emphasis: Emphasis | null = null,
): number => phaseShare[doses][phase] * (emphasis ? (emphasisShare[emphasis][phase] ?? 1) : 1);

/** How many seconds of the largest need each obligation is worth. Working figures. */
const worth = { wrists: 200, part: 240, wanted: 120, plane: 25, joint: 20, seen: 6 } as const;

export type ModelTerms = PlanTerms & {
  library: Library;
  budget: number;
  /** The minutes of the whole prep: what a segment's share is a share of. */
  whole: number;
  fixed: readonly PrepItem[];
  /** The aim puts weight on the hands: the wrists are prepared whatever else is chosen. */
  loadsHands: boolean;
  /** Drills of the last preps, the latest first: others are preferred a little. */
  recent: readonly (readonly string[])[];
  /** How many times the usual the planner pays to do something else than last time. */
  variety?: number;
};

/** The programme of a prep. Candidates must be eligible already. */
export function modelOf(pool: readonly Eligible[], terms: ModelTerms): Model {
  const { format, needs, fixed, library } = terms;
  const cells: Model["cells"] = [];
  const cellIds = new Map<string, number>();
  const weights = new Map<MotionId, number>(needs.map(({ motion, weight }) => [motion, weight]));
  for (const [motion, weight] of extraNeeds(terms, pool))
    weights.set(motion, Math.max(weight, weights.get(motion) ?? 0));
  const top = Math.max(0.001, ...weights.values());
  const cellOf = (motion: MotionId, phase: Phase): number | null => {
    const weight = weights.get(motion);
    if (!weight) return null;
    const key = `${motion}/${phase}`;
    let cell = cellIds.get(key);
    if (cell === undefined) {
      cellIds.set(key, (cell = cells.length));
      cells.push({ weight: weight * phaseWorth(format.doses, phase, terms.emphasis), already: 0 });
    }
    return cell;
  };
  const sharesOf = (serves: Drill["serves"], phase: Phase) =>
    serves.flatMap(({ motion, share }) => {
      const cell = cellOf(motion, phase);
      return cell === null ? [] : [{ cell, share }];
    });
  for (const item of fixed) {
    const drill = drillOf(library, item.drillId);
    if (!drill) continue;
    const work = workSeconds(item.dose);
    for (const { cell, share } of sharesOf(drill.serves, item.phase))
      cells[cell]!.already += share * work;
  }
  const groupIds = new Map<string, number>();
  const groups: Model["groups"] = [];
  const stood = [...pool].sort(
    (a, b) => standing(a, terms) - standing(b, terms) || inSegment(a, b),
  );
  const options = stood.map((entry): Option => {
    const { drill, rung, segment } = entry;
    const here = atRung(drill, rung);
    const brings = rung.kit.some((item) => item !== "wall" && item !== "mat");
    const key = [
      format.segments.indexOf(segment),
      rankOf(drill),
      drill.preparesHands,
      here.position,
    ].join("/");
    if (!brings && !groupIds.has(key)) {
      groupIds.set(key, groups.length);
      groups.push({ seconds: changePosition });
    }
    const shares = sharesOf(here.serves, segment.phase);
    const levels = ladderOf(entry.dose, drill, format, longestStay(terms.body, drill, rung)).map(
      (dose): Level => {
        const work = workSeconds(dose);
        return {
          dose,
          seconds: itemSeconds(dose, drill, here.sided ? bothSides : []) + (brings ? changeKit : 0),
          feeds: shares.map(({ cell, share }) => ({ cell, seconds: share * work })),
        };
      },
    );
    const seen = terms.recent.findIndex((drills) => drills.includes(drill.id));
    return {
      ...entry,
      levels: resting(entry, terms) ? levels.slice(0, 1) : levels,
      group: brings ? null : groupIds.get(key)!,
      cost: seen < 0 ? 0 : (worth.seen * top * (terms.variety ?? 1)) / (1 + seen),
    };
  });
  return {
    options,
    budget: terms.budget,
    cells,
    groups,
    covers: coversOf(options, terms, top),
    needsOne: needsOneOf(options, terms),
    clashes: clashesOf(options),
    atMost: [
      ...segmentShares(options, terms),
      ...tenderShares(options, terms),
      ...handsShare(options, terms),
      ...restShares(options, terms),
    ],
  };
}

/** Segments that may take only their share of the minutes. */
const segmentShares = (
  options: readonly Option[],
  { format, whole }: ModelTerms,
): Model["atMost"] =>
  format.segments.flatMap((segment) =>
    segment.most < 1
      ? [
          {
            members: indexes(options, (one) => one.segment === segment),
            seconds: Math.floor(segment.most * whole),
          },
        ]
      : [],
  );

/** Joints that are still sore take at most two thirds of what they had last, fixed items included. */
const tenderShares = (
  options: readonly Option[],
  { tender = [], fixed, library }: ModelTerms,
): Model["atMost"] =>
  tender.map(({ joint, most }) => {
    const there = fixed.reduce((sum, item) => {
      const drill = drillOf(library, item.drillId);
      return drill && mainly(drill, joint)
        ? sum + timesOf(drill, item.rungId) * workSeconds(item.dose)
        : sum;
    }, 0);
    return {
      members: indexes(options, ({ drill }) => mainly(drill, joint)),
      seconds: Math.max(0, most - there),
    };
  });

/** What a joint that rests today is loaded at most, seconds: half of what makes a day hard. */
const restMost = hardDay / 2;

/** Joints that rest today, after a hard day or a hard week, get a light day: stretches, strength and skills together. */
const restShares = (options: readonly Option[], { rested = [] }: ModelTerms): Model["atMost"] =>
  [...new Set(rested.map((motion) => motionOf(motion).joint))].map((joint) => ({
    members: indexes(
      options,
      ({ drill }) =>
        loadingKinds.includes(drill.kind) &&
        drill.serves.some(({ motion, share }) => share >= 0.3 && motionOf(motion).joint === joint),
    ),
    seconds: restMost,
  }));

/** Somebody who is growing has only so much of a week on the hands. */
function handsShare(
  options: readonly Option[],
  { body, fixed, library }: ModelTerms,
): Model["atMost"] {
  if (body.handsLeft === null) return [];
  const there = fixed.reduce((sum, item) => {
    const drill = drillOf(library, item.drillId);
    return drill ? sum + handsSeconds(drill, rungOf(drill, item.rungId), item.dose) : sum;
  }, 0);
  return [
    {
      members: indexes(options, ({ drill, rung }) => isOnHands(drill, rung)),
      seconds: Math.max(0, body.handsLeft - there),
    },
  ];
}

const indexes = (options: readonly Option[], test: (option: Option) => boolean): number[] =>
  options.flatMap((option, i) => (test(option) ? [i] : []));

const standing = ({ segment }: Eligible, { format }: PlanTerms): number =>
  format.segments.indexOf(segment);

/** Order inside a segment: kind, wrists first, position, name. */
function inSegment(a: Eligible, b: Eligible): number {
  return (
    rankOf(a.drill) - rankOf(b.drill) ||
    Number(b.drill.preparesHands) - Number(a.drill.preparesHands) ||
    byText(atRung(a.drill, a.rung).position, atRung(b.drill, b.rung).position) ||
    byText(a.drill.id, b.drill.id)
  );
}

/** Where a format serves every joint, or a flagged one, each of its motions weighs alike. */
function extraNeeds(
  { format, flagged = [], needs }: ModelTerms,
  pool: readonly Eligible[],
): [MotionId, number][] {
  const top = Math.max(0.3, ...needs.map(({ weight }: Need) => weight));
  const served = pool.flatMap(({ drill }) => drill.serves.map(({ motion }) => motion));
  const wanted = (motion: MotionId): number =>
    format.kind === "issue" && flagged.includes(motionOf(motion).joint)
      ? top
      : format.serves === "every-joint"
        ? 0.3
        : 0;
  return [...new Set(served)].flatMap((motion): [MotionId, number][] =>
    wanted(motion) > 0 ? [[motion, wanted(motion)]] : [],
  );
}

const resting = ({ drill }: Eligible, { rested = [] }: PlanTerms): boolean =>
  loadingKinds.includes(drill.kind) &&
  drill.serves.some(({ motion, share }) => share >= 0.5 && rested.includes(motion));

/** The three parts that every flagged joint gets before the warm-up. */
const issueParts: { name: string; kinds: readonly Drill["kind"][] }[] = [
  { name: "soft tissue", kinds: ["soft-tissue"] },
  { name: "mobility", kinds: ["circles", "dynamic", "static", "contract-relax"] },
  { name: "light strength", kinds: ["strength", "active"] },
];

function coversOf(options: readonly Option[], terms: ModelTerms, top: number): Model["covers"] {
  const { format, flagged = [], fixed, library } = terms;
  const there = fixed.flatMap(({ drillId }) => drillOf(library, drillId) ?? []);
  const covers: Model["covers"] = [];
  const add = (
    name: string,
    bonus: number,
    test: (drill: Drill, option: Option | null) => boolean,
  ) => {
    if (there.some((drill) => test(drill, null))) return;
    const by = indexes(options, (option) => test(option.drill, option));
    if (by.length > 0) covers.push({ name, bonus: bonus * top, by });
  };
  if (terms.loadsHands)
    add(
      "wrists",
      worth.wrists,
      (drill, option) =>
        drill.preparesHands && (option === null || readiesFor(option, beforeHandstand)),
    );
  if (format.kind === "issue")
    for (const joint of flagged)
      for (const { name, kinds } of issueParts)
        add(
          `${joint}: ${name}`,
          worth.part,
          (drill) => kinds.includes(drill.kind) && mainly(drill, joint),
        );
  for (const segment of format.segments)
    if (segment.wanted) add(segment.name, worth.wanted, (_, option) => option?.segment === segment);
  if (format.kind === "warm-up" || format.contracted)
    for (const plane of ["sagittal", "frontal", "transverse"] as const)
      add(`${plane} plane`, worth.plane, (drill) => drill.planes.includes(plane));
  if (format.kind === "warm-up" || format.kind === "circles")
    for (const joint of new Set(terms.needs.map(({ motion }) => motionOf(motion).joint)))
      add(`${joint} circled`, worth.joint, (drill) => isLoose(drill) && mainly(drill, joint));
  return covers;
}

const isLoose = ({ kind }: Drill): boolean => kind === "circles" || kind === "dynamic";
/** At least half of its dose counts for a motion of the joint. */
export const mainly = (drill: Drill, joint: string): boolean =>
  drill.serves.some(({ motion, share }) => share >= 0.5 && motionOf(motion).joint === joint);

function needsOneOf(
  options: readonly Option[],
  { format, fixed, library }: ModelTerms,
): Model["needsOne"] {
  const there = fixed.flatMap(({ drillId }) => drillOf(library, drillId) ?? []);
  const segmentOf = (item: PrepItem): number =>
    format.segments.findIndex(
      ({ name, phase }) => phase === item.phase && (item.segment === "" || name === item.segment),
    );
  // What prepares the hands by itself stands first among its like; the rest may come later.
  const readyBefore = ({ segment, drill }: Option) =>
    readyAfter(
      fixed.filter((item) => {
        const own = drillOf(library, item.drillId);
        const [at, here] = [segmentOf(item), format.segments.indexOf(segment)];
        return own?.preparesHands && (at < here || (at === here && rankOf(own) <= rankOf(drill)));
      }),
      library,
    );
  const moves =
    there.some(isMovement) && fixed.some(({ phase }) => phase === "own" || phase === "use");
  return options.flatMap((option, i) => {
    const rules: Model["needsOne"] = [];
    const asked = handsBefore(option.drill, option.rung);
    if (unreadyParts(readyBefore(option), asked).length > 0)
      rules.push({
        option: i,
        anyOf: indexes(options, (other) => readiesFor(other, asked)).filter((j) => j < i),
      });
    if (format.doses === "warm-up" && option.drill.kind === "static" && !moves)
      rules.push({
        option: i,
        anyOf: indexes(options, ({ drill }) => isMovement(drill)).filter((j) => j > i),
      });
    if (
      format.contracted &&
      (option.drill.kind === "static" || option.drill.kind === "contract-relax")
    )
      rules.push({
        option: i,
        anyOf: indexes(options, ({ drill }) => contracts(drill, option.drill)).filter((j) => j < i),
      });
    return rules;
  });
}

/** What an aim on the hands asks of them, whatever else is chosen. */
const beforeHandstand: HandsReady = { wrist: 20, forearm: 12, fingers: 10 };

/** The lightest dose of an option works the hands enough for what is asked. */
const readiesFor = ({ drill, rung, levels }: Option, asked: HandsReady): boolean =>
  unreadyParts(readies(drill, rung, levels[0]!.dose), asked).length === 0;

/** The first shortens a muscle that the second stretches. */
export const contracts = (work: Drill, stretch: Drill): boolean =>
  work.kind === "strength" &&
  work.serves.some(
    ({ motion, share }) =>
      share >= 0.5 &&
      stretch.serves.some(
        (other) => other.share >= 0.5 && motionOf(motion).opposes.includes(other.motion),
      ),
  );

/** Pairs that may not both stand: the same drill in two segments, and what the order forbids. */
function clashesOf(options: readonly Option[]): Model["clashes"] {
  const found: (readonly [number, number])[] = [];
  options.forEach((later, j) => {
    for (let i = 0; i < j; i += 1) {
      const first = options[i]!;
      if (first.drill === later.drill || clash(first.drill, later.drill)) found.push([i, j]);
    }
  });
  return found;
}

/** Seconds that a choice takes in the model: a little more than it really does. */
export function secondsOfChoice({ options, groups }: Model, choice: ModelChoice): number {
  const used = new Set<number>();
  let sum = 0;
  choice.forEach((level, i) => {
    if (level === 0) return;
    const option = options[i]!;
    sum += option.levels[level - 1]!.seconds;
    if (option.group !== null) used.add(option.group);
  });
  for (const group of used) sum += groups[group]!.seconds;
  return sum;
}

/** Σ need × benefit of the seconds on each motion and phase, and what is paid for obligations met. */
export function valueOfChoice({ options, cells, covers }: Model, choice: ModelChoice): number {
  const seconds = cells.map(({ already }) => already);
  let value = 0;
  choice.forEach((level, i) => {
    if (level === 0) return;
    value -= options[i]!.cost;
    for (const feed of options[i]!.levels[level - 1]!.feeds) seconds[feed.cell]! += feed.seconds;
  });
  cells.forEach(({ weight, already }, cell) => {
    value += weight * (benefit(seconds[cell]!) - benefit(already));
  });
  for (const { bonus, by } of covers) if (by.some((i) => choice[i]! > 0)) value += bonus;
  return value;
}

/** The pieces of a cell's benefit that are left above what fixed items already give. */
export function piecesAbove(already: number): { seconds: number; rate: number }[] {
  let from = 0;
  return benefitPieces.flatMap(([length, rate]) => {
    const left = Math.max(0, from + length - Math.max(from, already));
    from += length;
    return left > 0 ? [{ seconds: left, rate }] : [];
  });
}
