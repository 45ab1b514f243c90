import { beforeAll, describe, expect, it } from "vitest";
import { everythingIn, freshBrowser } from "../storage/test-notebook";
import { sendTo } from "../test/acts";

const day = "2026-11-24";
const params = { athleteId: "odalys" };
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const everything = async () => JSON.stringify(await everythingIn(await browser.notebook()));

const routes: Record<string, { load: () => Promise<unknown>; intents: string[] }> = {
  aim: {
    load: () => import("./aim"),
    intents: [
      "aim",
      "skill",
      "remove-skill",
      "close-aim",
      "athlete",
      "intake",
      "clear-question",
      "clear-motion",
    ],
  },
  check: {
    load: () => import("./check"),
    intents: ["round", "remove", "finger", "measures", "pointing", "photo", "remove-photo"],
  },
  gap: { load: () => import("./gap"), intents: ["override", "fit", "targets"] },
  prep: {
    load: () => import("./prep"),
    intents: [
      "retime",
      "order",
      "lock",
      "drop",
      "add",
      "swap",
      "edit",
      "extra",
      "keep-own",
      "use-own",
      "remove-own",
      "keep-preps",
      "proven",
      "save-format",
      "save-drill",
      "schools",
      "run",
    ],
  },
  log: { load: () => import("./log"), intents: ["keep", "remove", "mark-day", "next", "let-go"] },
  season: {
    load: () => import("./season"),
    intents: [
      "set",
      "week",
      "lighter",
      "move",
      "unpin",
      "take-out",
      "put-back",
      "written",
      "proven",
      "check-day",
      "away",
      "not-away",
      "calendar",
    ],
  },
  troupe: { load: () => import("./troupe"), intents: ["athlete", "archive", "place"] },
  file: { load: () => import("./file"), intents: ["import", "settings"] },
};

beforeAll(async () => {
  browser = await freshBrowser(day);
  await browser.look("odalys");
}, 60_000);

describe("what a page may send", () => {
  it.each(Object.keys(routes))(
    "%s: an act that nobody knows is refused, by its name",
    async (name) => {
      const module = await routes[name]!.load();
      const before = await everything();
      const found = await sendTo(module, "make-coffee", {}, params);
      // The file page has no more to say than nothing.
      if ("thrown" in found) {
        expect(found.thrown).toBeInstanceOf(Response);
        expect((found.thrown as Response).status).toBe(400);
        expect(await (found.thrown as Response).text()).toContain("make-coffee");
      }
      expect(await everything()).toBe(before);
    },
  );

  it.each(
    Object.entries(routes).flatMap(([name, { intents }]) => intents.map((one) => [name, one])),
  )("%s › %s: sent with nothing in it, nothing is changed", async (name, intent) => {
    const module = await routes[name!]!.load();
    const before = await everything();
    await sendTo(module, intent!, {}, params);
    expect(await everything()).toBe(before);
  });

  it.each(
    Object.entries(routes).flatMap(([name, { intents }]) => intents.map((one) => [name, one])),
  )("%s › %s: sent with rubbish, nothing is changed", async (name, intent) => {
    const module = await routes[name!]!.load();
    const before = await everything();
    for (const rubbish of [null, "x", -1, [], { a: 1 }])
      await sendTo(
        module,
        intent!,
        {
          id: rubbish,
          on: rubbish,
          monday: rubbish,
          slotId: rubbish,
          changes: rubbish,
          checks: rubbish,
          log: rubbish,
          prep: rubbish,
          drill: rubbish,
          aim: rubbish,
          mark: rubbish,
          light: rubbish,
          text: rubbish,
          settings: rubbish,
        },
        params,
      );
    expect(await everything()).toBe(before);
  });
});

describe("acts through their route", () => {
  const season = async () => (await browser.look("odalys")).season!;
  const act = async (intent: string, fields: object) =>
    sendTo(await routes.season!.load(), intent, fields, params);

  it("a lighter week, and back", async () => {
    await act("lighter", { monday: "2026-12-07", on: true });
    expect((await season()).lighter).toContain("2026-12-07");
    await act("lighter", { monday: "2026-12-07", on: false });
    expect((await season()).lighter).not.toContain("2026-12-07");
  });

  it("what is wrong is answered with a sentence", async () => {
    const found = await act("away", { from: "2026-12-09", to: "2026-12-01", reason: "ill" });
    expect(found).toEqual({ answer: { error: "The last day lies before the first." } });
  });

  it("a log that had locked a motion is removed, and undo brings the lock back", async () => {
    const module = await routes.log!.load();
    const before = await browser.look("noor");
    const cause = before.locks[0]!.causes[0]!;
    await sendTo(module, "remove", { id: cause }, { athleteId: "noor" });
    expect((await browser.look("noor")).locks.map(({ motion }) => motion)).not.toContain(
      before.locks[0]!.motion,
    );
    (await browser.notebook()).undo();
    expect((await browser.look("noor")).locks).toEqual(before.locks);
  });
});
