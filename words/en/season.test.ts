import { describe, expect, it } from "vitest";
import type { Does } from "#core/acts/does";
import type { Refusal } from "#core/acts/refusal";
import type { Move } from "#core/season/next-move";
import type { BrokenRule } from "#core/schedule/plan-rules";
import type { Warns } from "#core/season/warnings";
import { refusalWords } from "./acts";
import { labelWords } from "./labels";
import { nextMoveWords } from "./next-move";
import {
  methodChangeWords,
  methodReasonWords,
  planBreachWords,
  repairWords,
  warningWords,
} from "./season";
import { countWords } from "./file";

const hip = { kind: "mobility" as const, focus: "hip" as const, starts: "19:00" };
const set = { kind: "conditioning" as const, focus: null, starts: "19:10" };
const on = "2026-11-30";

describe("what a plan breaks, in a sentence", () => {
  it.each([
    [{ rule: "away", on }, "Monday 30 November is a day away or ill: nothing is planned."],
    [
      { rule: "clash", on, slots: [hip, set] },
      "On Monday 30 November the hip session and the conditioning set run into each other.",
    ],
    [
      { rule: "one-a-day", on, kind: "mobility", count: 2 },
      "Monday 30 November has 2 mobility sessions: one a day.",
    ],
    [
      { rule: "show", on, kind: "mobility", daysBefore: 1 },
      "Monday 30 November is 1 day before the show: no long hold in the last 48 hours.",
    ],
    [
      { rule: "show", on, kind: "mobility", daysBefore: 0 },
      "Monday 30 November is the day of the show: no long hold.",
    ],
    [
      { rule: "too-often", joint: "lumbar", days: 5, from: on, most: 4 },
      "The low back is held long on 5 days in the seven from Monday 30 November; 4 at most.",
    ],
    [
      { rule: "sets-a-week", monday: on, count: 4, most: 3 },
      "4 conditioning sets in the week of Monday 30 November; three at most.",
    ],
  ] as [BrokenRule, string][])("%j", (broken, says) =>
    expect(planBreachWords({ broken, slots: [] })).toBe(says),
  );
});

describe("warnings, with why and the repair", () => {
  it.each([
    [
      { of: "plateau", what: "Hip extension left", more: 1 },
      "Hip extension left has stopped moving, and 1 more.",
    ],
    [
      { of: "sore", joint: "thoracic", level: 6, since: on },
      "The upper back has been sore 6/10 since Monday 30 November.",
    ],
    [
      { of: "too-full", done: 3, planned: 9, weeks: 3 },
      "3 of 9 preps were done in the last 3 weeks.",
    ],
    [
      {
        of: "shut",
        place: { site: "wrist", side: "left" },
        because: { why: "pain", pain: 6, place: "left wrist" },
        more: 0,
      },
      "Left wrist is stopped: pain 6/10, left wrist.",
    ],
  ] as [Warns, string][])("%j", (warns, says) => {
    const told = warningWords({ warns });
    expect(told.says).toBe(says);
    expect(told.why).toMatch(/\.$/);
  });
  it("a repair says what the press does", () => {
    expect(repairWords({ do: "fewer", perWeek: 1 })).toBe("Plan 1 mobility session a week");
    expect(repairWords({ do: "see", at: "aim" })).toBe("See what is stopped");
  });
});

describe("the next move", () => {
  it.each([
    [
      { now: "first-checks", motions: ["hip.external-rotation"] },
      "Measure hip outward rotation: two trials a side, warm.",
    ],
    [{ now: "waiting", kind: "warm-up", starts: "16:45" }, "Warm-up at 16:45: choose its drills."],
    [{ now: "save-file", days: 1 }, "Save a file: the last copy is 1 day old."],
    [{ now: "save-file", days: 0 }, "Save a file: much is only in this browser."],
    [{ now: "run", planned: false }, "Keep this plan and run it."],
  ] as [Move, string][])("%j", (move, says) => expect(nextMoveWords({ move })).toBe(says));
});

describe("a change of method", () => {
  it("says what the record says, and what to change", () => {
    expect(
      methodReasonWords({ found: "mostly", kind: "stretch", seconds: 1200, all: 1500, weeks: 6 }),
    ).toBe("20 min of 25 min in 6 weeks were held and contract–relax stretches.");
    expect(methodReasonWords({ found: "share", share: 0.64 })).toBe(
      "64 % of the passive range is reached actively.",
    );
    expect(methodChangeWords({ to: "work", kind: "active", drill: "Leg Lift" })).toBe(
      "Another kind of work: active work at the end of the range, for instance leg lift.",
    );
  });
});

describe("acts and refusals", () => {
  it.each([
    [{ does: "add-drill", name: "Wrist Rocks" }, "add wrist rocks"],
    [{ does: "checks", count: 1 }, "1 check"],
    [{ does: "checks", count: 3 }, "3 checks"],
    [{ does: "keep-preps", count: 1 }, "keep the prep"],
    [{ does: "clear-motion", motion: "lumbar.extension" }, "clear low-back extension"],
    [{ does: "set-more", side: "left" }, "a set more on the left"],
    [{ does: "log-run" }, "log the run"],
  ] as [Does, string][])("%j", (what, says) => expect(labelWords(what)).toBe(says));
  it("what an earlier version wrote into the journal stays as it was", () =>
    expect(labelWords("lock a drill")).toBe("lock a drill"));
  it.each([
    [{ why: "absence-reversed" }, "The last day lies before the first."],
    [
      { why: "week", problem: { is: "clash", starts: ["09:00", "09:30"] } },
      "Two trainings on one day overlap (09:00 and 09:30).",
    ],
    [
      {
        why: "invalid",
        fields: [{ at: ["log", "minutes"], problem: { is: "too-small", limit: 0 } }],
      },
      "log → minutes: at least 0.",
    ],
    [{ why: "gone", kind: "aim" }, "This is not in the notebook any more (aims)."],
  ] as [Refusal, string][])("%j", (refusal, says) => expect(refusalWords(refusal)).toBe(says));
});

describe("records by their number", () => {
  it("one of a kind is one", () => {
    expect(countWords("athlete", 1)).toBe("1 athlete");
    expect(countWords("run", 1)).toBe("1 run under way");
    expect(countWords("run", 2)).toBe("2 runs under way");
    expect(countWords("settings", 1)).toBe("1 settings");
  });
});
