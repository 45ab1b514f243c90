import { noIntake } from "../test/bodies";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { gapOf } from "../aim/gap";
import { aim, athlete, check, log, prep, skill } from "../test/people";
import { season } from "../test/seasons";
import { nextMove, type Now } from "./next-move";
import { stations, type Station } from "./walk";
import type { Slot } from "../records/training";

const today = "2026-11-24";
const all = (
  [
    ["shoulder-flexion", "left", 150],
    ["shoulder-flexion", "right", 150],
    ["upper-back-extension", "mid", 30],
    ["wrist-extension", "left", 100],
    ["wrist-extension", "right", 100],
    ["hip-extension", "left", 25],
    ["hip-extension", "right", 25],
    ["shoulder-flexion", "left", 190, "active"],
    ["shoulder-flexion", "right", 190, "active"],
  ] as const
).map(
  ([protocolId, side, value, mode]: readonly [
    string,
    "left" | "right" | "mid",
    number,
    "active"?,
  ]) =>
    check({ protocolId, side, mode: mode ?? "passive", trials: [value, value], on: "2026-11-20" }),
);
const now = (over: Partial<Now> = {}): Now => {
  const checks = over.checks ?? all;
  return {
    athlete: athlete(),
    aim: aim(),
    gaps: gapOf({ athlete: athlete(), aim: aim(), skill: skill("handstand"), checks, library }),
    preps: [],
    runs: [],
    logs: [],
    season: null,
    library,
    today,
    here: null,
    ...over,
    checks,
  };
};
const slot = (kind: Slot["kind"], starts: string): Slot => ({
  id: "s1",
  kind,
  on: today,
  starts,
  minutes: 15,
  placeId: null,
  focus: null,
  aimId: null,
  pinned: false,
  movedFrom: null,
  revision: 0,
});

describe("the one thing to do now", () => {
  it("what has to be seen first stands before everything, until a clearance counts", () => {
    const answered = (until: string | null, cleared: boolean) =>
      athlete({
        intake: {
          ...noIntake,
          yes: ["heart-effort"],
          clearances: cleared
            ? [
                {
                  question: "heart-effort",
                  who: "Dr Example",
                  on: "2026-11-01",
                  until,
                  allows: ["impact"],
                  limits: "",
                },
              ]
            : [],
        },
      });
    for (const here of [null, ...stations])
      expect(nextMove(now({ athlete: answered(null, false), here }))).toEqual({
        to: "aim",
        move: { now: "seen-first" },
      });
    expect(nextMove(now({ athlete: answered("2026-11-20", true) })).move.now).toBe("seen-first");
    expect(nextMove(now({ athlete: answered(null, true) })).move.now).not.toBe("seen-first");
  });
  it("a prep that the weeks hang on today is named with its time", () => {
    const planned = season({ slots: [slot("circles", "07:30"), slot("warm-up", "16:45")] });
    expect(nextMove(now({ season: planned }))).toEqual({
      to: "prep",
      move: { now: "waiting", kind: "warm-up", starts: "16:45" },
    });
    expect(nextMove(now({ season: season({ slots: [slot("circles", "07:30")] }) })).move).toEqual({
      now: "plan",
    });
  });

  it("a prep that is planned is looked over, then run, then kept", () => {
    const preps = [prep([], { on: today })];
    expect(nextMove(now({ preps })).move).toEqual({ now: "look-over" });
    expect(nextMove(now({ preps, here: "prep" })).move).toEqual({ now: "run", planned: true });
    expect(nextMove(now({ here: "prep" })).move).toEqual({ now: "run", planned: false });
    expect(nextMove(now({ preps, logs: [log(today, [])] })).to).toBe("season");
  });

  it("checks that are old are due before anything is planned by them", () => {
    const old = all.map((one) => ({ ...one, on: "2026-07-30" }));
    expect(nextMove(now({ checks: old }))).toEqual({
      to: "check",
      move: { now: "old-checks", days: 117 },
    });
    expect(nextMove(now({ checks: old, here: "check" })).to).toBe("gap");
  });

  it("what is too close to call is measured again from the gap, but not on the same day", () => {
    const close = (on: string) =>
      all.map((one) => ({
        ...one,
        on,
        ...(one.protocolId === "wrist-extension" ? { trials: [90, 90] } : {}),
      }));
    expect(nextMove(now({ checks: close("2026-11-20"), here: "gap" })).move).toEqual({
      now: "unsure",
      motions: ["wrist.extension"],
    });
    expect(nextMove(now({ checks: close(today), here: "gap" })).to).toBe("prep");
  });

  it("law: wherever one stands, it leads to a station, and never says to go where one is", () => {
    const scenes = [
      now(),
      now({ checks: [] }),
      now({ aim: null }),
      now({ preps: [prep([], { on: today })] }),
    ];
    for (const scene of scenes)
      for (const here of [null, ...stations] as (Station | null)[]) {
        const move = nextMove({ ...scene, here });
        expect(stations).toContain(move.to);
        if (here === "gap" || here === "prep") expect(move.to).not.toBe(here);
      }
  });
});
