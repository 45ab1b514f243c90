import { noIntake } from "../test/bodies";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { athlete, check, log, logItem } from "../test/people";
import { cautionsOf, isGrowing, isLooseJointed } from "./intake";
import { liftedWithout } from "./lifted";
import { painLocks, placeKey } from "./pain";

const intake = noIntake;
const days = ["2026-11-01", "2026-11-03", "2026-11-05", "2026-11-07"];
const sore = (place: string, over = {}) =>
  logItem("wrist-rocks", { pain: 5, painPlace: place, ...over });
const places = (...args: Parameters<typeof painLocks>) =>
  painLocks(...args).map(({ place }) => (place ? [place.side, place.site].join(" ").trim() : "?"));

describe("cautions", () => {
  it("asks for the intake while there is none", () =>
    expect(cautionsOf(athlete({ intake: null }), "2026-11-24")[0]).toMatchObject({
      id: "no-intake",
    }));
  it("any yes stands until a clinician's clearance is recorded", () => {
    const asked = athlete({ intake: { ...intake, yes: ["pressure"] } });
    expect(cautionsOf(asked, "2026-11-24")).toMatchObject([{ id: "pressure", state: "open" }]);
    const cleared = athlete({
      intake: {
        ...intake,
        yes: ["pressure"],
        clearances: [
          {
            question: "pressure",
            who: "Dr X",
            on: "2026-10-01",
            until: null,
            allows: [],
            limits: "no breath holding",
          },
        ],
      },
    });
    expect(cautionsOf(cleared, "2026-11-24")).toMatchObject([
      { state: "cleared", clearance: { limits: "no breath holding" } },
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
      [4, 5, null].map((beighton) =>
        isLooseJointed(athlete({ intake: { ...intake, beighton } }), "2026-11-24"),
      ),
    ).toEqual([false, true, false]));
});

describe("locks", () => {
  it("above 5/10 locks the motion, 5 does not", () => {
    expect(
      places(athlete(), [log(days[0]!, [sore("left wrist", { pain: 6 })])], [], library),
    ).toEqual(["left wrist"]);
    expect(places(athlete(), [log(days[0]!, [sore("left wrist")])], [], library)).toEqual([]);
    expect(places(athlete(), [], [check({ pain: 7 })], library)).toEqual(["left shoulder"]);
  });
  it("the same place in three sessions in a row locks; two, or a session between, does not", () => {
    const flagged = (place: string, on: string) => log(on, [sore(place)]);
    expect(
      places(
        athlete(),
        [0, 1, 2].map((i) => flagged("Left wrist ", days[i]!)),
        [],
        library,
      ),
    ).toEqual(["left wrist"]);
    expect(
      places(
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
            place: { site: "wrist" as const, side: "left" as const },
            on,
            who: "Ysolde",
            reason: "seen by a clinician",
            covers: [],
          },
        ],
      });
    expect(places(cleared("2026-11-04"), painful, [], library)).toEqual(["left wrist"]);
    expect(places(cleared("2026-11-06"), painful, [], library)).toEqual([]);
  });
  it("what hurts again, or is entered afterwards for an earlier day, locks again", () => {
    const first = log("2026-11-05", [sore("left wrist", { pain: 8 })]);
    const [lock] = painLocks(athlete(), [first], [], library);
    expect(lock!.causes).toEqual([first.id]);
    const cleared = athlete({
      clearances: [
        {
          place: { site: "wrist" as const, side: "left" as const },
          on: "2026-11-06",
          who: "Ysolde",
          reason: "seen",
          covers: lock!.causes,
        },
      ],
    });
    expect(places(cleared, [first], [], library)).toEqual([]);
    for (const on of ["2026-11-06", "2026-11-01"])
      expect(
        places(cleared, [first, log(on, [sore("left wrist", { pain: 7 })])], [], library),
      ).toEqual(["left wrist"]);
  });
  it("says what a log alone keeps locked: the painful one, or any of three in a row", () => {
    const bad = log(days[0]!, [sore("left wrist", { pain: 7 })]);
    const fine = log(days[1]!, [logItem("roller")]);
    const lifted = (logs: ReturnType<typeof log>[], id: string) =>
      liftedWithout({ athlete: athlete(), checks: [], library, logs }, id).map(
        ({ place }) => place?.site,
      );
    expect(lifted([bad, fine], bad.id)).toEqual(["wrist"]);
    expect(lifted([bad, fine], fine.id)).toEqual([]);
    const again = log(days[2]!, [sore("left wrist", { pain: 8 })]);
    expect(lifted([bad, fine, again], bad.id)).toEqual([]);
    const row = [0, 1, 2].map((i) => log(days[i]!, [sore("left wrist")]));
    for (const { id } of row) expect(lifted(row, id)).toEqual(["wrist"]);
  });
  it("follows the place that hurts, not the drill: a wrist on a cat stretch locks the wrist", () => {
    const hurt = log(days[0]!, [
      logItem("cat-camel", { pain: 8, painAt: { site: "wrist", side: "left" } }),
    ]);
    expect(places(athlete(), [hurt], [], library)).toEqual(["left wrist"]);
  });
  it("sharp, numb or spreading pain of any number locks; a stretch does not", () => {
    for (const painKind of ["sharp", "numb", "spreading", "joint-line", "pinching"] as const)
      expect(
        places(
          athlete(),
          [log(days[0]!, [sore("left wrist", { pain: 2, painKind })])],
          [],
          library,
        ),
        painKind,
      ).toEqual(["left wrist"]);
    expect(
      places(
        athlete(),
        [log(days[0]!, [sore("left wrist", { pain: 4, painKind: "stretch" })])],
        [],
        library,
      ),
    ).toEqual([]);
  });
  it("somebody growing: any pain at wrist, heel, knee or low back; elsewhere as for all", () => {
    const child = athlete({ bornOn: "2013-01-01", intake });
    const at = (site: "lumbar" | "hip", over = {}) =>
      places(
        child,
        [
          log(days[0]!, [
            logItem("bridge-series", { pain: 3, painAt: { site, side: null }, ...over }),
          ]),
        ],
        [],
        library,
      );
    expect(at("lumbar")).toEqual(["lumbar"]);
    expect(at("lumbar", { painKind: "stretch" })).toEqual([]);
    expect(at("hip")).toEqual([]);
  });
  it("where nobody said where, everything that the drill loads is locked, as one", () => {
    const [lock] = painLocks(athlete(), [log(days[0]!, [sore("", { pain: 8 })])], [], library);
    expect(lock).toMatchObject({ place: null });
    expect(lock!.sites).toContain("wrist");
    expect(lock!.sites).not.toContain("ankle");
  });
  it("a place is the same place in other words", () => {
    expect(placeKey("Wrist, left")).toBe(placeKey("the left wrist"));
    expect(placeKey("left wrist")).not.toBe(placeKey("right wrist"));
  });
});
