import { describe, expect, it } from "vitest";
import { merged } from "./merge";
import { dueOf } from "./keeping";
import { troubleOf, within } from "./trouble";

const keeping = (actsSince: number, daysSince: number) =>
  dueOf({ persistence: null, savedOn: null, actsSince, daysSince });

describe("when a file is due", () => {
  it("after many acts, or after many days with a few; and presses at twice as much", () => {
    expect(keeping(3, 60)).toBeNull();
    expect(keeping(149, 3)).toBeNull();
    expect(keeping(150, 0)).toEqual({ days: 0, pressing: false });
    expect(keeping(10, 14)).toEqual({ days: 14, pressing: false });
    expect(keeping(300, 0)).toMatchObject({ pressing: true });
    expect(keeping(10, 28)).toMatchObject({ pressing: true });
  });
});

describe("one's own change over another's", () => {
  it("keeps of each what it changed; a list counts as one field", () => {
    const base = { name: "A", note: "", intake: { on: "1", yes: ["bone"] }, list: [1] };
    const mine = { ...base, name: "B", intake: { on: "2", yes: ["bone"] } };
    const theirs = { ...base, note: "seen", intake: { on: "1", yes: ["bone", "pressure"] } };
    expect(merged(base, mine, theirs)).toEqual({
      name: "B",
      note: "seen",
      intake: { on: "2", yes: ["bone", "pressure"] },
      list: [1],
    });
    expect(merged(base, { ...base, list: [2] }, { ...base, list: [3] })).toMatchObject({
      list: [2],
    });
  });
  it("a field that one of them took away is away", () => {
    expect(merged({ a: 1, b: 1 }, { a: 1 }, { a: 2, b: 1 })).toEqual({ a: 2 });
    expect(merged({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1 })).toEqual({ a: 2 });
  });
});

describe("what the storage throws", () => {
  it("is told apart", async () => {
    const named = (name: string, message = "") => Object.assign(new Error(message), { name });
    expect(troubleOf(named("QuotaExceededError"))).toEqual({ why: "full" });
    expect(troubleOf(named("SecurityError"))).toEqual({ why: "refused" });
    expect(troubleOf(new Error("No available storage method found."))).toEqual({ why: "refused" });
    expect(troubleOf(named("AbortError", "aborted"))).toEqual({ why: "other", detail: "aborted" });
    const never = new Promise<never>(() => undefined);
    await expect(within(5, never).catch(troubleOf)).resolves.toEqual({ why: "silent" });
    await expect(within(1_000, Promise.resolve(7))).resolves.toBe(7);
  });
});
