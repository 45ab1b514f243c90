import { against, type GateTerms } from "./permit";
import { handsBefore, plus, readies, unready, unreadyParts, type HandsPart } from "./hands-first";
import { raises, warmthFor } from "./warmth";
import { handsSeconds } from "../safety/hands-week";
import type { Advice } from "../content/schools";
import type { Against } from "../records/reasons";
import { rungOf, type Drill } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf, type Library } from "../content/library";

/** Inside a segment: soft tissue, circles, dynamic work, stretches, then their use. */
const kindRank: Record<Drill["kind"], number> = {
  pulse: 0,
  "soft-tissue": 0,
  circles: 1,
  dynamic: 2,
  static: 3,
  "contract-relax": 3,
  active: 4,
  strength: 5,
  skill: 6,
  breathing: 7,
};
export const rankOf = (drill: Drill): number => kindRank[drill.kind];

const isStretch = ({ kind }: Drill): boolean => kind === "static" || kind === "contract-relax";
const isLoosening = ({ kind }: Drill): boolean => kind === "circles" || kind === "dynamic";
/** Work that moves: what has to follow a hold before training. */
export const isMovement = ({ kind }: Drill): boolean =>
  !["static", "contract-relax", "soft-tissue", "breathing"].includes(kind);
const shareMotion = (a: Drill, b: Drill): boolean =>
  a.serves.some(
    ({ motion, share }) =>
      share >= 0.5 && b.serves.some((other) => other.motion === motion && other.share >= 0.5),
  );

/** The rules of order that a pair of drills can break: why the first may not come before the second; null when it may. */
export function clash(first: Drill, second: Drill): Rule | null {
  if (first.phase === "settle" && second.phase !== "settle") return { why: "after-wind-down" };
  const principle = wrongWay(first, second);
  return principle && shareMotion(first, second) ? { why: "order", principle } : null;
}

/** Why work of one kind does not come before work of another on the same motion; null where it may. */
function wrongWay(first: Drill, second: Drill): Principle | null {
  if (isStretch(first) && second.kind === "soft-tissue") return "soft-tissue-first";
  if ((isStretch(first) || first.kind === "active") && isLoosening(second)) return "loosen-first";
  if (first.kind === "strength" && (isLoosening(second) || second.kind === "soft-tissue"))
    return "easy-first";
  if (first.kind === "skill" && second.kind !== "skill") return "general-first";
  return null;
}

/** Longest hold before training, seconds; strong repeats are let go in between for so long. */
export const longestHoldBefore = 30;
export const leastRelease = 5;

/** What goes before what on one motion. */
export type Principle = Extract<
  Advice,
  "soft-tissue-first" | "loosen-first" | "easy-first" | "general-first"
>;

/** A rule of order or safety, as it is broken. */
export type Rule =
  /** Kept from this athlete here and now. */
  | { why: "not-permitted"; against: Against }
  /** So many seconds of whole-body work have to stand before it. */
  | { why: "cold"; seconds: number }
  /** The parts of the hands that have not been worked enough for the weight that comes. */
  | { why: "wrists-first"; parts: HandsPart[] }
  /** More weight on the hands this week than somebody who is growing is given, seconds left. */
  | { why: "hands-week"; seconds: number }
  | { why: "after-wind-down" }
  | { why: "order"; principle: Principle }
  | { why: "no-release"; seconds: number }
  | { why: "held-long"; seconds: number }
  | { why: "held-last" };

/** What a broken rule advises; null where it is no advice but a matter of the gate, of warmth or of the hands. */
export function adviceOf(rule: Rule): Advice | null {
  switch (rule.why) {
    case "order":
      return rule.principle;
    case "after-wind-down":
    case "no-release":
    case "held-long":
    case "held-last":
      return rule.why;
    default:
      return null;
  }
}

/** What keeps a prep from being run: nothing else does. */
export const mustBeMended = (breaches: readonly Breach[]): Breach[] =>
  breaches.filter(({ rule }) => adviceOf(rule) === null);

/** A rule that a prep breaks: at which item, by the names of the drills, and which rule. */
export type Breach = {
  at: number;
  rule: Rule;
  drill: string;
  /** The drill that it stands after and may not; null where the rule is of one drill. */
  other: string | null;
  /** That drill's place in the list. */
  after: number | null;
};

export type OrderTerms = {
  alreadyWarm: boolean;
  /** Before training: holds are short, and movement follows them. */
  beforeTraining?: boolean;
  /** Advice that the coach has set aside. */
  aside?: readonly Advice[];
  /** What keeps a rung from this athlete here and now; without it only the order is judged. */
  gate?: GateTerms;
};

