import { beforeAll, describe, expect, it } from "vitest";
import { everythingIn, freshBrowser } from "../acts/test-notebook";
import { acts, type ActName } from "#core/acts/decide";
import { sendTo } from "../test/acts";

const day = "2026-11-24";
const params = { athleteId: "odalys" };
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const everything = async () => JSON.stringify(await everythingIn(await browser.notebook()));
/** What was there before a test: what the last one left. */
let before = "";
/** Whether the notebook is as it was. */
async function expectNoChange(): Promise<void> {
  const was = before;
  before = await everything();
  expect(before).toBe(was);
}

/** The routes that acts are sent to. */
const routes: Record<string, () => Promise<unknown>> = {
  aim: () => import("./aim"),
  check: () => import("./check"),
  gap: () => import("./gap"),
  prep: () => import("./prep"),
  run: () => import("./run"),
  log: () => import("./log"),
  season: () => import("./season"),
  troupe: () => import("./troupe"),
  file: () => import("./file"),
  ownDrill: () => import("./library-own-drill"),
};

/** Acts that want no field at all: sent with nothing they do what they do. */
const fieldless: readonly string[] = [
  "hear",
  "start-run",
  "finish-run",
  "drop-run",
  "place-sessions",
];
const names = Object.keys(acts).filter((name) => !fieldless.includes(name));

beforeAll(async () => {
  browser = await freshBrowser(day);
  await browser.look("odalys");
  before = await everything();
}, 60_000);

describe("what a page may send", () => {
  it.each(Object.entries(routes))(
    "%s: an act that nobody knows is refused, by its name",
    async (_, load) => {
      const module = await load();
      const found = await sendTo(module, "make-coffee", {}, params);
      const thrown = "thrown" in found ? found.thrown : null;
      expect(thrown).toBeInstanceOf(Response);
      expect((thrown as Response).status).toBe(400);
      expect(await (thrown as Response).text()).toContain("make-coffee");
      await expectNoChange();
    },
  );

  it.each(names)("%s: sent with nothing in it, nothing is changed", async (name) => {
    const module = await routes.gap!();
    const found = await sendTo(module, name, {}, params);
    expect(found).toMatchObject({ answer: { refused: { why: "invalid" } } });
    await expectNoChange();
  });

  it.each(names)("%s: sent with rubbish, nothing is changed", async (name) => {
    const module = await routes.gap!();
    for (const rubbish of [null, "x", -1, [], { a: 1 }])
      await sendTo(
        module,
        name,
        Object.fromEntries(
          Object.keys((acts[name as ActName].sent as unknown as { shape: object }).shape).map(
            (field) => [field, field === "athleteId" ? "odalys" : rubbish],
          ),
        ),
        params,
      );
    await expectNoChange();
  });
});

describe("acts through their route", () => {
  const season = async () => (await browser.look("odalys")).season!;
  const act = async (name: string, fields: object) =>
    sendTo(await routes.season!(), name, fields, params);

  it("a lighter week, and back", async () => {
    await act("set-lighter", { monday: "2026-12-07", on: true });
    expect((await season()).lighter).toContain("2026-12-07");
    await act("set-lighter", { monday: "2026-12-07", on: false });
    expect((await season()).lighter).not.toContain("2026-12-07");
  });

  it("what is wrong is answered with the reason", async () => {
    const found = await act("set-absence", { from: "2026-12-09", to: "2026-12-01", reason: "ill" });
    expect(found).toEqual({ answer: { refused: { why: "absence-reversed" } } });
  });

  it("a log that had locked a place is removed, and undo brings the lock back", async () => {
    const module = await routes.log!();
    const before = await browser.look("noor");
    const cause = before.locks[0]!.causes[0]!;
    await sendTo(module, "remove-log", { id: cause }, { athleteId: "noor" });
    expect((await browser.look("noor")).locks.map(({ cause }) => cause)).not.toContain(cause);
    (await browser.notebook()).undo();
    expect((await browser.look("noor")).locks).toEqual(before.locks);
  });
});
