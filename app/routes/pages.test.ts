import { beforeAll, describe, expect, it } from "vitest";
import { freshBrowser } from "../acts/test-notebook";
import { pagePaths, readPage, type ReadPage } from "../test/pages";

const day = "2026-11-24";
const troupe = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
const pages = new Map<string, ReadPage>();
const everyPage = () => [...pages];

/** Where a link may lead: the stations and their pages, the library, the file, the troupe, or a place on the page. */
const known = new RegExp(
  `^(?:/|/#places|/file|/open|/coach|/library(?:/[a-z-]+(?:/[a-z0-9-]+)?)?|/at/[a-z-]+/(?:${[...pagePaths, "run"].join("|")})(?:#intake)?|#.*)?(?:\\?.*)?$`,
);

beforeAll(async () => {
  const browser = await freshBrowser(day);
  await browser.look("odalys");
  for (const who of troupe)
    for (const path of pagePaths) pages.set(`${who}/${path}`, await readPage(who, path));
}, 240_000);

describe("every page of every performer, as it first stands", () => {
  it("has one headline that says something", () => {
    for (const [name, { headings }] of everyPage()) {
      expect(headings, name).toHaveLength(1);
      expect(headings[0]!.length, name).toBeGreaterThan(2);
    }
  });

  it("never shows a figure that is none", () => {
    for (const [name, { text }] of everyPage())
      for (const slip of ["NaN", "undefined", "null", "Infinity", "[object", "Invalid"])
        expect(text.includes(slip), `${name} says “${slip}”`).toBe(false);
  });

  it("draws no path with a point that is no number", () => {
    for (const [name, { html }] of everyPage())
      for (const [, drawn] of html.matchAll(/ (?:d|points|transform|viewBox)="([^"]*)"/g))
        expect(/NaN|undefined|Infinity/.test(drawn!), `${name}: ${drawn!.slice(0, 60)}`).toBe(
          false,
        );
  });

  it("leads only where there is something", () => {
    for (const [name, { links }] of everyPage())
      for (const link of links)
        if (!link.startsWith("data:") && !link.startsWith("blob:"))
          expect(known.test(link), `${name} → ${link}`).toBe(true);
  });

  it("loads nothing from elsewhere", () => {
    for (const [name, { html }] of everyPage())
      expect(/(?:src|href|action)="(?:https?:)?\/\//.test(html), name).toBe(false);
  });

  it("gives every picture a name, and every control one", () => {
    for (const [name, { html }] of everyPage()) {
      for (const [tag] of html.matchAll(/<svg[^>]*role="img"[^>]*>/g))
        expect(/aria-label(?:ledby)?="[^"]+"/.test(tag), `${name}: ${tag}`).toBe(true);
      for (const [whole, open, inside] of html.matchAll(/<button([^>]*)>([\s\S]*?)<\/button>/g)) {
        const words = inside!.replace(/<[^>]+>/g, "").trim();
        const labelled = /aria-label(?:ledby)?="[^"]+"|title="[^"]+"/.test(open!);
        expect(words !== "" || labelled, `${name}: ${whole.slice(0, 120)}`).toBe(true);
      }
    }
  });

  it("does not praise, and does not shout", () => {
    for (const [name, { text }] of everyPage())
      expect(
        /\b(?:great|awesome|well done|streak|congratulations)\b|!(?!=)/i.exec(text)?.[0],
        name,
      ).toBe(undefined);
  });

  it("says nobody is ready for what others decide", () => {
    for (const [name, { text }] of everyPage())
      expect(/ready for pointe|you are ready/i.test(text), name).toBe(false);
  });
});

describe("the troupe's stories, told by the first headline", () => {
  const headline = (page: string) => pages.get(page)!.headings[0]!;

  it("the gap names what holds each of them back", () => {
    expect(headline("odalys/gap")).toMatch(/^The shoulders hold it back: \d+° short/);
    expect(headline("kaito/gap")).toMatch(/^The ankles hold it back: 2° short, both sides/);
    expect(headline("wren/gap")).toMatch(/short/);
  });

  it("the week counts what hangs on it", () => {
    for (const who of troupe)
      expect(headline(`${who}/season`), who).toMatch(
        /^This week: \d+ (mobility|conditioning|warm-up)/,
      );
  });

  it("weeks ill, a lock, a plateau and a show are on the page without a word typed", () => {
    const says = (page: string, words: RegExp) =>
      expect(words.test(pages.get(page)!.text), `${page} lacks ${words}`).toBe(true);
    says("odalys/season", /\bill\b/);
    says("noor/season", /Upper back is stopped: pain 6\/10/);
    says("ilvar/season", /before the show of/);
    says("wren/season", /lighter week/i);
  });

  it("a locked motion is locked on every page where it would be worked on", () => {
    expect(pages.get("noor/prep")!.text).toMatch(/locked|shut/i);
    expect(pages.get("noor/aim")!.text).toMatch(/pain 6\/10/);
  });
});
