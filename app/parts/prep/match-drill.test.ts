import { describe, expect, it } from "vitest";
import { readTyped } from "#core/prep/typed";
import { library } from "../../../library/index";
import { matcherOf } from "./match-drill";

const match = matcherOf(library);
const meant = (typed: string) => {
  const line = readTyped(typed)[0]!;
  return line.is === "drill" ? (match(line.name)[0] ?? null) : null;
};

describe("what a typed line means", () => {
  it.each([
    ["skip 2 min", "pulse"],
    ["wrist circles 10 each way", "wrist-circles"],
    ["3x30 s pigeon each side", "shin-parallel"],
    ["cat camel 10", "cat-camel"],
    ["push-ups 8", "push-ramp"],
    ["pull-aparts 15", "pull-aparts"],
    ["pull-ups 4x4 thin band", "pull-ramp"],
    ["front split each side: middle 30, forward 30, back 30", "split-series"],
    ["glute bridge 12", "seat-bridge"],
    ["dislocates 10", "pass-over"],
    ["hamstring stretch with strap 30 s each side", "hamstring"],
    ["neck cirles 5", "neck-circles"],
  ])("%s", (typed, drillId) => expect(meant(typed)?.drillId).toBe(drillId));
  it("names a level where its words do", () =>
    expect(meant("jumping jacks 1 min")).toEqual({ drillId: "pulse", rungId: "jacks" }));
  it("is nothing where nothing of it is known", () =>
    expect(meant("blorp the zibzab 10")).toBeNull());
});
