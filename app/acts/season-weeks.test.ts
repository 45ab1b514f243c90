import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { mondayOf, plusDays } from "#core/dates/days";
import { blockEnd } from "#core/schedule/block";
import { minutesOf, type Season } from "#core/records/training";
import { freshBrowser, of, undated } from "./test-notebook";

const day = "2026-11-24";
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const look = (who = "wren") => browser.look(who);
const season = async (who = "wren") => undated((await look(who)).season!);
const ahead = async (kind: string, who = "wren") =>
  (await season(who)).slots.filter((slot) => slot.kind === kind && slot.on >= day);

const begun: Season[] = [];

beforeAll(async () => {
  browser = await freshBrowser(day);
  for (const who of ["wren", "noor"]) begun.push(await season(who));
}, 60_000);

// Every test begins with the same seasons.
beforeEach(() => browser.open.change("begin again", begun));

describe("the block and its doses", () => {
  it("a dose that is changed places everything to come anew, and nothing that was not sent changes", async () => {
    const before = await season();
    await browser.act("set-season", { ...of(await look()), changes: { warmUp: 25 } });
    const after = await season();
    const warmUps = (await ahead("warm-up")).filter(({ on }) => on > day);
    expect(warmUps.length).toBeGreaterThan(10);
    expect(warmUps.every(({ minutes }) => minutes === 25)).toBe(true);
    expect(after).toEqual({ ...before, warmUp: 25, slots: after.slots });
    expect(after.slots.length).toBeGreaterThan(0.8 * before.slots.length);
    (await browser.notebook()).undo();
    expect(await season()).toEqual(before);
  });

  it("none of a kind is none: no circles, no fillers, no sessions", async () => {
    await browser.act("set-season", {
      ...of(await look()),
      changes: {
        circles: { minutes: 0, at: "07:30" },
        fillers: 0,
        mobility: { perWeek: 0, minutes: 30 },
        conditioning: { perWeek: 0, minutes: 20 },
      },
    });
    for (const kind of ["circles", "fillers", "mobility", "conditioning"])
      expect(await ahead(kind), kind).toEqual([]);
    expect((await ahead("warm-up")).length).toBeGreaterThan(0);
  });

  it("a block begins on a Monday, whatever day is sent, and its end moves what is placed", async () => {
    await browser.act("set-season", {
      ...of(await look()),
      changes: { since: "2026-11-26", weeks: 5 },
    });
    const { since, slots } = await season();
    expect(since).toBe("2026-11-23");
    expect(slots.every(({ on }) => on <= blockEnd({ since, weeks: 5 }))).toBe(true);
    await browser.act("set-season", { ...of(await look()), changes: { weeks: 6 } });
    expect((await season()).slots.some(({ on }) => on > blockEnd({ since, weeks: 5 }))).toBe(true);
  });

  it.each([
    [{ weeks: 3 }, "weeks"],
    [{ warmUp: 0 }, "warmUp"],
    [{ mobility: { perWeek: 6, minutes: 30 } }, "mobility"],
    [{ most: 5 }, "most"],
    [{ ownTime: "25:00" }, "ownTime"],
    [{ shares: [{ aimId: "x", share: 2 }] }, "shares"],
    [
      { usual: [{ weekday: 9, kind: "skill", starts: "10:00", minutes: 60, placeId: null }] },
      "usual",
    ],
  ] as [object, string][])("refuses %j", async (changes) => {
    const before = await season();
    expect(await browser.act("set-season", { ...of(await look()), changes })).toHaveProperty(
      "refused",
    );
    expect(await season()).toEqual(before);
  });

  it("a fixed share gives an aim its part of the sessions", async () => {
    const view = await look("noor");
    const [one, other] = view.openAims.map(({ aim }) => aim.id);
    expect(other).toBeDefined();
    const sessions = async (aimId: string) =>
      (await ahead("mobility", "noor")).filter((slot) => slot.aimId === aimId).length;
    await browser.act("set-season", {
      ...of(view),
      changes: { shares: [{ aimId: other!, share: 0.9 }] },
    });
    const mostly = await sessions(other!);
    await browser.act("set-season", {
      ...of(await look("noor")),
      changes: { shares: [{ aimId: other!, share: 0.1 }] },
    });
    expect(await sessions(other!)).toBeLessThan(mostly);
    expect(await sessions(one!)).toBeGreaterThan(0);
  });
});

