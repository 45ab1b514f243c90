import type { DemandGap } from "../aim/margin";
import type { MotionId } from "../body/motions";
import type { Skill } from "../content/skill";
import type { AimSide } from "../shape/limits";
import type { Line, Shape } from "../shape/shape";
import { shapeOf, type Body } from "../shape/solve";
import { remembered } from "../stats/remembered";
import { drawings, drawnBy, errorsOf, limitsDrawn } from "./drawings";

/** Eight of ten drawings lie between these. */
export type Between = { low: number; high: number };

/** How far a shape is known: what the errors of the checks leave open. */
export type ShapeSpread = {
  score: Between;
  /** The size that the line's sentence tells, in its own unit; null where it tells none. */
  size: Between | null;
  /** Shapes at either end of the scores, the poorer first. */
  ends: readonly [Shape, Shape];
  /** The motion whose error leaves most of it open. */
  mostBy: MotionId;
};

/** Of so many drawings the interval leaves out two at either end: eight of ten are inside. */
const cutOff = Math.floor(drawings / 10);
/** So many drawings tell how much one reading alone leaves open. */
const few = 12;

/**
 * How far a shape is known: solved anew with the errors of the checks drawn {@link drawings} times. What was never
 * measured is taken as adults usually have it, here as in the shape; its own spread is not in the interval.
 * @returns null where nothing was measured
 */
export const spreadOf = remembered(
  (skill: Skill, aim: AimSide, body: Body, gaps: readonly DemandGap[]): ShapeSpread | null => {
    const measured = [
      ...new Set(
        gaps
          .filter(({ sides }) => sides.some(({ have }) => have))
          .map(({ demand }) => demand.motion),
      ),
    ];
    if (measured.length === 0) return null;
    const solved = (drawing: number, only: MotionId | null): Shape => {
      const errors = errorsOf(drawing);
      const drawn = drawnBy(gaps, (reading) => {
        const error = errors(reading);
        return only === null || reading.startsWith(`${only}/`) ? error : 0;
      });
      return shapeOf(skill, limitsDrawn(skill, drawn), aim, body);
    };
    const shapes = Array.from({ length: drawings }, (_, n) => solved(n, null)).sort(
      (a, b) => a.score - b.score,
    );
    const ends = [shapes[cutOff]!, shapes.at(-1 - cutOff)!] as const;
    const sizes = shapes.flatMap(({ line }) => sizeOf(line) ?? []).sort((a, b) => a - b);
    const openBy = (motion: MotionId): number => {
      const scores = Array.from({ length: few }, (_, n) => solved(n, motion).score);
      return Math.max(...scores) - Math.min(...scores);
    };
    const open = measured.map((motion) => ({ motion, by: openBy(motion) }));
    return {
      score: { low: ends[0].score, high: ends[1].score },
      size:
        sizes.length === drawings ? { low: sizes[cutOff]!, high: sizes.at(-1 - cutOff)! } : null,
      ends,
      mostBy: open.reduce((most, one) => (one.by > most.by ? one : most)).motion,
    };
  },
  (skill, aim, body, gaps) =>
    JSON.stringify([
      skill,
      aim,
      body,
      gaps.map(({ demand: { motion, mode }, need, sides }) => [
        motion,
        mode,
        need,
        sides.map(({ side, asked, have }) => [side, asked, have?.degrees, have?.se]),
      ]),
    ]),
);

/** What of a line is a size that grows as the shape is spoilt, so that its kinds can be set beside one another; null where it has none. */
function sizeOf(line: Line): number | null {
  switch (line.line) {
    case "handstand":
      return 0;
    case "handstand-breaks":
      return line.arch;
    case "bridge":
    case "bridge-low-back":
      return line.reachCm;
    case "flat-front-split":
    case "flat-middle-split":
      return 0;
    case "front-split":
    case "middle-split":
      return line.gapCm;
    case "squat":
      return -line.below;
    case "high-squat":
      return line.above;
    default:
      return null;
  }
}
