import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { planBreaches, freedFor, hardDaysDone } from "#core/schedule/plan-rules";
import { isOut } from "#core/schedule/taken-out";
import { aroundOf } from "#core/schedule/around-of";
import { Season } from "#core/records/training";
import { plusDays } from "#core/dates/days";
import { freshBrowser, of, undated } from "./test-notebook";

const day = "2026-11-24";
const who = "ilvar";
let browser: Awaited<ReturnType<typeof freshBrowser>>;
let begun: Season;
const look = () => browser.look(who);
const season = async () => undated((await look()).season!);

/** What a hand may do to the weeks, each with numbers that choose where. */
const acts = {
  move: async (n: number, m: number) => {
    const { slots } = await season();
    const slot = slots[n % slots.length]!;
    await browser.act("move-session", {
      ...of(await look()),
      slotId: slot.id,
      on: plusDays(slot.on, (m % 9) - 4),
      ...(m % 3 === 0 ? { starts: `${String(6 + (n % 16)).padStart(2, "0")}:15` } : {}),
    });
  },
  takeOut: async (n: number) => {
    const { slots } = await season();
    await browser.act("take-session-out", {
      ...of(await look()),
      slotId: slots[n % slots.length]!.id,
    });
  },
  putBack: async (n: number) => {
    const { out } = await season();
    if (out.length > 0)
      await browser.act("put-session-back", { ...of(await look()), mark: out[n % out.length] });
  },
  letGo: async (n: number) => {
    const { slots } = await season();
    await browser.act("let-session-go", {
      ...of(await look()),
      slotId: slots[n % slots.length]!.id,
    });
  },
  lighter: async (n: number, m: number) =>
    browser.act("set-lighter", {
      ...of(await look()),
      monday: plusDays("2026-11-23", 7 * (n % 8)),
      on: m % 2 === 0,
    }),
  check: async (n: number, m: number) =>
    browser.act("set-check-day", {
      ...of(await look()),
      on: plusDays(day, n % 40),
      there: m % 3 > 0,
    }),
  ill: async (n: number, m: number) =>
    browser.act("set-absence", {
      ...of(await look()),
      from: plusDays(day, n % 30),
      to: plusDays(day, (n % 30) + (m % 6)),
      reason: "ill",
    }),
  doses: async (n: number, m: number) =>
    browser.act("set-season", {
      ...of(await look()),
      changes: { mobility: { perWeek: n % 6, minutes: 10 + 5 * (m % 8) }, fillers: m % 5 },
    }),
  anew: async () => browser.act("place-sessions", { ...of(await look()) }),
  written: async (n: number) =>
    browser.act("write-calendar", { ...of(await look()), light: n % 2 === 0 }),
};
type Act = keyof typeof acts;
const anyActs = fc.array(
  fc.tuple(
    fc.constantFrom(...(Object.keys(acts) as Act[])),
    fc.integer({ min: 0, max: 500 }),
    fc.integer({ min: 0, max: 500 }),
  ),
  { minLength: 1, maxLength: 8 },
);

beforeAll(async () => {
  browser = await freshBrowser(day);
  begun = await season();
}, 60_000);

const begin = async () => {
  const { athlete } = await look();
  await browser.open.change("begin again", [begun, { ...athlete, absences: [] }]);
};

describe("whatever a hand does to the weeks", () => {
  it("the season stays one that a file may hold, with every slot once", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        await begin();
        for (const [act, n, m] of walk) await acts[act](n, m);
        const now = await season();
        expect(Season.safeParse(now).error?.issues ?? []).toEqual([]);
        expect(new Set(now.slots.map(({ id }) => id)).size).toBe(now.slots.length);
      }),
      { numRuns: 25 },
    );
  }, 120_000);

  it("what was taken out never stands in the plan", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        await begin();
        for (const [act, n, m] of walk) await acts[act](n, m);
        const now = await season();
        const there = now.slots.filter((slot) => !slot.pinned && isOut(now, slot));
        expect(there).toEqual([]);
      }),
      { numRuns: 25 },
    );
  }, 120_000);

  it("undone one by one, everything is as it was", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        await begin();
        const before = await season();
        const notebook = await browser.notebook();
        const same = async () => JSON.stringify(await season()) === JSON.stringify(before);
        for (const [act, n, m] of walk) await acts[act](n, m);
        for (let back = 0; back < walk.length && !(await same()); back += 1) notebook.undo();
        expect(await season()).toEqual(before);
      }),
      { numRuns: 15 },
    );
  }, 120_000);

  it("one key mends what it broke: placed anew, no rule is broken by what may be moved", async () => {
    await fc.assert(
      fc.asyncProperty(anyActs, async (walk) => {
        await begin();
        for (const [act, n, m] of walk) await acts[act](n, m);
        const broken = async () => {
          const view = await look();
          return planBreaches(view.season!.slots, {
            ...aroundOf(view, view.season!),
            hardDone: hardDaysDone(view.logs, view.library),
          }).filter(({ slots }) => slots.length > 0);
        };
        for (let round = 0; round < 4; round += 1) {
          const freed = freedFor(await broken(), (await season()).slots);
          await browser.act("place-sessions", { ...of(await look()), freed });
        }
        const { slots } = await season();
        const held = new Set(slots.filter(({ pinned }) => pinned).map(({ id }) => id));
        const left = (await broken()).filter(({ slots: own }) => !own.some((id) => held.has(id)));
        expect(left.map(({ broken }) => broken)).toEqual([]);
      }),
      { numRuns: 20 },
    );
  }, 120_000);
});
