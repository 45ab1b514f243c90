import { describe, expect, it } from "vitest";
import type { DemandGap } from "#core/aim/margin";
import type { MotionId } from "#core/body/motions";
import type { SquadColumn } from "#core/hall/squad";
import { logItemOf } from "#core/doses/log-item";
import { log } from "#core/test/people";
import {
  differedWords,
  giftWords,
  loggedWords,
  onLevelWords,
  proposedGroupWords,
  proposedPlaceWords,
  seatProofWords,
  sessionTitle,
  sharedWords,
  timesWords,
} from "./hall";

const column = (motion: MotionId, by: Partial<SquadColumn["by"]>): SquadColumn => ({
  key: `${motion}/passive`,
  motion,
  mode: "passive",
  gaps: new Map<string, DemandGap>(),
  by: { short: [], unsure: [], unknown: [], clear: [], ...by },
});

describe("what a squad shares", () => {
  it("is told only where two are surely short, by the first three", () => {
    const columns = [
      column("ankle.dorsiflexion", { short: ["a", "b", "c"] }),
      column("shoulder.flexion", { short: ["a", "b"] }),
      column("hip.extension", { short: ["a"] }),
    ];
    expect(sharedWords(columns, 12)).toBe(
      "Short of the same. Three of twelve: ankle bend, two of twelve: shoulder flexion.",
    );
    expect(sharedWords([columns[2]!], 30)).toBe("No two are surely short of the same.");
  });
  it("where nothing was measured, says what to begin with", () =>
    expect(sharedWords([column("hip.extension", { unknown: ["a", "b"] })], 2)).toBe(
      "Nothing was measured yet: begin with a round.",
    ));
});

describe("words of the hall", () => {
  it("a proposed group by its joint, and where there is most for it", () => {
    expect(proposedGroupWords({ joint: "thoracic", motions: ["thoracic.extension"] })).toBe(
      "Upper back: upper-back extension",
    );
    expect(proposedGroupWords({ joint: null, motions: [] })).toBe("Short of none of these");
    expect(proposedPlaceWords(1, "The shed")).toBe("1 drill at The shed");
    expect(proposedPlaceWords(9, null)).toBe("");
  });
  it("what a gift comes to for one", () =>
    expect(
      [
        { then: "given" as const },
        { then: "changed" as const },
        { then: "has" as const },
        { then: "too-young" as const, from: 12 },
      ].map(giftWords),
    ).toEqual(["", "changes what was", "has it already", "not before 12"]));
  it("a session, with its place where that is known", () => {
    const people = [{ athleteId: "a", name: "A", from: 0, until: null }];
    const places = [{ id: "p", name: "The shed" }];
    expect(sessionTitle({ way: "in-step", people, placeId: "p" }, places)).toBe(
      "In step for 1 at The shed",
    );
    expect(sessionTitle({ way: "stations", people, placeId: null }, places)).toBe(
      "At stations for 1",
    );
  });
  it("how good a seating is: never better than was shown", () => {
    expect(seatProofWords({ status: "proven", gap: 0.013, better: 0.2 })).toBe(
      "a better one was taken; no other is better by more than 2 %",
    );
    expect(seatProofWords({ status: "proven", gap: 0, better: 0 })).toBe(
      "no other is better by more than 1 %",
    );
    for (const status of ["none", "known", "looking", "stopped", "failed"] as const)
      expect(seatProofWords({ status })).not.toContain("%");
  });
  it("what was logged, and what differed", () => {
    const done = logItemOf({ drillId: "bridge", rungId: "r", dose: null });
    expect(loggedWords(null)).toBe("");
    expect(
      loggedWords(
        log("2026-11-24", [done, { ...done, done: "skipped" }, { ...done, done: "stopped" }]),
      ),
    ).toBe("2 drills, 1 not done, 1 stopped by pain");
    const nameOf = (id: string) => id.toUpperCase();
    expect(differedWords({ out: [], hurt: null, note: "" }, "", nameOf)).toBe("as planned");
    expect(differedWords({ out: [], hurt: null, note: "" }, "3 drills", nameOf)).toBe("3 drills");
    expect(
      differedWords(
        { out: ["a", "b"], hurt: { drillId: "c", level: 6, kind: null }, note: "tired" },
        "3 drills",
        nameOf,
      ),
    ).toBe("without a and b · c hurt, 6/10 · tired");
  });
  it("a group's times, days of the same time together, in the order of the week", () =>
    expect(
      timesWords([
        { weekday: 4, starts: "09:00", minutes: 60 },
        { weekday: 3, starts: "17:00", minutes: 90 },
        { weekday: 0, starts: "17:00", minutes: 90 },
      ]),
    ).toBe("Mon and Thu 17:00, 90 min · Fri 09:00, 60 min"));
});

describe("who does a level", () => {
  const people = (count: number) =>
    Array.from({ length: count }, (_, n) => ({ name: `N${n + 1}` }));

  it("are named while they are few", () => {
    expect(onLevelWords(people(3), { alone: true, most: true })).toBe("N1, N2, N3");
    expect(onLevelWords(people(20), { alone: false, most: false })).toMatch(/^N1, .*N20$/);
  });

  it("are everybody, or everybody else, where they are many; whoever has an own share is named", () => {
    expect(onLevelWords(people(60), { alone: true, most: true })).toBe("all 60");
    const [first, ...rest] = people(47);
    expect(onLevelWords([{ ...first!, own: "+left" }, ...rest], { alone: false, most: true })).toBe(
      "all others, 47 · N1 (+left)",
    );
  });
});
