import type { DemandGap } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Side } from "../body/side";
import type { Mode } from "../content/protocol";
import type { Skill } from "../content/skill";
import type { AimSide, Limits } from "../shape/limits";
import type { Body } from "../shape/solve";
import { smallestSet } from "../shape/smallest-set";
import { isDrawn } from "./drawn";
import { rankingOf } from "./ranking";

/** Degrees to gain of one motion, carried there or by its own muscles. */
export type CleanStep = {
  motion: MotionId;
  mode: Mode;
  sides: Side[];
  degrees: number;
  /** Whether the figure shows it. */
  drawn: boolean;
  /** Never measured: the figure takes what adults usually have. */
  assumed: boolean;
};

/**
 * The least training that makes a skill's line clean, in the order of the ranking: the degrees that the figure lacks,
 * and what the demands lack that it does not show; what was
 * never measured stands last. Null when no reachable range makes it clean.
 */
export function cleanSet(
  skill: Skill,
  limits: Limits,
  aim: AimSide,
  body: Body,
  gaps: readonly DemandGap[],
): CleanStep[] | null {
  const figure = smallestSet(skill, limits, aim, body, rankingOf(gaps));
  if (!figure) return null;
  const modeOf = (motion: MotionId): Mode =>
    skill.demands.find((demand) => demand.motion === motion)?.mode ?? "passive";
  const shown = figure.map((one): CleanStep => ({
    ...one,
    mode: modeOf(one.motion),
    drawn: true,
    assumed: gaps.every(
      ({ demand, verdict }) => demand.motion !== one.motion || verdict === "unknown",
    ),
  }));
  const besides = gaps
    .filter((gap) => gap.block && gap.limiter > 0 && gap.shortage && !isDrawn(gap, skill))
    .map(({ demand, sides, shortage }): CleanStep => ({
      motion: demand.motion,
      mode: demand.mode,
      sides: sides.filter(({ asked }) => asked).map(({ side }) => side),
      degrees: Math.ceil(shortage!),
      drawn: false,
      assumed: false,
    }));
  const rank = ({ motion, mode }: CleanStep): number => {
    const at = gaps.findIndex(({ demand }) => demand.motion === motion && demand.mode === mode);
    return at < 0 ? gaps.length : at;
  };
  return [...shown, ...besides].sort(
    (a, b) => Number(a.assumed) - Number(b.assumed) || rank(a) - rank(b),
  );
}
