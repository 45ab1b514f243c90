import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { DemandGap } from "#core/aim/margin";
import type { Skill } from "#core/content/skill";
import type { CleanStep } from "#core/limit/clean-set";
import type { AimSide, Limits } from "#core/shape/limits";
import type { Body } from "#core/shape/solve";
import type { ShapeSolver } from "../../workers/shape.worker";

let solver: Remote<ShapeSolver> | null = null;

/** The solver in its own thread, started with the first question. */
const solving = (): Remote<ShapeSolver> =>
  (solver ??= wrap<ShapeSolver>(
    new Worker(new URL("../../workers/shape.worker.ts", import.meta.url), { type: "module" }),
  ));

/** What would make the line clean; undefined while it is being found, null when no reachable range does. */
export type CleanSet = CleanStep[] | null | undefined;

/** What would make the line clean, worked out beside the page; an answer that comes too late is dropped. */
export function useCleanSet(
  skill: Skill,
  limits: Limits,
  aim: AimSide,
  body: Body,
  gaps: readonly DemandGap[],
): CleanSet {
  const question = JSON.stringify([skill.id, limits, aim, body, gaps]);
  const [found, setFound] = useState<{ question: string; set: CleanSet }>({
    question: "",
    set: undefined,
  });
  useEffect(() => {
    let late = false;
    const [, ...asked] = JSON.parse(question) as [string, Limits, AimSide, Body, DemandGap[]];
    void solving()
      .cleanSet(skill, ...asked)
      .then((set) => {
        if (!late) setFound({ question, set });
      });
    return () => {
      late = true;
    };
  }, [question, skill]);
  return found.question === question ? found.set : undefined;
}
