import type { Need } from "../aim/priority";
import { needsOf } from "../aim/priority";
import type { OpenAim } from "../aim/shared";
import { motionOf, type JointId, type MotionId } from "../body/motions";
import { daysBetween, type DayText } from "../dates/days";
import type { Season } from "../records/training";

/** An aim's share of the minutes, 0–1, and whether the coach has fixed it. */
export type AimShare = {
  aimId: string;
  name: string;
  share: number;
  pinned: boolean;
  worth: number;
};

const needsFor = ({ aim, gaps }: OpenAim, today: DayText): Need[] =>
  needsOf(gaps, daysBetween(today, aim.by), aim.overrides);

/**
 * How several aims share the minutes: by the worth of what they still lack, which the nearer date presses. Fixed
 * shares stand as they are (brought down together when they are more than the whole); the others share the rest.
 */
export function aimShares(
  open: readonly OpenAim[],
  fixed: Season["shares"],
  today: DayText,
): AimShare[] {
  const coming = open.filter(({ aim }) => aim.by >= today);
  const own = (aimId: string) => fixed.find((one) => one.aimId === aimId);
  const aims = coming.map((one) => ({
    aimId: one.aim.id,
    name: one.name,
    worth: needsFor(one, today).reduce((sum, { weight }) => sum + weight, 0),
    pinned: own(one.aim.id) !== undefined,
  }));
  const pinned = aims.reduce((sum, { aimId }) => sum + (own(aimId)?.share ?? 0), 0);
  const free = aims.filter((aim) => !aim.pinned);
  const rest = free.length === 0 ? 0 : Math.max(0, 1 - pinned);
  const scale = pinned > 1 || free.length === 0 ? 1 / Math.max(pinned, 1e-9) : 1;
  const worth = free.reduce((sum, aim) => sum + aim.worth, 0);
  return aims.map((aim) => ({
    ...aim,
    share: aim.pinned
      ? own(aim.aimId)!.share * scale
      : worth > 0
        ? (rest * aim.worth) / worth
        : rest / free.length,
  }));
}

/** What a mobility session is for: an aim, and the joint whose long stretches it holds. */
export type Purpose = { aimId: string; joint: JointId; share: number };

/** A joint with less than this share of its aim's need gets no session of its own. */
const tooLittle = 0.15;

/** The joints that sessions are held for, by aim: each with its share of all of them. Joints that pain has shut are left out. */
export function purposes(
  open: readonly OpenAim[],
  shares: readonly AimShare[],
  today: DayText,
  locked: readonly MotionId[] = [],
): Purpose[] {
  const list = open.flatMap((one): Purpose[] => {
    const share = shares.find(({ aimId }) => aimId === one.aim.id)?.share ?? 0;
    if (share === 0) return [];
    const joints = new Map<JointId, number>();
    for (const { motion, weight } of needsFor(one, today))
      if (!locked.includes(motion))
        joints.set(motionOf(motion).joint, (joints.get(motionOf(motion).joint) ?? 0) + weight);
    const all = [...joints.values()].reduce((sum, weight) => sum + weight, 0);
    return [...joints]
      .filter(([, weight]) => weight > 0 && weight >= tooLittle * all)
      .map(([joint, weight]) => ({ aimId: one.aim.id, joint, share: (share * weight) / all }));
  });
  const all = list.reduce((sum, { share }) => sum + share, 0);
  return list
    .map((purpose) => ({ ...purpose, share: purpose.share / all }))
    .sort((a, b) => b.share - a.share);
}

/**
 * So many sessions given out by shares: whole numbers that add up, the largest remainders first. What earlier weeks
 * were short of counts on.
 * @param owed by purpose, what earlier weeks gave too little (positive) or too much
 */
export function givenOut(
  many: number,
  shares: readonly number[],
  owed: readonly number[],
): { counts: number[]; owed: number[] } {
  const wanted = shares.map((share, i) => share * many + (owed[i] ?? 0));
  const counts = wanted.map((want) => Math.max(0, Math.floor(want)));
  let left = many - counts.reduce((sum, count) => sum + count, 0);
  while (left !== 0 && counts.length > 0) {
    const gaps = wanted.map((want, i) => want - counts[i]!);
    const step = Math.sign(left);
    const best = gaps.reduce(
      (at, gap, i) =>
        step > 0
          ? gap > gaps[at]!
            ? i
            : at
          : counts[i]! > 0 && (counts[at] === 0 || gap < gaps[at]!)
            ? i
            : at,
      0,
    );
    counts[best]! += step;
    left -= step;
  }
  return { counts, owed: wanted.map((want, i) => want - counts[i]!) };
}

/** One list of needs for all open aims: each aim's needs by its share of the minutes, what two ask counted twice. */
export function sharedNeeds(
  open: readonly OpenAim[],
  shares: readonly AimShare[],
  today: DayText,
): Need[] {
  const needs = new Map<MotionId, Need>();
  for (const one of open) {
    const share = shares.find(({ aimId }) => aimId === one.aim.id)?.share ?? 0;
    for (const need of needsFor(one, today)) {
      const weight = need.weight * share * open.length;
      const known = needs.get(need.motion);
      needs.set(
        need.motion,
        known
          ? {
              ...(known.weight > weight ? known : need),
              weight: known.weight + weight,
            }
          : { ...need, weight },
      );
    }
  }
  return [...needs.values()].sort((a, b) => b.weight - a.weight);
}
