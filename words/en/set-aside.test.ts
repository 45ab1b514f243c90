import { describe, expect, it } from "vitest";
import { setAsideWords } from "./set-aside";

describe("what of a record cannot be right", () => {
  it("names the place, and the bound where one was passed", () => {
    expect(setAsideWords({ at: ["pain"], problem: { is: "too-large", limit: 10 } })).toBe(
      "pain has to be at most 10",
    );
    expect(setAsideWords({ at: ["trials", 0], problem: { is: "missing" } })).toBe(
      "trials → 0 cannot be right",
    );
  });
  it("says of a text that is no JSON, and of a value that is no record, just that", () => {
    expect(setAsideWords({ at: [], problem: { is: "format" } })).toBe("this is not JSON");
    expect(setAsideWords({ at: [], problem: { is: "unknown" } })).toBe("it cannot be read");
    expect(setAsideWords("")).toBe("it cannot be read");
  });
  it("shows of what an earlier version wrote the place alone, nothing of a library", () =>
    expect(setAsideWords("trials → 0: Invalid input: expected number, received string")).toBe(
      "trials → 0 cannot be right",
    ));
});
