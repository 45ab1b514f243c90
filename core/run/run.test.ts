import { isShut } from "./shut";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { PrepItem, Run, RunEvent } from "../records/records";
import { library } from "../../library/index";
import { prepSeconds, secondsOf } from "../prep/timeline";
import { drill, item } from "../test/people";
import { asked } from "../test/planning";
import { at, begin, happens, hurts, runOf, stateAt } from "../test/running";
import { atRungBy, oneMore, oneMoreOn, withItem } from "./floor";
import { minutesNow } from "./minutes-now";
import { logOf, memberLog } from "./log-of";
import { bestTries, type RunEntry, isWorkStep, workedIn } from "./state";

const items = [
  item("pulse", { type: "time", sets: 1, seconds: 60, rest: 0 }),
  item("cat-camel", { type: "reps", sets: 2, reps: 10, tempo: 2, rest: 5 }),
  item("hip-flexor", { type: "hold", sets: 1, seconds: 30, rest: 0 }),
];
const total = prepSeconds(items, library);
const state = (seconds: number, ...events: RunEvent[]) => stateAt(runOf(items, ...events), seconds);
const end = (run: Run, seconds = 100_000) => logOf(run, library, begin + seconds * 1000, "l1");
/** Seconds at which the first work of an item begins, left alone. */
const opens = (index: number, list: PrepItem[] = items): number => {
  const { steps } = stateAt(runOf(list), 0);
  return secondsOf(
    steps.slice(
      0,
      steps.findIndex((step) => step.item === index && isWorkStep(step)),
    ),
  );
};

describe("a run", () => {
  it("left alone ends exactly at the planned time, with every set counted once", () => {
    expect(state(total - 0.05).status).toBe("running");
    expect(state(total).status).toBe("finished");
    for (const entry of state(total + 3600).entries)
      expect(workedIn(entry)).toBeCloseTo(entry.planned, 6);
    expect(end(runOf(items)).items.map(({ done, sets }) => [done, sets.length])).toEqual([
      ["done", 1],
      ["done", 2],
      ["done", 2],
    ]);
  });
  it("shows the step that wall time says, after any sleep", () => {
    expect(state(0)).toMatchObject({ at: 0, left: total });
    expect(state(59.5)).toMatchObject({ at: 0 });
    expect(state(61).steps[state(61).at]!.kind).toBe("transition");
    const asleep = happens(60, { type: "pause" });
    expect(state(660, asleep, happens(660, { type: "resume" })).left).toBeCloseTo(total - 60, 6);
  });
  it("stands still while paused", () => {
    const paused = happens(20, { type: "pause" });
    expect(state(20, paused).left).toBeCloseTo(state(500, paused).left, 9);
    expect(state(500, paused).status).toBe("paused");
    expect(state(510, paused, happens(500, { type: "resume" })).left).toBeCloseTo(total - 30, 9);
  });
  it("skips a drill, and goes back to its beginning, or to the one before when it has just begun", () => {
    const skip = happens(10, { type: "skip" });
    expect(state(10, skip).steps[state(10, skip).at]!.item).toBe(1);
    expect(state(10, skip).entries[0]).toMatchObject({ ended: "skipped" });
    const back = happens(12, { type: "back" });
    expect(state(12, skip, back)).toMatchObject({ at: 0, into: 0 });
    expect(state(12, skip, back).entries[0]!.ended).toBeNull();
    expect(state(40, happens(40, { type: "back" }))).toMatchObject({ at: 0, into: 0 });
  });
  it("loses nothing by going back: of a set that is done again the better attempt counts", () => {
    const back = happens(50, { type: "back" });
    expect(end(runOf(items, back, happens(60, { type: "finish" }))).items[0]).toMatchObject({
      seconds: 50,
      done: "part",
    });
    expect(end(runOf(items, back)).items[0]).toMatchObject({ seconds: 60, done: "done" });
  });
  it("takes a counted set as done when told so, but not a slip of the thumb", () => {
    const first = opens(1);
    const told = end(
      runOf(items, happens(first + 12, { type: "next" }), happens(first + 13, { type: "finish" })),
    ).items[1]!;
    expect(told.sets[0]).toEqual({ side: null, reps: 10, seconds: 12 });
    const slip = end(
      runOf(items, happens(first + 5, { type: "next" }), happens(first + 6, { type: "finish" })),
    ).items[1]!;
    expect(slip.sets[0]).toEqual({ side: null, reps: 2, seconds: 5 });
  });
  it("ended early, the rest is skipped and what was done counts", () => {
    const log = end(runOf(items, happens(60 + 10 + 5 + 15, { type: "finish" })));
    expect(log.items.map((entry) => entry.done)).toEqual(["done", "part", "skipped"]);
    expect(log).toMatchObject({ prepId: "p1", on: "2026-11-24" });
  });
  it("lasts longer by what is asked for", () => {
    const longer = happens(30, { type: "longer", seconds: 15 });
    expect(state(30, longer).left).toBe(total + 15 - 30);
    expect(end(runOf(items, longer)).items[0]).toMatchObject({ seconds: 75, done: "done" });
  });
  it("notes when it came loose, in repetitions or seconds of the present side", () => {
    const first = opens(1);
    const run = runOf(items, happens(first + 13, { type: "loose" }));
    expect(end(run).items[1]!.looseAt).toBe(6);
    expect(end(runOf(items, happens(22, { type: "loose" }))).items[0]!.looseAt).toBe(22);
  });
  it("notes a form gate and what was done about it", () => {
    const seen = happens(20, { type: "form", form: "wobble", seen: "thumping", then: "slower" });
    expect(end(runOf(items, seen)).items[0]).toMatchObject({
      form: "wobble",
      note: "thumping: slower",
    });
  });
});