/**
 * Every rule of order and safety that a prep breaks, first to last; none when it is safe.
 * Temperature before stretching, wrists before weight on the hands, soft tissue before stretching, circles
 * before the end of the range, easy before loaded, general before specific, stretching before its use, winding down
 * last, strong repeats released, before training only short holds with movement after them, and nothing on a motion
 * that is
 * kept from the athlete.
 */
export function breaches(
  items: readonly PrepItem[],
  library: Library,
  terms: OrderTerms,
): Breach[] {
  const found: Breach[] = [];
  const drills = items.map(({ drillId }) => drillOf(library, drillId));
  let raised = 0;
  let hands = unready;
  let onHands = 0;
  items.forEach((item, at) => {
    const drill = drills[at];
    if (!drill) return;
    const say = (rule: Rule, after: number | null = null) =>
      found.push({
        at,
        rule,
        drill: drill.name,
        other: after === null ? null : drills[after]!.name,
        after,
      });
    const rung = rungOf(drill, item.rungId);
    if (terms.gate)
      for (const reason of against(terms.gate, { drill, rung, dose: item.dose }))
        say({ why: "not-permitted", against: reason });
    const warmth = terms.alreadyWarm ? 0 : warmthFor(drill, rung, item.dose);
    if (raised < warmth) say({ why: "cold", seconds: warmth });
    const parts = unreadyParts(hands, handsBefore(drill, rung));
    if (parts.length > 0) say({ why: "wrists-first", parts });
    onHands += handsSeconds(drill, rung, item.dose);
    const left = terms.gate?.body.handsLeft ?? null;
    if (left !== null && onHands > left && handsSeconds(drill, rung, item.dose) > 0)
      say({ why: "hands-week", seconds: left });
    for (let earlier = 0; earlier < at; earlier += 1) {
      const before = drills[earlier];
      if (!before || byTheClock(items[earlier]!, item) || isRepeat(items, earlier, at)) continue;
      const rule = clash(before, drill);
      if (rule) {
        say(rule, earlier);
        break;
      }
    }
    if (item.dose.type === "hold" && item.dose.sets > 1 && item.dose.rest < leastRelease)
      say({ why: "no-release", seconds: leastRelease });
    if (terms.beforeTraining && drill.kind === "static") sayShort(item, at, say);
    raised += raises(item, library);
    hands = plus(hands, readies(drill, rung, item.dose));
  });
  const { aside = [] } = terms;
  return found.filter(({ rule }) => {
    const advice = adviceOf(rule);
    return advice === null || !aside.includes(advice);
  });

  function sayShort(item: PrepItem, at: number, say: (rule: Rule) => void): void {
    if (item.dose.type === "hold" && item.dose.seconds > longestHoldBefore)
      say({ why: "held-long", seconds: longestHoldBefore });
    const again = drills.slice(0, at).includes(drills[at]);
    if (!again && !drills.slice(at + 1).some((later) => later && isMovement(later)))
      say({ why: "held-last" });
  }
}

/** Two boxes by the clock: their order is that of the families as they were chosen. */
const byTheClock = (a: PrepItem, b: PrepItem): boolean => a.boxed && b.boxed;

/** The same drill once more, as the closing repeat of an issue prep or a second round. */
const isRepeat = (items: readonly PrepItem[], earlier: number, later: number): boolean =>
  items.slice(0, later).some(({ drillId }, i) => i <= earlier && drillId === items[later]!.drillId);

/**
 * The items in a safe order, moved as little as possible: each goes up until no rule is broken, and repeats are
 * released, long holds shortened. What cannot be mended by moving (no raise at all, no wrist work at all) is left.
 */
export function repaired(
  items: readonly PrepItem[],
  library: Library,
  terms: OrderTerms,
): PrepItem[] {
  const waiting = items.map((item) => eased(item, library, terms));
  const done: PrepItem[] = [];
  while (waiting.length > 0) {
    const next = waiting.findIndex((item, i) => {
      const order = [...done, item, ...waiting.slice(0, i), ...waiting.slice(i + 1)];
      return !breaches(order, library, terms).some(
        // A pair that is broken because this item would come first.
        ({ at, after }) => at === done.length || (at > done.length && after === done.length),
      );
    });
    done.push(...waiting.splice(Math.max(0, next), 1));
  }
  return done;
}

function eased(item: PrepItem, library: Library, { beforeTraining }: OrderTerms): PrepItem {
  if (item.dose.type !== "hold") return item;
  const drill = drillOf(library, item.drillId);
  const rest = item.dose.sets > 1 ? Math.max(leastRelease, item.dose.rest) : item.dose.rest;
  const seconds =
    beforeTraining && drill?.kind === "static"
      ? Math.min(longestHoldBefore, item.dose.seconds)
      : item.dose.seconds;
  return { ...item, dose: { ...item.dose, rest, seconds } };
}
