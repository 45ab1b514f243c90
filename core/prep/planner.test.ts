import { siteOfMotion } from "../body/sites";
import { stressOf } from "../exposure/stress";
import { answering, lockedAt } from "../test/bodies";
import { breachWords, noteWords } from "../../words/en/prep";
import fc from "fast-check";
import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { motionOf } from "../body/motions";
import { atRung, rungOf } from "../drill/drill";
import { KitItem } from "../drill/kit";
import { fetched } from "../exposure/stand-ins";
import { drillOf } from "../content/library";
import { runAt } from "../run/run";
import { drill, item, prep } from "../test/people";
import { asked, needsFor, placeWith } from "../test/planning";
import { library } from "../../library/index";
import { alternativesTo } from "./alternatives";
import { quickChoice } from "./greedy";
import { piecesAbove, secondsOfChoice, valueOfChoice } from "./model";
import { breaches, repaired } from "./order";
import { planDraftOf, planOf, planPrep, type PlanRequest } from "./plan";
import { choiceFrom, programmeOf } from "./programme";
import { prove, wantedGap } from "../stats/prove";
import { retimed } from "./retime";
import { defaultSchools, schoolsFor } from "../content/schools";
import { prepSeconds, secondsOf, timelineOf } from "./timeline";
import { copiedTo, variantsOf } from "./variants";

const skills = fc.constantFrom(...library.skills.map(({ id }) => id));
const formats = fc.constantFrom(
  ...library.formats.filter(({ clocked, gaps }) => !clocked && !gaps).map(({ id }) => id),
);
const minutes = fc.integer({ min: 4, max: 45 });
const kits = fc.uniqueArray(fc.constantFrom(...KitItem.options), { maxLength: 12 });
const bars = fc.subarray([
  "pressure",
  "bone",
  "unstable-joint",
  "pregnancy",
  "connective",
] as const);
const locks = fc.subarray(["wrist", "shoulder", "hip"] as const);

/** Any prep that can be asked for. */
const requests: fc.Arbitrary<PlanRequest> = fc
  .record({
    skill: skills,
    format: formats,
    minutes,
    kit: kits,
    bars,
    locks,
    silent: fc.boolean(),
    noFloor: fc.boolean(),
    space: fc.constantFrom("spot" as const, "mat" as const, "room" as const),
    alreadyWarm: fc.boolean(),
  })
  .map((one) =>
    asked(one.skill, one.format, {
      budget: one.minutes * 60,
      place: placeWith(one.kit, { silent: one.silent, noFloor: one.noFloor, space: one.space }),
      body: lockedAt(one.locks, answering(...one.bars)),
      alreadyWarm: one.alreadyWarm,
      flagged: ["wrist", "ankle"],
      rounds: 0,
    }),
  );

describe("any plan", () => {
  it("breaks no order rule, no kit, no contraindication, no lock and no budget; and runs as long as it says", () =>
    fc.assert(
      fc.property(requests, (request) => {
        const { place, format, alreadyWarm, budget } = request;
        const plan = planPrep(request);
        expect(plan.seconds).toBeLessThanOrEqual(budget);
        expect(
          breaches(plan.items, library, {
            alreadyWarm,
            beforeTraining: format.doses === "warm-up",
            gate: request,
          }),
        ).toEqual([]);
        for (const { drillId, rungId } of plan.items) {
          const used = drillOf(library, drillId)!;
          const rung = rungOf(used, rungId);
          const here = atRung(used, rung);
          expect(fetched(used, rung, place!.kit), `${drillId}/${rungId}`).not.toBeNull();
          if (place!.silent) expect(rung.loud).toBe(false);
          if (place!.noFloor) expect(["standing", "hanging"]).toContain(here.position);
          if (place!.space === "spot") expect(rung.space).toBe("spot");
        }
        const steps = timelineOf(plan.items, library, request.handOver);
        expect(secondsOf(steps)).toBe(plan.seconds);
        const run = {
          growing: false,
          prep: prep(plan.items, { handOver: request.handOver! }),
          events: [
            { type: "start" as const, at: "2026-11-24T10:00:00.000Z" },
            // What is done on the way there waits to be told that it is done.
            ...plan.items
              .filter(({ outside }) => outside)
              .map(() => ({ type: "next" as const, at: "2026-11-24T10:00:00.000Z" })),
          ],
        };
        const start = Date.parse("2026-11-24T10:00:00.000Z");
        if (plan.seconds > 0) {
          expect(runAt(run, library, start + plan.seconds * 1000 - 500).status).toBe("running");
          expect(runAt(run, library, start + plan.seconds * 1000).status).toBe("finished");
        }
      }),
      { numRuns: 500 },
    ));
  it("is the same for the same question", () =>
    fc.assert(
      fc.property(requests, (request) => {
        expect(planPrep(request)).toEqual(planPrep(request));
      }),
      { numRuns: 20 },
    ));
  it("tells of every drill of the library whether it is in, or why not", () =>
    fc.assert(
      fc.property(requests, (request) => {
        const plan = planPrep(request);
        const told = new Set([...plan.items, ...plan.leftOut].map(({ drillId }) => drillId));
        expect(library.drills.filter(({ id }) => !told.has(id)).map(({ id }) => id)).toEqual([]);
      }),
      { numRuns: 40 },
    ));
});

