import { blankPrep } from "#core/prep/blank";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Run } from "#core/records/records";
import { nextSteps } from "#core/progress/next-step";
import { oneMore, withItem } from "#core/run/floor";
import { freshBrowser, of, done } from "./test-notebook";

const day = "2026-11-24";
afterEach(() => vi.useRealTimers());

type Browser = Awaited<ReturnType<typeof freshBrowser>>;

/** A run of the proposed prep, begun at nine, with others along. */
async function begun(browser: Browser, along: string[] = []): Promise<Run> {
  const view = await browser.look("odalys");
  const { prep } = browser.planning.planned(view, browser.planning.newPrep(view, day, "prep-new"));
  const others = await Promise.all(along.map((id) => browser.look(id)));
  expect(
    await browser.act("start-run", {
      ...of(await browser.look("odalys")),
      along: others.map(({ athlete }) => athlete.id),
      prep,
    }),
  ).toMatchObject({ done: { runId: expect.any(String) as string } });
  return (await browser.look("odalys")).runs[0]!;
}

const at = (time: string) => vi.setSystemTime(new Date(`${day}T${time}`));

describe("on the floor", () => {
  it("a slip is taken back, pain is not", async () => {
    const browser = await freshBrowser(day);
    const run = await begun(browser);
    at("09:01:00");
    await browser.act("happen", { runId: run.id, events: [{ type: "longer", seconds: 15 }] });
    await browser.act("happen", { runId: run.id, events: [{ type: "skip" }] });
    const latest = async () => (await browser.look("odalys")).runs[0]!;
    expect(await browser.act("take-back", { runId: run.id })).toEqual({ done: { taken: true } });
    expect((await latest()).events.map(({ type }) => type)).toEqual(["start", "longer"]);
    await browser.act("happen", {
      runId: run.id,
      events: [
        {
          type: "pain",
          level: 4,
          place: "left wrist",
          sharp: false,
          painKind: "ache",
          who: "",
        },
      ],
    });
    expect(await browser.act("take-back", { runId: run.id })).toEqual({ done: { taken: false } });
    expect((await latest()).events).toHaveLength(3);
  });

  it("a change of plan that the gate refuses is not kept, whoever sends it", async () => {
    const browser = await freshBrowser(day);
    const run = await begun(browser);
    at("09:01:00");
    const [first, ...rest] = run.prep.items;
    const hang = { ...first!, id: "x", drillId: "ring-turns", rungId: "pike" };
    const sent = { type: "plan" as const, why: "swap" as const, items: [first!, hang, ...rest] };
    expect(await browser.act("happen", { runId: run.id, events: [sent] })).toMatchObject({
      refused: { why: "not-permitted" },
    });
    expect((await browser.look("odalys")).runs[0]!.events).toHaveLength(1);
    const fewer = { ...sent, items: run.prep.items.slice(0, -1) };
    expect(await browser.act("happen", { runId: run.id, events: [fewer] })).toEqual({ done: null });
  });

  it("everybody who runs along gets an own log; undone, all of them go", async () => {
    const browser = await freshBrowser(day);
    const run = await begun(browser, ["noor", "kaito"]);
    expect(run.group.map(({ name }) => name.split(" ")[0])).toEqual(["Noor", "Kaito"]);
    for (const { parts } of run.group)
      for (const { rungId, reason } of parts) expect(rungId === null).toBe(reason !== null);
    const before = (await browser.look("noor")).logs.length;
    at("09:20:00");
    await browser.act("finish-run", { ...of(await browser.look("odalys")), clean: true });
    const noor = await browser.look("noor");
    expect(noor.logs).toHaveLength(before + 1);
    const log = noor.logs.at(-1)!;
    expect(log.on).toBe(day);
    for (const item of log.items) if (item.done === "done") expect(item.form).toBe("clean");
    (await browser.notebook()).undo();
    expect((await browser.look("noor")).logs).toHaveLength(before);
    expect((await browser.look("odalys")).runs).toHaveLength(1);
  });

  it("a change of plan is kept with the run, and comes to the log", async () => {
    const browser = await freshBrowser(day);
    const run = await begun(browser);
    const item = run.prep.items.find((one) => oneMore(one) !== null)!;
    const items = withItem(run.prep.items, oneMore(item)!);
    await browser.act("happen", {
      runId: run.id,
      events: [{ type: "plan", why: "more-sets", items }],
    });
    at("09:40:00");
    const { logId: id } = done(
      await browser.act("finish-run", { ...of(await browser.look("odalys")) }),
    );
    const log = (await browser.look("odalys")).logs.find((one) => one.id === id)!;
    const own = log.items.find(({ drillId }) => drillId === item.drillId)!;
    expect(own.planned).toEqual(oneMore(item)!.dose);
    expect(own.done).toBe("done");
  });

  it("a prep that works on what has been locked since is not begun", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const { prep } = browser.planning.planned(
      view,
      browser.planning.newPrep(view, day, "prep-new"),
    );
    await browser.act("keep-preps", { preps: [prep] });
    await browser.act("save-log", {
      log: {
        ...view.logs[0]!,
        id: "hurt",
        on: day,
        prepId: null,
        items: [
          {
            ...view.logs[0]!.items[0]!,
            drillId: prep.items.at(-1)!.drillId,
            rungId: prep.items.at(-1)!.rungId,
            pain: 8,
            painPlace: "right shoulder",
          },
        ],
      },
    });
    const locked = await browser.look("odalys");
    expect(locked.locks.length).toBeGreaterThan(0);
    expect(await browser.act("start-run", { ...of(locked), prep })).toMatchObject({
      refused: { why: "unsafe" },
    });
    expect((await browser.look("odalys")).runs).toEqual([]);
    await browser.act("mend-order", { ...of(locked), prep });
    const mended = (await browser.look("odalys")).preps.find(({ id }) => id === prep.id)!;
    expect(
      await browser.act("start-run", { ...of(await browser.look("odalys")), prep: mended }),
    ).toMatchObject({ done: { runId: expect.any(String) as string } });
  });
});

