import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { seasoned } from "../test/bodies";
import { drill } from "../test/people";
import { asked } from "../test/planning";
import { against } from "./permit";
import { rungOf } from "../drill/drill";
import { startRung } from "./start";
import {
  laddersToPlace,
  nextQuestion,
  placedOn,
  questionsLeft,
  type PlacedAnswer,
  type PlacementLadder,
} from "./placement";

const nobody = { years: null, sports: [] };

describe("a placement", () => {
  it("finds the highest clean rung in as few pictures as halving takes", () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 9 }), fc.nat(8), fc.nat(8), (rungs, own, start) => {
        const stands = own % rungs;
        const ladder: PlacementLadder = {
          drillId: "d",
          rungIds: Array.from({ length: rungs }, (_, n) => `r${n}`),
          first: start % rungs,
        };
        const said: PlacedAnswer[] = [];
        for (let ask = nextQuestion(ladder, said); ask; ask = nextQuestion(ladder, said)) {
          const left = questionsLeft(ladder, said);
          said.push({ rungId: ask, clean: Number(ask.slice(1)) <= stands });
          if (said.length > 1) expect(questionsLeft(ladder, said)).toBeLessThan(left);
          expect(said.length).toBeLessThanOrEqual(rungs);
        }
        expect(placedOn(ladder, said)).toBe(`r${stands}`);
      }),
    );
  });
  it("what is not clean stands over what was said of a harder rung", () => {
    const ladder = { drillId: "d", rungIds: ["a", "b", "c", "d"], first: 2 };
    const said = [
      { rungId: "c", clean: true },
      { rungId: "b", clean: false },
    ];
    expect(placedOn(ladder, said)).toBe("a");
  });
  it("asks only what may be done, of what matters, in about three minutes", () => {
    const request = asked("handstand", "mobility", { body: seasoned });
    const ladders = laddersToPlace(request, library, nobody, new Set());
    expect(ladders.length).toBeGreaterThan(5);
    for (const { drillId, rungIds } of ladders)
      for (const rungId of rungIds)
        expect(
          against(request, { drill: drill(drillId), rung: rungOf(drill(drillId), rungId) }),
        ).toEqual([]);
    const pictures = ladders.reduce((sum, ladder) => sum + questionsLeft(ladder, []), 0);
    expect(pictures).toBeLessThanOrEqual(27);
    const done = new Set(ladders.map(({ drillId }) => drillId));
    const others = laddersToPlace(request, library, nobody, done);
    expect(others.some(({ drillId }) => done.has(drillId))).toBe(false);
  });
});

describe("where a ladder begins that nobody has logged", () => {
  const years = (count: number | null) => ({ years: count, sports: ["hand-balance" as const] });
  it("is higher after years of a sport, in what the sport does every day", () => {
    const rocks = drill("wrist-rocks");
    expect([null, 0, 1, 5].map((count) => startRung(rocks, years(count)))).toEqual([0, 0, 1, 1]);
    const long = library.drills.find(
      (one) => one.rungs.length > 3 && startRung(one, years(5)) === 2,
    );
    expect(long).toBeDefined();
    expect(startRung(drill("calf-deepen"), years(9))).toBe(0);
  });
  it("is the bottom for strength and skills, and never the top", () => {
    for (const one of library.drills) {
      const at = startRung(one, years(30));
      expect(at).toBeLessThan(one.rungs.length);
      if (one.kind === "strength" || one.kind === "skill") expect(at).toBe(0);
      if (at > 0) expect(at).toBeLessThan(one.rungs.length - 1);
    }
  });
});
