import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { athlete, check, log, logItem } from "../test/people";
import { cautionsOf, isGrowing, isLooseJointed } from "./intake";
import { liftedWithout } from "./lifted";
import { painLocks, placeKey } from "./pain";

const intake = {
  on: "2026-09-01",
  yes: [],
  note: "",
  growthSpurt: false,
  beighton: null,
  clearances: [],
};
const days = ["2026-11-01", "2026-11-03", "2026-11-05", "2026-11-07"];
const sore = (place: string, over = {}) =>
  logItem("wrist-rocks", { pain: 5, painPlace: place, ...over });
const motions = (...args: Parameters<typeof painLocks>) =>
  painLocks(...args).map(({ motion }) => motion);

describe("cautions", () => {
  it("asks for the intake while there is none", () =>
    expect(cautionsOf(athlete({ intake: null }), "2026-11-24")[0]).toMatchObject({
      id: "no-intake",
    }));
  it("any yes stands until a clinician's clearance is recorded", () => {
    const asked = athlete({ intake: { ...intake, yes: ["pressure"] } });
    expect(cautionsOf(asked, "2026-11-24")).toMatchObject([
      { id: "pressure", blocks: "inversions" },
    ]);
    const cleared = athlete({
      intake: {
        ...intake,
        yes: ["pressure"],
        clearances: [
          { question: "pressure", who: "Dr X", on: "2026-10-01", limits: "no breath holding" },
        ],
      },
    });
    expect(cautionsOf(cleared, "2026-11-24")).toMatchObject([
      { blocks: null, state: "cleared", clearance: { limits: "no breath holding" } },
    ]);
  });
  it("under 18 is growing, to the birthday", () => {
    expect(isGrowing(athlete({ bornOn: "2008-11-25", intake }), "2026-11-24")).toBe(true);
    expect(isGrowing(athlete({ bornOn: "2008-11-24", intake }), "2026-11-24")).toBe(false);
    expect(isGrowing(athlete({ intake: { ...intake, growthSpurt: true } }), "2026-11-24")).toBe(
      true,
    );
  });
  it("five of nine is loose-jointed", () =>
    expect(
      [4, 5, null].map((beighton) => isLooseJointed(athlete({ intake: { ...intake, beighton } }))),
    ).toEqual([false, true, false]));
});

describe("locks", () => {
  it("above 5/10 locks the motion, 5 does not", () => {
    expect(
      motions(athlete(), [log(days[0]!, [sore("left wrist", { pain: 6 })])], [], library),
    ).toEqual(["wrist.extension"]);
    expect(motions(athlete(), [log(days[0]!, [sore("left wrist")])], [], library)).toEqual([]);
    expect(motions(athlete(), [], [check({ pain: 7 })], library)).toEqual(["shoulder.flexion"]);
  });
  it("the same place in three sessions in a row locks; two, or a session between, does not", () => {
    const flagged = (place: string, on: string) => log(on, [sore(place)]);
    expect(
      motions(
        athlete(),
        [0, 1, 2].map((i) => flagged("Left wrist ", days[i]!)),
        [],
        library,
      ),
    ).toEqual(["wrist.extension"]);
    expect(
      motions(
        athlete(),
        [
          flagged("left wrist", days[0]!),
          flagged("left wrist", days[1]!),
          log(days[2]!, [logItem("roller")]),
          flagged("left wrist", days[3]!),
        ],
        [],
        library,
      ),
    ).toEqual([]);
  });
  it("a person clears it with a reason, from that day on", () => {
    const painful = [log("2026-11-05", [sore("left wrist", { pain: 8 })])];
    const cleared = (on: string) =>
      athlete({
        clearances: [
          {
            motion: "wrist.extension",
            on,
            who: "Ysolde",
            reason: "seen by a clinician",
            covers: [],
          },
        ],
      });
    expect(motions(cleared("2026-11-04"), painful, [], library)).toEqual(["wrist.extension"]);
    expect(motions(cleared("2026-11-06"), painful, [], library)).toEqual([]);
  });
  it("what hurts again, or is entered afterwards for an earlier day, locks again", () => {
    const first = log("2026-11-05", [sore("left wrist", { pain: 8 })]);
    const [lock] = painLocks(athlete(), [first], [], library);
    expect(lock!.causes).toEqual([first.id]);
    const cleared = athlete({
      clearances: [
        {
          motion: "wrist.extension",
          on: "2026-11-06",
          who: "Ysolde",
          reason: "seen",
          covers: lock!.causes,
        },
      ],
    });
    expect(motions(cleared, [first], [], library)).toEqual([]);
    for (const on of ["2026-11-06", "2026-11-01"])
      expect(
        motions(cleared, [first, log(on, [sore("left wrist", { pain: 7 })])], [], library),
      ).toEqual(["wrist.extension"]);
  });
  it("says what a log alone keeps locked: the painful one, or any of three in a row", () => {
    const bad = log(days[0]!, [sore("left wrist", { pain: 7 })]);
    const fine = log(days[1]!, [logItem("roller")]);
    const scene = { athlete: athlete(), checks: [], library };
    expect(liftedWithout({ ...scene, logs: [bad, fine] }, bad.id)).toEqual(["wrist.extension"]);
    expect(liftedWithout({ ...scene, logs: [bad, fine] }, fine.id)).toEqual([]);
    const again = log(days[2]!, [sore("left wrist", { pain: 8 })]);
    expect(liftedWithout({ ...scene, logs: [bad, fine, again] }, bad.id)).toEqual([]);
    const row = [0, 1, 2].map((i) => log(days[i]!, [sore("left wrist")]));
    for (const { id } of row)
      expect(liftedWithout({ ...scene, logs: row }, id)).toEqual(["wrist.extension"]);
  });
  it("a place is the same place in other words", () => {
    expect(placeKey("Wrist, left")).toBe(placeKey("the left wrist"));
    expect(placeKey("left wrist")).not.toBe(placeKey("right wrist"));
  });
});
