import { describe, expect, it } from "vitest";
import { planDay } from "./plan-day";

const view = { day: "2026-11-20", today: "2026-11-24" };
const asked = (day: string) =>
  planDay(new Request(`http://here.invalid/at/a/prep?day=${day}`), view);

describe("the day a prep is opened for", () => {
  it("is one to come that the address names, else the day that is looked at", () => {
    expect(asked("2026-11-25")).toBe("2026-11-25");
    expect(asked("2026-11-20")).toBe("2026-11-20");
    expect(planDay(new Request("http://here.invalid/at/a/prep"), view)).toBe("2026-11-20");
  });
  it("is nothing that is no day, and none years ahead", () => {
    for (const odd of ["tomorrow", "2026-11-31", "9999-12-31", "2026-11-2", ""])
      expect(asked(odd)).toBe("2026-11-20");
  });
});
