import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drillOf } from "../content/library";
import type { SiteId } from "../body/sites";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import { lockedAt } from "../test/bodies";
import type { PrepItem } from "../records/records";
import { asked } from "../test/planning";
import { stateAt, runOf } from "../test/running";
import { minutesNow } from "../run/minutes-now";
import { memberOf } from "../run/group";
import { alternativesTo } from "./alternatives";
import { eligibility } from "./eligible";
import { breaches } from "./order";
import { orderTerms } from "./mend";
import { planPrep } from "./plan";
import { retimed } from "./retime";

const places: SiteId[] = ["wrist", "shoulder", "hip", "knee", "lumbar"];
const touches = <Item extends Pick<PrepItem, "drillId" | "rungId">>(
  items: readonly Item[],
  locked: readonly SiteId[],
) =>
  items.filter(({ drillId, rungId }) => {
    const drill = drillOf(library, drillId)!;
    const stress = stressOf(drill, rungOf(drill, rungId));
    return locked.some((site) => stress.has(site));
  });

describe("a locked place", () => {
  it("comes in by no way: plan, swap, other minutes, the floor, the library, a group", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("handstand", "deep-squat", "front-split"),
        fc.constantFrom("warm-up", "mobility", "daily-circles", "fillers"),
        fc.subarray(places, { minLength: 1 }),
        fc.integer({ min: 5, max: 30 }),
        (skillId, format, locked, minutes) => {
          const request = asked(skillId, format, {
            body: lockedAt(locked),
            budget: minutes * 60,
            rounds: 0,
          });
          const plan = planPrep(request);
          expect(touches(plan.items, locked)).toEqual([]);
          expect(touches(retimed(plan.items, [], 600, request).items, locked)).toEqual([]);
          if (plan.items.length > 1) {
            const others = alternativesTo(plan.items, 1, request).map(({ item }) => item);
            expect(touches(others, locked)).toEqual([]);
          }
          const now = minutesNow(stateAt(runOf(plan.items), 30), 8, request);
          expect(touches(now.items, locked)).toEqual([]);
          for (const drill of library.drills)
            if (
              drill.rungs.every(({ id }) => touches([{ drillId: drill.id, rungId: id }], locked)[0])
            )
              expect(eligibility(drill, request)).toHaveProperty("reason");
          const free = planPrep(asked(skillId, format, { rounds: 0 }));
          const member = memberOf({ items: free.items }, { id: "b", name: "B" }, request);
          for (const item of touches(free.items, locked))
            expect(
              member.parts.find(({ itemId }) => itemId === item.id)!.rungId,
              item.drillId,
            ).not.toBe(item.rungId);
        },
      ),
      { numRuns: 20 },
    ));
  it("put in by hand is a breach that bars the run", () => {
    const free = planPrep(asked("handstand", "warm-up"));
    const request = asked("handstand", "warm-up", { body: lockedAt(["shoulder"]) });
    expect(touches(free.items, ["shoulder"]).length).toBeGreaterThan(0);
    expect(
      breaches(free.items, library, orderTerms(request)).map(({ rule }) => rule),
    ).toContainEqual({
      why: "not-permitted",
      against: { why: "locked", place: { site: "shoulder", side: null } },
    });
  });
});
