import { motionOf, type MotionId } from "../body/motions";
import { atRung, rungOf, type Drill } from "../drill/drill";
import type { PrepItem } from "../exchange/records";
import { drillOf, type Library } from "../library";

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

/** A long stretch, an end range or the skill: never cold. */
export const wantsWarmth = (drill: Drill): boolean =>
  ["static", "contract-relax", "active", "skill"].includes(drill.kind);
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
export function clash(first: Drill, second: Drill): string | null {
  if (first.phase === "settle" && second.phase !== "settle")
    return `${second.name} would come after the wind-down.`;
  const reason = wrongWay(first, second);
  return reason && shareMotion(first, second)
    ? `${second.name} comes before ${first.name}: ${reason}.`
    : null;
}

/** Why work of one kind does not come before work of another on the same motion; null where it may. */
function wrongWay(first: Drill, second: Drill): string | null {
  if (isStretch(first) && second.kind === "soft-tissue") return "soft tissue before stretching";
  if ((isStretch(first) || first.kind === "active") && isLoosening(second))
    return "circles and swings before the end of the range";
  if (first.kind === "active" && isStretch(second)) return "stretch, then use the new range";
  if (first.kind === "strength" && (isLoosening(second) || second.kind === "soft-tissue"))
    return "easy before loaded";
  if (first.kind === "skill" && second.kind !== "skill") return "general before specific";
  return null;
}

/** Longest hold before training, seconds; strong repeats are let go in between for so long. */
export const longestHoldBefore = 30;
export const leastRelease = 5;

/** A rule that a prep breaks: where, and why. */
export type Breach = { at: number; text: string };

export type OrderTerms = {
  alreadyWarm: boolean;
  /** Before training: holds are short, and movement follows them. */
  beforeTraining?: boolean;
  /** Motions that are locked out of plans. */
  locked?: readonly MotionId[];
};

/** The first motion a drill works on that is locked; undefined when it may be done. */
export const lockedIn = (
  drill: Pick<Drill, "serves">,
  locked: readonly MotionId[],
): MotionId | undefined => drill.serves.find(({ motion }) => locked.includes(motion))?.motion;

/**
 * Every rule of order and safety that a prep breaks, first to last; none when it is safe.
 * Temperature before stretching, wrists before weight on the hands, soft tissue before stretching, circles
 * before the end of the range, easy before loaded, general before specific, stretching before its use, winding down
 * last, strong repeats released, before training only short holds with movement after them, and nothing on a motion
 * that is locked.
 */
export function breaches(
  items: readonly PrepItem[],
  library: Library,
  terms: OrderTerms,
): Breach[] {
  const found: Breach[] = [];
  const drills = items.map(({ drillId }) => drillOf(library, drillId));
  let warm = terms.alreadyWarm;
  let wrists = false;
  items.forEach((item, at) => {
    const drill = drills[at];
    if (!drill) return;
    const say = (text: string) => found.push({ at, text });
    const shut = lockedIn(drill, terms.locked ?? []);
    if (shut)
      say(
        `${drill.name} works on ${motionOf(shut).name.toLowerCase()}, which is locked after pain until somebody clears it.`,
      );
    if (!warm && wantsWarmth(drill))
      say(`${drill.name} would come before the temperature is up. Cold tissue is not stretched.`);
    if (atRung(drill, rungOf(drill, item.rungId)).loadsHands && !wrists && !drill.preparesHands)
      say(`${drill.name} puts weight on the hands: the wrists go first.`);
    for (let earlier = 0; earlier < at; earlier += 1) {
      const before = drills[earlier];
      if (!before || isRepeat(items, earlier, at)) continue;
      const why = clash(before, drill);
      if (why) {
        say(why);
        break;
      }
    }
    if (item.dose.type === "hold" && item.dose.sets > 1 && item.dose.rest < leastRelease)
      say(`${drill.name}: let go for at least ${leastRelease} s between repeats of a stretch.`);
    if (terms.beforeTraining && drill.kind === "static") sayShort(item, at, say);
    warm ||= drill.phase === "raise";
    wrists ||= drill.preparesHands;
  });
  return found;

  function sayShort(item: PrepItem, at: number, say: (text: string) => void): void {
    const name = drills[at]!.name;
    if (item.dose.type === "hold" && item.dose.seconds > longestHoldBefore)
      say(`${name} is held longer than ${longestHoldBefore} s before training.`);
    const again = drills.slice(0, at).includes(drills[at]);
    if (!again && !drills.slice(at + 1).some((later) => later && isMovement(later)))
      say(`${name} is held last: before training, movement follows a hold.`);
  }
}

/** The same drill once more, as the closing repeat of an issue prep or a second round. */
const isRepeat = (items: readonly PrepItem[], earlier: number, later: number): boolean =>
  items.slice(0, later).some(({ drillId }, i) => i <= earlier && drillId === items[later]!.drillId);

/** The first rule this order breaks, as a sentence; null when it is safe. */
export const unsafeOrder = (
  items: readonly PrepItem[],
  library: Library,
  alreadyWarm: boolean,
): string | null => breaches(items, library, { alreadyWarm })[0]?.text ?? null;

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
        ({ at, text }) =>
          at === done.length || (at > done.length && namesFirst(text, item, order[at]!)),
      );
    });
    done.push(...waiting.splice(Math.max(0, next), 1));
  }
  return done;

  /** A pair broken because this item would come first. */
  function namesFirst(text: string, first: PrepItem, second: PrepItem): boolean {
    const [a, b] = [drillOf(library, first.drillId), drillOf(library, second.drillId)];
    return Boolean(a && b && clash(a, b) === text);
  }
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
