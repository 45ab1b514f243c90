import { describe, expect, it } from "vitest";
import { drill } from "../test/people";
import { breathModeOf } from "./breathing";

describe("how a drill is breathed", () => {
  it("into the belly where one stays, out on the effort where one works, into the ribs where the upper back moves", () => {
    expect(breathModeOf(drill("shin-parallel"))).toBe("belly");
    expect(breathModeOf(drill("pull-ramp"))).toBe("out-on-effort");
    expect(breathModeOf(drill("cat-camel"))).toBe("upper-ribs");
    expect(breathModeOf(drill("wrist-circles"))).toBeNull();
  });
});
