import type { RunState } from "#core/run/state";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { drill, item, prep } from "#core/test/people";
import { runOf, stateAt } from "#core/test/running";
import type { Cue } from "#core/run/cues";
import type { AthleteView } from "../../view";
import { hasWords, markWords } from "../book/book-words";
import { cueWords } from "./cue-words";
import { givenWords, groupLine, mostlyOn, rampSoFar } from "./words";

const stretch = item("hip-flexor", { type: "hold", sets: 2, seconds: 30, rest: 5 });
const rocks = item("wrist-rocks", { type: "reps", sets: 1, reps: 8, tempo: 3, rest: 0 });
const cue = (kind: Cue["kind"]) => ({ kind, at: 0 }) as unknown as Cue;
const state = (items: Parameters<typeof runOf>[0], seconds: number) =>
  stateAt(runOf(items), seconds);

describe("what the voice says", () => {
  const says = (kind: Cue["kind"], seconds: number, items = [stretch, rocks]) =>
    cueWords(cue(kind), state(items, seconds), library);

  it("the drill by name, its first side, and the level's own cue, while one sets up for it no more", () => {
    const setUp = drill("hip-flexor").setUp;
    const text = says("place", setUp + 1);
    expect(text).toContain(drill("hip-flexor").name);
    expect(text).toContain("left first");
    expect(text).toContain(drill("hip-flexor").rungs[0]!.cue);
    expect(says("place", 0)).toBe("");
  });

  it("short words for what happens now", () => {
    const now = drill("hip-flexor").setUp + 1;
    expect(says("begin", now)).toBe("Hold");
    expect(says("half", now)).toBe("Half way");
    expect(says("rest", now)).toBe("Let go");
    expect(says("deepen", now)).toBe("Deeper");
    expect(says("own-set", now)).toBe("Your set");
    expect(says("hand-over", now)).toBe("Hand over");
    expect(says("end", now)).toBe("Done");
    expect(says("count", now)).toBe("");
  });

  it("repetitions by their number", () => {
    const begun = drill("wrist-rocks").setUp + 1;
    expect(says("begin", begun, [rocks])).toBe("8 times");
  });
});

describe("a group on one line", () => {
  const view = { athlete: { name: "Odalys Brenner" } } as AthleteView;
  const run = {
    ...runOf([rocks]),
    group: [
      {
        athleteId: "b",
        name: "Wren Castellou",
        parts: [{ itemId: rocks.id, rungId: drill("wrist-rocks").rungs[1]!.id, reason: null }],
      },
      {
        athleteId: "c",
        name: "Noor Ferrant",
        parts: [{ itemId: rocks.id, rungId: null, reason: { why: "told", text: "wrist locked" } }],
      },
    ],
  } as Parameters<typeof groupLine>[0];

  it("says everybody's level, or why it is sat out", () => {
    expect(
      groupLine(
        run,
        { items: [rocks], others: [] } as unknown as RunState,
        view,
        rocks,
        drill("wrist-rocks"),
      ),
    ).toBe(
      `Odalys: ${drill("wrist-rocks").rungs[0]!.name.toLowerCase()} · Wren: ${drill("wrist-rocks").rungs[1]!.name.toLowerCase()} · Noor sits out (wrist locked)`,
    );
  });
});

describe("a hall on one line", () => {
  const { rungs } = drill("wrist-rocks");
  const one = (athleteId: string, name: string, rungId: string | null) => ({
    athleteId,
    name,
    growing: false,
    parts: [
      {
        itemId: rocks.id,
        rungId,
        reason: rungId
          ? null
          : { why: "health" as const, by: "bone" as const, does: null, place: null },
      },
    ],
  });
  const run = {
    ...runOf([rocks]),
    hallId: "h",
    group: [
      one("a", "Ana Lind", rungs[0]!.id),
      one("b", "Ana Osei", rungs[1]!.id),
      one("c", "Noor Ferrant", null),
      one("d", "Wren Castellou", rungs[1]!.id),
    ],
  };
  const now = { items: [rocks], others: [] } as unknown as RunState;
  const view = { athlete: { name: "Ana Lind" }, library } as AthleteView;

  it("stands level by level, whole names where two have the same; whoever sits out rests, and why is not told", () => {
    const line = groupLine(run, now, view, rocks, drill("wrist-rocks"));
    expect(line).toBe(
      `${rungs[1]!.name.toLowerCase()}: Ana Osei, Wren · ${rungs[0]!.name.toLowerCase()}: Ana Lind · rest: Noor`,
    );
    expect(line).not.toMatch(/osteoporosis|bone/);
  });
  it("the screen shows the level that most are on, and the item's own where nobody does it", () => {
    expect(mostlyOn(run, now, rocks)).toBe(rungs[1]!.id);
    expect(mostlyOn({ ...run, group: [] }, now, rocks)).toBe(rocks.rungId);
  });
});

describe("time that was left", () => {
  it("is said as the sets it became", () => {
    const given = (sets: number) => givenWords({ itemId: "a", sets, seconds: 40 });
    expect([1, 2].map(given)).toEqual([
      "one set more: there was time left",
      "2 sets more: there was time left",
    ]);
  });
});

describe("a ramp so far", () => {
  it("is told only while its own ladder is on", () => {
    const plain = prep([rocks]);
    expect(rampSoFar(state([rocks], 20), plain, library)).toBeNull();
    const ramp = { ...plain, ramp: { drillId: rocks.drillId, rungId: rocks.rungId } };
    expect(rampSoFar(state([rocks], 0), ramp as typeof plain, library)).toBe("8, 0 done");
    expect(rampSoFar(state([rocks], 20), ramp as typeof plain, library)).toBe("8, 5 done");
    expect(rampSoFar(state([stretch], 20), ramp as typeof plain, library)).toBeNull();
  });
});

describe("the record book's words", () => {
  const note = {
    kind: "day" as const,
    id: "d",
    athleteId: "a1",
    on: "2026-11-24",
    sleep: 1 as const,
    energy: 3 as const,
    soreness: 4,
    sore: ["thoracic" as const, "hip" as const],
  };
  type Note = NonNullable<Parameters<typeof markWords>[0]>;

  it("a day's marks, only those that were made", () => {
    expect(markWords(note as unknown as Note)).toBe(
      "poor sleep, high energy, sore 4/10 in upper back, hip",
    );
    expect(markWords({ ...note, sleep: null, energy: null, sore: [] } as unknown as Note)).toBe(
      "sore 4/10",
    );
    expect(markWords(undefined)).toBe("");
  });

  it("a search wants every word, in any order, in any of the texts", () => {
    const texts = ["Wrist rocks, all ways", "stiff"];
    expect(hasWords("rocks WRIST", texts)).toBe(true);
    expect(hasWords("stiff wrist", texts)).toBe(true);
    expect(hasWords("wrist hip", texts)).toBe(false);
    expect(hasWords("  ", texts)).toBe(true);
  });
});
