import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { drillOf } from "#core/content/library";
import { logItemOf } from "#core/doses/log-item";
import { library } from "#library/index";
import { rungOf } from "#core/drill/drill";
import { hallMember } from "#core/hall/member";
import { hallSeconds } from "#core/hall/clock";
import { permit } from "#core/prep/permit";
import { breaches, mustBeMended } from "#core/prep/order";
import { orderTerms } from "#core/prep/mend";
import { mindOf } from "#core/hall/mind";
import { seatModel, seatingOf } from "#core/hall/stations";
import { seatBreaches } from "#core/hall/seats";
import type { Hall, Log } from "#core/records/records";
import { placeOf } from "#core/records/places";
import { done, freshBrowser, sameBrowser, undated } from "./test-notebook";

const day = "2026-11-24";
const everybody = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
let browser: Awaited<ReturnType<typeof freshBrowser>>;
beforeEach(async () => {
  browser = await freshBrowser(day);
});
afterEach(() => vi.useRealTimers());

const halls = async () => (await browser.notebook()).all("hall");
const asNow = async ({ id }: Hall) => (await halls()).find((hall) => hall.id === id)!;
async function planned(over: object = {}): Promise<Hall> {
  const { id } = done(
    await browser.act("plan-hall", {
      id: null,
      groupId: null,
      name: "All",
      along: everybody,
      way: "in-step",
      budget: 1200,
      placeId: "place-silo",
      ...over,
    }),
  );
  return (await halls()).find((hall) => hall.id === id)!;
}
const logsOf = async (who: string, hall: Hall): Promise<Log[]> =>
  (await browser.look(who)).logs.filter(({ hallId }) => hallId === hall.id);

