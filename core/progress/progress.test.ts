import { describe, expect, it } from "vitest";
import { drill, log, logItem } from "../test/people";
import { nextSteps } from "./next-step";

const cat = drill("cat-camel");
const nextStep = (one: typeof cat, logs: Parameters<typeof nextSteps>[1]) =>
  nextSteps({ drills: [one] }, logs).get(one.id) ?? null;
const days = ["2026-11-10", "2026-11-12"];
const logs = (...items: ReturnType<typeof logItem>[]) =>
  items.map((entry, i) => log(days[i]!, [entry]));
const reps = (count: number) => ({
  type: "reps" as const,
  sets: 1,
  reps: count,
  tempo: 4,
  rest: 0,
});

describe("the next step of a drill", () => {
  it("is unknown before the first log", () => expect(nextStep(cat, [])).toBeNull());
  it("clean once: the same once more", () =>
    expect(nextStep(cat, logs(logItem("cat-camel")))).toMatchObject({
      change: "same",
      dose: reps(8),
    }));
  it("two sessions complete, clean and comfortable: two repetitions more", () =>
    expect(nextStep(cat, logs(logItem("cat-camel"), logItem("cat-camel")))).toMatchObject({
      change: "more",
      dose: reps(10),
    }));
  it("at the top of the range: the next rung, at the bottom of its range", () => {
    const top = logItem("cat-camel", { planned: reps(15) });
    expect(nextStep(cat, logs(top, top))).toMatchObject({
      change: "next-rung",
      rungId: cat.rungs[1]!.id,
    });
  });
  it("at the top of the ladder: kept", () => {
    const last = logItem("cat-camel", { rungId: "lifted", planned: reps(12) });
    expect(nextStep(cat, logs(last, last))).toMatchObject({
      change: "same",
      causes: [{ cause: "top-of-ladder" }],
    });
  });
  it("a wobble: the same again", () =>
    expect(
      nextStep(cat, logs(logItem("cat-camel"), logItem("cat-camel", { form: "wobble" }))),
    ).toMatchObject({ change: "same" }));
  it("the position lost, or pain past 4/10: a rung down; on the first rung fewer", () => {
    for (const bad of [{ form: "lost" as const }, { pain: 5 }]) {
      expect(nextStep(cat, logs(logItem("cat-camel", { rungId: "upper", ...bad })))).toMatchObject({
        change: "step-back",
        rungId: "knees",
      });
      expect(nextStep(cat, logs(logItem("cat-camel", bad)))).toMatchObject({
        change: "same",
        causes: [expect.anything(), { cause: "bottom-of-ladder" }],
      });
    }
  });
  it("sharp pain, or above 5/10: stop", () => {
    for (const bad of [{ sharp: true }, { pain: 6 }])
      expect(nextStep(cat, logs(logItem("cat-camel", bad)))).toMatchObject({ change: "stop" });
  });
  it("skipped sessions say nothing", () =>
    expect(nextStep(cat, logs(logItem("cat-camel", { done: "skipped" })))).toBeNull());
  it("holds grow to the next figure that people say", () => {
    const hold = logItem("hip-flexor", {
      planned: { type: "hold", sets: 2, seconds: 35, rest: 5 },
    });
    expect(nextStep(drill("hip-flexor"), logs(hold, hold))).toMatchObject({
      dose: { seconds: 45 },
    });
  });
  it("is gathered for every drill that was logged", () =>
    expect([
      ...nextSteps({ drills: [cat, drill("roller")] }, logs(logItem("cat-camel"))).keys(),
    ]).toEqual(["cat-camel"]));
});

describe("a weight that has been grown out of", () => {
  const lowers = drill("wrist-lowers");
  const [light] = [lowers.rungs.find(({ id }) => id === "light")!];
  const top = (load: number | null) =>
    logItem("wrist-lowers", {
      rungId: "light",
      load,
      planned: { type: "reps", sets: 3, reps: light.range.to, tempo: 5, rest: 45 },
    });
  const after = (load: number | null, terms: Parameters<typeof nextSteps>[2]) =>
    nextSteps({ drills: [lowers] }, logs(top(load), top(load)), terms).get("wrist-lowers")!;
  it("is followed by the place's next heavier one, at the rung's own dose, before the next rung", () => {
    const step = after(2, { weights: [1, 2, 3, 12] });
    expect(step).toMatchObject({
      rungId: "light",
      change: "more",
      dose: light.session,
      causes: [{ cause: "heavier", from: 2, kg: 3 }],
    });
  });
  it("at the end of the rung's weights, without a set of them, or while growing, the ladder goes on as ever", () => {
    for (const [load, terms] of [
      [light.kg!.to, { weights: [1, 2, 3, 12] }],
      [2, {}],
      [null, { weights: [1, 2, 3] }],
      [2, { weights: [1, 2, 3], growing: true }],
    ] as const)
      expect(after(load, terms).causes[0]!.cause).not.toBe("heavier");
  });
});