describe("the programme", () => {
  it("pays a cell's benefit in falling pieces, above what is given already", () => {
    expect(piecesAbove(0)).toEqual([
      { seconds: 120, rate: 1 },
      { seconds: 180, rate: 0.5 },
      { seconds: 300, rate: 0.2 },
    ]);
    expect(piecesAbove(200)).toEqual([
      { seconds: 100, rate: 0.5 },
      { seconds: 300, rate: 0.2 },
    ]);
    expect(piecesAbove(600)).toEqual([]);
  });
  it("is solved to its wanted gap, the answer is legal, and no instant plan beats it by more than that", async () => {
    const highs = await loadHighs();
    for (const [skill, format, budget] of [
      ["handstand", "warm-up", 720],
      ["front-split", "mobility", 1500],
      ["deep-squat", "five-segments", 1800],
      ["bridge", "issue-prep", 720],
    ] as const) {
      const request = asked(skill, format, {
        budget,
        flagged: ["wrist"],
        loadsHands: skill === "handstand",
      });
      const draft = planDraftOf(request);
      const proof = prove(highs, programmeOf(draft.model));
      expect(proof.gap).toBeLessThanOrEqual(wantedGap + 1e-9);
      const proven = choiceFrom(draft.model, proof.columns);
      const quick = quickChoice(draft.model);
      expect(secondsOfChoice(draft.model, proven)).toBeLessThanOrEqual(draft.model.budget);
      const [first, best] = [valueOfChoice(draft.model, quick), valueOfChoice(draft.model, proven)];
      expect(first).toBeLessThanOrEqual(best * (1 + wantedGap) + 1e-6);
      expect(first).toBeGreaterThanOrEqual(0.92 * best);
      const plan = planOf(draft, proven);
      expect(plan.seconds).toBeLessThanOrEqual(budget);
      expect(
        breaches(plan.items, library, {
          alreadyWarm: false,
          beforeTraining: request.format.doses === "warm-up",
        }),
      ).toEqual([]);
    }
  });
  it("gives a second look what the first one missed: more rounds are never worse", () =>
    fc.assert(
      fc.property(skills, minutes, (skill, length) => {
        const { model } = planDraftOf(asked(skill, "mobility", { budget: length * 60 }));
        expect(valueOfChoice(model, quickChoice(model, 1))).toBeGreaterThanOrEqual(
          valueOfChoice(model, quickChoice(model, 0)) - 1e-9,
        );
      }),
      { numRuns: 25 },
    ));
});

describe("rules of order on a manual edit", () => {
  const pulse = item("pulse", { type: "time", sets: 1, seconds: 240, rest: 0 });
  const rocks = item("hands-ready", { type: "reps", sets: 1, reps: 12, tempo: 5, rest: 0 });
  const opener = item("hip-flexor", { type: "hold", sets: 2, seconds: 20, rest: 10 });
  const lifts = item("hip-back-lifts", { type: "reps", sets: 1, reps: 8, tempo: 4, rest: 0 });
  const roller = item("thigh-roller", { type: "time", sets: 1, seconds: 45, rest: 0 });
  const swings = item("leg-swings", { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 });
  const split = item("split-series", { type: "hold", sets: 3, seconds: 30, rest: 10 });
  const line = item("wall-line", { type: "hold", sets: 1, seconds: 20, rest: 0 });
  const settle = item("settle", { type: "time", sets: 1, seconds: 60, rest: 0 });
  const terms = { alreadyWarm: false };
  const texts = (list: Parameters<typeof breaches>[0], more = {}) =>
    breaches(list, library, { ...terms, ...more }).map(breachWords);

  it("names each rule that is broken", () => {
    expect(texts([opener, pulse])[0]).toContain("Cold tissue is not stretched");
    expect(texts([pulse, line])[0]).toContain("wrists, forearms and fingers goes first");
    expect(texts([pulse, opener, roller])[0]).toContain("soft tissue before stretching");
    expect(texts([pulse, opener, swings])[0]).toContain("before the end of the range");
    expect(texts([pulse, split, opener])[0]).toContain("general before specific");
    expect(texts([pulse, settle, rocks])[0]).toContain("after the wind-down");
    const hasty = { ...opener, dose: { ...opener.dose, rest: 0 } as typeof opener.dose };
    expect(texts([pulse, hasty])[0]).toContain("let go for at least 5 s");
  });
  it("before training: no hold longer than half a minute, and movement after a hold", () => {
    const long = { ...opener, dose: { type: "hold" as const, sets: 1, seconds: 60, rest: 0 } };
    expect(texts([pulse, long, lifts], { beforeTraining: true })[0]).toContain(
      "held longer than 30 s",
    );
    expect(texts([pulse, opener], { beforeTraining: true })[0]).toContain(
      "movement follows a hold",
    );
    expect(texts([pulse, opener, lifts], { beforeTraining: true })).toEqual([]);
  });
  it("one key mends what moving can mend, and loses nothing", () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray([pulse, rocks, opener, lifts, roller, swings, split, line, settle], {
          minLength: 9,
        }),
        (list) => {
          const mended = repaired(list, library, terms);
          expect(texts(mended)).toEqual([]);
          expect(mended.map(({ id }) => id).sort()).toEqual(list.map(({ id }) => id).sort());
        },
      ),
      { numRuns: 60 },
    ));
  it("leaves a safe prep as it is", () => {
    const safe = [pulse, rocks, roller, swings, opener, lifts, split, settle];
    expect(repaired(safe, library, terms)).toEqual(safe);
  });
});