const where = ({ on, starts, minutes }: Season["slots"][number]) => [on, starts, minutes];

describe("a week of its own", () => {
  const monday = "2026-12-07";
  const lessons = [
    { weekday: 2, kind: "skill" as const, starts: "09:00", minutes: 60, placeId: null },
    { weekday: 4, kind: "travel" as const, starts: "00:00", minutes: 0, placeId: null },
  ];
  const inWeek = async () =>
    (await season()).slots.filter(({ on }) => on >= monday && on <= plusDays(monday, 6));

  it("hangs the warm-ups on its own trainings; nothing is held long on a day of travel", async () => {
    expect(
      await browser.act("set-week", { ...of(await look()), monday, trainings: lessons }),
    ).toEqual({ done: null });
    const slots = await inWeek();
    expect(
      slots.filter(({ kind }) => kind === "warm-up").map(({ on, starts }) => [on, starts]),
    ).toEqual([["2026-12-09", "08:45"]]);
    expect(slots.filter(({ on, kind }) => on === "2026-12-11" && kind === "mobility")).toEqual([]);
  });

  it("the usual week comes back by one act, the other weeks never changed", async () => {
    const before = await season();
    await browser.act("set-week", { ...of(await look()), monday, trainings: lessons });
    const warmUps = (list: typeof before.slots) =>
      list
        .filter(({ kind, on }) => kind === "warm-up" && mondayOf(on) !== monday)
        .map(({ on, starts }) => `${on} ${starts}`);
    expect(warmUps((await season()).slots)).toEqual(warmUps(before.slots));
    await browser.act("set-week", { ...of(await look()), monday, trainings: null });
    expect((await season()).others).toEqual(before.others);
    expect((await inWeek()).filter(({ kind }) => kind === "warm-up").map(where)).toEqual(
      before.slots
        .filter(({ kind, on }) => kind === "warm-up" && on >= monday && on <= plusDays(monday, 6))
        .map(where),
    );
  });

  it("what cannot be in one week is said", async () => {
    const twice = [lessons[0]!, { ...lessons[0]!, starts: "09:30" }];
    expect(
      await browser.act("set-week", { ...of(await look()), monday, trainings: twice }),
    ).toEqual({
      refused: { why: "week", problem: { is: "clash", starts: ["09:00", "09:30"] } },
    });
    const rest = [
      lessons[0]!,
      { ...lessons[0]!, kind: "rest" as const, starts: "00:00", minutes: 0 },
    ];
    expect(
      await browser.act("set-week", { ...of(await look()), monday, trainings: rest }),
    ).toHaveProperty("refused.problem.is", "rest-and-training");
    const late = [{ ...lessons[0]!, starts: "23:30", minutes: 90 }];
    expect(
      await browser.act("set-week", { ...of(await look()), monday, trainings: late }),
    ).toHaveProperty("refused.problem", { is: "past-midnight", starts: "23:30" });
    expect(
      await browser.act("set-week", { ...of(await look()), monday: "soon", trainings: [] }),
    ).toHaveProperty("refused");
  });
});

