import fc from "fast-check";
import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { prove } from "../stats/prove";
import { placeTerms, season, training, usualWeek } from "../test/seasons";
import { groupBy } from "../stats/group-by";
import { daysBetween, mondayOf, plusDays } from "../dates/days";
import { blockEnd } from "./block";
import { startOn } from "./hang";
import { placed, quicklyPlaced, quickPlaces } from "./place";
import { placeModel, placeValue, type PlaceTerms } from "./place-model";
import { placeProgramme, placesFrom } from "./place-programme";
import { movedTo, planBreaches } from "./plan-rules";
import { provenPlaces } from "./proven-places";
import type { Slot, TrainingKind } from "../records/training";

const kinds: TrainingKind[] = ["skill", "strength", "class", "rest", "show", "travel"];
const clockTimes = ["08:00", "10:00", "16:30", "18:15", "20:00"];
const today = "2026-11-24";

/** A training week of any shape: at most one training at a time of day, with day-long rests and travels. */
const anyWeek = fc
  .array(
    fc.record({
      weekday: fc.integer({ min: 0, max: 6 }),
      kind: fc.constantFrom(...kinds),
      starts: fc.constantFrom(...clockTimes),
      minutes: fc.constantFrom(45, 60, 90, 120),
    }),
    { maxLength: 12 },
  )
  .map((list) => {
    const kept: ReturnType<typeof training>[] = [];
    for (const { weekday, kind, starts, minutes } of list) {
      const free = kept.every(
        (one) =>
          one.weekday !== weekday ||
          Math.abs(Number(one.starts.slice(0, 2)) - Number(starts.slice(0, 2))) > 2,
      );
      if (free) kept.push(training(weekday, kind, starts, minutes));
    }
    return kept;
  });

/** Any season: weeks that differ, absences, flags, hard days in the log, several purposes. */
const anyTerms: fc.Arbitrary<PlaceTerms> = fc
  .record({
    usual: anyWeek,
    other: anyWeek,
    weeks: fc.integer({ min: 4, max: 9 }),
    perWeek: fc.integer({ min: 0, max: 5 }),
    minutes: fc.constantFrom(15, 30, 45),
    sets: fc.integer({ min: 0, max: 3 }),
    most: fc.constantFrom(30, 60, 90),
    ownTime: fc.constantFrom("07:00", "12:00", "18:00", "21:30"),
    ill: fc.integer({ min: -3, max: 30 }),
    hard: fc.uniqueArray(fc.integer({ min: 1, max: 6 }), { maxLength: 4 }),
    flagged: fc.boolean(),
    joints: fc.constantFrom(["hip"], ["hip", "shoulder"], ["shoulder", "wrist", "thoracic"]),
  })
  .map((one) =>
    placeTerms({
      season: season({
        since: "2026-11-16",
        weeks: one.weeks,
        usual: one.usual,
        others: [{ monday: "2026-12-07", trainings: one.other }],
        mobility: { perWeek: one.perWeek, minutes: one.minutes },
        conditioning: { perWeek: one.sets, minutes: 15 },
        most: one.most,
        ownTime: one.ownTime,
      }),
      absences: [
        { from: plusDays(today, one.ill), to: plusDays(today, one.ill + 5), reason: "ill" },
      ],
      flagged: one.flagged ? ["wrist"] : [],
      hardDone: new Map([["hip", one.hard.map((days) => plusDays(today, -days)).sort()]]),
      purposes: one.joints.map((joint) => ({
        aimId: "aim1",
        joint: joint as "hip",
        share: 1 / one.joints.length,
      })),
    }),
  );

/** What is broken by more than the log alone: hard days that were done too near to each other cannot be mended by a plan. */
const broken = (slots: readonly Slot[], terms: PlaceTerms) =>
  planBreaches(slots, terms).filter(({ slots: own }) => own.length > 0);

