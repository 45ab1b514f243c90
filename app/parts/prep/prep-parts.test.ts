import { describe, expect, it } from "vitest";
import { prepSeconds } from "#core/prep/timeline";
import { item, prep } from "#core/test/people";
import { library } from "#library/index";
import { itemSpans } from "./strip";
import { footOf, linesOf } from "./sheets/sheet-words";

const items = [
  item("pulse", { type: "time", sets: 1, seconds: 120, rest: 0 }),
  item(
    "hip-flexor",
    { type: "hold", sets: 2, seconds: 30, rest: 10 },
    { sides: ["right", "left"] },
  ),
  item("roller", { type: "time", sets: 1, seconds: 60, rest: 0 }),
];

describe("the strip", () => {
  const spans = itemSpans(items, library);
  it("is as long as the prep, without a gap", () => {
    expect(spans.map(({ from }) => from)).toEqual([0, 120, 120 + spans[1]!.seconds]);
    expect(spans.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(prepSeconds(items, library));
  });
  it("shows getting there apart from the work, and each side apart, in its order", () => {
    const parts = spans[1]!.parts;
    expect(
      parts.filter(({ working }) => working).map(({ side, seconds }) => [side, seconds]),
    ).toEqual([
      ["right", 70],
      ["left", 70],
    ]);
    expect(parts.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(spans[1]!.seconds);
    expect(parts[0]!.working).toBe(false);
  });
});

describe("the words of a sheet", () => {
  const lines = linesOf(
    prep([...items, { ...items[2]!, id: "gone", drillId: "no-such-drill" }]),
    library,
  );
  it("has a line for every drill that the library has", () => {
    expect(lines.map(({ drill }) => drill.id)).toEqual(["pulse", "hip-flexor", "roller"]);
    expect(lines[1]).toMatchObject({ dose: "2 × 30 s", sides: "▸ ◂" });
  });
  it("has each caution once at its foot, after what ends a drill", () => {
    const foot = footOf([...lines, ...lines]);
    expect(foot[0]).toContain("4/10");
    expect(new Set(foot).size).toBe(foot.length);
    expect(foot).toContain("Pad the knee.");
  });
});