describe("what comes from elsewhere", () => {
  it("a better placing is taken only where nobody has touched the first one since", async () => {
    const first = (await season()).slots;
    const better = first.map((slot) =>
      slot.kind === "mobility" && slot.on > day ? { ...slot, starts: "06:00" } : slot,
    );
    await browser.act("take-places", { ...of(await look()), from: first.slice(1), slots: better });
    expect((await season()).slots).toEqual(first);
    await browser.act("take-places", { ...of(await look()), from: first, slots: better });
    expect((await season()).slots).toEqual(better);
  });

  it("a calendar moves sessions and adds trainings in one act; undo brings both back", async () => {
    const before = await season();
    const [session] = await ahead("mobility");
    const on = plusDays(session!.on, 1);
    await browser.act("read-calendar", {
      ...of(await look()),
      moves: [{ slotId: session!.id, on, starts: "20:15" }],
      trainings: [{ on: "2026-12-13", starts: "11:00", minutes: 60, kind: "class", placeId: null }],
    });
    const after = await season();
    expect(after.slots.find(({ id }) => id === session!.id)).toMatchObject({
      on,
      starts: "20:15",
      pinned: true,
    });
    expect(after.others.find(({ monday }) => monday === "2026-12-07")!.trainings).toContainEqual({
      weekday: 6,
      kind: "class",
      starts: "11:00",
      minutes: 60,
      placeId: null,
    });
    (await browser.notebook()).undo();
    expect(await season()).toEqual(before);
  });

  it("quick presses of a key add up from where the session is by then, and end where a day does", async () => {
    const [session] = (await ahead("mobility")).filter(({ on }) => on > day);
    const view = await look();
    const press = (by: object) =>
      browser.act("move-session", { ...of(view), slotId: session!.id, ...by });
    await Promise.all([press({ days: 1 }), press({ days: 1 }), press({ days: 1 })]);
    const moved = async () => (await season()).slots.find(({ id }) => id === session!.id)!;
    expect(await moved()).toMatchObject({ on: plusDays(session!.on, 3), movedFrom: session!.on });
    const { starts } = await moved();
    await Promise.all([press({ minutes: 15 }), press({ minutes: 15 })]);
    expect(minutesOf((await moved()).starts)).toBe(minutesOf(starts) + 30);
    await press({ days: -7 });
    await press({ days: -7 });
    expect((await moved()).on >= day).toBe(true);
  });

  it("a session deleted in the calendar is taken out where that was ticked, and stays out", async () => {
    const [one, other] = (await ahead("mobility")).filter(({ on }) => on > day);
    await browser.act("read-calendar", {
      ...of(await look()),
      moves: [],
      gone: [one!.id],
      trainings: [],
    });
    const after = await season();
    expect(after.slots.some(({ id }) => id === one!.id)).toBe(false);
    expect(after.slots.some(({ id }) => id === other!.id)).toBe(true);
    expect(after.out).toContainEqual({ on: one!.on, kind: "mobility", starts: null });
  });

  it("a training outside the block is left out, and the rest is kept", async () => {
    const before = await season();
    await browser.act("read-calendar", {
      ...of(await look()),
      moves: [],
      trainings: [{ on: "2029-01-01", starts: "11:00", minutes: 60, kind: "class", placeId: null }],
    });
    expect(await season()).toEqual(before);
  });

  it("a session let go of may be placed again; one that was never moved stays as it is", async () => {
    const [session] = await ahead("mobility");
    const on = plusDays(session!.on, 1);
    await browser.act("move-session", { ...of(await look()), slotId: session!.id, on });
    expect((await season()).slots.find(({ id }) => id === session!.id)!.pinned).toBe(true);
    await browser.act("let-session-go", { ...of(await look()), slotId: session!.id });
    expect((await season()).slots.filter(({ pinned, kind }) => pinned && kind !== "check")).toEqual(
      [],
    );
    await browser.act("move-session", { ...of(await look()), slotId: "nobody", on });
    await browser.act("move-session", {
      ...of(await look()),
      slotId: session!.id,
      on: "2029-01-01",
    });
    const { slots, ...block } = await season();
    expect(slots.every((slot) => slot.on <= blockEnd(block))).toBe(true);
  });
});
