import { describe, expect, it } from "vitest";
import { showsTheSame } from "./still";

describe("a page that stands still", () => {
  const data = { athlete: "kaito" };
  const before = { loaderData: data, params: { athleteId: "kaito" }, actionData: undefined };

  it("is not drawn anew while something is only on its way", () => {
    expect(showsTheSame(before, { ...before, params: { athleteId: "kaito" } })).toBe(true);
  });

  it("is drawn anew for new data, even if it reads the same, for an answer and for another address", () => {
    expect(showsTheSame(before, { ...before, loaderData: { ...data } })).toBe(false);
    expect(showsTheSame(before, { ...before, actionData: { done: true } as never })).toBe(false);
    expect(showsTheSame(before, { ...before, params: { athleteId: "wren" } })).toBe(false);
  });
});