describe("placing the sessions of a block", () => {
  it("three mobility sessions a week, spaced, after trainings; two conditioning sets; a warm-up before each training", () => {
    const terms = placeTerms();
    const slots = quicklyPlaced(terms);
    const week = slots.filter(({ on }) => mondayOf(on) === "2026-11-30");
    const of = (kind: Slot["kind"]) => week.filter((slot) => slot.kind === kind);
    expect(of("warm-up").map(({ on, starts }) => [on, starts])).toEqual([
      ["2026-11-30", "16:45"],
      ["2026-12-01", "16:45"],
      ["2026-12-03", "16:45"],
      ["2026-12-04", "16:45"],
      ["2026-12-05", "09:45"],
    ]);
    expect(of("circles")).toHaveLength(7);
    expect(of("mobility")).toHaveLength(3);
    expect(of("conditioning")).toHaveLength(2);
    expect(of("fillers")).toHaveLength(2);
    const days = of("mobility").map(({ on }) => on);
    days.slice(1).forEach((day, n) => expect(daysBetween(days[n]!, day)).toBeGreaterThan(1));
  });

  it("a lighter week has half the sessions, shorter; the days before the show none", () => {
    const terms = placeTerms();
    const slots = quicklyPlaced(terms).filter(({ kind }) => kind === "mobility");
    const weeks = groupBy(slots, ({ on }) => mondayOf(on));
    expect(weeks.get("2026-12-14")!.map(({ minutes }) => minutes)).toEqual([20, 20]);
    expect(slots.filter(({ on }) => on >= "2027-01-14" && on <= "2027-01-16")).toEqual([]);
  });

  it("the same session keeps its name when the rest is placed anew, and only a change counts it up", () => {
    const terms = placeTerms();
    const first = quicklyPlaced(terms);
    const again = quicklyPlaced({ ...terms, season: { ...terms.season, slots: first } });
    expect(again).toEqual(first);
  });

  it("a session moved by hand stays, and the rest makes way", () => {
    const terms = placeTerms();
    const first = quicklyPlaced(terms);
    const session = first.find(({ kind, on }) => kind === "mobility" && on > "2026-11-30")!;
    const next = first.find(({ kind, on }) => kind === "mobility" && on > session.on)!;
    const moved = first.map((slot) =>
      slot.id === session.id
        ? movedTo(slot, plusDays(next.on, -1), startOn(terms, slot, plusDays(next.on, -1)))
        : slot,
    );
    expect(planBreaches(moved, terms).map(({ broken }) => broken.rule)).toContain("neighbours");
    const mended = quicklyPlaced({ ...terms, season: { ...terms.season, slots: moved } });
    expect(mended.find(({ id }) => id === session.id)!.on).toBe(plusDays(next.on, -1));
    expect(planBreaches(mended, terms)).toEqual([]);
  });

  it("sick days take what hung on them, and the week after begins lower", () => {
    const terms = placeTerms({
      absences: [{ from: "2026-11-30", to: "2026-12-05", reason: "ill" }],
    });
    const slots = quicklyPlaced(terms);
    expect(slots.filter(({ on }) => on >= "2026-11-30" && on <= "2026-12-05")).toEqual([]);
    const after = slots.filter(
      ({ kind, on }) => kind === "mobility" && mondayOf(on) === "2026-12-07",
    );
    expect(after.map(({ minutes }) => minutes)).toEqual([20, 20]);
  });

  it("law: no plan breaks a cap or a spacing rule, whatever the week", () => {
    fc.assert(
      fc.property(anyTerms, (terms) => {
        expect(broken(quicklyPlaced(terms), terms)).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });

  it("law: the solver’s plan keeps the same rules, and is never worth less than the first one", async () => {
    const highs = await loadHighs();
    fc.assert(
      fc.property(anyTerms, (terms) => {
        const model = placeModel(terms);
        if (model.spots.length === 0) return;
        const proven = placesFrom(model, prove(highs, placeProgramme(model)).columns);
        expect(broken(placed(model, proven, terms), terms)).toEqual([]);
        const [first, best] = [placeValue(model, quickPlaces(model)), placeValue(model, proven)];
        expect(best).toBeGreaterThanOrEqual(first - 0.01 * Math.abs(first) - 1e-6);
      }),
      { numRuns: 25 },
    );
  }, 60_000);

  it("a proven week is taken where it is worth more, and only there", async () => {
    const highs = await loadHighs();
    const solver = (programme: string) => Promise.resolve(prove(highs, programme));
    // A solver that chooses nothing finds no better week than the quick one.
    const idle = () => Promise.resolve({ columns: {} });
    await fc.assert(
      fc.asyncProperty(anyTerms, async (terms) => {
        const none = placeModel(terms).spots.length === 0;
        expect(await provenPlaces(terms, idle)).toBe(none ? "nothing" : "same");
        const found = await provenPlaces(terms, solver);
        expect(found === "nothing").toBe(none);
        if (typeof found === "string") return;
        expect(broken(found, terms)).toEqual([]);
        expect(found).not.toEqual(quicklyPlaced(terms));
      }),
      { numRuns: 15 },
    );
  }, 60_000);

  it("a solver that breaks off is told, not taken for an answer", async () => {
    const terms = placeTerms({ season: season({ usual: usualWeek }) });
    await expect(provenPlaces(terms, () => Promise.reject(new Error("stopped")))).rejects.toThrow(
      "stopped",
    );
  });

  it("law: around a session that was moved by hand, what is placed by itself still breaks nothing", () => {
    fc.assert(
      fc.property(anyTerms, fc.nat(), fc.integer({ min: -3, max: 3 }), (terms, which, by) => {
        const first = quicklyPlaced(terms);
        const sessions = first.filter(({ kind }) => kind === "mobility" || kind === "conditioning");
        const one = sessions[which % Math.max(1, sessions.length)];
        const to = one && plusDays(one.on, by);
        if (!one || !to || to < today || to > blockEnd(terms.season)) return;
        const moved = first.map((slot) =>
          slot.id === one.id ? movedTo(slot, to, startOn(terms, slot, to)) : slot,
        );
        const again = quicklyPlaced({ ...terms, season: { ...terms.season, slots: moved } });
        const own = new Set(again.filter(({ pinned }) => pinned).map(({ id }) => id));
        const others = planBreaches(again, terms).filter(
          ({ slots }) => slots.length > 0 && !slots.some((id) => own.has(id)),
        );
        expect(others).toEqual([]);
      }),
      { numRuns: 80 },
    );
  });

  it("law: nothing is placed outside the block, in the past, or twice under one name", () => {
    fc.assert(
      fc.property(anyTerms, (terms) => {
        const slots = quicklyPlaced(terms);
        expect(new Set(slots.map(({ id }) => id)).size).toBe(slots.length);
        for (const { on } of slots) expect(on >= today && on <= blockEnd(terms.season)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

describe("the rules, read from the slots alone", () => {
  const slot = (kind: Slot["kind"], on: string, starts: string, minutes = 30): Slot => ({
    id: `${kind}-${on}`,
    kind,
    on,
    starts,
    minutes,
    placeId: null,
    focus: kind === "mobility" ? "hip" : null,
    aimId: null,
    pinned: true,
    movedFrom: null,
    revision: 0,
  });
  const rules = (slots: Slot[], over: Partial<PlaceTerms> = {}) =>
    planBreaches(slots, placeTerms(over)).map(({ broken }) => broken.rule);

  it.each([
    ["a training it runs into", [slot("mobility", "2026-12-01", "17:30")], "into-training"],
    ["long holds before a training", [slot("mobility", "2026-12-01", "12:00")], "before-training"],
    ["a day of rest", [slot("mobility", "2026-12-06", "12:00")], "rest-day"],
    ["two days before the show", [slot("mobility", "2027-01-14", "19:00")], "show"],
    ["conditioning on the day before it", [slot("conditioning", "2027-01-15", "19:00")], "show"],
    [
      "neighbouring days",
      [slot("mobility", "2026-12-01", "19:00"), slot("mobility", "2026-12-02", "19:00")],
      "neighbours",
    ],
    [
      "conditioning on neighbouring days",
      [slot("conditioning", "2026-12-01", "19:00"), slot("conditioning", "2026-12-02", "19:00")],
      "sets-neighbours",
    ],
    ["more than the day has", [slot("mobility", "2026-12-01", "19:00", 90)], "minutes"],
  ] as const)("says of %s what it breaks", (_, slots, rule) => {
    expect(rules([...slots])).toContain(rule);
  });

  it("an absence takes everything", () => {
    const absences = [{ from: "2026-12-01", to: "2026-12-02", reason: "away" as const }];
    expect(rules([slot("circles", "2026-12-01", "07:30", 5)], { absences })).toEqual(["away"]);
  });

  it("a hard day that was really done counts as one that is planned", () => {
    const hardDone = new Map([["hip" as const, ["2026-11-24"]]]);
    expect(rules([slot("mobility", "2026-11-25", "19:00")], { hardDone })).toEqual(["neighbours"]);
  });

  it("a plain good week breaks nothing", () => {
    expect(usualWeek.length).toBeGreaterThan(0);
    expect(
      rules([slot("mobility", "2026-12-01", "18:40"), slot("mobility", "2026-12-03", "18:40")]),
    ).toEqual([]);
  });
});

describe("what has come to a prep", () => {
  it("stays where it is, but not on a day that is away by now, unless something of it was done", () => {
    const terms = placeTerms();
    const slots = quicklyPlaced(terms);
    const one = slots.find(({ kind, on }) => kind === "warm-up" && on === today)!;
    const absences = [{ from: today, to: today, reason: "ill" as const }];
    const again = (over: Partial<PlaceTerms>) =>
      quicklyPlaced(placeTerms({ season: season({ slots }), absences, ...over })).some(
        ({ id, on }) => id === one.id && on === today,
      );
    const settled = new Set([one.id]);
    expect(again({ settled, absences: [] })).toBe(true);
    expect(again({ settled })).toBe(false);
    expect(again({ settled, done: settled })).toBe(true);
  });
});
