import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drillOf } from "../content/library";
import { KitItem } from "../drill/kit";
import { rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import type { Caution } from "../safety/intake";
import { asked, placeWith } from "../test/planning";
import { mended, orderTerms } from "./mend";
import { breaches } from "./order";
import { permit, permittedDown, type GateTerms } from "./permit";
import { planPrep } from "./plan";
import { permittedRamp, rampItems, rampOf } from "./ramp";

const noInversions: Caution = { id: "pressure", state: "open", blocks: "inversions" };
const noEndRange: Caution = { id: "connective", state: "open", blocks: "end-range" };
const open: GateTerms = { locked: [], cautions: [], bars: [], place: null };
const ladders = library.drills.filter(
  ({ kind, rungs }) => (kind === "strength" || kind === "skill") && rungs.length >= 4,
);
const rungsOf = (items: readonly Pick<PrepItem, "drillId" | "rungId">[]) =>
  items.map(({ drillId, rungId }) => {
    const drill = drillOf(library, drillId)!;
    return { drill, rung: rungOf(drill, rungId) };
  });

/** Somebody somewhere: kit, locks, cautions and bars of any kind. */
const anyTerms = fc.record({
  locked: fc.subarray(["wrist.extension", "shoulder.flexion", "lumbar.extension"] as const),
  cautions: fc.subarray([noInversions, noEndRange]),
  bars: fc.subarray(["growing", "loose-jointed", "pressure", "bone", "unstable-joint"] as const),
  place: fc.option(
    fc.record({
      kit: fc.subarray([...KitItem.options]),
      noFloor: fc.boolean(),
      silent: fc.boolean(),
      space: fc.constantFrom("spot" as const, "mat" as const, "room" as const),
    }),
  ),
});
const termsOf = ({
  place,
  ...rest
}: typeof anyTerms extends fc.Arbitrary<infer T> ? T : never) => ({
  ...rest,
  place: place && placeWith(place.kit, place),
});

describe("the gate", () => {
  it("lets everything pass where nothing stands against it", () => {
    for (const drill of library.drills)
      for (const rung of drill.rungs) expect(permit(drill, rung, open)).toEqual([]);
  });

  it("gives every reason, so that none masks another", () => {
    const [drill, rung] = ladders.flatMap((one) =>
      one.rungs.flatMap((each) =>
        each.kit.length > 0 && one.serves[0] ? [[one, each] as const] : [],
      ),
    )[0]!;
    const told = permit(drill, rung, {
      ...open,
      locked: [drill.serves[0]!.motion],
      place: placeWith([], { space: "spot", noFloor: true }),
    }).map(({ why }) => why);
    expect(told).toEqual(expect.arrayContaining(["locked", "kit"]));
  });

  it("law: a rung down is never above the one asked for, and may be done", () =>
    fc.assert(
      fc.property(fc.constantFrom(...library.drills), fc.nat(20), anyTerms, (drill, n, some) => {
        const own = drill.rungs[n % drill.rungs.length]!;
        const down = permittedDown(drill, own, termsOf(some));
        if (!down) return;
        expect(drill.rungs.indexOf(down)).toBeLessThanOrEqual(drill.rungs.indexOf(own));
        expect(permit(drill, down, termsOf(some))).toEqual([]);
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
          expect(permit(drill, at, terms)).toEqual([]);
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
          for (const { drill, rung } of rungsOf(items))
            expect(permit(drill, rung, request), `${drill.id}/${rung.id}`).toEqual([]);
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
            ({ drill, rung }) => permit(drill, rung, request).length > 0,
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
