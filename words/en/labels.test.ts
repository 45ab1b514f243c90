import { describe, expect, it } from "vitest";
import type { Does } from "#core/acts/does";
import { rowProblemWords } from "./file";
import { labelWords } from "./labels";

describe("what an act is called where it can be taken back", () => {
  const said: [Does, string][] = [
    [{ does: "group", name: "Squad" }, "group Squad"],
    [{ does: "remove-group", name: "Squad" }, "remove the group Squad"],
    [{ does: "hall", name: "Squad" }, "session of Squad"],
    [{ does: "log-hall", name: "Squad" }, "log Squad"],
    [{ does: "give-group", count: 1 }, "set it for one"],
    [{ does: "give-group", count: 12 }, "set it for 12"],
    [{ does: "add-athletes", count: 1 }, "add an athlete"],
    [{ does: "add-athletes", count: 12 }, "add 12 athletes"],
    [{ does: "checks", count: 1 }, "1 check"],
    [{ does: "checks", count: 48 }, "48 checks"],
    [{ does: "keep-preps", count: 2 }, "keep 2 preps"],
    [{ does: "remove-athlete", name: "Ana" }, "remove Ana for good"],
    [{ does: "order" }, "order of athletes"],
    [{ does: "mend-check" }, "mend a check"],
    [{ does: "clear-place", place: { site: "wrist", side: "left" } }, "clear the left wrist"],
    [{ does: "clear-place", place: null }, "clear the lock"],
    [{ does: "clear-motion", motion: "hip.extension" }, "clear hip extension"],
    [{ does: "set-more", side: "right" }, "a set more on the right"],
  ];
  it.each(said)("%o is “%s”", (does, words) => expect(labelWords(does)).toBe(words));
  it("a text of an earlier version stays as it was written", () =>
    expect(labelWords("import a file")).toBe("import a file"));
});

describe("why a row of a table is not taken", () => {
  it("names the row as a spreadsheet counts it, the reason, and what was found", () => {
    expect(rowProblemWords({ row: 7, why: "no-check", found: "Knee wobble" })).toBe(
      "Row 7: no check of this name (Knee wobble)",
    );
    expect(rowProblemWords({ row: 2, why: "no-date", found: "" })).toBe("Row 2: no day");
    expect(
      rowProblemWords({ row: 3, why: "impossible", found: "9".repeat(500) }).length,
    ).toBeLessThan(110);
  });
});