describe("pain on the floor", () => {
  it("stops the drill and is kept, also when one goes back", () => {
    const hurt = hurts(30, 4, { sharp: true, painKind: "pinching" });
    expect(state(30, hurt).entries[0]).toMatchObject({ ended: "stopped", pain: { level: 4 } });
    const log = end(runOf(items, hurt, happens(31, { type: "back" })));
    expect(log.items[0]).toMatchObject({
      pain: 4,
      painPlace: "left wrist",
      painKind: "pinching",
      sharp: true,
    });
  });
  const two = [...items, item("thigh-pull", { type: "hold", sets: 1, seconds: 30, rest: 0 })];
  it("above 5/10 shuts what is still to come at the same place, and the way back", () => {
    const third = opens(2, two) + 2;
    const run = runOf(two, hurts(third, 7, { where: { site: "hip", side: "left" } }));
    const after = stateAt(run, third);
    expect(after.shut).toEqual(["hip"]);
    expect(after.status).toBe("finished");
    expect(end(run).items.map(({ done }) => done)).toEqual(["done", "done", "stopped", "skipped"]);
    const back = stateAt(
      { ...run, events: [...run.events, happens(third, { type: "back" })] },
      third,
    );
    expect(back.steps[back.at]!.item).toBe(1);
  });
  it("going back to what was before it does not lead through the shut drill again", () => {
    const second = opens(1) + 5;
    const run = runOf(
      items,
      hurts(second, 8, { where: { site: "lumbar", side: null } }),
      happens(second + 1, { type: "back" }),
    );
    expect(stateAt(run, second + 1)).toMatchObject({ at: 0 });
    const later = stateAt(run, second + 600);
    expect(later.status).toBe("finished");
    expect(workedIn(later.entries[1]!)).toBeCloseTo(5, 6);
  });
  it("the present drill is not swapped for one on a shut place", () => {
    const list = [two[2]!, two[0]!, two[1]!];
    const when = opens(0, list) + 1;
    const swapped = item("thigh-pull", two[2]!.dose, { id: "pulse" });
    const after = stateAt(
      runOf(
        list,
        hurts(when, 7, { where: { site: "hip", side: null } }),
        happens(when + 5, { type: "plan", why: "swap", items: [list[0]!, swapped, list[2]!] }),
      ),
      when + 400,
    );
    expect(after.entries.filter((entry) => entry.drillId === "thigh-pull")).toEqual([]);
  });
  it("no change of plan brings a shut place in again", () => {
    const swapped = item("thigh-pull", two[2]!.dose, { id: "cat-camel" });
    const first = opens(2, two) + 2;
    const after = stateAt(
      runOf(
        [two[0]!, two[2]!, two[1]!],
        hurts(opens(1, [two[0]!, two[2]!, two[1]!]) + 1, 6, { where: { site: "hip", side: null } }),
        happens(first + 1, { type: "plan", why: "swap", items: [two[0]!, two[2]!, swapped] }),
      ),
      first + 2,
    );
    expect(after.items.map(({ drillId }) => drillId)).not.toContain("thigh-pull");
  });
});

