import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { Prep } from "#core/records/records";
import { drillOf } from "#core/content/library";
import { orderTerms } from "#core/prep/mend";
import { breaches } from "#core/prep/order";
import { prepSeconds } from "#core/prep/timeline";
import type { AthleteView } from "../view";
import { freshBrowser, of, undated } from "./test-notebook";

const day = "2026-11-24";
const who = "odalys";
let browser: Awaited<ReturnType<typeof freshBrowser>>;
let view: AthleteView;
let begun: Prep;
const look = () => browser.look(who);
const now = async () => undated((await browser.notebook()).get("prep", begun.id)!);

/** What a hand may do to a prep, each with numbers that choose where. */
const acts = {
  move: async (prep: Prep, n: number, m: number) =>
    browser.act("move-drill", {
      ...of(await look()),
      prep,
      from: n % prep.items.length,
      to: m % prep.items.length,
    }),
  drop: async (prep: Prep, n: number) =>
    browser.act("drop-drill", {
      ...of(await look()),
      prep,
      itemId: prep.items[n % prep.items.length]!.id,
    }),
  add: async (prep: Prep, n: number) =>
    browser.act("add-drill", {
      ...of(await look()),
      prep,
      drillId: view.library.drills[n % view.library.drills.length]!.id,
    }),
  lock: async (prep: Prep, n: number) =>
    browser.act("pin-drill", {
      athleteId: "odalys",
      prep,
      itemId: prep.items[n % prep.items.length]!.id,
    }),
  rung: async (prep: Prep, n: number, m: number) => {
    const item = prep.items[n % prep.items.length]!;
    const { rungs } = drillOf(view.library, item.drillId)!;
    return browser.act("edit-drill", {
      ...of(await look()),
      prep,
      itemId: item.id,
      rungId: rungs[m % rungs.length]!.id,
    });
  },
  fill: async (prep: Prep) => browser.act("fit-minutes", { ...of(await look()), prep }),
  retime: async (prep: Prep, n: number) =>
    browser.act("retime-prep", { ...of(await look()), prep, budget: 300 + 60 * (n % 20) }),
  mend: async (prep: Prep) => browser.act("mend-order", { ...of(await look()), prep }),
};
type Act = keyof typeof acts;
const anyActs = fc.array(
  fc.tuple(
    fc.constantFrom(...(Object.keys(acts) as Act[])),
    fc.integer({ min: 0, max: 400 }),
    fc.integer({ min: 0, max: 400 }),
  ),
  { minLength: 1, maxLength: 7 },
);
async function walked(walk: readonly (readonly [Act, number, number])[]): Promise<Prep> {
  await browser.act("keep-preps", { preps: [begun] });
  for (const [act, n, m] of walk) {
    const prep = await now();
    if (prep.items.length > 0) await acts[act](prep, n, m);
  }
  return now();
}

beforeAll(async () => {
  browser = await freshBrowser(day);
  view = await look();
  begun = browser.planning.planned(view, browser.planning.newPrep(view, day, "prep-new")).prep;
}, 60_000);

describe("whatever a hand does to a prep", () => {
  it("it stays one that a file may hold, every item once, of drills that there are", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        const prep = await walked(walk);
        expect(Prep.safeParse(prep).error?.issues ?? []).toEqual([]);
        expect(new Set(prep.items.map(({ id }) => id)).size).toBe(prep.items.length);
        for (const { drillId } of prep.items)
          expect(drillOf(view.library, drillId), drillId).toBeDefined();
      }),
      { numRuns: 20 },
    );
  }, 120_000);

  it("fitted to its minutes it is never above them", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        const prep = await walked(walk);
        await browser.act("fit-minutes", { ...of(await look()), prep });
        const fitted = await now();
        const locked = fitted.items.filter((item) => item.pinned);
        // What a hand has locked is kept, even where it alone is too long.
        if (prepSeconds(locked, view.library, fitted.handOver) <= fitted.budget / 2)
          expect(prepSeconds(fitted.items, view.library, fitted.handOver)).toBeLessThanOrEqual(
            fitted.budget,
          );
        for (const { id } of prep.items.filter((item) => item.pinned))
          expect(fitted.items.map((item) => item.id)).toContain(id);
      }),
      { numRuns: 12 },
    );
  }, 120_000);

  it("mended it breaks nothing, and a run begins only of one that breaks nothing", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        const prep = await walked(walk);
        await browser.act("mend-order", { ...of(await look()), prep });
        const mended = await now();
        const terms = orderTerms(browser.requestOf(await look(), mended));
        expect(breaches(mended.items, view.library, terms)).toEqual([]);
      }),
      { numRuns: 15 },
    );
    const cold = {
      ...begun,
      id: "cold",
      items: begun.items.filter(({ phase }) => phase !== "raise"),
    };
    const terms = orderTerms(browser.requestOf(view, cold));
    const broken = breaches(cold.items, view.library, terms).length > 0;
    expect(await browser.act("start-run", { ...of(await look()), prep: cold })).toHaveProperty(
      broken ? "refused" : "done",
    );
  }, 120_000);

  it("undone one by one, it is as it was", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        await walked([]);
        const before = JSON.stringify(await now());
        for (const [act, n, m] of walk) {
          const prep = await now();
          if (prep.items.length > 0) await acts[act](prep, n, m);
        }
        const notebook = await browser.notebook();
        for (let back = 0; back < walk.length && JSON.stringify(await now()) !== before; back += 1)
          notebook.undo();
        expect(JSON.stringify(await now())).toBe(before);
      }),
      { numRuns: 12 },
    );
  }, 120_000);
});
