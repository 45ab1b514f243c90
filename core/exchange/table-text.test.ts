import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { tableText } from "./table-text";

describe("a table for a spreadsheet", () => {
  const text = tableText([
    { name: "=1+1", wide: "＝HYPERLINK(1)", loss: -3.5, shown: "-3.50", note: "- slow", at: "@x" },
  ]);

  it("keeps numbers as numbers, and text that looks like a formula as text", () => {
    const [row] = Papa.parse<Record<string, string>>(text, { header: true }).data;
    expect(row).toEqual({
      name: "'=1+1",
      wide: "'＝HYPERLINK(1)",
      loss: "-3.5",
      shown: "-3.50",
      note: "'- slow",
      at: "'@x",
    });
  });

  it("ends its lines as tables do", () => expect(text.split("\r\n")).toHaveLength(2));
});
