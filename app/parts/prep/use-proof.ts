import { useEffect, useRef, useState } from "react";
import type { PrepItem } from "#core/records/records";
import { valueOfChoice } from "#core/prep/model";
import { planDraftOf, planOf, type PlanRequest } from "#core/prep/plan";
import { choiceFrom, programmeOf } from "#core/prep/programme";
import { quickChoice } from "#core/prep/greedy";
import { wantedGap } from "#core/stats/prove";
import { proving, stopProving } from "../../workers/proving";

export type ProofState =
  | { status: "none" | "looking" | "stopped" | "failed" }
  | {
      status: "proven";
      items: PrepItem[];
      /** How much better than the instant plan, as a share; 0 when that was as good. */
      better: number;
      /** No plan can be better by more than this share. */
      gap: number;
    };

/** A change smaller than this is not worth another list. */
const worthwhile = 0.003;

/**
 * The proven plan for a request, looked for beside the page. Nothing is looked for while `request` is null.
 * @param key what the answer belongs to: another key, another question
 */
export function useProof(
  key: string,
  request: PlanRequest | null,
): ProofState & { stop: () => void } {
  const [found, setFound] = useState<{ key: string; state: ProofState } | null>(null);
  const asked = useRef(request);
  asked.current = request;
  const wanted = request !== null;
  useEffect(() => {
    const question = asked.current;
    if (!wanted || !question) return;
    let late = false;
    let working = true;
    setFound({ key, state: { status: "looking" } });
    const wait = setTimeout(() => {
      const draft = planDraftOf(question);
      if (draft.model.options.length === 0) return setFound({ key, state: { status: "none" } });
      proving()
        .prove(programmeOf(draft.model))
        .then((proof) => {
          working = false;
          if (late) return;
          const proven = choiceFrom(draft.model, proof.columns);
          const quick = quickChoice(draft.model);
          const [first, best] = [
            valueOfChoice(draft.model, quick),
            valueOfChoice(draft.model, proven),
          ];
          const better = first > 0 ? best / first - 1 : 0;
          setFound({
            key,
            state: {
              status: "proven",
              items: planOf(draft, better > worthwhile ? proven : quick).items,
              better: better > worthwhile ? better : 0,
              gap: proof.gap ?? wantedGap,
            },
          });
        })
        .catch(() => {
          working = false;
          if (!late) setFound({ key, state: { status: "failed" } });
        });
    }, 250);
    return () => {
      late = true;
      clearTimeout(wait);
      if (working) stopProving();
    };
  }, [key, wanted]);
  const stop = () => {
    stopProving();
    setFound({ key, state: { status: "stopped" } });
  };
  const state: ProofState = found?.key === key ? found.state : { status: "none" };
  return { ...state, stop };
}
