import { beforeAll, describe, expect, it } from "vitest";
import { motionOf } from "#core/body/motions";
import { freshBrowser } from "../acts/test-notebook";
import { readPage, type ReadPage } from "../test/pages";
import type { AthleteView } from "../view";

const troupe = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
const seen: { who: string; view: AthleteView; page: ReadPage }[] = [];
let browser: Awaited<ReturnType<typeof freshBrowser>>;

beforeAll(async () => {
  browser = await freshBrowser("2026-11-24");
  for (const who of troupe)
    seen.push({ who, view: await browser.look(who), page: await readPage(who, "gap") });
}, 120_000);

describe("the gap on the page", () => {
  it("names every demand with its need, and what each asked side has, to the degree", () => {
    for (const { who, view, page } of seen)
      for (const { demand, need, sides } of view.gaps) {
        expect(page.text, who).toContain(motionOf(demand.motion).name);
        expect(page.text, who).toContain(`${need}°, ${demand.how}`);
        for (const { side, asked, have } of sides)
          if (asked && have) {
            const notch = { left: "◂", right: "▸", mid: "" }[side];
            expect(page.text, `${who}, ${demand.motion} ${side}`).toContain(
              `${notch}${have.degrees.toFixed(0)}°`,
            );
          }
      }
  });

  it("says unknown where nothing was measured, with no figure in its place", () => {
    const open = seen.flatMap(({ who, view, page }) =>
      view.gaps
        .filter(({ verdict }) => verdict === "unknown")
        .map(({ demand }) => ({ who, page, name: motionOf(demand.motion).name })),
    );
    expect(open.length).toBeGreaterThan(2);
    for (const { who, page, name } of open) {
      expect(page.text, who).toMatch(
        new RegExp(`${name}[^.]*not measured|${name}[\\s\\S]*Not measured: it counts neither`),
      );
      expect(page.text, who).toContain("unknown");
    }
  });

  it("gives every verdict as often as the view has it", () => {
    for (const { who, view, page } of seen) {
      const said = [...page.html.matchAll(/>(clear|short|unsure|unknown)</g)].map(
        ([, word]) => word,
      );
      for (const verdict of ["clear", "short", "unsure", "unknown"] as const)
        expect(
          said.filter((word) => word === verdict).length,
          `${who} ${verdict}`,
        ).toBeGreaterThanOrEqual(view.gaps.filter((gap) => gap.verdict === verdict).length);
    }
  });

  it("tells the marks to those who do not see them: short or spare, the error, the verdict", () => {
    for (const { who, view, page } of seen) {
      const told = [
        ...page.html.matchAll(/aria-label="([^"]*(?:short|spare|not measured)[^"]*)"/g),
      ];
      expect(told.length, who).toBeGreaterThanOrEqual(view.gaps.length);
    }
  });

  it("an address with a day that no calendar has shows today", async () => {
    const { headings } = await readPage("odalys", "gap");
    for (const odd of ["2026-02-31", "2026-13-01", "x"])
      expect((await readPage("odalys", `gap?day=${odd}`)).headings, odd).toEqual(headings);
  });

  it("shows the day that is looked at as it was known then", async () => {
    const earlier = await readPage("odalys", "gap?day=2026-10-01");
    const view = await browser.look("odalys", "?day=2026-10-01");
    const shoulder = view.gaps.find(({ demand }) => demand.motion === "shoulder.flexion")!;
    const [left] = shoulder.sides;
    expect(earlier.text).toContain(`◂${left!.have!.degrees.toFixed(0)}°`);
    expect(earlier.text).not.toContain("Checked 10 Nov");
  });

  it("before the first check everything is unknown, and the page says what to measure", async () => {
    const before = await readPage("wren", "gap?day=2026-09-01");
    expect(before.headings).toHaveLength(1);
    expect(before.text).not.toMatch(/\d+° short/);
    expect(before.text).toMatch(/not measured/i);
  });
});