describe("a session for all in step", () => {
  it("takes its minutes to the second, and nothing in it passes anybody's gate", async () => {
    for (const [budget, format] of [
      [600, ""],
      [1200, ""],
      [1800, "mobility"],
    ] as const) {
      const hall = await planned({ budget, format });
      const { library } = await browser.look("odalys");
      expect(hallSeconds(hall, library)).toBe(budget);
      for (const who of everybody) {
        const view = await browser.look(who);
        const { request } = mindOf(view, hall);
        const { parts } = hallMember(view, hall);
        const own = hall.items.flatMap((item) => {
          const rungId = parts.find(({ itemId }) => itemId === item.id)?.rungId;
          return rungId ? [{ ...item, rungId }] : [];
        });
        for (const item of own) {
          const drill = drillOf(library, item.drillId)!;
          const asked = { drill, rung: rungOf(drill, item.rungId), dose: item.dose };
          expect(permit(request.body, request, asked).is).not.toBe("refused");
        }
        expect(mustBeMended(breaches(own, library, orderTerms(request)))).toEqual([]);
      }
    }
  });

  it("never asks for more of a counted kit than there is", async () => {
    const notebook = await browser.notebook();
    const place = notebook.get("place", "place-silo")!;
    await browser.act("save-place", {
      ...undated(place),
      counts: place.kit.map((item) => ({ item, count: 1 })),
    });
    const hall = await planned();
    const members = await Promise.all(
      everybody.map(async (who) => hallMember(await browser.look(who), hall)),
    );
    const { library } = await browser.look("odalys");
    for (const item of hall.items) {
      const used = members.flatMap(({ parts }) => {
        const rungId = parts.find(({ itemId }) => itemId === item.id)?.rungId;
        return rungId ? rungOf(drillOf(library, item.drillId)!, rungId).kit : [];
      });
      expect(new Set(used).size).toBe(used.length);
    }
  });

  it("runs by one clock: one goes a rung down, one leaves; each gets the own log", async () => {
    const hall = await planned();
    const { athleteId } = done(await browser.act("start-hall", { id: hall.id }));
    expect(done(await browser.act("start-hall", { id: hall.id }))).toEqual({
      athleteId,
    });
    const run = (await browser.look(athleteId)).runs[0]!;
    expect(run.group.map((one) => one.athleteId)).toEqual(everybody);
    const [first] = hall.items;
    const at = (time: string) => vi.setSystemTime(new Date(`${day}T${time}`));
    at("09:01:00");
    await browser.act("happen", {
      runId: run.id,
      events: [
        { type: "member", who: "kaito", then: { is: "away", itemId: first!.id } },
        {
          type: "member",
          who: "odalys",
          then: {
            is: "on-rung",
            itemId: first!.id,
            rungId: drillOf((await browser.look("odalys")).library, first!.drillId)!.rungs[0]!.id,
          },
        },
      ],
    });
    at("09:25:00");
    const came = done(await browser.act("finish-run", { athleteId, clean: true }));
    expect(came).toEqual({ logId: null, hall: { id: hall.id, groupId: null } });
    expect(await logsOf("kaito", hall)).toEqual([]);
    const [log] = await logsOf("odalys", hall);
    expect(log!.items[0]).toMatchObject({
      drillId: first!.drillId,
      rungId: drillOf((await browser.look("odalys")).library, first!.drillId)!.rungs[0]!.id,
    });
    expect((await asNow(hall)).loggedOn).toBe(day);
    expect((await browser.look(athleteId)).runs).toEqual([]);
  });

  it("runs on the page of whoever sits out least", async () => {
    const hall = await planned({ budget: 1800, format: "mobility" });
    const { athleteId } = done(await browser.act("start-hall", { id: hall.id }));
    const { group } = (await browser.look(athleteId)).runs[0]!;
    const out = group.map(({ parts }) => parts.filter(({ rungId }) => rungId === null).length);
    const leads = group.findIndex((one) => one.athleteId === athleteId);
    expect(out[leads]).toBe(Math.min(...out));
    expect(Math.max(...out)).toBeGreaterThan(0);
  });

  it("what was logged stays: planned anew it is another session", async () => {
    const hall = await planned();
    const again = () => planned({ id: hall.id, budget: 900 });
    expect((await again()).id).toBe(hall.id);
    await browser.act("log-hall", { id: hall.id, differed: [] });
    const other = await again();
    expect(other.id).not.toBe(hall.id);
    expect((await asNow(hall)).loggedOn).toBe(day);
    expect(await logsOf("noor", other)).toEqual([]);
  });

  it("a run that was reloaded is logged for everybody, whoever's pages are open", async () => {
    const hall = await planned();
    const { athleteId } = done(await browser.act("start-hall", { id: hall.id }));
    await (await browser.notebook()).settled();
    browser = await sameBrowser(day);
    vi.setSystemTime(new Date(`${day}T09:25:00`));
    await browser.look(athleteId);
    done(await browser.act("finish-run", { athleteId, clean: true }));
    for (const who of everybody) expect(await logsOf(who, hall)).toHaveLength(1);
  });

  it("a rung that somebody's gate refuses is not given on the floor either", async () => {
    const hall = await planned({ budget: 1800, format: "mobility" });
    const { athleteId } = done(await browser.act("start-hall", { id: hall.id }));
    const run = (await browser.look(athleteId)).runs[0]!;
    const view = await browser.look("noor");
    const { parts } = hallMember(view, hall);
    const out = parts.find(({ rungId, reason }) => rungId === null && reason?.why !== "away")!;
    const item = hall.items.find(({ id }) => id === out.itemId)!;
    const drill = drillOf(view.library, item.drillId)!;
    const came = await browser.act("happen", {
      runId: run.id,
      events: [
        {
          type: "member",
          who: "noor",
          then: { is: "on-rung", itemId: item.id, rungId: drill.rungs.at(-1)!.id },
        },
      ],
    });
    expect(came).toMatchObject({ refused: { why: "not-permitted" } });
  });
});

