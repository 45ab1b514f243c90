import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { Skill } from "#core/content/skill";
import type { AimSide, Limits } from "#core/shape/limits";
import type { Body } from "#core/shape/solve";
import type { DegreeSet, Worth } from "#core/shape/worth";
import type { ShapeSolver } from "../../workers/shape.worker";

let solver: Remote<ShapeSolver> | null = null;

/** The solver in its own thread, started with the first question. */
const solving = (): Remote<ShapeSolver> =>
  (solver ??= wrap<ShapeSolver>(
    new Worker(new URL("../../workers/shape.worker.ts", import.meta.url), { type: "module" }),
  ));

export type Worths = {
  worth: Worth[] | null;
  /** Undefined while it is being found; null when no reachable range makes the shape clean. */
  smallest: DegreeSet | null | undefined;
};

/** What degrees are worth for these limits, worked out beside the page; an answer that comes too late is dropped. */
export function useWorth(skill: Skill, limits: Limits, aim: AimSide, body: Body): Worths {
  const question = JSON.stringify([skill.id, limits, aim, body]);
  const [found, setFound] = useState<{ question: string } & Worths>({
    question: "",
    worth: null,
    smallest: undefined,
  });
  useEffect(() => {
    let late = false;
    const [, ...asked] = JSON.parse(question) as [string, Limits, AimSide, Body];
    void (async () => {
      const worth = await solving().worthOf(skill, ...asked);
      if (late) return;
      setFound({ question, worth, smallest: undefined });
      const smallest = await solving().smallestSet(skill, ...asked);
      if (!late) setFound({ question, worth, smallest });
    })();
    return () => {
      late = true;
    };
  }, [question, skill]);
  return found.question === question ? found : { worth: null, smallest: undefined };
}
