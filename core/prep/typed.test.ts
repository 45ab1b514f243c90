import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readTyped } from "./typed";

const one = (typed: string) => readTyped(typed)[0]!;

describe("a line as a coach types it", () => {
  it("has a name, sets, an amount and sides", () => {
    expect(one("wrist circles 10 each way")).toMatchObject({
      name: "wrist circles",
      amount: { reps: 10 },
      each: true,
      sets: null,
    });
    expect(one("3x30 s pigeon each side")).toMatchObject({
      name: "pigeon",
      sets: 3,
      amount: { seconds: 30 },
      each: true,
    });
    expect(one("2 × 10 cat camel")).toMatchObject({ sets: 2, amount: { reps: 10 } });
    expect(one("plank 45s")).toMatchObject({ name: "plank", amount: { seconds: 45 } });
    expect(one("skip on the spot 2 min")).toMatchObject({ amount: { seconds: 120 } });
    expect(one("skip on the spot 1:30")).toMatchObject({ amount: { seconds: 90 } });
    expect(one("bridge")).toMatchObject({ name: "bridge", sets: null, amount: null });
    expect(one("- 20 reps toe lifts")).toMatchObject({ name: "toe lifts", amount: { reps: 20 } });
    expect(one("1) side bends 8")).toMatchObject({ name: "side bends", amount: { reps: 8 } });
  });
  it("has tempo, rest, load, band, and until loose", () => {
    expect(one("goblet squat 3x8 @ 12,5 kg rest 1 min tempo 4")).toMatchObject({
      name: "goblet squat",
      sets: 3,
      amount: { reps: 8 },
      kg: 12.5,
      rest: 60,
      tempo: 4,
    });
    expect(one("pull-ups 4x4 thin band")).toMatchObject({
      name: "pull-ups",
      band: "thin",
      sets: 4,
      amount: { reps: 4 },
    });
    expect(one("leg swings until loose")).toMatchObject({ name: "leg swings", untilLoose: true });
  });
  it("has labelled parts", () => {
    expect(one("front split each side: middle 30, forward 30, back 30")).toMatchObject({
      name: "front split",
      each: true,
      parts: [
        { label: "middle", amount: { bare: 30 } },
        { label: "forward", amount: { bare: 30 } },
        { label: "back", amount: { bare: 30 } },
      ],
    });
  });
  it("is a break where it says so, and a drill where it only begins so", () => {
    expect(one("break 30 s")).toMatchObject({ is: "break", seconds: 30, as: "break" });
    expect(one("water 1 min")).toMatchObject({ is: "break", seconds: 60, as: "water" });
    expect(one("rest")).toMatchObject({ is: "break", seconds: 30 });
    expect(one("break 45")).toMatchObject({ is: "break", seconds: 45 });
    expect(one("shake-outs 20 s")).toMatchObject({ is: "break", as: "shake-out", seconds: 20 });
    expect(one("rest pose, hands back 30 s")).toMatchObject({ is: "drill" });
  });
});

describe("rounds", () => {
  const names = (text: string) =>
    readTyped(text).map((line) => (line.is === "drill" ? `${line.name} ${line.round}` : line.is));
  it("repeat what follows up to an empty line", () =>
    expect(names("a 5\nrounds 2:\nb 10\nbreak 10 s\n\nc 5")).toEqual([
      "a 0",
      "b 1",
      "break",
      "b 2",
      "break",
      "c 0",
    ]));
  it("or what stands on the same line", () =>
    expect(names("3 rounds: b 10; c 5")).toEqual(["b 1", "c 1", "b 2", "c 2", "b 3", "c 3"]));
});

describe("any text", () => {
  it("is read without an error, and what is read is within bounds", () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        for (const line of readTyped(text)) {
          if (line.is === "break") {
            expect(line.seconds).toBeGreaterThanOrEqual(1);
            expect(line.seconds).toBeLessThanOrEqual(600);
          } else {
            expect(line.name).not.toBe("");
            if (line.sets !== null) expect(line.sets).toBeLessThanOrEqual(12);
            if (line.amount && "reps" in line.amount) expect(line.amount.reps).toBeLessThan(121);
          }
        }
      }),
      { numRuns: 300 },
    ));
});