describe("a session at stations", () => {
  const stations = () =>
    planned({ way: "stations", budget: 2400, laid: { stations: 5, work: 150, change: 20 } });
  const modelOf = async (hall: Hall) => {
    const views = await Promise.all(hall.people.map(({ athleteId }) => browser.look(athleteId)));
    const minds = views.map((view) => mindOf(view, hall));
    const { library, settings, places } = views[0]!;
    return seatModel(
      minds,
      hall.stations,
      hall.rounds.length,
      {
        ...hall,
        ...hall.laid,
        people: hall.people,
        place: placeOf(places, hall.placeId),
        library,
        coach: settings.schools,
        aside: [],
      },
      { items: hall.items, members: views.map((view) => hallMember(view, hall)) },
    );
  };

  it("takes its minutes to the second, and breaks no rule of gate, kit and room", async () => {
    const hall = await stations();
    const { library } = await browser.look("odalys");
    expect(hallSeconds(hall, library)).toBe(2400);
    expect(hall.stations.length).toBeGreaterThan(2);
    const model = await modelOf(hall);
    expect(seatBreaches(model, seatingOf(model, hall.seats))).toEqual([]);
  });

  it("somebody goes, somebody comes late, the minutes change: what is over stays, the rest is laid anew", async () => {
    const hall = await stations();
    const floor = (change: object, round = 1) =>
      browser.act("change-floor", { id: hall.id, round, change });
    await floor({ do: "person", athleteId: "wren", from: 0, until: 1 });
    await floor({ do: "person", athleteId: "kaito", from: 4, until: null });
    const now = await asNow(hall);
    expect(now.seats.filter(({ round }) => round <= 1)).toEqual(
      hall.seats.filter(({ round }) => round <= 1),
    );
    expect(now.seats.some(({ athleteId, round }) => athleteId === "wren" && round > 1)).toBe(false);
    expect(
      now.seats.some(({ athleteId, round }) => athleteId === "kaito" && round > 1 && round < 4),
    ).toBe(false);
    await floor({ do: "minutes", seconds: 400 });
    const short = await asNow(hall);
    const left = short.rounds.slice(2).reduce((sum, { work, change }) => sum + work + change, 0);
    expect(left).toBe(400);
    const model = await modelOf(short);
    const breaks = seatBreaches(model, seatingOf(model, short.seats));
    // Kaito had been there before he came late.
    expect(breaks.filter(({ breaks: what }) => what !== "absent")).toEqual([]);
  });

  it("a seating that breaks the gate is not taken", async () => {
    const hall = await stations();
    const [seat] = hall.seats;
    const twice = [
      seat!,
      { ...seat!, round: seat!.round + 1 },
      { ...seat!, round: seat!.round + 2 },
    ];
    expect(done(await browser.act("take-seats", { id: hall.id, seats: twice }))).toEqual({
      taken: false,
    });
    expect(done(await browser.act("take-seats", { id: hall.id, seats: hall.seats }))).toEqual({
      taken: true,
    });
    expect((await asNow(hall)).proven).toBe(true);
  });

  it("is logged for all at once, but for what differed; undone as one", async () => {
    const hall = await stations();
    const [item] = hall.items;
    const at = hall.seats.find(({ athleteId }) => athleteId === "odalys")!;
    const drillId = hall.stations.find(({ id }) => id === at.stationId)!.drillId;
    const differed = [
      { athleteId: "wren", absent: true, out: [], hurt: null, note: "" },
      {
        athleteId: "odalys",
        absent: false,
        out: [item!.drillId],
        hurt: { drillId, level: 6, kind: "sharp" },
        note: "left early",
      },
    ];
    const came = await browser.act("log-hall", { id: hall.id, differed });
    expect(done(came)).toEqual({ logged: 5 });
    expect(await logsOf("wren", hall)).toEqual([]);
    const [log] = await logsOf("odalys", hall);
    expect(log).toMatchObject({ note: "left early", minutes: 40 });
    expect(log!.items.find((one) => one.drillId === item!.drillId)!.done).toBe("skipped");
    expect(log!.items.find((one) => one.drillId === drillId)).toMatchObject({
      done: "stopped",
      pain: 6,
      sharp: true,
    });
    const times = hall.seats.filter(
      ({ athleteId, stationId }) => athleteId === "ilvar" && stationId === at.stationId,
    );
    const [other] = await logsOf("ilvar", hall);
    const logged = other!.items.filter((one) => one.drillId === drillId);
    expect(logged).toHaveLength(times.length > 0 ? 1 : 0);
    await (await browser.notebook()).undo();
    for (const who of everybody) expect(await logsOf(who, hall)).toEqual([]);
  });
});

