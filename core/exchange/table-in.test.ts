import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { checksIn, guessedColumns, type TableTerms } from "./checks-in";
import { guessedLogColumns, logsIn } from "./logs-in";
import { openTable, type OpenedTable } from "./table-in";

const terms: TableTerms = {
  athletes: [{ id: "a1", name: "Mirela Osei" }],
  athleteId: "a1",
  tester: "Ysolde",
  order: "day-first",
  library,
  today: "2026-11-24",
};
const opened = (text: string) => openTable(text, library, terms.today);
const tableOf = (one: OpenedTable) => {
  if (!("table" in one)) throw new Error(`no table: ${one.holds}`);
  return one.table;
};
const checksOf = (text: string) => {
  const table = tableOf(opened(text));
  return checksIn(table, guessedColumns(table.heads, library), terms);
};

describe("a file of somebody else's", () => {
  it("is a table of checks, of logs, or nothing", () => {
    expect(opened("date;shoulder flexion L\n2026-11-01;150").holds).toBe("checks");
    expect(opened("date;drill;reps\n2026-11-01;Wrist circles;8").holds).toBe("logs");
    for (const text of ["", "\n\n;;\n", "date;drill", '{"a": 1}', "{"])
      expect(opened(text), text).toEqual({ holds: "nothing" });
  });

  it("counts rows as a spreadsheet does, empty ones too", () => {
    const { checks, problems } = checksOf(
      "\ndate;shoulder flexion L\n;\n2026-11-01;150\n\n2026-11-02;much",
    );
    expect(checks.map(({ on }) => on)).toEqual(["2026-11-01"]);
    expect(problems).toEqual([{ row: 6, why: "no-number", found: "much" }]);
  });

  it("a quotation mark never closed is named with its row, and nothing behind it is taken for a cell", () => {
    const rows = Array.from({ length: 50_000 }, () => "2026-11-03;152");
    const { checks, problems } = checksOf(
      ["date;shoulder flexion L", "2026-11-01;150", '2026-11-02;"151', ...rows].join("\n"),
    );
    expect(checks.map(({ trials }) => trials)).toEqual([[150]]);
    expect(problems).toEqual([{ row: 3, why: "unclosed", found: "" }]);
  });

  it("of too many rows the first not read is named", () => {
    const rows = (count: number) =>
      ["date;shoulder flexion L", ...Array.from({ length: count }, () => "2026-11-03;152")].join(
        "\n",
      );
    expect(checksOf(rows(20_000)).problems).toEqual([]);
    const { checks, problems } = checksOf(rows(20_001));
    expect(checks).toHaveLength(20_000);
    expect(problems).toEqual([{ row: 20_002, why: "too-many", found: "" }]);
  });

  it("what a wide table holds is bounded by what is found, not only by its rows", () => {
    const wide = 150;
    const heads = ["date", ...Array.from({ length: wide }, () => "shoulder flexion L")];
    const row = ["2026-11-03", ...Array.from({ length: wide }, () => "152")].join(";");
    const { checks, problems } = checksOf([heads.join(";"), ...Array(1000).fill(row)].join("\n"));
    expect(checks.length).toBeLessThanOrEqual(20_000);
    expect(checks.length).toBeGreaterThan(20_000 - wide);
    expect(problems).toEqual([{ row: 2 + Math.floor(20_000 / wide), why: "too-many", found: "" }]);
  });

  it("a log of a lost table says so too", () => {
    const table = tableOf(opened('date;drill;reps\n2026-11-01;Wrist circles;8\n2026-11-01;"Wri'));
    const { logs, problems } = logsIn(table, guessedLogColumns(table.heads), terms);
    expect(logs).toHaveLength(1);
    expect(problems).toEqual([{ row: 3, why: "unclosed", found: "" }]);
  });
});
