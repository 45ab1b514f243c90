import { describe, expect, it } from "vitest";
import { lockedAt, seasoned } from "../test/bodies";
import { item, prep } from "../test/people";
import { asked } from "../test/planning";
import { handedOut } from "./hand-out";

const hold = { type: "hold", sets: 1, seconds: 20, rest: 0 } as const;

describe("what is handed out", () => {
  const whole = prep([item("hip-flexor", hold), item("wall-line", hold)]);
  it("is the whole prep where nothing is refused", () => {
    const out = handedOut(whole, asked("handstand", "warm-up", { body: seasoned }));
    expect(out).toEqual({ prep: whole, heldBack: [] });
  });
  it("leaves out what the gate refuses that day, and names it with the reason", () => {
    const body = lockedAt(["wrist"], seasoned);
    const out = handedOut(whole, asked("handstand", "warm-up", { body }));
    expect(out.prep.items.map(({ drillId }) => drillId)).toEqual(["hip-flexor"]);
    expect(out.heldBack).toMatchObject([{ reason: { why: "locked" } }]);
  });
});