describe("a whole group at once", () => {
  it("is given an aim as one act: changed for who has it, and undone as one", async () => {
    const what = {
      gives: "aim",
      skillId: "handstand",
      quality: "clean",
      side: "mid",
      hips: "square",
      by: "2027-02-01",
    };
    const aims = async (who: string) =>
      (await browser.look(who)).aims
        .filter(({ skillId }) => skillId === "handstand")
        .map(({ by }) => by);
    const before = await Promise.all(everybody.map(aims));
    expect(done(await browser.act("give-group", { who: everybody, what }))).toEqual({ given: 6 });
    expect(await Promise.all(everybody.map(aims))).toEqual(everybody.map(() => ["2027-02-01"]));
    expect(done(await browser.act("give-group", { who: everybody, what }))).toEqual({ given: 0 });
    await (await browser.notebook()).undo();
    expect(await Promise.all(everybody.map(aims))).toEqual(before);
  });

  it("a place, ways of working and the health questions reach everybody named, and nobody else", async () => {
    const who = ["odalys", "noor"];
    await browser.act("give-group", { who, what: { gives: "place", placeId: "place-wagon" } });
    await browser.act("give-group", { who, what: { gives: "schools", schools: { hold: "long" } } });
    await browser.act("give-group", { who, what: { gives: "intake" } });
    const notebook = await browser.notebook();
    for (const id of who)
      expect(notebook.get("athlete", id)).toMatchObject({
        placeId: "place-wagon",
        schools: { hold: "long" },
        intakeAsked: day,
      });
    expect(notebook.get("athlete", "ilvar")!.intakeAsked).toBeUndefined();
    await browser.act("nothing-applies", { athleteId: "noor", said: "nothing of this applies" });
    expect(notebook.get("athlete", "noor")!.intakeAsked).toBeNull();
  });

  it("a session that one has kept becomes one of several", async () => {
    const { prep } = browser.planning.planned(
      await browser.look("odalys"),
      browser.planning.newPrep(await browser.look("odalys"), day, "own-1"),
    );
    await browser.act("keep-own-prep", { athleteId: "odalys", prep, name: "Mornings" });
    const own = (await browser.look("odalys")).ownPreps.find((one) => one.own === "Mornings")!;
    await browser.act("give-group", {
      who: ["noor", "wren"],
      what: { gives: "sequence", prepId: own.id },
    });
    for (const who of ["odalys", "noor", "wren"])
      expect((await browser.look(who)).ownPreps.map((one) => one.own)).toContain("Mornings");
    expect((await browser.look("kaito")).ownPreps.map((one) => one.own)).not.toContain("Mornings");
  });

  it("a group keeps only whom the notebook knows, and goes without its athletes", async () => {
    const { id } = done(
      await browser.act("save-group", {
        id: null,
        name: "Morning",
        members: ["odalys", "nobody", "odalys"],
        placeId: null,
        times: [],
      }),
    );
    const notebook = await browser.notebook();
    expect(notebook.get("group", id)!.members).toEqual(["odalys"]);
    await browser.act("remove-group", { id });
    expect(notebook.get("group", id)).toBeNull();
    expect(notebook.get("athlete", "odalys")).not.toBeNull();
  });
});

