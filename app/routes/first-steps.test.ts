import { beforeAll, describe, expect, it } from "vitest";
import { freshBrowser } from "../acts/test-notebook";
import { pagePaths, readPage, readWholePage, type ReadPage } from "../test/pages";
import { person } from "../test/person";

/** Somebody new: each station is empty, and each says what to do about it. */
const day = "2026-11-24";
let browser: Awaited<ReturnType<typeof freshBrowser>>;
let id = "";
const pages = new Map<string, ReadPage>();
const readAll = async () => {
  for (const path of pagePaths) pages.set(path, await readPage(id, path));
};

beforeAll(async () => {
  browser = await freshBrowser(day);
  await browser.open.turnTo("own");
}, 60_000);

describe("an empty notebook", () => {
  it("says that it is empty, and what comes first", async () => {
    const { headings, text } = await readWholePage("/");
    expect(headings[0]).toBe("An empty notebook");
    expect(text).toMatch(/Add an athlete/);
  });

  it("the file page says that nothing is kept yet, and can still read a file", async () => {
    const { text } = await readWholePage("/file");
    expect(text).not.toMatch(/NaN|undefined/);
    expect(text).toMatch(/Read|Import|file/i);
  });
});

describe("an athlete without an aim", () => {
  beforeAll(async () => {
    const kept = await browser.act("save-athlete", { ...person });
    id = "done" in kept ? kept.done.id : "";
    await readAll();
  }, 60_000);

  it("has a headline on every page, and no figure that is none", () => {
    for (const [path, { headings, text }] of pages) {
      expect(headings, path).toHaveLength(1);
      expect(/NaN|undefined|Infinity|\[object/.exec(text)?.[0], path).toBe(undefined);
    }
  });

  it("on paper too, where there is nothing to print yet", async () => {
    for (const path of ["prep/sheet?sheet=pocket", "season/sheet?of=season"])
      expect((await readPage(id, path)).headings[0], path).toMatch(/no prep|No weeks/);
  });

  it("is asked for the aim first, wherever one looks", () => {
    expect(pages.get("aim")!.headings[0]).toBe("What is it for?");
    for (const path of ["gap", "prep"])
      expect(
        pages.get(path)!.links.some((link) => link === `/at/${id}/aim`) ||
          /aim|skill/i.test(pages.get(path)!.text),
        path,
      ).toBe(true);
  });

  it("no number stands for anything that was not measured", () => {
    for (const path of ["gap", "check/record", "season/date", "season/dose"])
      expect(/\d+° short|\d+ %|\d+ of 10/.exec(pages.get(path)!.text)?.[0], path).toBe(undefined);
  });

  it("no week, no log, no prep is counted as missed", () => {
    for (const [path, { text }] of pages) expect(text, path).not.toMatch(/\b[1-9]\d* missed/);
  });
});

describe("an athlete with an aim, before the first check", () => {
  beforeAll(async () => {
    await browser.act("save-aim", {
      athleteId: id,
      id: null,
      skillId: "handstand",
      quality: "clean",
      side: "mid",
      by: "2027-03-01",
    });
    await readAll();
  }, 60_000);

  it("everything it asks is unknown, by name, and the check is where to go", () => {
    const { text, links } = pages.get("gap")!;
    for (const name of ["Shoulder flexion", "Upper-back extension", "Wrist extension"])
      expect(text).toContain(name);
    expect(text).toMatch(/unknown|not measured/i);
    expect(links.some((link) => link.startsWith(`/at/${id}/check`))).toBe(true);
  });

  it("a round of just those checks is proposed", () => {
    const { text, headings } = pages.get("check")!;
    expect(headings[0]).toMatch(/measure/i);
    expect(text).toContain("Shoulder flexion");
    expect(text).toContain("Wrist extension");
  });

  it("the date is not told from nothing", () => {
    expect(pages.get("season")!.text).not.toMatch(/By \d.*\? (Very|Unlikely|Open|Likely)/);
    expect(pages.get("season/date")!.text).not.toMatch(/By \d.*(likely|in 10)/);
  });

  it("a prep is planned all the same: warm, in order, within its minutes", async () => {
    const view = await browser.look(id);
    const { prep } = browser.planning.planned(
      view,
      browser.planning.newPrep(view, day, "prep-new"),
    );
    expect(prep.items.length).toBeGreaterThan(3);
    expect(prep.items[0]!.phase).toBe("raise");
    expect(pages.get("prep")!.headings[0]).toBe(`${prep.budget / 60}:00`);
  });
});

describe("after one round of checks", () => {
  beforeAll(async () => {
    await browser.act("save-round", {
      athleteId: id,
      checks: [
        { protocolId: "shoulder-flexion", side: "left", trials: [170, 171] },
        { protocolId: "shoulder-flexion", side: "right", trials: [181, 182] },
      ].map((one) => ({
        ...one,
        protocolVersion: 1,
        mode: "passive",
        temperature: "warm",
        instrument: "goniometer",
        tester: "Y",
        typed: null,
        ownError: 0,
        read: "",
        pain: 0,
        seen: [],
        note: "",
      })),
    });
    await readAll();
  }, 60_000);

  it("the measured side is short or clear, the rest stays unknown", () => {
    const { text } = pages.get("gap")!;
    expect(text).toMatch(/◂17[01]°/);
    expect(text).toMatch(/▸18[12]°/);
    expect(text).toContain("unknown");
  });

  it("the record has the two, and nothing more", () => {
    expect(pages.get("check/record")!.text).toMatch(/Shoulder flexion/);
    expect(pages.get("check/record")!.text).not.toMatch(/Wrist extension\s*passive/);
  });
});
