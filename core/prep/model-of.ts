import { complaintRows } from "../body/complaints";
import { motionOf, MotionId } from "../body/motions";
import { bothSides } from "../body/side";
import { setSeconds, setsOf, workSeconds, type Dose } from "../drill/dose";
import { atRung, byText, rungOf, timesOf, type Drill, type Phase } from "../drill/drill";
import { drillOf } from "../content/library";
import { handsSeconds, isOnHands } from "../safety/hands-week";
import { hardDay, loadingKinds } from "../doses/stretch-days";
import { indexes, type Level, type Model, type ModelTerms, type Option } from "./model";
import { ladderOf, usualSets, worthDoing } from "./doses";
import type { Eligible, PlanTerms } from "./eligible";
import type { Emphasis } from "../schedule/block";
import { everydayJoints, mainly } from "./mainly";
import { coversOf, needsOneOf } from "./obligations";
import { asideOf } from "./format-by";
import { adviceOf, clash, rankOf } from "./order";
import type { Advice } from "../content/schools";
import { longestStay } from "./permit";
import { changeKit, changePosition, itemSeconds } from "./timeline";

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

/** What strength at the end and stretching are worth where the active range is much less than the passive. */
const moreOwn = 1.6;
const lessOpen = 0.6;

/** How many seconds of the largest need it is worth not to repeat a drill of last time. Working figure. */
const freshness = 6;

/** How many seconds of the largest need it is worth to stay in one position. Working figure. */
const upAndDown = 10;

/** What a second for the whole body is worth where a part is drawn from it, of the largest need. */
const bodyShare = 0.2;
/** The same where a format serves every joint alike. */
const everyJoint = 0.3;

/** How many seconds of the largest need one thing more is worth before training. Working figure. */
const breadth = 6;

/** What a set beyond the usual number is worth of the first: breadth comes before sets. */
const furtherSet = 0.4;

/** No drill takes more of the minutes than this, but the raise, split practice and long stays. */
export const mostOfMinutes = 0.25;
/** In few minutes a drill may still take so many seconds. */
const leastRoom = 60;

