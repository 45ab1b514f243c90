import { needsFirst } from "../exposure/needs-first";
import { describe, expect, it } from "vitest";
import { library } from "../../library";
import { gapOf } from "../aim/gap";
import { skillOf } from "../content/library";
import { nextSteps } from "../progress/next-step";
import { aim, athlete, check, log, logItem } from "../test/people";
import { placeTerms, season, training, usualWeek } from "../test/seasons";
import { blockFor, daysToShow, emphasisOf, showDays, weekTerms } from "./block";
import { hungOn, openingsOn, startOn } from "./hang";
import { prepTerms } from "./prep-terms";
import { aimShares, givenOut, purposes, sharedNeeds } from "./shares";
import { minutesOf, timeOf } from "../records/training";

const plain = { flagged: [] as const, home: null };

describe("the block", () => {
  it("its emphasis goes from opening to owning to using, and never back", () => {
    for (const weeks of [4, 8, 13, 16]) {
      const row = Array.from({ length: weeks }, (_, n) => emphasisOf(n, weeks));
      expect(row).toEqual([...row].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
      expect(new Set(row)).toEqual(new Set(order));
    }
  });
  const order = ["open", "own", "use"];

  it("ends with the aim, within four to sixteen weeks", () => {
    expect(blockFor("2026-11-24", "2027-01-16")).toEqual({ since: "2026-11-23", weeks: 8 });
    expect(blockFor("2026-11-24", "2026-11-30").weeks).toBe(4);
    expect(blockFor("2026-11-24", "2027-12-01").weeks).toBe(16);
  });

  it("every fourth week is lighter, and one that is asked for", () => {
    const terms = placeTerms({ season: season({ lighter: ["2026-11-30"] }) });
    const lighter = ["2026-11-23", "2026-11-30", "2026-12-07", "2026-12-14"].map(
      (monday) => weekTerms(terms, monday).lighter,
    );
    expect(lighter).toEqual([false, true, false, true]);
  });

  it("after a week ill, or one with nothing in the log, it begins lower", () => {
    const ill = placeTerms({
      absences: [{ from: "2026-11-23", to: "2026-11-28", reason: "ill" }],
    });
    expect(weekTerms(ill, "2026-11-30").restart).toBe(true);
    const silent = placeTerms({
      today: "2026-12-08",
      logs: [{ on: "2026-11-24" }],
    });
    expect(weekTerms(silent, "2026-12-07").restart).toBe(true);
    expect(
      weekTerms({ ...silent, logs: [...silent.logs, { on: "2026-12-02" }] }, "2026-12-07").restart,
    ).toBe(false);
  });

  it("shows of the weeks and dates of the aims are the days that it tapers to", () => {
    const terms = placeTerms({
      season: season({
        others: [{ monday: "2026-12-07", trainings: [...usualWeek, training(2, "show", "20:00")] }],
      }),
    });
    expect(showDays(terms)).toEqual(["2026-12-09", "2027-01-16"]);
    expect(daysToShow("2026-12-07", showDays(terms))).toBe(2);
    expect(weekTerms(terms, "2026-12-07").taper).toBe("2026-12-09");
    expect(weekTerms(terms, "2026-12-14").taper).toBeNull();
  });
});

describe("what hangs on a day", () => {
  it("an issue prep and the warm-up end as the training begins; circles make way", () => {
    const terms = placeTerms({
      season: season({
        usual: [training(1, "class", "08:00")],
        circles: { minutes: 5, at: "07:40" },
      }),
    });
    const hung = hungOn(terms, "2026-11-24", { flagged: ["wrist"], home: null });
    expect(hung.map(({ kind, starts, minutes }) => [kind, starts, minutes])).toEqual([
      ["circles", "07:30", 5],
      ["issue", "07:35", 10],
      ["warm-up", "07:45", 15],
    ]);
  });

  it("straight from one training to the next nobody warms up again", () => {
    const terms = placeTerms({
      season: season({
        usual: [training(1, "skill", "17:00", 60), training(1, "strength", "18:05", 60)],
      }),
    });
    const warm = hungOn(terms, "2026-11-24", plain).filter(({ kind }) => kind === "warm-up");
    expect(warm.map(({ starts }) => starts)).toEqual(["16:45"]);
  });

  it("no opening on days of rest, travel or a show", () => {
    const terms = placeTerms({
      season: season({ usual: [training(0, "travel"), training(1, "show"), training(2, "rest")] }),
    });
    for (const day of ["2026-11-23", "2026-11-24", "2026-11-25"])
      expect(openingsOn(terms, day, null)).toEqual([]);
    expect(openingsOn(terms, "2026-11-26", null)).toHaveLength(1);
  });

  it("a session that is moved begins after the last training of its new day", () => {
    const terms = placeTerms();
    expect(startOn(terms, { kind: "mobility", starts: "12:00" }, "2026-12-03")).toBe("18:40");
    expect(startOn(terms, { kind: "mobility", starts: "12:00" }, "2026-12-02")).toBe("18:00");
  });

  it("times of day are read and written alike", () => {
    for (let minutes = 0; minutes < 24 * 60; minutes += 7)
      expect(minutesOf(timeOf(minutes))).toBe(minutes);
  });
});

describe("what a prep takes from its season", () => {
  const terms = placeTerms({
    season: season({
      slots: [
        {
          id: "hip",
          kind: "mobility",
          on: "2026-12-01",
          starts: "18:40",
          minutes: 30,
          placeId: null,
          focus: "hip",
          aimId: "aim1",
          pinned: false,
          movedFrom: null,
          revision: 0,
        },
      ],
    }),
  });

  it("the days around a joint’s session spare it; its own day does not", () => {
    expect(prepTerms(terms, "2026-11-30", "other").spared).toContain("hip.flexion");
    expect(prepTerms(terms, "2026-12-01", "hip").spared).toEqual([]);
    expect(prepTerms(terms, "2026-12-05", "other").spared).toEqual([]);
  });

  it("the last week takes no new rung, the last two days no long hold", () => {
    const on = (day: string) => {
      const { noNewRung, noLongHold } = prepTerms(terms, day, "x");
      return [noNewRung, noLongHold];
    };
    expect(on("2027-01-08")).toEqual([false, false]);
    expect(on("2027-01-09")).toEqual([true, false]);
    expect(on("2027-01-14")).toEqual([true, true]);
    expect(on("2027-01-16")).toEqual([true, true]);
  });

  it("a rung that the log has earned waits until the show is over", () => {
    const drill = library.drills.find(
      (one) =>
        one.rungs.length > 2 &&
        one.rungs[0]!.warmUp?.type === "reps" &&
        needsFirst(one, one.rungs[1]!, false).weeks === 0,
    )!;
    const rung = drill.rungs[0]!;
    const planned = { type: "reps", sets: 2, reps: 60, tempo: 3, rest: 0 } as const;
    const done = [0, 1, 2, 3, 4, 5].map((n) =>
      log(`2027-01-0${n + 1}`, [logItem(drill.id, { planned, form: "clean" })]),
    );
    const free = nextSteps(library, done, { on: "2027-01-10" }).get(drill.id)!;
    const held = nextSteps(library, done, { on: "2027-01-10", noNewRung: true }).get(drill.id)!;
    expect(free.change).toBe("next-rung");
    expect([held.rungId, held.change]).toEqual([rung.id, "same"]);
  });
});

describe("how aims share the minutes", () => {
  const open = (id: string, skillId: string, by: string, side: "left" | "mid" = "mid") => {
    const one = aim({ id, skillId, by, side });
    const skill = skillOf(library, skillId)!;
    return {
      aim: one,
      name: skill.name,
      gaps: gapOf({
        athlete: athlete(),
        aim: one,
        skill,
        checks: [
          check({ protocolId: "shoulder-flexion", side: "left", trials: [150, 150] }),
          check({ protocolId: "shoulder-flexion", side: "right", trials: [150, 150] }),
        ],
        library,
      }),
    };
  };
  const both = [open("a", "handstand", "2026-12-20"), open("b", "bridge", "2027-03-20")];
  const today = "2026-11-24";

  it("shares add up to one; the nearer date presses", () => {
    const shares = aimShares(both, [], today);
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1);
    const later = aimShares([open("a", "handstand", "2027-03-20"), both[1]!], [], today);
    expect(shares[0]!.share).toBeGreaterThan(later[0]!.share);
  });

  it("a fixed share stands, and the others share the rest", () => {
    const shares = aimShares(both, [{ aimId: "b", share: 0.7 }], today);
    expect(shares.map(({ share }) => share)).toEqual([expect.closeTo(0.3), expect.closeTo(0.7)]);
    const over = aimShares(
      both,
      [
        { aimId: "a", share: 0.9 },
        { aimId: "b", share: 0.6 },
      ],
      today,
    );
    expect(over[0]!.share).toBeCloseTo(0.6);
  });

  it("sessions are given out whole, and what is owed counts on", () => {
    const first = givenOut(3, [0.5, 0.5], [0, 0]);
    expect(first.counts.reduce((sum, count) => sum + count, 0)).toBe(3);
    const second = givenOut(3, [0.5, 0.5], first.owed);
    expect(first.counts[0]! + second.counts[0]!).toBe(3);
  });

  it("joints that pain has shut get no session; what two aims ask counts for both", () => {
    const shares = aimShares(both, [], today);
    const joints = purposes(both, shares, today).map(({ joint }) => joint);
    expect(joints).toContain("shoulder");
    expect(
      purposes(both, shares, today, ["shoulder.flexion"]).map(({ joint }) => joint),
    ).not.toContain("shoulder");
    const needs = sharedNeeds(both, shares, today);
    const shoulder = needs.find(({ motion }) => motion === "shoulder.flexion")!;
    expect(needs[0]).toBe(shoulder);
  });
});
