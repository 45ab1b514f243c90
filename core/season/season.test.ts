import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { aim, athlete, check, log, logItem, prep, protocol, skill } from "../test/people";
import { gapOf } from "../aim/gap";
import { daysBetween, mondayOf, plusDays } from "../dates/days";
import { historyOf } from "../forecast/history";
import { nextMove, type Now } from "./next-move";
import { dayMarks, outcomeOf, weekSummaries } from "./weeks";

describe("days", () => {
  it("cross months, years and clock changes", () => {
    expect(plusDays("2026-12-31", 1)).toBe("2027-01-01");
    expect(daysBetween("2026-03-01", "2026-11-01")).toBe(245);
    expect(mondayOf("2026-11-22")).toBe("2026-11-16");
  });
});

describe("weeks", () => {
  const history = {
    athlete: athlete({ absences: [{ from: "2026-11-16", to: "2026-11-22", reason: "ill" }] }),
    aims: [aim({ by: "2026-11-26" })],
    checks: [check({ on: "2026-11-10" })],
    preps: ["2026-11-09", "2026-11-10", "2026-11-17", "2026-11-25"].map((on) =>
      prep([], { id: `p-${on}`, on }),
    ),
    logs: [log("2026-11-09", [logItem("roller")], { prepId: "p-2026-11-09", minutes: 14 })],
  };
  const weeks = weekSummaries(history, "2026-11-09", "2026-11-29", "2026-11-24");
  it("tell planned from done, missed and still open; ill is not missed", () => {
    expect(
      weeks.map(({ planned, done, missed, open, absence }) => [
        planned,
        done,
        missed,
        open,
        absence,
      ]),
    ).toEqual([
      [2, 1, 1, 0, null],
      [1, 0, 0, 0, "ill"],
      [1, 0, 0, 1, null],
    ]);
    expect(weeks[0]).toMatchObject({ minutes: 14, checks: 1 });
  });
  it("a log without a plan counts as done", () =>
    expect(
      weekSummaries(
        { ...history, logs: [...history.logs, log("2026-11-23", [logItem("roller")])] },
        "2026-11-23",
        "2026-11-24",
        "2026-11-24",
      )[0],
    ).toMatchObject({ done: 1, planned: 0 }));
  it("more than a tenth cut short is partly", () => {
    expect(
      outcomeOf(log("2026-11-09", [logItem("roller"), logItem("pulse", { done: "skipped" })])),
    ).toBe("partly");
    expect(outcomeOf(log("2026-11-09", [logItem("roller")]))).toBe("done");
    const changed = [logItem("roller", { done: "part" }), logItem("roller")];
    expect(outcomeOf(log("2026-11-09", changed))).toBe("done");
  });
  it("mark the aim's day and a stop", () => {
    const marks = dayMarks(
      {
        ...history,
        logs: [
          log("2026-11-09", [logItem("roller", { done: "stopped" })], { prepId: "p-2026-11-09" }),
        ],
      },
      "2026-11-09",
      "2026-11-26",
      "2026-11-24",
    );
    expect(marks[0]!.preps[0]).toMatchObject({ stopped: true });
    expect(marks.at(-1)!.aims).toHaveLength(1);
  });
});

describe("history", () => {
  it("joins only like with like, oldest first, as angles", () => {
    const lines = historyOf(
      [
        check({ on: "2026-11-20" }),
        check({ on: "2026-10-01" }),
        check({ temperature: "cold" }),
        check({ side: "right" }),
      ],
      protocol("shoulder-flexion"),
      athlete(),
    );
    expect(
      lines.map(({ side, temperature, points }) => [side, temperature, points.length]),
    ).toEqual([
      ["left", "warm", 2],
      ["left", "cold", 1],
      ["right", "warm", 1],
    ]);
    expect(lines[0]!.points.map(({ on }) => on)).toEqual(["2026-10-01", "2026-11-20"]);
  });
});