describe("other minutes", () => {
  it("26 to 15, 20 to 10, 10 to 20: done and locked items are kept, the order stays safe, nothing is over", () => {
    for (const [from, to] of [
      [26, 15],
      [20, 10],
      [10, 20],
    ] as const) {
      const request = asked("handstand", "warm-up", { budget: from * 60, loadsHands: true });
      const { items } = planPrep(request);
      const done = items.slice(0, 2).map(({ id }) => id);
      const marked = items.map((one, i) => (i === 3 ? { ...one, pinned: true } : one));
      const next = retimed(marked, done, to * 60, request);
      expect(next.items.slice(0, 2)).toEqual(marked.slice(0, 2));
      expect(next.items).toContainEqual(marked[3]);
      expect(next.seconds).toBeLessThanOrEqual(to * 60);
      expect(breaches(next.items, library, { alreadyWarm: false, beforeTraining: true })).toEqual(
        [],
      );
      const told = [...next.goes, ...next.stays].map(({ drillId }) => drillId).sort();
      expect(told).toEqual(marked.map(({ drillId }) => drillId).sort());
      if (to > from) expect(next.goes).toEqual([]);
      // What warms or readies the hands may come in for what stays.
      else expect(next.comes.length).toBeLessThanOrEqual(2);
    }
  });
  it("never drops a done or locked item, never the raise, for any minutes", () =>
    fc.assert(
      fc.property(
        skills,
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: 4, max: 40 }),
        fc.nat({ max: 4 }),
        (skill, from, to, count) => {
          const request = asked(skill, "mobility", { budget: from * 60, rounds: 0 });
          const { items } = planPrep(request);
          const done = items.slice(0, count).map(({ id }) => id);
          const marked = items.map((one, i) => (i % 4 === 3 ? { ...one, pinned: true } : one));
          const next = retimed(marked, done, to * 60, request);
          for (const one of marked)
            if (one.pinned || done.includes(one.id))
              expect(next.items.map(({ id }) => id)).toContain(one.id);
          if (items.some(({ phase }) => phase === "raise"))
            expect(next.items.some(({ phase }) => phase === "raise")).toBe(true);
        },
      ),
      { numRuns: 60 },
    ));
  it("says what would hold it when nothing fits", () => {
    const short = planPrep(asked("handstand", "warm-up", { budget: 75, loadsHands: true }));
    expect(noteWords(short.note!)).toMatch(
      /^1:15 cannot hold a warm-up and wrist work: \d+:\d\d can, or skip the hands today\.$/,
    );
    const enough = planPrep(
      asked("handstand", "warm-up", { budget: short.wants!, loadsHands: true }),
    );
    expect(enough.items.some(({ drillId }) => drill(drillId).preparesHands)).toBe(true);
  });
});

describe("swaps", () => {
  it("are of the same phase, safe where they stand, and tell what they cost", () => {
    const request = asked("front-split", "mobility", { budget: 1800 });
    const { items } = planPrep(request);
    const at = items.findIndex(({ phase }) => phase === "open");
    const options = alternativesTo(items, at, request);
    expect(options.length).toBeGreaterThan(2);
    for (const { item: other, seconds } of options) {
      expect(other.phase).toBe("open");
      const swapped = items.map((one, i) => (i === at ? other : one));
      expect(breaches(swapped, library, { alreadyWarm: false })).toEqual([]);
      expect(prepSeconds(swapped, library) - prepSeconds(items, library)).toBe(seconds);
    }
    const worths = options.map(({ worth }) => worth);
    expect(worths).toEqual([...worths].sort((a, b) => b - a));
  });
});