describe("a round down the line", () => {
  const reading = {
    protocolId: "shoulder-flexion",
    protocolVersion: 1,
    side: "left",
    mode: "passive",
    temperature: "warm",
    instrument: "goniometer",
    tester: "Ysolde",
    trials: [160, 161],
    typed: null,
    ownError: 0,
    pain: 0,
    painAt: null,
    painKind: null,
    seen: [],
    read: "",
    note: "",
  };
  const todays = async (who: string) =>
    (await browser.look(who)).checks.filter(({ on }) => on === day);

  it("is kept for all as one act; what cannot be is refused for all", async () => {
    const checks = ["odalys", "noor"].map((athleteId) => ({ ...reading, athleteId }));
    const bad = [checks[0], { ...checks[1], trials: [999] }];
    expect(await browser.act("save-hall-round", { checks: bad })).toMatchObject({
      refused: { why: "reading" },
    });
    expect(done(await browser.act("save-hall-round", { checks }))).toEqual({ kept: 2 });
    expect(await todays("noor")).toHaveLength(1);
    await (await browser.notebook()).undo();
    expect(await todays("odalys")).toHaveLength(0);
    expect(await todays("noor")).toHaveLength(0);
  });

  it("a kept check is mended, or goes to whom it was of; what it was is kept with it", async () => {
    await browser.act("save-hall-round", { checks: [{ ...reading, athleteId: "odalys" }] });
    const [check] = await todays("odalys");
    const mend = {
      id: check!.id,
      owner: "odalys",
      to: "odalys",
      side: "right",
      trials: [150],
      pain: 2,
      note: "",
    };
    await browser.act("mend-check", mend);
    const [mended] = await todays("odalys");
    expect(mended).toMatchObject({ id: check!.id, side: "right", trials: [150], pain: 2 });
    expect(mended!.was).toMatchObject([{ side: "left", trials: [160, 161], athleteId: "odalys" }]);
    await browser.act("mend-check", { ...mend, to: "noor" });
    expect(await todays("odalys")).toHaveLength(0);
    const [moved] = await todays("noor");
    expect(moved!.was!.map(({ athleteId, trials }) => [athleteId, trials])).toEqual([
      ["odalys", [160, 161]],
      ["odalys", [150]],
    ]);
    expect(
      await browser.act("mend-check", {
        ...mend,
        id: moved!.id,
        owner: "noor",
        to: "noor",
        trials: [900],
      }),
    ).toMatchObject({
      refused: { why: "reading" },
    });
  });

  it("a training book is taken over as one act, days to come left out, and the same book again adds nothing", async () => {
    const [drill] = library.drills;
    const item = {
      ...logItemOf({ drillId: drill!.id, rungId: drill!.rungs[0]!.id, dose: null }),
      done: "done" as const,
    };
    const book = { athleteId: "noor", on: "2026-02-03", minutes: 20, items: [item], note: "" };
    const logs = [book, { ...book, on: "2026-02-04" }, book, { ...book, on: "2099-01-01" }];
    expect(done(await browser.act("take-logs", { logs }))).toEqual({ kept: 2 });
    expect(done(await browser.act("take-logs", { logs }))).toEqual({ kept: 0 });
    const early = async () =>
      (await browser.look("noor")).logs.filter(({ on }) => on < "2026-04-01").map(({ on }) => on);
    expect((await early()).sort()).toEqual(["2026-02-03", "2026-02-04"]);
    await (await browser.notebook()).undo();
    expect(await early()).toEqual([]);
  });

  it("a table of months is taken over as one act; what is here already is left out, what cannot be refuses all", async () => {
    const row = { ...reading, athleteId: "noor", on: "2026-02-03" };
    const checks = [row, { ...row, side: "right" }, { ...row, on: "2026-03-03" }, row];
    expect(done(await browser.act("take-table", { checks }))).toEqual({ kept: 3 });
    expect(done(await browser.act("take-table", { checks }))).toEqual({ kept: 0 });
    const kept = (await browser.look("noor")).checks.filter(({ on }) => on < "2026-04-01");
    expect(kept.map(({ on, at }) => [on, at])).toContainEqual([
      "2026-02-03",
      "2026-02-03T12:00:00.000Z",
    ]);
    expect(
      await browser.act("take-table", { checks: [{ ...row, on: "2026-02-05", trials: [999] }] }),
    ).toMatchObject({ refused: { why: "reading" } });
    await (await browser.notebook()).undo();
    expect((await browser.look("noor")).checks.filter(({ on }) => on < "2026-04-01")).toEqual([]);
  });
});