describe("beside the sessions", () => {
  it("a day has one note, which goes when it says nothing any more", async () => {
    const browser = await freshBrowser(day);
    const on = "2026-11-22";
    const note = async () => (await browser.look("wren")).days.find((one) => one.on === on) ?? null;
    const had = await note();
    await browser.act("mark-day", { athleteId: "wren", on, sleep: 3 });
    await browser.act("mark-day", { athleteId: "wren", on, soreness: 6, sore: ["hip"] });
    expect(await note()).toMatchObject({ sleep: 3, soreness: 6, sore: ["hip"] });
    await browser.act("mark-day", {
      athleteId: "wren",
      on,
      sleep: null,
      soreness: null,
      energy: null,
    });
    expect(await note()).toBeNull();
    (await browser.notebook()).undo();
    expect(await note()).toMatchObject({ soreness: 6 });
    expect(had === null || had.on === on).toBe(true);
  });

  it("what the coach says comes next is what the plan gives, until it is let go", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const warmUp = blankPrep({
      id: "warm-up",
      athleteId: "odalys",
      session: "warm-up",
      on: day,
      budget: 15 * 60,
      placeId: view.athlete.placeId,
    });
    const { prep } = browser.planning.planned(view, warmUp);
    const drill = view.library.drills.find(
      (one) => one.id === prep.items.find(({ phase }) => phase === "own")!.drillId,
    )!;
    const chosen = {
      drillId: drill.id,
      rungId: drill.rungs[0]!.id,
      dose: { type: "reps", sets: 2, reps: 6, tempo: 3, rest: 5 } as const,
      how: "pinned",
      why: "",
    };
    await browser.act("choose-next", { athleteId: "odalys", chosen });
    const after = await browser.look("odalys");
    const item = browser.planning
      .planned(after, warmUp)
      .prep.items.find(({ drillId }) => drillId === drill.id);
    if (item)
      expect(item).toMatchObject({
        rungId: chosen.rungId,
        why: expect.arrayContaining([{ why: "pinned" }]) as unknown[],
      });
    const step = () =>
      browser
        .look("odalys")
        .then(({ library, logs, athlete }) =>
          nextSteps(library, logs, { on: day, chosen: athlete.nextChosen }).get(drill.id)!,
        );
    expect((await step()).chosen).toBe("pinned");
    await browser.act("let-go-next", { athleteId: "odalys", drillId: drill.id });
    expect((await step()).chosen).toBeNull();
  });

  it("the shorter side's share moves nothing else, and is fitted when asked", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("wren");
    const { prep } = browser.planning.planned(
      view,
      browser.planning.newPrep(view, day, "prep-new"),
    );
    const item = prep.items.find(({ sides }) => sides.length > 0)!;
    await browser.act("set-more", {
      ...of(view),
      prep,
      itemId: item.id,
      extra: { side: "left", sets: 1 },
    });
    const kept = (await browser.look("wren")).preps.find(({ id }) => id === prep.id)!;
    expect(kept.items.find(({ id }) => id === item.id)).toMatchObject({
      extra: { side: "left", sets: 1 },
      pinned: item.pinned,
    });
    expect(kept.items.filter(({ id }) => id !== item.id)).toEqual(
      prep.items.filter(({ id }) => id !== item.id),
    );
    const { prepSeconds } = await import("#core/prep/timeline");
    await browser.act("fit-minutes", { ...of(view), prep: kept });
    const fitted = (await browser.look("wren")).preps.find(({ id }) => id === prep.id)!;
    expect(prepSeconds(fitted.items, view.library, fitted.handOver)).toBeLessThanOrEqual(
      prep.budget,
    );
  });
});
