import { describe, expect, it } from "vitest";
import { CautionId, Clearable } from "#core/body/conditions";
import { exposureGroupIds, exposures } from "#core/body/exposures";
import { siteIds } from "#core/body/sites";
import { athlete } from "#core/test/people";
import { noIntake } from "#core/test/bodies";
import { cautionsOf } from "#core/safety/intake";
import type { Against } from "#core/records/reasons";
import { exposureGroupNames, exposureNames } from "./exposures";
import { hurtWords, lockWords } from "./pain";
import { placeWords, siteNames } from "./places";
import { againstWords, liftOf, notPermittedWords } from "./prep";
import { conditionReasons } from "./conditions";
import { cautionText, conditionNames, tooYoung } from "./safety";

const distinct = (list: readonly string[]) => expect(new Set(list).size).toBe(list.length);

describe("the words of safety", () => {
  it("everything has a name, and no two the same", () => {
    distinct(exposures.map((one) => exposureNames[one]));
    distinct(exposureGroupIds.map((one) => exposureGroupNames[one]));
    distinct(siteIds.map((one) => siteNames[one]));
    distinct(CautionId.options.map((one) => conditionNames[one]));
    distinct(CautionId.options.map((one) => conditionReasons[one]));
    expect(Clearable.options).toHaveLength(21);
  });
  it("a place with its side, and the words beside it once", () => {
    expect(placeWords({ site: "wrist", side: "left" })).toBe("left wrist");
    expect(placeWords({ site: "lumbar", side: null })).toBe("low back");
    expect(hurtWords({ site: "wrist", side: "left" }, "left wrist")).toBe("left wrist");
    expect(hurtWords({ site: "wrist", side: "left" }, "back of it")).toBe("left wrist, back of it");
    expect(hurtWords(null, "")).toBe("");
  });
  it("why a place is shut", () => {
    expect(lockWords({ why: "kind", kind: "numb", pain: 2 })).toBe("numb or tingling, 2/10");
    expect(lockWords({ why: "kind", kind: null, pain: 4 })).toBe("sharp, 4/10");
    expect(lockWords({ why: "growing", pain: 3 })).toBe("pain 3/10 where somebody grows");
  });
  it("a refusal says what refused it, what would lift it and who may", () => {
    const refusals: Against[] = [
      { why: "locked", place: { site: "wrist", side: "left" } },
      { why: "locked", place: null },
      { why: "health", by: "pressure", does: "inverted", place: null },
      { why: "health", by: "recent-injury", does: null, place: { site: "knee", side: "right" } },
      { why: "health", by: "growing", does: "pushed", place: null },
      { why: "health", by: "no-intake", does: "hang", place: null },
      { why: "unstated" },
      { why: "not-yet", below: "Tucked", clean: 6, weeks: 3, done: 2 },
      { why: "range", motion: "shoulder.flexion", has: 150, needs: 165 },
      { why: "too-long", seconds: 45 },
    ];
    distinct(refusals.map(againstWords));
    for (const one of refusals) expect(liftOf(one), one.why).not.toBe("");
    expect(notPermittedWords("Rings", [refusals[2]!])).toBe(
      "Rings: heart, blood or eye pressure: not upside down. A clinician’s clearance that names it, under Aim.",
    );
    expect(againstWords(refusals[3]!)).toBe("a recent injury, right knee: not this");
    expect(liftOf({ why: "dropped" })).toBe("");
  });
  it("a caution says where it is, who cleared it, until when and what is allowed again", () => {
    const [caution] = cautionsOf(
      athlete({
        intake: {
          ...noIntake,
          yes: ["recent-injury"],
          where: [
            { question: "recent-injury", places: [{ site: "wrist", side: "left" }], since: null },
          ],
          clearances: [
            {
              question: "recent-injury",
              who: "Dr Example",
              on: "2026-11-01",
              until: "2026-12-24",
              allows: ["hands-full"],
              limits: "no fists",
            },
          ],
        },
      }),
      "2026-11-24",
    );
    expect(cautionText(caution!)).toBe(
      "A recent injury, left wrist: cleared by Dr Example on 1 Nov until 24 Dec. Allowed again: most of the weight on the hands. no fists.",
    );
    expect(tooYoung(12)).toContain("12");
  });
});
