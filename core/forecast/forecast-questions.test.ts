import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { forecastPriors } from "../../library/forecast-priors";
import { library } from "../../library";
import { gapOf } from "../aim/gap";
import { aim, athlete, check, log, logItem, skill } from "../test/people";
import { placeTerms, season } from "../test/seasons";
import { mondayOf, plusDays } from "../dates/days";
import { forecastAnswer } from "./forecast-answer";
import { forecastQuestions, weekShare, type ForecastScene } from "./forecast-questions";
import { priorOf } from "../content/motion-prior";
import { quicklyPlaced } from "../schedule/place";
import { forecastsCsv } from "../season/season-csv";

const today = "2026-11-24";
const hold = (seconds: number) => ({ type: "hold", sets: 1, seconds, rest: 0 }) as const;
const stretch = library.drills.find(
  ({ kind, serves }) =>
    kind === "static" &&
    serves.some(({ motion, share }) => motion === "hip.extension" && share === 1),
)!;
const who = athlete();
const split = aim({ skillId: "front-split", side: "right", by: "2027-01-05" });
const checks = ["2026-10-06", "2026-10-20", "2026-11-10"].flatMap((on, n) => [
  check({ protocolId: "hip-extension", side: "left", on, trials: [14 + n, 14 + n] }),
  check({ protocolId: "hip-extension", side: "right", on, trials: [19, 19] }),
]);
const worked = (on: string, seconds = 200) =>
  log(on, [logItem(stretch.id, { planned: hold(seconds), seconds: 2 * seconds })]);

const scene = (over: Partial<ForecastScene> = {}): ForecastScene => ({
  gaps: gapOf({ athlete: who, aim: split, skill: skill("front-split"), checks, library }),
  athlete: who,
  checks,
  logs: [worked("2026-11-05"), worked("2026-11-12", 400)],
  library,
  season: null,
  on: today,
  by: split.by,
  ...over,
});
const backLeg = (over: Partial<ForecastScene> = {}) =>
  forecastQuestions(scene(over)).find(({ motion }) => motion === "hip.extension")!;

describe("what a forecast is asked", () => {
  it("one question for each asked side that was measured, none for the others", () => {
    const questions = forecastQuestions(scene());
    expect(questions.map(({ key }) => key)).toEqual(["hip.extension/left/passive"]);
    expect(forecastQuestions(scene({ checks: [], gaps: [] }))).toEqual([]);
  });

  it("carries the need, the record from its first Monday on, and what the library believes of the motion", () => {
    const { need, start, seen, done, prior, by } = backLeg();
    expect(need).toBe(
      skill("front-split").demands.find(
        ({ motion, hips }) => motion === "hip.extension" && hips !== "open",
      )!.clean,
    );
    expect(start).toBe("2026-10-05");
    expect(seen.map(({ value }) => value)).toEqual([14, 15, 16]);
    expect(done).toEqual([0, 0, 0, 0, 200, 400, 0]);
    expect(prior).toEqual(priorOf(forecastPriors, "hip.extension"));
    expect(by).toBeCloseTo(92 / 7);
  });

  it("goes on at the usual dose of the weeks that were worked, sick weeks left out", () => {
    const asked = backLeg();
    expect(asked.usual).toBeCloseTo(600 / 6);
    expect(asked.assumed).toBe(false);
    expect(new Set(asked.planned)).toEqual(new Set([asked.usual]));
    const ill = athlete({
      absences: [{ from: "2026-10-12", to: "2026-11-01", reason: "ill" }],
    });
    expect(backLeg({ athlete: ill }).usual).toBeCloseTo(600 / 4);
  });

  it("where it was never worked on, the dose is a guess and said to be one", () => {
    expect(backLeg({ logs: [] })).toMatchObject({ usual: 240, assumed: true });
    const set = backLeg({ logs: [], dose: new Map([["hip.extension", 500]]) });
    expect(set).toMatchObject({ usual: 500, assumed: false });
  });

  it("reaches past the date, and the slider turns every week to come by the same", () => {
    const [once, twice] = [backLeg(), backLeg({ times: 2 })];
    expect(once.done.length + once.planned.length).toBeGreaterThan(once.by + 8);
    twice.planned.slice(1).forEach((dose, n) => expect(dose).toBeCloseTo(2 * once.planned[n + 1]!));
    expect(twice.done).toEqual(once.done);
  });

  it("the present week counts what was done already where that is more than what is usual", () => {
    expect(backLeg({ logs: [worked("2026-11-05"), worked("2026-11-23", 900)] }).planned[0]).toBe(
      900,
    );
  });

  it("looked at from an earlier day it knows no later check or log", () => {
    const then = backLeg({ on: "2026-11-09" });
    expect(then.seen).toHaveLength(2);
    expect(then.done).toEqual([0, 0, 0, 0, 200]);
  });
});

describe("how much of a full week a week to come holds", () => {
  const planned = season({ slots: quicklyPlaced(placeTerms()) });

  it("without a plan a whole one, less the days away", () => {
    expect(weekShare(null, who, "2026-12-07")).toBe(1);
    const away = athlete({
      absences: [{ from: "2026-12-07", to: "2026-12-09", reason: "away" }],
    });
    expect(weekShare(null, away, "2026-12-07")).toBeCloseTo(4 / 7);
  });

  it("a lighter week holds less, one outside the block as much as days are there", () => {
    expect(weekShare(planned, who, "2026-12-14")).toBeLessThan(
      0.8 * weekShare(planned, who, "2026-12-07"),
    );
    expect(weekShare(planned, who, "2028-01-03")).toBe(1);
  });

  it("law: never less than nothing, never more than a quarter over the usual", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 13 }),
        (from, long) => {
          const ill = athlete({
            absences: [
              { from: plusDays(today, from), to: plusDays(today, from + long), reason: "ill" },
            ],
          });
          const share = weekShare(planned, ill, mondayOf(plusDays(today, from)));
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1.25);
        },
      ),
      { numRuns: 60 },
    ));
});

describe("the forecasts as a table", () => {
  it("one row a week of the fan, chances where a whole week ends, nothing where no answer is", () => {
    const question = backLeg();
    const answer = forecastAnswer(question);
    const rows = forecastsCsv([question], new Map([[question.key, answer]])).split("\r\n");
    expect(rows).toHaveLength(1 + answer.fan.length);
    expect(rows[0]).toBe("date,motion,side,mode,need,middle,low_80,high_80,chance,checks");
    const last = rows.at(-1)!.split(",");
    expect(last.slice(1, 5)).toEqual(["Hip extension", "left", "passive", String(question.need)]);
    expect(Number(last[6])).toBeLessThanOrEqual(Number(last[5]));
    expect(Number(last[5])).toBeLessThanOrEqual(Number(last[7]));
    expect(Number(last[8])).toBeGreaterThanOrEqual(0);
    expect(Number(last[8])).toBeLessThanOrEqual(1);
    expect(last[9]).toBe("3");
    expect(forecastsCsv([question], new Map()).split("\r\n")).toHaveLength(1);
  });
});
