import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { DrillBeside, drillUnder } from "./drill-beside";

describe("the drill beside the log", () => {
  it("shows any level of the library with its cue and what to look for", () => {
    for (const drill of library.drills.slice(0, 25)) {
      const rung = drill.rungs.at(-1)!;
      const html = renderToStaticMarkup(
        createElement(DrillBeside, { under: { drillId: drill.id, rungId: rung.id }, library }),
      );
      expect(html, drill.id).toContain(`level ${drill.rungs.length} of ${drill.rungs.length}`);
      expect(html, drill.id).toContain("<svg");
      for (const gate of rung.gates)
        expect(html).toContain(gate.see.replaceAll("&", "&amp;").replaceAll("'", "&#x27;"));
    }
  });

  it("shows nothing of a drill that the library does not have", () => {
    const under = { drillId: "nothing", rungId: "nothing" };
    expect(renderToStaticMarkup(createElement(DrillBeside, { under, library }))).toBe("");
  });

  it("is found by no row where the cursor is elsewhere", () => {
    class Element {
      constructor(readonly row: { dataset: Record<string, string> } | null) {}
      closest = () => this.row;
    }
    Object.assign(globalThis, { Element });
    const at = (row: { dataset: Record<string, string> } | null) =>
      drillUnder(new Element(row) as never);
    expect(at({ dataset: { drill: "prayer", rung: "wall" } })).toEqual({
      drillId: "prayer",
      rungId: "wall",
    });
    expect(at({ dataset: { drill: "prayer" } })).toBeNull();
    expect(at(null)).toBeNull();
    Reflect.deleteProperty(globalThis, "Element");
  });
});
