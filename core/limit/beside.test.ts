import { describe, expect, it, vi } from "vitest";
import { library } from "../../library/index";
import { skillOf } from "../content/library";
import type { Check } from "../records/records";
import { bodyFor } from "../shape/solve";
import { aim, athlete, check } from "../test/people";
import { keepLimits, limitQuestion } from "./beside";
import { worthsOf } from "./block-worth";
import { rankedGaps, type RankInput } from "./ranked-gaps";
import { spreadOf } from "./shape-spread";

const on = "2026-11-24";
const both = (protocolId: string, degrees: number): Check[] =>
  (["left", "right"] as const).map((side, n) =>
    check({ protocolId, side, on, trials: [degrees + n, degrees + n, degrees + n] }),
  );
const checks = [
  ...both("shoulder-flexion", 158),
  ...both("wrist-extension", 84),
  ...both("hip-extension", 4),
  check({ protocolId: "upper-back-extension", side: "mid", on, trials: [9, 9, 9] }),
  ...both("straight-leg-flexion", 96),
];
const inputFor = (skillId: string): RankInput => {
  const skill = skillOf(library, skillId)!;
  const asked = { athlete: athlete(), aim: aim({ skillId }), skill, checks, library };
  return { ...asked, logs: [], on };
};

/** Another thread: the same code with a memory of its own, and what is sent to it copied. */
async function otherThread() {
  vi.resetModules();
  const { limitAnswer } = await import("./beside");
  return (question: NonNullable<ReturnType<typeof limitQuestion>>) =>
    structuredClone(limitAnswer(structuredClone(question)));
}

describe("a ranking that is worked out beside the page", () => {
  it.each(["handstand", "front-split", "bridge", "over-split"])(
    "of a %s is what the page itself would have found",
    async (skillId) => {
      const input = inputFor(skillId);
      const { skill } = input;
      const side = { side: input.aim.side, hips: input.aim.hips };
      const question = limitQuestion(input, true)!;
      const answer = (await otherThread())(question);

      const here = rankedGaps(input);
      expect(here.some(({ block }) => block !== null)).toBe(true);
      expect(worthsOf.knows(answer.key)).toBe(true);
      expect(answer.spread!.key).toBe(spreadOf.keyOf(skill, side, bodyFor(input.athlete), here));
      expect(answer.spread!.spread).toEqual(spreadOf(skill, side, bodyFor(input.athlete), here));
      const worths = here.flatMap(({ block }) => (block ? [block] : []));
      expect(answer.worths.filter((one) => one !== null)).toEqual(expect.arrayContaining(worths));
      expect(answer.worths.filter((one) => one !== null)).toHaveLength(worths.length);
    },
  );

  it("is asked once: what was kept is known, and is what the page then shows", async () => {
    const input = { ...inputFor("handstand"), checks: [...checks, ...both("ankle-point", 60)] };
    const more: RankInput = {
      ...input,
      checks: [...both("shoulder-flexion", 151), ...checks.slice(2)],
    };
    const question = limitQuestion(more, false)!;
    const answer = (await otherThread())(question);
    expect(answer.spread).toBeNull();
    // Marked, so that it is seen to be the kept one that is used.
    keepLimits({ ...answer, worths: answer.worths.map((one) => one && { ...one, gain: 77 }) });
    expect(limitQuestion(more, false)).toBeNull();
    expect(rankedGaps(more).flatMap(({ block }) => (block ? [block.gain] : []))).toEqual(
      answer.worths.flatMap((one) => (one ? [77] : [])),
    );
  });
});
