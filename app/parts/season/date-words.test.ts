import { describe, expect, it } from "vitest";
import { usualPrior } from "#core/content/motion-prior";
import { forecastAnswer, type ForecastAnswer } from "#core/forecast/forecast-answer";
import type { AskedDemand } from "#core/forecast/forecast-questions";
import {
  dateVerdict,
  demandName,
  doseWords,
  fewWords,
  isStuck,
  knownWords,
  verdictDetail,
  verdictHeadline,
  type DateVerdict,
} from "./date-words";
import { chanceWords } from "#words/plain";

const asked = (over: Partial<AskedDemand> = {}): AskedDemand =>
  ({
    key: "hip.extension/left/passive",
    motion: "hip.extension",
    side: "left",
    need: 30,
    start: "2026-09-14",
    seen: [0, 4, 8].map((week) => ({ week, value: 15 + week / 2, se: 2 })),
    done: Array<number>(10).fill(300),
    planned: Array<number>(16).fill(300),
    by: 14,
    prior: usualPrior,
    usual: 300,
    assumed: false,
    gap: { limiter: 0.2, demand: { mode: "passive" } },
    ...over,
  }) as AskedDemand;
const answers = (...questions: AskedDemand[]) =>
  new Map(questions.map((question) => [question.key, forecastAnswer(question)]));
const verdict = (over: Partial<DateVerdict> = {}): DateVerdict => ({
  chance: 0.4,
  most: 0.5,
  holding: "hip.extension/left/passive",
  early: 12,
  sure: 20,
  holder: asked(),
  earlyDay: "2026-12-07",
  sureDay: "2027-02-01",
  fewest: 3,
  ...over,
});

describe("a date in words", () => {
  it("claims no more than is known, and never says certain or impossible", () => {
    expect([0, 0.04, 0.06, 0.5, 0.94, 0.96, 1].map(chanceWords)).toEqual([
      "unlikely, less than 1 in 20",
      "unlikely, less than 1 in 20",
      "about 1 in 10",
      "about 5 in 10",
      "about 9 in 10",
      "very likely, more than 19 in 20",
      "very likely, more than 19 in 20",
    ]);
  });

  it("names a demand with its side, a trunk's without", () => {
    expect(demandName(asked())).toBe("◂ hip extension");
    expect(demandName({ motion: "thoracic.extension", side: "mid" })).toBe("upper-back extension");
  });

  it("tells what own strength holds from the range of the same motion", () => {
    const gap = (mode: "active" | "passive") => ({ demand: { mode } }) as AskedDemand["gap"];
    expect(demandName(asked({ gap: gap("active") }))).toBe("◂ hip extension by own strength");
    expect(demandName(asked({ gap: gap("passive") }))).toBe("◂ hip extension");
  });

  it("there is no verdict until every answer is there, nor without questions", () => {
    const [one, other] = [asked(), asked({ key: "other", side: "right" })];
    expect(dateVerdict([], new Map())).toBeNull();
    expect(dateVerdict([one, other], answers(one))).toBeNull();
    expect(dateVerdict([one, other], answers(one, other))).toMatchObject({ fewest: 3 });
  });

  it("the demand that is least likely holds it back, wherever its own weeks begin", () => {
    const near = asked({ key: "near", side: "right", need: 18 });
    const far = asked({ need: 60, start: "2026-09-28", by: 12, seen: asked().seen.slice(0, 2) });
    const found = dateVerdict([near, far], answers(near, far))!;
    expect(found.holder.key).toBe(far.key);
    expect(found.chance).toBeLessThanOrEqual(found.most);
    expect(found.fewest).toBe(2);
    expect(found.sureDay).toBeNull();
  });

  it("a demand that is met already is met from the first day looked at", () => {
    const easy = asked({ need: 5 });
    const found = dateVerdict([easy], answers(easy))!;
    expect(found.chance).toBeGreaterThan(0.99);
    expect(found.earlyDay).toBe(found.sureDay);
    expect(verdictDetail(found, "2027-01-01")).toBe(
      "By the checks it is likely enough already: keep it.",
    );
  });

  it("the headline asks, and says when something is not measured", () => {
    expect(verdictHeadline(verdict(), "2026-12-24", 0)).toBe("By 24 Dec? Open: about 4 in 10.");
    expect(verdictHeadline(verdict({ chance: 0.01 }), "2026-12-24", 2)).toBe(
      "By 24 Dec, as far as it is measured? Very unlikely: less than 1 in 20.",
    );
  });

  it("the range of days is never a bare date", () => {
    const says = (over: Partial<DateVerdict>) => verdictDetail(verdict(over), "2026-11-24");
    expect(says({})).toBe(
      "◂ hip extension holds it back. Between 7 Dec (one in five) and 1 Feb (four in five).",
    );
    expect(says({ earlyDay: null, sureDay: null })).toContain("not within the weeks looked at");
    expect(says({ sureDay: null })).toContain("Perhaps from 7 Dec");
    expect(says({ earlyDay: "2026-12-07", sureDay: "2026-12-07" })).toContain(
      "Likely from 7 Dec on.",
    );
    expect(says({ most: 0.97 })).not.toContain("holds it back");
  });

  it("few checks are said to be few, with what stands in their place", () => {
    expect(knownWords(1, { ...usualPrior, headroom: 5 }, "°")).toMatch(
      /One check: .*about 5° in all/,
    );
    expect(knownWords(2, usualPrior, "°")).toMatch(/^Two checks/);
    expect(knownWords(3, usualPrior, "°")).toBe("");
    expect([1, 2, 3].map((count) => fewWords(count).length > 0)).toEqual([true, true, false]);
  });

  it("the dose: yes, more, or not within the caps", () => {
    const says = (over: Partial<ForecastAnswer>) =>
      doseWords(asked(), { ...forecastAnswer(asked()), ...over }, "2026-12-24");
    expect(says({ chance: 0.9 })).toBe("At this dose (5.0 min a week a side): yes.");
    expect(says({ chance: 0.2, wouldDo: null })).toBe(
      "Not by 24 Dec within the weekly cap of four hard days.",
    );
    expect(says({ chance: 0.2, wouldDo: 900 })).toBe(
      "15 min a week a side would do it, in place of 5.0 min.",
    );
    expect(says({ chance: 0.7, wouldDo: 240 })).toMatch(
      /the lighter and missed weeks make the difference/,
    );
  });

  it("a plateau is one only where it is not enough already", () => {
    const answer = forecastAnswer(asked());
    const flat = { slope: 0, se: 0.1, chance: 0.5, stands: true } as ForecastAnswer["plateau"];
    expect(isStuck(undefined)).toBe(false);
    expect(isStuck({ ...answer, plateau: flat, chance: 0.2 })).toBe(true);
    expect(isStuck({ ...answer, plateau: flat, chance: 0.95 })).toBe(false);
    expect(isStuck({ ...answer, plateau: null, chance: 0.2 })).toBe(false);
  });
});