/** The programme of a prep. Candidates must be eligible already. */
export function modelOf(pool: readonly Eligible[], terms: ModelTerms): Model {
  const { format, needs, fixed, library } = terms;
  const cells: Model["cells"] = [];
  const cellIds = new Map<string, number>();
  const weights = new Map<MotionId, number>(needs.map(({ motion, weight }) => [motion, weight]));
  for (const motion of complaintMotions(terms))
    weights.set(motion, Math.max(everyJoint, ...weights.values()));
  const top = Math.max(everyJoint / 3, ...weights.values());
  const base = format.serves === "every-joint" ? everyJoint : 0;
  const general = new Set(
    format.segments.flatMap(({ from, phase }) => (from === "whole-body" ? [phase] : [])),
  );
  // Where the muscles lag behind the joint, strength at the end is worth more and stretching less.
  const lagging = new Set(
    needs.flatMap(({ motion, finding }) => (finding?.found === "active-less" ? [motion] : [])),
  );
  const leanTo = (motion: MotionId, phase: Phase): number =>
    !lagging.has(motion) ? 1 : phase === "own" ? moreOwn : phase === "open" ? lessOpen : 1;
  const wholeBody = (motion: MotionId): boolean =>
    terms.loadsHands || everydayJoints.some((joint) => joint === motionOf(motion).joint);
  const cellOf = (motion: MotionId, phase: Phase): number | null => {
    const weight = Math.max(
      weights.get(motion) ?? 0,
      base / motionsOf(motion),
      general.has(phase) && wholeBody(motion) ? (bodyShare * top) / motionsOf(motion) : 0,
    );
    if (!weight) return null;
    const key = `${motion}/${phase}`;
    let cell = cellIds.get(key);
    if (cell === undefined) {
      cellIds.set(key, (cell = cells.length));
      cells.push({
        weight: weight * leanTo(motion, phase) * phaseWorth(format.doses, phase, terms.emphasis),
        already: 0,
      });
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
  const all = stood.map((entry): Option => {
    const { drill, rung, segment } = entry;
    const here = atRung(drill, rung);
    const brings = rung.kit.some((item) => item !== "wall" && item !== "mat");
    const key = [format.segments.indexOf(segment), here.position].join("/");
    const { outside } = segment;
    if (!brings && !outside && !groupIds.has(key)) {
      groupIds.set(key, groups.length);
      groups.push({ seconds: changePosition, cost: upAndDown * top });
    }
    const shares = sharesOf(here.serves, segment.phase);
    const sides = here.sided ? bothSides : [];
    const ladder = ladderOf(entry.dose, drill, format, longestStay(terms.body, drill, rung));
    const levels = worthDoing(ladder, entry.dose, format, terms.whole)
      .filter((dose) => itemSeconds(dose, drill, sides) <= roomOf(drill, here.position, terms))
      .map((dose): Level => {
        const work = countedSeconds(dose, usualSets(entry.dose, format));
        return {
          dose,
          seconds: outside ? 0 : itemSeconds(dose, drill, sides) + (brings ? changeKit : 0),
          feeds: shares.map(({ cell, share }) => ({ cell, seconds: share * work })),
        };
      });
    const seen = terms.recent.findIndex((drills) => drills.includes(drill.id));
    return {
      ...entry,
      levels: resting(entry, terms) ? levels.slice(0, 1) : levels,
      group: brings || outside ? null : groupIds.get(key)!,
      // The skill and what readies the hands stay; the rest turns.
      cost:
        (seen < 0 || drill.kind === "skill" || drill.preparesHands
          ? 0
          : (freshness * top * (terms.variety ?? 1)) / (1 + seen)) -
        (format.doses === "warm-up" && shares.length > 0 ? breadth * top : 0),
    };
  });
  const options = all.filter(({ levels }) => levels.length > 0);
  return {
    options,
    counts: [
      ...format.segments.flatMap((segment) =>
        segment.drills < 20
          ? [{ members: indexes(options, (one) => one.segment === segment), most: segment.drills }]
          : [],
      ),
      ...(format.kind === "circles" ? aRegionEach(options) : []),
    ],
    budget: terms.budget,
    cells,
    groups,
    covers: coversOf(options, terms, top),
    needsOne: needsOneOf(options, terms),
    clashes: clashesOf(options, asideOf(terms)),
    atMost: [
      ...segmentShares(options, terms),
      ...tenderShares(options, terms),
      ...handsShare(options, terms),
      ...restShares(options, terms),
    ],
  };
}

/** Drills of one part of the body in a round of every joint. */
const mostOfRegion = 3;

const aRegionEach = (options: readonly Option[]): Model["counts"] =>
  [...new Set(options.map(({ drill }) => drill.region))].map((region) => ({
    members: indexes(options, ({ drill }) => drill.region === region),
    most: mostOfRegion,
  }));

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

/** How many motions a joint has beside two: what a joint is worth is shared among them. */
const motionsOf = (motion: MotionId): number =>
  MotionId.options.filter((one) => motionOf(one).joint === motionOf(motion).joint).length / 2;

/** The most seconds that one drill may take of these minutes. */
const roomOf = (drill: Drill, position: string, { whole, schools, format }: ModelTerms): number =>
  position === "split" ||
  (schools?.hold === "long" && drill.kind === "static") ||
  format.kind === "circles"
    ? Infinity
    : Math.max(leastRoom, mostOfMinutes * whole);

/** Seconds of a dose as they count: sets beyond the usual number less. */
function countedSeconds(dose: Dose, usual: number): number {
  const sets = setsOf(dose);
  return setSeconds(dose) * (Math.min(sets, usual) + furtherSet * Math.max(0, sets - usual));
}

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

/** What the joints that are complained of are about, in an issue prep. */
const complaintMotions = ({ format, flagged = [] }: PlanTerms): MotionId[] =>
  format.kind === "issue" ? flagged.flatMap((joint) => complaintRows[joint].tissues) : [];

const resting = ({ drill }: Eligible, { rested = [] }: PlanTerms): boolean =>
  loadingKinds.includes(drill.kind) &&
  drill.serves.some(({ motion, share }) => share >= 0.5 && rested.includes(motion));

/** Pairs that may not both stand: the same drill in two segments, and what the order forbids. */
function clashesOf(options: readonly Option[], aside: readonly Advice[]): Model["clashes"] {
  const found: (readonly [number, number])[] = [];
  options.forEach((later, j) => {
    for (let i = 0; i < j; i += 1) {
      const first = options[i]!;
      const rule = clash(first.drill, later.drill);
      const advice = rule && adviceOf(rule);
      if (first.drill === later.drill || (rule && !(advice && aside.includes(advice))))
        found.push([i, j]);
    }
  });
  return found;
}
