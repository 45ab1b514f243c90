import { describe, expect, it } from "vitest";
import { exportFile, exportKinds, type ExportKind } from "./exports";

describe("what goes out as a file", () => {
  it("is named by whose it is, what it is and its day", () => {
    expect(exportFile("notebook", "2026-11-24").name).toBe("yearling-2026-11-24.yearling");
    expect(exportFile("checks", "2026-11-24").name).toBe("yearling-checks-2026-11-24.csv");
    expect(exportFile("season", "2026-11-24", "Noor Haddad").name).toBe(
      "noor-season-2026-11-24.ics",
    );
  });
  it("a table tells a spreadsheet that it is UTF-8; nothing else begins with a mark", () => {
    for (const kind of Object.keys(exportKinds) as ExportKind[]) {
      const { before, type } = exportFile(kind, "2026-11-24");
      expect(before !== "", kind).toBe(type.startsWith("text/csv"));
    }
  });
  it("a name that no file system takes is made plain", () =>
    expect(exportFile("plan", "2026-11-24", "../Ça/va? x").name).toBe(
      "-ça-va--plan-2026-11-24.csv",
    ));
});
