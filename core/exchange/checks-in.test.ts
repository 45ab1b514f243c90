import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { athlete, check } from "../test/people";
import type { Check } from "../records/records";
import { checksCsv } from "./checks-csv";
import { checksIn, guessedColumns, protocolNamed, type TableTerms } from "./checks-in";
import { readSheet } from "./table-cells";

const terms: TableTerms = {
  athletes: [
    { id: "a1", name: "Test Athlete" },
    { id: "z", name: "Zoë Marsh" },
  ],
  athleteId: null,
  tester: "Me",
  order: "day-first",
  library,
  today: "2026-11-24",
};
const taken = (text: string, over: Partial<TableTerms> = {}) => {
  const table = readSheet(text);
  return checksIn(table, guessedColumns(table.heads, library), { ...terms, ...over });
};

describe("a coach's own table", () => {
  it("one row a check: sides and numbers as people write them", () => {
    const { checks, problems } = taken(
      [
        "Name;Date;Test;Side;Trial 1;Trial 2;Pain;Notes",
        "zoe marsh;3.4.2026;Shoulder flexion;L;158,5;160;2;stiff",
        "Zoë Marsh;2026-04-10;shoulder flexion;right;161°;;;",
      ].join("\n"),
    );
    expect(problems).toEqual([]);
    expect(checks).toMatchObject([
      {
        athleteId: "z",
        on: "2026-04-03",
        side: "left",
        trials: [158.5, 160],
        pain: 2,
        note: "stiff",
        tester: "Me",
      },
      { athleteId: "z", on: "2026-04-10", side: "right", trials: [161], pain: 0 },
    ]);
  });

  it("one row a day: a column a joint and side", () => {
    const text = "when\tshoulder flexion L\tshoulder flexion R\tmood\n5/6/2026\t150\t155\tgood";
    expect(guessedColumns(readSheet(text).heads, library)).toEqual([
      { holds: "date" },
      { holds: "reading", protocolId: "shoulder-flexion", side: "left" },
      { holds: "reading", protocolId: "shoulder-flexion", side: "right" },
      { holds: "nothing" },
    ]);
    const { checks } = taken(text, { athleteId: "a1" });
    expect(checks.map(({ side, trials, on }) => [side, trials, on])).toEqual([
      ["left", [150], "2026-06-05"],
      ["right", [155], "2026-06-05"],
    ]);
    const other = taken(text, { athleteId: "a1", order: "month-first" });
    expect(other.checks[0]!.on).toBe("2026-05-06");
  });

  it("every row that cannot be taken is named with its reason, as a spreadsheet counts it", () => {
    const { checks, problems } = taken(
      [
        "name,date,check,side,trial_1,pain",
        "Nobody,2026-04-03,Shoulder flexion,left,150,",
        "Test Athlete,soon,Shoulder flexion,left,150,",
        "Test Athlete,2027-01-01,Shoulder flexion,left,150,",
        "Test Athlete,2026-04-03,Knee wobble,left,150,",
        "Test Athlete,2026-04-03,Shoulder flexion,up,150,",
        "Test Athlete,2026-04-03,Shoulder flexion,left,much,",
        "Test Athlete,2026-04-03,Shoulder flexion,left,1500,",
        "Test Athlete,2026-04-03,Shoulder flexion,left,150,99",
      ].join("\r\n"),
    );
    expect(checks).toEqual([]);
    expect(problems.map(({ row, why }) => [row, why])).toEqual([
      [2, "no-athlete"],
      [3, "no-date"],
      [4, "ahead"],
      [5, "no-check"],
      [6, "no-side"],
      [7, "no-number"],
      [8, "impossible"],
      [9, "pain"],
    ]);
  });

  it("law: what goes out comes back the same", () => {
    const own = [
      check({ trials: [158, 160, 161.5], pain: 3, note: 'a; b, "c"' }),
      check({ protocolId: "upper-back-extension", side: "mid", trials: [-3.5], on: "2026-11-03" }),
      check({
        side: "right",
        temperature: "cold",
        mode: "active",
        instrument: "level",
        trials: [170, 171],
      }),
    ];
    const { checks, problems } = taken(checksCsv(own, [athlete()], library));
    expect(problems).toEqual([]);
    const told = ({ kind, id, at, ...rest }: Check) => [kind, id, at].length > 0 && rest;
    expect(checks).toEqual(own.map(told));
  });

  it("a check is known by its name, its identifier or the first words of it", () => {
    expect(protocolNamed("SHOULDER  flexion", library)?.id).toBe("shoulder-flexion");
    expect(protocolNamed("shoulder-flexion", library)?.id).toBe("shoulder-flexion");
    expect(protocolNamed("", library)).toBeNull();
    expect(protocolNamed("banana", library)).toBeNull();
  });

  it("nonsense is no table and ends at once", () => {
    for (const text of ["", "\n\n", "x".repeat(100_000), '"'.repeat(9999), "a,b\n".repeat(30_000)])
      expect(taken(text).checks).toEqual([]);
  });
});
