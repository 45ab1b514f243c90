import { describe, expect, it, vi } from "vitest";
import { freshBrowser, of } from "./test-notebook";

const day = "2026-11-24";

describe("the season in the notebook", () => {
  it("a moved session, its undo, a lighter week, days ill: each is one change, and the rest follows", async () => {
    const browser = await freshBrowser(day);
    const look = () => browser.look("odalys");
    const season = async () => (await look()).season!;
    const session = (await season()).slots.find(
      ({ kind, on }) => kind === "mobility" && on >= "2026-11-30",
    )!;
    const now = async () => (await season()).slots.find(({ id }) => id === session.id)!;
    await browser.act("move-session", {
      ...of(await look()),
      slotId: session.id,
      on: "2026-12-02",
    });
    expect(await now()).toMatchObject({
      on: "2026-12-02",
      pinned: true,
      movedFrom: session.on,
      revision: session.revision + 1,
    });
    (await browser.notebook()).undo();
    expect(await now()).toEqual(session);
    await browser.act("move-session", {
      ...of(await look()),
      slotId: session.id,
      on: "2026-11-20",
    });
    expect(await now()).toEqual(session);

    const inWeek = async (monday: string, sunday: string) =>
      (await season()).slots.filter(
        ({ kind, on }) => kind === "mobility" && on >= monday && on <= sunday,
      ).length;
    const full = await inWeek("2026-12-07", "2026-12-13");
    await browser.act("set-lighter", { ...of(await look()), monday: "2026-12-07", on: true });
    expect(await inWeek("2026-12-07", "2026-12-13")).toBeLessThan(full);
    await browser.act("set-lighter", { ...of(await look()), monday: "2026-12-07", on: false });
    const ill = { from: "2026-12-07", to: "2026-12-13", reason: "ill" as const };
    expect(await browser.act("set-absence", { ...of(await look()), ...ill })).toEqual({
      done: null,
    });
    expect(await inWeek("2026-12-07", "2026-12-13")).toBe(0);
    expect((await look()).athlete.absences).toContainEqual(ill);
    await browser.act("remove-absence", { ...of(await look()), ...ill });
    expect(await inWeek("2026-12-07", "2026-12-13")).toBe(full);
  });

  it("a session taken out stays out, comes back when asked for, and a calendar that was written is remembered", async () => {
    const browser = await freshBrowser(day);
    const look = () => browser.look("odalys");
    const season = async () => (await look()).season!;
    const before = await season();
    const session = before.slots.find(({ kind, on }) => kind === "mobility" && on > day)!;
    await browser.act("write-calendar", { ...of(await look()), light: false });
    await browser.act("take-session-out", { ...of(await look()), slotId: session.id });
    const there = async () =>
      (await season()).slots.some(({ kind, on }) => kind === "mobility" && on === session.on);
    expect(await there()).toBe(false);
    await browser.act("place-sessions", { ...of(await look()) });
    expect(await there()).toBe(false);
    expect((await season()).written.length).toBeGreaterThan(5);
    await browser.act("put-session-back", { ...of(await look()), mark: (await season()).out[0] });
    expect((await season()).out).toEqual([]);
    vi.setSystemTime(new Date("2027-06-01T09:00:00"));
    await browser.act("take-session-out", { ...of(await look()), slotId: before.slots[0]!.id });
    expect((await season()).slots.map(({ id }) => id)).toContain(before.slots[0]!.id);
  });

  it("refuses what cannot be with a sentence, and keeps what was there", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const before = view.season;
    const twice = [
      { weekday: 0, kind: "skill", starts: "17:00", minutes: 90, placeId: null },
      { weekday: 0, kind: "class", starts: "18:00", minutes: 60, placeId: null },
    ];
    expect(
      await browser.act("set-season", { ...of(view), changes: { usual: twice } }),
    ).toHaveProperty("refused");
    expect(await browser.act("set-season", { ...of(view), changes: { weeks: 40 } })).toHaveProperty(
      "refused",
    );
    expect(
      await browser.act("set-absence", {
        ...of(view),
        from: "2026-12-05",
        to: "2026-12-01",
        reason: "ill",
      }),
    ).toHaveProperty("refused");
    expect((await browser.look("odalys")).season).toEqual(before);
  });

  it("a slot of today becomes a prep under its own name, for its own aim, and the calendar’s trainings are weeks of their own", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("meheret");
    const waiting = browser.planning.waitingOn(view, day);
    const session = waiting.find(({ kind }) => kind === "mobility")!;
    const { prep } = browser.planning.planned(view, browser.planning.prepOfSlot(view, session));
    expect(prep).toMatchObject({
      id: session.id,
      budget: session.minutes * 60,
      session: "mobility",
    });
    expect(prep.items.length).toBeGreaterThan(3);
    await browser.act("keep-preps", { preps: [prep] });
    const after = await browser.look("meheret");
    expect(browser.planning.waitingOn(after, day).map(({ id }) => id)).not.toContain(session.id);

    await browser.act("read-calendar", {
      ...of(after),
      moves: [],
      trainings: [{ on: "2026-12-02", starts: "15:00", minutes: 60, kind: "skill", placeId: null }],
    });
    const { season } = await browser.look("meheret");
    expect(season!.others.map(({ monday }) => monday)).toEqual(["2026-11-30"]);
    expect(
      season!.slots.some(
        ({ kind, on, starts }) => kind === "warm-up" && on === "2026-12-02" && starts === "14:45",
      ),
    ).toBe(true);
  });

  it("a round of checks goes in and out, and stays when the rest is placed anew", async () => {
    const browser = await freshBrowser(day);
    const look = () => browser.look("kaito");
    const rounds = async () => (await look()).season!.slots.filter(({ kind }) => kind === "check");
    await browser.act("set-check-day", { ...of(await look()), on: "2026-12-10", there: true });
    await browser.act("place-sessions", { ...of(await look()) });
    expect((await rounds()).map(({ on }) => on)).toEqual(["2026-12-10"]);
    await browser.act("set-check-day", { ...of(await look()), on: "2026-12-10", there: false });
    expect(await rounds()).toEqual([]);
    await browser.act("place-sessions", { ...of(await look()), measure: "2026-12-15" });
    expect((await rounds()).map(({ on, pinned }) => [on, pinned])).toEqual([["2026-12-15", true]]);
  });
});