describe("the next move", () => {
  const checks = ["shoulder-flexion", "wrist-extension", "hip-extension"].flatMap((id) =>
    (["left", "right"] as const).map((side) =>
      check({ protocolId: id, side, trials: [120, 120], on: "2026-11-20" }),
    ),
  );
  const now = (over: Partial<Now> = {}): Now => {
    const merged = {
      athlete: athlete(),
      aim: aim() as Now["aim"],
      checks: [] as Now["checks"],
      preps: [],
      runs: [],
      logs: [],
      library,
      today: "2026-11-24",
      here: null,
      ...over,
    };
    return {
      ...merged,
      gaps:
        over.gaps ??
        gapOf({
          athlete: merged.athlete,
          aim: merged.aim ?? aim(),
          skill: skill("handstand"),
          checks: merged.checks,
          library,
        }),
    };
  };
  it("walks the stations in order", () => {
    expect(nextMove(now({ aim: null })).to).toBe("aim");
    expect(nextMove(now({ athlete: athlete({ intake: null }) })).move).toEqual({ now: "intake" });
    expect(nextMove(now())).toMatchObject({
      to: "check",
      move: { now: "first-checks", motions: expect.arrayContaining(["shoulder.flexion"]) },
    });
    expect(nextMove(now({ checks })).move).toMatchObject({
      motions: expect.arrayContaining(["thoracic.extension"]),
    });
    const all = [
      ...checks,
      check({
        protocolId: "upper-back-extension",
        side: "mid",
        trials: [30, 30],
        on: "2026-11-20",
      }),
      ...(["left", "right"] as const).map((side) =>
        check({ side, mode: "active", trials: [120, 120], on: "2026-11-20" }),
      ),
    ];
    expect(nextMove(now({ checks: all, here: "check" })).to).toBe("gap");
    expect(nextMove(now({ checks: all, here: "gap" })).to).toBe("prep");
    expect(nextMove(now({ checks: all, here: "prep" })).to).toBe("run");
    expect(nextMove(now({ checks: all, logs: [log("2026-11-24", [])] })).to).toBe("season");
    const far = aim({ by: "2027-06-01" });
    expect(nextMove(now({ checks: all, aim: far, today: "2027-04-24" }))).toMatchObject({
      to: "check",
      move: { now: "old-checks", days: 155 },
    });
  });
  it("asks the health questions before a prep, and holds up no measuring and no writing down", () => {
    const unasked = athlete({ intake: null });
    for (const here of ["aim", "prep", "run"] as const)
      expect(nextMove(now({ athlete: unasked, here })).move.now).toBe("intake");
    for (const here of ["check", "gap", "log", "season"] as const)
      expect(nextMove(now({ athlete: unasked, checks, here })).move.now).not.toBe("intake");
  });
  it("before a prep runs it, though nothing was measured", () =>
    expect(nextMove(now({ here: "prep" })).to).toBe("run"));
  it("on the log writes down, after it looks at the weeks, and there plans tomorrow", () => {
    expect(nextMove(now({ checks, here: "log" }))).toEqual({
      to: "log",
      move: { now: "write-down" },
    });
    const logs = [log("2026-11-24", [])];
    expect(nextMove(now({ checks, logs, here: "log" })).to).toBe("season");
    expect(nextMove(now({ checks, logs, here: "season" }))).toEqual({
      to: "prep",
      move: { now: "tomorrow" },
      day: "2026-11-25",
    });
  });
  it("asks of an aim whose day is past what became of it", () => {
    const past = aim({ by: "2026-11-20" });
    expect(nextMove(now({ checks, aim: past }))).toEqual({
      to: "aim",
      move: { now: "aim-due", days: 4 },
    });
    expect(nextMove(now({ checks, aim: aim({ by: "2026-11-24" }) })).move.now).not.toBe("aim-due");
  });
  it("a run under way comes before all", () =>
    expect(
      nextMove(
        now({
          runs: [
            {
              kind: "run",
              growing: false,
              id: "r",
              athleteId: "a1",
              prep: prep([]),
              events: [],
              group: [],
            },
          ],
        }),
      ).to,
    ).toBe("run"));
});
