import { lockKey } from "#core/safety/pain";
import { beforeAll, describe, expect, it } from "vitest";
import { drillOf } from "#core/content/library";
import { stiffDays } from "#core/progress/stiff";
import { freshBrowser } from "../acts/test-notebook";
import { createElement, type ComponentType } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { createRoutesStub } from "react-router";
import { BookDays } from "../parts/book/book-days";
import { BookDrills } from "../parts/book/book-drills";
import { BookMotions } from "../parts/book/book-motions";
import { BookStops } from "../parts/book/book-stops";
import { readPage, textOf } from "../test/pages";
import type { AthleteView } from "../view";

const day = "2026-11-24";
const troupe = ["odalys", "noor", "kaito"];
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const views = new Map<string, AthleteView>();

beforeAll(async () => {
  browser = await freshBrowser(day);
  for (const who of troupe) views.set(who, await browser.look(who));
}, 60_000);

describe("the log on the page", () => {
  it("of a day that has one shows every drill of it, as it went", async () => {
    for (const [who, view] of views) {
      const last = view.logs.filter(({ on }) => on < day).at(-1)!;
      const { text, headings } = await readPage(who, `log?log=${last.id}&day=${last.on}`);
      expect(headings[0], who).toMatch(/, as it went$/);
      for (const { drillId } of last.items)
        expect(text, `${who} ${drillId}`).toContain(drillOf(view.library, drillId)!.name);
    }
  });

  it("of a day with an open prep asks how it went, drill by drill", async () => {
    const view = views.get("odalys")!;
    const open = view.preps.find(({ on }) => on === day)!;
    const { text, headings } = await readPage("odalys", "log");
    expect(headings[0]).toBe("How did it go?");
    for (const { drillId } of open.items)
      expect(text).toContain(`Done: ${drillOf(view.library, drillId)!.name}`);
  });

  it("of a day with nothing asks what was done", async () => {
    const { headings, text } = await readPage("kaito", "log?log=new&day=2026-11-22");
    expect(headings[0]).toBe("What was done?");
    expect(text).toContain("add the drills that were done");
  });
});

describe("the record book", () => {
  it("by day has every session there was, and says which were stiff", async () => {
    for (const [who, view] of views) {
      const { text } = await readPage(who, "log/book");
      for (const { minutes } of view.logs.slice(-5)) expect(text, who).toContain(`${minutes} min`);
      const stiff = stiffDays(view.logs);
      if (stiff.length > 0) expect(text, who).toContain("stiff");
    }
  });

  it("by drill counts the sessions of each", async () => {
    for (const [who, view] of views) {
      const counts = new Map<string, number>();
      for (const log of view.logs)
        for (const id of new Set(
          log.items.filter(({ done }) => done !== "skipped").map(({ drillId }) => drillId),
        ))
          counts.set(id, (counts.get(id) ?? 0) + 1);
      const [most, times] = [...counts].sort((a, b) => b[1] - a[1])[0]!;
      const { text } = await readPage(who, "log/book?by=drill");
      expect(text, who).toContain(`${drillOf(view.library, most)!.name}${times} ×`);
    }
  });

  it("a search that finds nothing says so, and never stands in the address", async () => {
    const view = views.get("odalys")!;
    const none = { view, search: "zzzz", chosen: null, choose: () => undefined };
    for (const part of [BookDays, BookDrills, BookMotions, BookStops] as ComponentType<never>[]) {
      const Stub = createRoutesStub([
        { path: "*", Component: () => createElement(part, none as never) },
      ]);
      const text = textOf(renderToStaticMarkup(createElement(Stub, { initialEntries: ["/"] })));
      expect(text).toMatch(/nothing|no |last 28/i);
      expect(text).not.toContain("Roller under the upper back31");
    }
    const asked = await readPage("odalys", "log/book?by=day&find=zzzz");
    expect(asked.html).not.toContain("zzzz");
  });

  it("the stops name the place, the number, and what it locked", async () => {
    const { text } = await readPage("noor", "log/book?by=stops");
    expect(text).toMatch(/6\/10, upper back/);
    expect(text).toMatch(/Upper back is locked out of plans/);
    expect(text).toMatch(/Clear it under Aim, with who and why/);
  });

  it("after the lock is cleared with a reason, it is told as cleared", async () => {
    const view = await browser.look("noor");
    const lock = view.locks.find(({ place }) => place?.site === "thoracic")!;
    await browser.act("clear-place", {
      athleteId: "noor",
      lock: lockKey(lock),
      who: "Ysolde Marrec",
      reason: "seen by the physiotherapist",
    });
    const { text } = await readPage("noor", "log/book?by=stops");
    expect(text).not.toMatch(/Upper back is locked out of plans/);
    expect(text).toMatch(/Upper back was locked/);
    expect(text).toContain("seen by the physiotherapist");
  });
});