describe("changes on the floor", () => {
  const cat = drill("cat-camel");
  const first = opens(1);
  it("a rung easier or harder in the middle: the same set again, and both rungs in the log", () => {
    const harder = atRungBy(items[1]!, cat, 1, "warm-up")!;
    expect(harder.rungId).toBe(cat.rungs[1]!.id);
    const run = runOf(
      items,
      happens(first + 30, { type: "plan", why: "harder", items: withItem(items, harder) }),
    );
    const now = stateAt(run, first + 30);
    expect(now.steps[now.at]).toMatchObject({ kind: "set-up", set: 2, item: 1 });
    const log = end(run);
    expect(
      log.items.map(({ rungId, done, sets }) => [rungId, done, sets.length]).slice(1, 3),
    ).toEqual([
      [cat.rungs[0]!.id, "part", 2],
      [harder.rungId, "done", 1],
    ]);
  });
  it("a set more keeps the present set running", () => {
    const more = oneMore(items[1]!)!;
    const run = runOf(
      items,
      happens(first + 8, { type: "plan", why: "more-sets", items: withItem(items, more) }),
    );
    const now = stateAt(run, first + 9);
    expect(now).toMatchObject({ into: 9 });
    expect(now.left).toBeCloseTo(total - first - 9 + 25, 6);
    expect(end(run).items[1]).toMatchObject({ done: "done", sets: { length: 3 } });
  });
  it("the shorter side gets a set more, alone", () => {
    const more = oneMoreOn(items[2]!, "left")!;
    expect(prepSeconds([more], library) - prepSeconds([items[2]!], library)).toBe(30);
    const run = runOf(
      items,
      happens(5, { type: "plan", why: "shorter-side", items: withItem(items, more) }),
    );
    expect(end(run).items[2]!.sets.map(({ side }) => side)).toEqual(["left", "left", "right"]);
    expect(oneMoreOn(items[1]!, "left")).toBeNull();
  });
  it("another drill begins from its set-up", () => {
    const other = item("leg-swings", items[1]!.dose, { id: "cat-camel", sides: ["left", "right"] });
    const run = runOf(
      items,
      happens(first + 3, { type: "plan", why: "swap", items: withItem(items, other) }),
    );
    const now = stateAt(run, first + 3);
    expect(now.steps[now.at]).toMatchObject({ kind: "set-up", side: "left" });
    expect(end(run).items.map(({ drillId }) => drillId)).toContain("leg-swings");
  });
});

describe("“we have so many minutes now”", () => {
  const request = asked("handstand", "mobility", { budget: 1500 });
  const long = [
    ...items,
    item("prayer", { type: "contract-relax", rounds: 3, contract: 10, deepen: 25 }),
    item("thigh-pull", { type: "hold", sets: 2, seconds: 40, rest: 10 }),
  ];
  it("ends at those minutes, keeps what is done, and is safe", () => {
    for (const [minutes, when] of [
      [3, 100],
      [6, 40],
      [12, 20],
    ] as const) {
      const run = runOf(long);
      const now = stateAt(run, when);
      const again = minutesNow(now, minutes, request);
      const events = [
        ...(again.endsPresent ? [happens(when, { type: "skip" })] : []),
        happens(when, { type: "plan", why: "minutes", items: again.items }),
      ];
      const after = stateAt({ ...run, events: [...run.events, ...events] }, when);
      expect(after.left).toBeLessThanOrEqual(minutes * 60 + 1e-6);
      expect(after.left).toBeGreaterThan(minutes * 60 - 90);
      expect(after.items.slice(0, 1)).toEqual(long.slice(0, 1));
      const { left } = after;
      const over = stateAt({ ...run, events: [...run.events, ...events] }, when + left);
      expect(over.status).toBe("finished");
    }
  });
});

