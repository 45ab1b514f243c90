import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { gapOf } from "#core/aim/gap";
import { aim, athlete, check, skill } from "#core/test/people";
import type { Reading } from "./geometry";
import { MarginMark, readingsOf } from "./margin-mark";

const reading = (over: Partial<Reading> = {}): Reading => ({
  side: "left",
  margin: -20,
  se: 3,
  verdict: "short",
  asked: true,
  ...over,
});
const drawn = (...readings: Reading[]) => renderToStaticMarkup(<MarginMark readings={readings} />);
const label = (html: string) => /aria-label="([^"]*)"/.exec(html)![1];

describe("the margin mark on the page", () => {
  it("says in words what it draws: side, size, short or spare, error, verdict", () => {
    expect(
      label(drawn(reading(), reading({ side: "right", margin: 4.4, verdict: "unsure" }))),
    ).toBe("left 20° short, ± 3°, short; right 4° spare, ± 3°, unsure");
    expect(label(drawn(reading({ side: "mid", margin: null, verdict: "unknown" })))).toBe(
      "middle not measured",
    );
  });

  it("short is hatched, spare is plain: not by colour alone", () => {
    expect(drawn(reading())).toMatch(/<rect[^>]*fill="url\(#[^)]+\)"/);
    const spare = drawn(reading({ margin: 10, verdict: "clear" }));
    expect(spare).not.toMatch(/<rect[^>]*fill="url\(/);
    expect(spare).toContain('fill="var(--lichen-soft)"');
  });

  it("what is not measured has a question mark and neither bar nor notch", () => {
    const html = drawn(reading({ margin: null, verdict: "unknown" }));
    expect(html).toContain("?");
    expect(html).not.toMatch(/<rect[^>]*height="8"/);
  });

  it("an unsure verdict is hollow, a sure one filled", () => {
    expect(drawn(reading({ margin: 1, verdict: "unsure" }))).toContain('fill="var(--paper)"');
    expect(drawn(reading({ margin: 9, verdict: "clear" }))).not.toContain('fill="var(--paper)"');
  });

  it("two marks on one page never share a hatch", () => {
    const ids = renderToStaticMarkup(
      <>
        <MarginMark readings={[reading()]} />
        <MarginMark readings={[reading()]} />
      </>,
    ).match(/<pattern id="[^"]+"/g)!;
    expect(ids.length).toBeGreaterThan(1);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it("what is surely short is hatched in clay, what may be enough in grey", () => {
    const hatchOf = (verdict: Reading["verdict"]): string => {
      const html = drawn(reading({ margin: -4, verdict }));
      const [, id] = /<rect[^>]*height="8"[^>]*fill="url\(#([^)]+)\)"/.exec(html)!;
      return html.split("<pattern").find((part) => part.includes(`id="${id}"`))!;
    };
    expect(hatchOf("short")).toContain("var(--clay)");
    expect(hatchOf("unsure")).not.toContain("clay");
    expect(hatchOf("unsure")).toContain("var(--hair)");
  });

  it("nothing is drawn outside its box, however large the margin", () => {
    for (const margin of [-400, -90, 0, 90, 400])
      for (const [, x] of drawn(reading({ margin })).matchAll(/ x[12]?="(-?[\d.]+)"/g)) {
        expect(Number(x)).toBeGreaterThanOrEqual(0);
        expect(Number(x)).toBeLessThanOrEqual(280);
      }
  });

  it("reads the sides of a gap as they are, the other side for comparison too", () => {
    const gaps = gapOf({
      athlete: athlete(),
      aim: aim({ skillId: "front-split", side: "right" }),
      skill: skill("front-split"),
      checks: [check({ protocolId: "hip-extension", side: "left", trials: [20, 20] })],
      library,
    });
    const back = gaps.find(({ demand }) => demand.motion === "hip.extension")!;
    expect(readingsOf(back)).toMatchObject([
      { side: "left", asked: true, margin: 20 - back.need },
      { side: "right", asked: false, margin: null, verdict: "unknown" },
    ]);
  });
});
