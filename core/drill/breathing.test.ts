import { describe, expect, it } from "vitest";
import { drill } from "../test/people";
import { breathingOf } from "./breathing";

describe("how a drill is breathed", () => {
  it("into the belly where one stays, out on the effort where one works, into the ribs where the upper back moves", () => {
    expect(breathingOf(drill("shin-parallel"))).toBe("belly");
    expect(breathingOf(drill("pull-ramp"))).toBe("out-on-effort");
    expect(breathingOf(drill("cat-camel"))).toBe("upper-ribs");
    expect(breathingOf(drill("wrist-circles"))).toBeNull();
  });
});