describe("boxes by the clock", () => {
  it("land on the second at other minutes, in their order", () => {
    const box = (id: string) =>
      item("cat-camel", { type: "time", sets: 1, seconds: 60, rest: 0 }, { id, boxed: true });
    const boxes = ["a", "b", "c", "d", "e"].map(box);
    const now = minutesNow(stateAt(runOf(boxes), 30), 3, asked("handstand", "warm-up"));
    expect(now.items.map(({ id }) => id)).toEqual(["a", "b", "c", "d"]);
    expect(now.goes).toHaveLength(1);
    expect(now.endsPresent).toBe(false);
    // Half a minute is over; three more from now on.
    expect(now.seconds).toBe(30 + 180);
  });
  it("keep every family as long as it can be: five now, of eight", () => {
    const families = ["hands", "reach", "squat", "twist"];
    const boxes = [1, 2].flatMap((round) =>
      families.map((segment) =>
        item(
          "cat-camel",
          { type: "time", sets: 1, seconds: 60, rest: 0 },
          { id: `${segment}${round}`, segment, boxed: true },
        ),
      ),
    );
    const now = minutesNow(stateAt(runOf(boxes), 60), 5, asked("handstand", "clocked-families"));
    const later = now.items.slice(2);
    expect(now.seconds).toBe(60 + 300);
    expect(new Set(now.items.map(({ segment }) => segment)).size).toBe(4);
    expect(later.every(({ dose }) => dose.type === "time" && dose.seconds % 15 === 0)).toBe(true);
  });
});

describe("fillers between work sets", () => {
  const gap = item(
    "wrist-circles",
    { type: "time", sets: 1, seconds: 90, rest: 0 },
    {
      boxed: true,
      segment: "between sets",
      why: [{ why: "between-sets" }],
    },
  );
  const fillers = [gap, { ...gap, id: "again" }];
  it("wait for the athlete's own sets, and count the gaps", () => {
    const run = runOf(fillers);
    expect(stateAt(run, 500)).toMatchObject({ at: 0, status: "running", left: 180 });
    const next = happens(500, { type: "next" });
    const on = stateAt({ ...run, events: [...run.events, next] }, 530);
    expect(on).toMatchObject({ at: 1, into: 30, left: 150 });
    expect(on.steps.map(({ kind }) => kind)).toEqual([
      "own-set",
      "work",
      "own-set",
      "work",
      "own-set",
    ]);
  });
});

describe("a group by one clock", () => {
  const run: Run = {
    ...runOf(items, hurts(30, 6, { who: "b2", where: { site: "ankle", side: null } })),
    group: [
      {
        athleteId: "b2",
        name: "Other",
        growing: false,
        parts: [
          { itemId: "pulse", rungId: drill("pulse").rungs[0]!.id, reason: null },
          { itemId: "cat-camel", rungId: drill("cat-camel").rungs[1]!.id, reason: null },
          {
            itemId: "hip-flexor",
            rungId: null,
            reason: { why: "locked", place: { site: "hip", side: null } },
          },
        ],
      },
    ],
  };
  it("goes on for all when one is hurt, and each gets an own log", () => {
    expect(stateAt(run, 31)).toMatchObject({ at: 0, status: "running" });
    expect(end(run).items.map(({ done }) => done)).toEqual(["done", "done", "done"]);
    const other = memberLog(run, run.group[0]!, library, begin + 1e9, "l2");
    expect(
      other.items.map(({ drillId, rungId, done, pain }) => [drillId, rungId, done, pain]),
    ).toEqual([
      ["pulse", drill("pulse").rungs[0]!.id, "stopped", 6],
      ["cat-camel", drill("cat-camel").rungs[1]!.id, "done", 0],
    ]);
  });
});

/** Any hands on the buttons, at any moments. */
const presses = fc.array(
  fc.tuple(
    fc.constantFrom(
      "pause",
      "resume",
      "next",
      "skip",
      "back",
      "longer",
      "loose",
      "pain",
      "harder",
      "easier",
      "more",
      "side",
      "drop",
    ),
    fc.integer({ min: 0, max: 45 }),
    fc.integer({ min: 0, max: 8 }),
  ),
  { maxLength: 14 },
);

