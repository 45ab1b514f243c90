import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drillOf } from "../content/library";
import { KitItem } from "../drill/kit";
import { rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { IntakeQuestion } from "../body/conditions";
import { siteOfMotion } from "../body/sites";
import { answering, bodyWith, lockedAt, noIntake, seasoned, wellToday } from "../test/bodies";
import { drill, log, logItem } from "../test/people";
import { asked, placeWith } from "../test/planning";
import { mended, orderTerms } from "./mend";
import { breaches } from "./order";
import { against, permit, permittedDown, type GateTerms } from "./permit";
import { planPrep } from "./plan";
import { permittedRamp, rampItems, rampOf } from "./ramp";

const open: GateTerms = { body: seasoned, place: null };
const ladders = library.drills.filter(
  ({ kind, rungs }) => (kind === "strength" || kind === "skill") && rungs.length >= 4,
);
const rungsOf = (items: readonly PrepItem[]) =>
  items.map(({ drillId, rungId, dose }) => {
    const drill = drillOf(library, drillId)!;
    return { drill, rung: rungOf(drill, rungId), dose };
  });

/** Somebody somewhere: kit, locks, answers, age and looseness of any kind. */
const anyTerms = fc.record({
  sites: fc.subarray(["wrist", "shoulder", "lumbar", "knee"] as const),
  yes: fc.subarray([...IntakeQuestion.options], { maxLength: 2 }),
  bornOn: fc.constantFrom("1970-01-01", "1998-03-01", "2014-06-01"),
  beighton: fc.constantFrom(null, 3, 8),
  asked: fc.boolean(),
  place: fc.option(
    fc.record({
      kit: fc.subarray([...KitItem.options]),
      noFloor: fc.boolean(),
      silent: fc.boolean(),
      space: fc.constantFrom("spot" as const, "mat" as const, "room" as const),
    }),
  ),
});
type Some = typeof anyTerms extends fc.Arbitrary<infer T> ? T : never;
const termsOf = ({ place, sites, yes, bornOn, beighton, asked: intake }: Some): GateTerms => ({
  body: lockedAt(
    sites,
    bodyWith({ bornOn, intake: intake ? { ...noIntake, yes, beighton } : null }),
  ),
  place: place && placeWith(place.kit, place),
});

describe("the gate", () => {
  it("lets everything pass where nothing stands against it", () => {
    for (const drill of library.drills)
      for (const rung of drill.rungs) expect(against(open, { drill, rung })).toEqual([]);
  });

  it("gives every reason, so that none masks another", () => {
    const [drill, rung] = ladders.flatMap((one) =>
      one.rungs.flatMap((each) =>
        each.kit.length > 0 && one.serves[0] ? [[one, each] as const] : [],
      ),
    )[0]!;
    const told = against(
      {
        body: lockedAt([siteOfMotion(drill.serves[0]!.motion)], seasoned),
        place: placeWith([], { space: "spot", noFloor: true }),
      },
      { drill, rung },
    ).map(({ why }) => why);
    expect(told).toEqual(expect.arrayContaining(["locked", "kit"]));
  });

  it("answers with the limits it sets, and refuses what goes beyond them", () => {
    const sit = drillOf(library, "toe-sit")!;
    const rung = sit.rungs[0]!;
    const long = { type: "hold" as const, sets: 1, seconds: 300, rest: 0 };
    const asked = { drill: sit, rung };
    expect(permit(seasoned, open, asked)).toEqual({
      is: "limited",
      limits: [{ limit: "hold", seconds: 45, by: "kind" }],
    });
    expect(permit(seasoned, open, { ...asked, dose: long })).toEqual({
      is: "refused",
      against: [{ why: "too-long", seconds: 45 }],
    });
    const march = drillOf(library, "pulse")!;
    expect(permit(seasoned, open, { drill: march, rung: march.rungs[0]! })).toEqual({
      is: "allowed",
    });
  });

  const refusals = (body: GateTerms["body"], path: string) => {
    const [drillId, rungId] = path.split("/") as [string, string];
    const drill = drillOf(library, drillId)!;
    return against({ body, place: null }, { drill, rung: rungOf(drill, rungId) });
  };

  it("without an intake only what is harmless to nearly all may be done", () => {
    const unasked = { ...seasoned, cautions: bodyWith({ intake: null }).cautions };
    for (const path of ["pulse/march", "cat-camel/knees", "wrist-circles/clasped"])
      expect(refusals(unasked, path).length, path).toBe(path.startsWith("cat") ? 1 : 0);
    for (const path of ["wall-line/half", "split-series/floor", "pulse/jacks", "hamstring/strap"])
      expect(refusals(unasked, path), path).toMatchObject([{ why: "health", by: "no-intake" }]);
  });

  it("stops everything but rest for what has to be seen first", () => {
    for (const id of ["saddle", "heart-effort", "concussion", "unwell"] as const)
      for (const drill of library.drills)
        for (const rung of drill.rungs)
          expect(
            against({ body: answering(id), place: null }, { drill, rung }).some(
              ({ why }) => why === "health",
            ),
          ).toBe(drill.kind !== "breathing");
  });

  it("a clearance lifts what it names for as long as it says, and no more", () => {
    const cleared = (over: object) =>
      bodyWith({
        intake: {
          ...noIntake,
          yes: ["pressure"],
          clearances: [
            {
              question: "pressure",
              who: "Dr Example",
              on: "2026-11-01",
              until: null,
              allows: ["strain"],
              limits: "no inversions",
              ...over,
            },
          ],
        },
      });
    expect(refusals(cleared({}), "wall-line/box-l").map(({ why }) => why)).toContain("health");
    expect(refusals(cleared({}), "hamstring/strap")).toEqual([]);
    expect(refusals(cleared({ until: "2026-11-20" }), "hamstring/strap")).toMatchObject([
      { why: "health", by: "pressure", does: "strain" },
    ]);
    expect(refusals(cleared({ on: "2026-12-01" }), "hamstring/strap")).toHaveLength(1);
  });

  it("a condition at a place bars what that place would bear, and elsewhere only what the table says", () => {
    const at = bodyWith({
      intake: {
        ...noIntake,
        yes: ["recent-injury"],
        where: [
          {
            question: "recent-injury",
            places: [{ site: "wrist", side: "left" }],
            since: "2026-10-20",
          },
        ],
      },
    });
    for (const path of ["cat-camel/knees", "hands-behind-slide/near", "wrist-circles/clasped"])
      expect(refusals(at, path), path).toMatchObject([{ by: "recent-injury" }]);
    expect(refusals(at, "hamstring/strap")).toEqual([]);
    expect(refusals(answering("recent-injury"), "hamstring/strap")).toHaveLength(1);
  });

  it("a locked wrist bars hands and knees, plank, fists and hands behind; a knee deep bends and kneeling", () => {
    const wrist = lockedAt(["wrist"], seasoned);
    for (const path of [
      "cat-camel/knees",
      "push-ramp/floor",
      "fist-work/rocks",
      "hands-behind-slide/near",
    ])
      expect(refusals(wrist, path), path).not.toEqual([]);
    const knee = lockedAt(["knee"], seasoned);
    for (const path of [
      "squat-sit/free",
      "hip-flexor/tuck",
      "cat-camel/knees",
      "sit-on-heels/heels",
    ])
      expect(refusals(knee, path), path).not.toEqual([]);
    expect(refusals(wrist, "hip-flexor/tuck")).toEqual([]);
    expect(refusals(knee, "wrist-circles/clasped")).toEqual([]);
  });

  it("loose joints by age, and no passive end range by any kind of drill", () => {
    const loose = (bornOn: string, beighton: number) =>
      bodyWith({ bornOn, intake: { ...noIntake, beighton } }).cautions.some(
        ({ id }) => id === "loose",
      );
    expect([5, 6].map((points) => loose("2014-01-01", points))).toEqual([false, true]);
    expect([4, 5].map((points) => loose("1996-01-01", points))).toEqual([false, true]);
    expect([3, 4].map((points) => loose("1970-01-01", points))).toEqual([false, true]);
    const body = {
      ...seasoned,
      cautions: bodyWith({ intake: { ...noIntake, beighton: 8 } }).cautions,
    };
    for (const path of [
      "split-series/floor",
      "ring-turns/behind",
      "hamstring/strap",
      "pancake-series/chest",
    ])
      expect(refusals(body, path), path).toMatchObject([{ why: "health", by: "loose" }]);
    expect(refusals(body, "lift-offs/wide")).toEqual([]);
  });

  it("somebody growing: nothing pushed, no hang behind, no stay over a minute; fists and leans are not barred", () => {
    const child = { ...seasoned, ...bodyWith({ bornOn: "2014-01-01" }), vouched: seasoned.vouched };
    expect(refusals(child, "ring-turns/behind")).toMatchObject([{ by: "growing" }]);
    for (const path of ["fist-work/rocks", "planche-leans/knees", "planche-leans/plank"])
      expect(refusals(child, path), path).toEqual([]);
    const stretch = drillOf(library, "hip-flexor")!;
    const dose = { type: "hold" as const, sets: 1, seconds: 120, rest: 0 };
    expect(
      against({ body: child, place: null }, { drill: stretch, rung: stretch.rungs[0]!, dose }),
    ).toEqual([{ why: "too-long", seconds: 60 }]);
  });

  it("what asks most of tendons waits its weeks, unless somebody has said that it is done already", () => {
    const hang = ["ring-turns/feet", "ring-turns/tuck", "ring-turns/behind"];
    expect(refusals(wellToday, hang[0]!)).toEqual([]);
    expect(refusals(wellToday, hang[2]!)).toMatchObject([{ why: "not-yet", clean: 6, weeks: 3 }]);
    const daily = (from: number, days: number) =>
      Array.from({ length: days }, (_, n) =>
        log(`2026-11-${String(from + n).padStart(2, "0")}`, [
          logItem("ring-turns", { rungId: "tuck" }),
        ]),
      );
    expect(refusals(bodyWith({}, daily(14, 9)), hang[2]!)).toMatchObject([
      { why: "not-yet", done: 9 },
    ]);
    expect(refusals(bodyWith({}, daily(2, 9)), hang[2]!)).toEqual([]);
    expect(refusals(seasoned, hang[2]!)).toEqual([]);
  });

  it("a drill that does not say what it does to a body is for nobody", () => {
    const drill = { ...drillOf(library, "cat-camel")!, does: null };
    expect(against(open, { drill, rung: drill.rungs[0]! })).toEqual([{ why: "unstated" }]);
  });

  it("law: a rung down is never above the one asked for, and may be done", () =>
    fc.assert(
      fc.property(fc.constantFrom(...library.drills), fc.nat(20), anyTerms, (drill, n, some) => {
        const own = drill.rungs[n % drill.rungs.length]!;
        const down = permittedDown(drill, own, termsOf(some));
        if (!down) return;
        expect(drill.rungs.indexOf(down)).toBeLessThanOrEqual(drill.rungs.indexOf(own));
        expect(against(termsOf(some), { drill, rung: down })).toEqual([]);
      }),
    ));
});

describe("a ramp asks at the gate", () => {
  it("without anything against it, it is the whole ramp", () => {
    for (const drill of ladders)
      for (const { id } of drill.rungs)
        expect(permittedRamp(drill, id, open)).toEqual(rampOf(drill, id));
  });

  it("law: no step of a ramp is kept from the athlete, and none is above the rung chosen", () =>
    fc.assert(
      fc.property(fc.constantFrom(...ladders), fc.nat(20), anyTerms, (drill, n, some) => {
        const rung = drill.rungs[n % drill.rungs.length]!;
        const terms = termsOf(some);
        const steps = permittedRamp(drill, rung.id, terms);
        for (const step of steps) {
          const at = rungOf(drill, step.rungId);
          expect(against(terms, { drill, rung: at })).toEqual([]);
          expect(drill.rungs.indexOf(at)).toBeLessThanOrEqual(drill.rungs.indexOf(rung));
        }
        const request = asked("handstand", "general-specific", {
          ...terms,
          ramp: { drillId: drill.id, rungId: rung.id },
        });
        expect(request.format.ramp).toBe(true);
        expect(rampItems(request).map(({ rungId }) => rungId)).toEqual(
          steps.map(({ rungId }) => rungId),
        );
      }),
      { numRuns: 300 },
    ));
});

describe("whatever a prep holds has passed the gate", () => {
  it("law: what is planned breaks nothing, with any kit, lock, caution or bar", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("handstand", "front-split", "behind-back-hang", "bridge"),
        fc.constantFrom(...library.formats.map(({ id }) => id)),
        fc.constantFrom(...ladders),
        anyTerms,
        (skillId, format, ladder, some) => {
          const request = asked(skillId, format, {
            ...termsOf(some),
            ramp: { drillId: ladder.id, rungId: ladder.rungs.at(-1)!.id },
          });
          const { items } = planPrep(request);
          for (const { drill, rung, dose } of rungsOf(items))
            expect(against(request, { drill, rung, dose }), `${drill.id}/${rung.id}`).toEqual([]);
        },
      ),
      { numRuns: 60 },
    ));

  it("law: what was put in by hand bars the run until it is mended, and mending never goes up", () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...library.drills), { minLength: 1, maxLength: 5 }),
        fc.nat(9),
        anyTerms,
        (drills, n, some) => {
          const request = asked("handstand", "mobility", termsOf(some));
          const items = planPrep(asked("handstand", "mobility"))
            .items.slice(0, 1)
            .flatMap((like) =>
              drills.map((drill): PrepItem => ({
                ...like,
                id: drill.id,
                drillId: drill.id,
                rungId: drill.rungs[n % drill.rungs.length]!.id,
                phase: drill.phase,
              })),
            );
          const kept = rungsOf(items).some(
            ({ drill, rung, dose }) => against(request, { drill, rung, dose }).length > 0,
          );
          const broken = breaches(items, library, orderTerms(request));
          expect(broken.some(({ rule }) => rule.why === "not-permitted")).toBe(kept);
          const now = mended(items, request).items;
          expect(breaches(now, library, orderTerms(request))).toEqual([]);
          for (const item of now) {
            const was = items.find(({ id }) => id === item.id);
            const ladder = drillOf(library, item.drillId)!.rungs;
            if (was)
              expect(ladder.findIndex(({ id }) => id === item.rungId)).toBeLessThanOrEqual(
                ladder.findIndex(({ id }) => id === was.rungId),
              );
          }
        },
      ),
      { numRuns: 80 },
    ));
});