describe("ways of working", () => {
  it("an athlete's own stand over the coach's, and those over the defaults", () => {
    const schools = schoolsFor({ hold: "long", pace: "clock" }, { pace: "count" });
    expect(schools).toEqual({ ...defaultSchools, hold: "long" });
  });
  const planWith = (schools: Partial<typeof defaultSchools>, format = "mobility") =>
    planPrep(
      asked("front-split", format, { budget: 1500, schools: { ...defaultSchools, ...schools } }),
    ).items;
  const kinds = (items: ReturnType<typeof planWith>) =>
    items.map(({ drillId }) => drill(drillId).kind);
  it("static only, contract–relax only, no holds before training", () => {
    expect(kinds(planWith({ stretch: "static" }))).not.toContain("contract-relax");
    expect(kinds(planWith({ stretch: "contract-relax" }))).not.toContain("static");
    expect(kinds(planWith({ staticBefore: "none" }, "warm-up"))).not.toContain("static");
  });
  it("long stays are one hold of two minutes or more; time boxes stand for repetitions", () => {
    const held = planWith({ hold: "long" }).filter(
      ({ drillId }) => drill(drillId).kind === "static",
    );
    expect(held.length).toBeGreaterThan(0);
    for (const { dose } of held)
      if (dose.type === "hold") expect(dose.sets === 1 && dose.seconds >= 120).toBe(true);
    expect(planWith({ pace: "clock" }).every(({ dose }) => dose.type !== "reps")).toBe(true);
  });
  it("the side that goes first follows the school", () => {
    const needs = needsFor("front-split").map((need) => ({ ...need, shorter: "right" as const }));
    const first = (firstSide: "worse" | "non-dominant" | "either") =>
      planPrep(
        asked("front-split", "mobility", {
          needs,
          dominant: "right",
          schools: { ...defaultSchools, firstSide },
        }),
      ).items.find(({ drillId, serves }) => drill(drillId).sided && serves.length > 0)!.sides[0];
    expect([first("worse"), first("non-dominant"), first("either")]).toEqual([
      "right",
      "left",
      "left",
    ]);
  });
  it("the side-lying turn comes in only where it was chosen", () => {
    const out = (turnIn: "on" | "off") =>
      planPrep(
        asked("everyday-joints", "mobility", { schools: { ...defaultSchools, turnIn } }),
      ).leftOut.find(({ drillId }) => drillId === "side-lying-turn-in")?.reason;
    expect(out("off")).toEqual({ why: "school", of: "turn-in" });
    expect(out("on")).not.toEqual({ why: "school", of: "turn-in" });
  });
  it("a motion that rests today gets its lightest stretch only", () => {
    const { items } = planPrep(
      asked("front-split", "mobility", {
        budget: 2400,
        rested: ["hip.extension", "hip.flexion-straight"],
      }),
    );
    for (const { drillId, dose } of items) {
      const { kind, serves } = drill(drillId);
      if (
        (kind === "static" || kind === "contract-relax") &&
        serves.some(
          ({ motion, share }) =>
            share >= 0.5 &&
            motionOf(motion).joint === "hip" &&
            ["hip.extension", "hip.flexion-straight"].includes(motion),
        )
      )
        expect(
          dose.type === "contract-relax" ? dose.rounds <= 2 : "sets" in dose && dose.sets === 1,
          drillId,
        ).toBe(true);
    }
  });
});

describe("variants and copies", () => {
  it("a week's preps are not all alike", () => {
    const week = variantsOf(asked("handstand", "warm-up", { loadsHands: true }), 7);
    const sets = new Set(
      week.map(({ items }) =>
        items
          .map(({ drillId }) => drillId)
          .sort()
          .join(" "),
      ),
    );
    expect(sets.size).toBeGreaterThanOrEqual(5);
    for (const { seconds } of week) expect(seconds).toBeLessThanOrEqual(900);
  });
  it("a copy is at the other's rungs, without what is barred there, and says what differs", () => {
    const { items } = planPrep(asked("front-split", "mobility", { budget: 1500 }));
    const open = items.find(({ drillId }) =>
      ["static", "contract-relax"].includes(drill(drillId).kind),
    )!;
    const site = siteOfMotion(drill(open.drillId).serves[0]!.motion);
    const copy = copiedTo(
      items,
      asked("front-split", "mobility", { body: lockedAt([site]), place: placeWith(["mat"]) }),
    );
    expect(copy.gone.find(({ drillId }) => drillId === open.drillId)?.reason).toEqual({
      why: "locked",
      place: { site, side: null },
    });
    expect(copy.items.length + copy.gone.length).toBe(items.length);
    for (const { drillId, rungId } of copy.items)
      expect(stressOf(drill(drillId), rungOf(drill(drillId), rungId)).has(site)).toBe(false);
  });
});
