import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import type { Dose } from "../drill/dose";
import { timesOf } from "../drill/drill";
import { athlete, drill, item, log } from "../test/people";
import { logItemOf } from "../doses/log-item";
import { guessedLogColumns, isOfLogs, logsIn } from "./logs-in";
import { logsCsv } from "./logs-csv";
import { readSheet } from "./table-cells";

const people = [
  { id: "a1", name: "Odalys Brenner" },
  { id: "a2", name: "Mirela Osei" },
];
const terms = {
  athletes: people,
  athleteId: null,
  order: "day-first" as const,
  library,
  today: "2026-11-24",
};
const read = (text: string, athleteId: string | null = null) => {
  const table = readSheet(text);
  return logsIn(table, guessedLogColumns(table.heads), { ...terms, athleteId });
};
const two = library.drills.find((one) => timesOf(one, one.rungs[0]!.id) === 2)!;
const one = library.drills.find((each) => timesOf(each, each.rungs[0]!.id) === 1)!;

describe("a training book of one's own", () => {
  it("becomes a log an athlete and day, a line a row", () => {
    const { logs, problems } = read(
      `Date;Name;Exercise;Level;Sets;Reps;Pain;Minutes
3/11/2026;Odalys Brenner;${one.name};1;2;8;0;20
03.11.2026;odalys brenner;${two.name};;1;6;3;20
2026-11-04;Mirela Osei;${one.name};;;;;`,
    );
    expect(problems).toEqual([]);
    expect(logs.map(({ athleteId, on, items }) => [athleteId, on, items.length])).toEqual([
      ["a1", "2026-11-03", 2],
      ["a2", "2026-11-04", 1],
    ]);
    expect(logs[0]).toMatchObject({
      minutes: 20,
      items: [{ drillId: one.id, pain: 0 }, { pain: 3 }],
    });
    expect(logs[0]!.items[0]!.sets.map(({ side, reps }) => [side, reps])).toEqual([
      [null, 8],
      [null, 8],
    ]);
  });

  it("counts a drill of two sides on both, unless the row says one", () => {
    const sides = (side: string) =>
      read(
        `date,drill,side,seconds\n2026-11-03,${two.name},${side},30`,
        "a1",
      ).logs[0]!.items[0]!.sets.map((set) => [set.side, set.seconds]);
    expect(sides("")).toEqual([
      ["left", 30],
      ["right", 30],
    ]);
    expect(sides("L")).toEqual([["left", 30]]);
  });

  it("puts a rung that nobody wrote at the easiest, so that nothing is earned by it", () => {
    const { logs } = read(`date;drill\n2026-11-03;${two.name}`, "a1");
    expect(logs[0]!.items[0]).toMatchObject({ rungId: two.rungs[0]!.id, done: "done", sets: [] });
  });

  it.each([
    ["no-athlete", "2026-11-03,Nobody,Wrist circles,,,"],
    ["no-date", "soon,Odalys Brenner,Wrist circles,,,"],
    ["ahead", "2027-01-01,Odalys Brenner,Wrist circles,,,"],
    ["no-drill", "2026-11-03,Odalys Brenner,Juggling,,,"],
    ["no-rung", "2026-11-03,Odalys Brenner,Wrist circles,99,,"],
    ["no-number", "2026-11-03,Odalys Brenner,Wrist circles,,many,"],
    ["no-number", "2026-11-03,Odalys Brenner,Wrist circles,,100000,"],
    ["pain", "2026-11-03,Odalys Brenner,Wrist circles,,,12"],
  ])("is told of a row that cannot be taken: %s", (why, row) => {
    const { logs, problems } = read(`date,athlete,drill,rung,reps,pain\n${row}`);
    expect(logs).toEqual([]);
    expect(problems).toMatchObject([{ row: 2, why }]);
  });

  it("skips what was not done, and takes what was done in part as that", () => {
    const { logs } = read(
      `date;drill;reps;done\n2026-11-03;${one.name};8;no\n2026-11-03;${two.name};8;half`,
      "a1",
    );
    expect(logs[0]!.items.map(({ done, sets }) => [done, sets.length > 0])).toEqual([
      ["skipped", false],
      ["part", true],
    ]);
  });

  it("comes back from the table that Yearling writes: the same drills and rungs, days and pains", () => {
    const dose: Dose = { type: "reps", sets: 1, reps: 8, tempo: 3, rest: 0 };
    const circles = drill("wrist-circles");
    const done = {
      ...logItemOf(item(circles.id, dose, { rungId: circles.rungs.at(-1)!.id })),
      pain: 2,
      note: "=SUM(A1)",
      sets: [
        { side: "left" as const, reps: 8, seconds: 24 },
        { side: null, reps: null, seconds: 40 },
      ],
    };
    const text = logsCsv(
      [log("2026-11-03", [done])],
      [athlete({ name: "Odalys Brenner" })],
      library,
    );
    expect(text).toContain("\r\n");
    const table = readSheet(text);
    expect(isOfLogs(table.heads)).toBe(true);
    const { logs, problems } = read(text);
    expect(problems).toEqual([]);
    expect(logs[0]!.items[0]!.sets.map(({ side, reps }) => [side, reps])).toEqual([
      ["left", 8],
      [null, null],
    ]);
    expect(logs).toMatchObject([
      {
        athleteId: "a1",
        on: "2026-11-03",
        items: [{ drillId: circles.id, rungId: circles.rungs.at(-1)!.id, pain: 2 }],
      },
    ]);
  });

  it("never throws, whatever stands in it", () =>
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { maxLength: 9 }), { maxLength: 12 }), (rows) => {
        const heads = [
          "date",
          "athlete",
          "drill",
          "rung",
          "sets",
          "reps",
          "seconds",
          "pain",
          "minutes",
        ];
        const { logs, problems } = logsIn(
          { rows: rows.map((cells, n) => ({ row: n + 2, cells })), lost: [] },
          guessedLogColumns(heads),
          terms,
        );
        expect(logs.reduce((sum, { items }) => sum + items.length, 0) + problems.length).toBe(
          rows.length,
        );
      }),
    ));
});
