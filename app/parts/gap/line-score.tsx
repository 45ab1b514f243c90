import { decimal } from "#words/locale";
import { cleanScore } from "#core/shape/smallest-set";
import type { Skill } from "#core/content/skill";
import type { Shape } from "#core/shape/shape";
import { Meaning } from "../meaning";
import { WhyNote } from "../why";
import type { CleanSet } from "./use-clean-set";
import type { DemandGap } from "#core/aim/margin";
import type { ShapeSpread } from "#core/limit/shape-spread";
import { cleanStepWords, rankedWords } from "#words/aim";
import { scoreWhy } from "#words/shape";

/** The line score, and the smallest set of degrees that makes the shape clean. */
export function LineScore({
  skill,
  shape,
  gaps,
  spread,
  cleanSet,
  imagined,
  measured,
  assumed,
  offer,
}: {
  skill: Skill;
  shape: Shape;
  gaps: readonly DemandGap[];
  spread: ShapeSpread | null;
  cleanSet: CleanSet;
  imagined: boolean;
  /** Whether any joint the skill asks was measured: without one there is no line of this athlete's. */
  measured: boolean;
  /** How many joints are only assumed. */
  assumed: number;
  /** Shows the smallest set as a what-if. */
  offer: () => void;
}) {
  if (!measured && !imagined)
    return (
      <p className="mt-4 border-y border-line py-2 text-sm text-muted">
        <span className="label">Line</span> <b className="figures text-2xl text-ink">?</b> It is
        solved from what was measured. Drag the marker to see what a joint would do.
      </p>
    );
  return (
    <div className="mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-1 border-y border-line py-2">
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className="label">{imagined ? "Line, what if" : "Line"}</span>
        <Meaning of="line" />
        <span className="figures text-3xl font-bold" data-testid="line-score">
          {decimal(shape.score, 0)}
        </span>
        <span className="text-sm text-muted">
          of 100
          {spread && !imagined
            ? `, between ${decimal(spread.score.low, 0)} and ${decimal(spread.score.high, 0)}`
            : ""}
        </span>
        <WhyNote why={scoreWhy(shape, skill.model)} />
      </p>
      <p className="w-full min-w-0 text-sm sm:w-auto sm:flex-1" role="status">
        {cleanSet === undefined ? (
          <span className="text-muted">Working out the least that would do …</span>
        ) : cleanSet === null ? (
          "No range within reach makes this line clean by itself."
        ) : cleanSet.length === 0 ? (
          `Clean from ${cleanScore} on: no degree is missing.`
        ) : (
          <>
            <b>Least that would do:</b> {cleanSet.map(cleanStepWords).join(", ")}.{" "}
            <button type="button" className="underlined" onClick={offer}>
              Show it
            </button>
          </>
        )}
      </p>
      <p className="w-full text-xs text-muted">
        {assumed > 0
          ? `${assumed} joint${assumed > 1 ? "s are" : " is"} not measured and taken as adults usually have ${assumed > 1 ? "them" : "it"}. `
          : ""}
        {rankedWords(gaps)} Drag the marker, or move it by the arrow keys: the figure follows.
      </p>
    </div>
  );
}
