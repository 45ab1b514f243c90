import { describe, expect, it } from "vitest";
import { item, log, logItem } from "../test/people";
import { library } from "../../library/index";
import { partsDone, weakestPart, weakParts, withWeakest } from "./weakest-part";

const labels = ["palms up", "middle", "palms down"];
const sets = (amounts: readonly number[], side: "left" | "right" | null = null) =>
  amounts.map((reps) => ({ side, reps, seconds: 3 * reps }));
const done = (on: string, amounts: readonly number[]) =>
  log(on, [logItem("pull-aparts", { labels, sets: sets(amounts) })]);

describe("a drill in parts", () => {
  it("is logged apart, the weaker side of each", () => {
    const both = [...sets([30, 30, 20], "left"), ...sets([28, 30, 25], "right")];
    expect([...partsDone({ labels, sets: both })]).toEqual([
      ["palms up", 28],
      ["middle", 30],
      ["palms down", 20],
    ]);
  });
  it("its weakest part is that of the last time, where it fell behind the others", () => {
    const logs = [done("2026-11-20", [30, 20, 30]), done("2026-11-22", [30, 30, 18])];
    expect(weakestPart(logs, "pull-aparts", labels, "2026-11-24")).toEqual({
      on: "2026-11-22",
      label: "palms down",
      done: 18,
      best: 30,
    });
    expect(weakestPart(logs, "pull-aparts", labels, "2026-11-22")?.label).toBe("middle");
    const even = [done("2026-11-22", [30, 29, 28])];
    expect(weakestPart(even, "pull-aparts", labels, "2026-11-24")).toBeNull();
    expect(weakestPart(logs, "pull-aparts", ["a", "b"], "2026-11-24")).toBeNull();
  });
  it("becomes a need of what the drill mainly serves, for four weeks", () => {
    const logs = [done("2026-11-22", [30, 30, 18])];
    expect(weakParts(logs, library, "2026-11-24")).toEqual([
      { drillId: "pull-aparts", label: "palms down", motions: ["shoulder.horizontal-abduction"] },
    ]);
    expect(weakParts(logs, library, "2027-01-24")).toEqual([]);
  });
  it("gets its weakest once more, once", () => {
    const three = item(
      "pull-aparts",
      { type: "reps", sets: 3, reps: 30, tempo: 2, rest: 0 },
      { labels, amounts: [30, 20, 25] },
    );
    const more = withWeakest(three, { label: "middle" });
    expect(more).toMatchObject({
      labels: [...labels, "middle"],
      amounts: [30, 20, 25, 20],
      dose: { sets: 4 },
    });
    expect(withWeakest(more, { label: "middle" })).toBe(more);
    expect(withWeakest(three, { label: "elsewhere" })).toBe(three);
  });
});