/** The run that comes of presses, with the states on the way. */
function played(hands: [string, number, number][]) {
  const events: RunEvent[] = [];
  const seen = [];
  let time = 0;
  for (const [what, wait, n] of hands) {
    time += wait;
    const now = stateAt(runOf(items, ...events), time);
    seen.push(now);
    const present = now.items[now.steps[now.at]?.item ?? -1];
    const plan = (
      changed: PrepItem | null,
      why: "harder" | "easier" | "more-sets" | "shorter-side",
    ) =>
      changed
        ? events.push(happens(time, { type: "plan", why, items: withItem(now.items, changed) }))
        : 0;
    if (what === "longer") events.push(happens(time, { type: "longer", seconds: 15 }));
    else if (what === "pain") events.push(hurts(time, n));
    else if (what === "drop" && present)
      events.push(
        happens(time, {
          type: "plan",
          why: "minutes",
          items: now.items.slice(0, now.items.indexOf(present) + 1 + (n % 2)),
        }),
      );
    else if (what === "harder" || what === "easier") {
      if (present)
        plan(
          atRungBy(present, drill(present.drillId), what === "harder" ? 1 : -1, "warm-up"),
          what,
        );
    } else if (what === "more") {
      if (present) plan(oneMore(present), "more-sets");
    } else if (what === "side") {
      if (present) plan(oneMoreOn(present, "right"), "shorter-side");
    } else if (what !== "drop") events.push({ type: what, at: at(time) } as RunEvent);
  }
  return { run: runOf(items, ...events), seen, time };
}

describe("whatever is pressed", () => {
  it("time accounted for is wall time, and a reload changes nothing", () =>
    fc.assert(
      fc.property(presses, fc.integer({ min: 0, max: 300 }), (hands, later) => {
        const { run, time } = played(hands);
        const now = stateAt(run, time + later);
        const copy = stateAt(JSON.parse(JSON.stringify(run)) as Run, time + later);
        expect(copy).toEqual(now);
        const sum = now.time.work + now.time.between + now.time.paused;
        const ends = run.events.some(
          (_, i) =>
            stateAt({ ...run, events: run.events.slice(0, i + 1) }, time).status === "finished",
        );
        if (now.status !== "finished" && !ends) expect(sum).toBeCloseTo(time + later, 6);
        else expect(sum).toBeLessThanOrEqual(time + later + 1e-6);
        expect(now.left).toBeGreaterThanOrEqual(0);
      }),
    ));
  it("a whole set stands against a second attempt that counts the same and is not whole yet", () => {
    const one = { side: null, set: 1, reps: 10, seconds: 35, attempt: 0, whole: true };
    const again = { ...one, seconds: 30, attempt: 1, whole: false };
    const entry = (tries: (typeof one)[]) => {
      const [first] = stateAt(runOf(items), 1).entries;
      return {
        ...first!,
        dose: { type: "reps", sets: 1, reps: 10, tempo: 2, rest: 0 },
        tries,
      } as const;
    };
    expect(bestTries(entry([one, again]) as RunEntry)).toEqual([one]);
    expect(bestTries(entry([one, { ...again, whole: true }]) as RunEntry)[0]!.attempt).toBe(1);
    expect(bestTries(entry([{ ...one, whole: false, seconds: 8 }, again]) as RunEntry)).toEqual([
      again,
    ]);
  });
  it("a set that was done is never lost, and never counted twice", () =>
    fc.assert(
      fc.property(presses, (hands) => {
        const { run, seen, time } = played(hands);
        const last = stateAt(run, time + 5);
        const sets = (state: typeof last) =>
          state.entries.flatMap((entry) =>
            bestTries(entry)
              .filter((one) => one.whole)
              .map((one) => [entry.itemId, entry.rungId, one.side, one.set].join("/")),
          );
        for (const before of seen)
          for (const set of sets(before)) expect(sets(last)).toContain(set);
        expect(new Set(sets(last)).size).toBe(sets(last).length);
      }),
    ));
  it("pain that was said is in the log, and what it shut is never worked on again", () =>
    fc.assert(
      fc.property(presses, (hands) => {
        const { run, seen, time } = played(hands);
        const last = stateAt(run, time + 400);
        const most = (list: typeof last.entries) =>
          Math.max(0, ...list.map(({ pain }) => pain?.level ?? 0));
        for (const before of seen) {
          expect(most(last.entries)).toBeGreaterThanOrEqual(most(before.entries));
          const shutWork = (state: typeof last) =>
            state.entries
              .filter((entry) => isShut(entry, before.shut, library))
              .reduce((sum, entry) => sum + workedIn(entry), 0);
          expect(shutWork(last)).toBeLessThanOrEqual(shutWork(before) + 1e-6);
        }
      }),
    ));
});