describe("a rung that another ladder comes before", () => {
  const kick = drill("kick-up");
  const lunge = rungOf(kick, "lunge");
  const done = (path: string, days: number) => {
    const [drillId, rungId] = path.split("/") as [string, string];
    return Array.from({ length: days }, (_, n) =>
      log(`2026-11-${String(n + 10)}`, [logItem(drillId, { rungId })]),
    );
  };
  const asks = (logs: ReturnType<typeof log>[], over = {}) =>
    against({ body: bodyWith(over, logs), place: null }, { drill: kick, rung: lunge }).filter(
      ({ why }) => why === "not-yet",
    );
  it("is not begun without a way out of it", () => {
    expect(asks([])).toEqual([
      {
        why: "not-yet",
        below: "Out of a handstand, any way",
        clean: 4,
        weeks: 0,
        done: 0,
      },
    ]);
    expect(asks(done("handstand-exits/step-down", 3))).toHaveLength(1);
  });
  it("is begun after it was clean so often, whichever of its rungs that was", () => {
    expect(asks(done("handstand-exits/step-down", 4))).toEqual([]);
    expect(asks(done("handstand-exits/turn-out", 4))).toEqual([]);
  });
  it("is theirs who have done it already", () =>
    expect(asks(done("kick-up/to-wall", 2))).toEqual([]));
});
