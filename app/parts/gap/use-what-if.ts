import { useMemo, useState } from "react";
import { marginOf } from "#core/aim/gap";
import { type DemandGap } from "#core/aim/margin";
import type { Skill } from "#core/content/skill";
import type { MotionId } from "#core/body/motions";
import type { Side } from "#core/body/side";
import type { Aim } from "#core/records/records";
import { withRange, type Limits } from "#core/shape/limits";
import type { Shape } from "#core/shape/shape";
import { shapeOf, type Body, type Shapes } from "#core/shape/solve";

/** One joint given another range than it has. */
export type WhatIf = { motion: MotionId; side: Side; degrees: number };

export type WhatIfState = {
  edits: WhatIf[];
  shape: Shape;
  limits: Limits;
  gaps: readonly DemandGap[];
  set: (motion: MotionId, side: Side, degrees: number) => void;
  replace: (edits: WhatIf[]) => void;
};

/** What if a joint had more, or less: the limits with the edits, and the shape they allow; solved at every move. */
export function useWhatIf(
  skill: Skill,
  aim: Aim,
  shapes: Shapes,
  body: Body,
  gaps: readonly DemandGap[],
): WhatIfState {
  const [edits, setEdits] = useState<WhatIf[]>([]);
  const limits = useMemo(
    () =>
      edits.reduce<Limits>(
        (so, { motion, side, degrees }) => withRange(so, motion, side, degrees),
        shapes.limits,
      ),
    [edits, shapes.limits],
  );
  const shape = useMemo(
    () =>
      edits.length === 0
        ? shapes.had
        : shapeOf(skill, limits, { side: aim.side, hips: aim.hips }, body),
    [edits.length, shapes.had, skill, limits, aim.side, aim.hips, body],
  );
  const imagined = useMemo(() => gaps.map((gap) => imaginedGap(gap, edits)), [gaps, edits]);
  return {
    edits,
    shape,
    limits,
    gaps: imagined,
    set: (motion, side, degrees) =>
      setEdits((old) => [
        ...old.filter((one) => one.motion !== motion || one.side !== side),
        { motion, side, degrees },
      ]),
    replace: setEdits,
  };
}

/** A gap as it would stand: a joint that is imagined is known as well as it is measured, or exactly. */
function imaginedGap(gap: DemandGap, edits: readonly WhatIf[]): DemandGap {
  if (!edits.some(({ motion }) => motion === gap.demand.motion)) return gap;
  return {
    ...gap,
    sides: gap.sides.map((one) => {
      const edit = edits.find(
        ({ motion, side }) => motion === gap.demand.motion && side === one.side,
      );
      if (!edit) return one;
      const se = one.have?.se ?? 1;
      const have = { degrees: edit.degrees, se };
      return { ...one, ...marginOf(have, gap.need), have };
    }),
  };
}
