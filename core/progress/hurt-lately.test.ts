import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { log, logItem } from "../test/people";
import { hurtLately } from "./hurt-lately";

const on = "2026-11-24";

describe("what hurt lately", () => {
  it("is the place that was shown, at its worst, in the last four weeks", () => {
    const logs = [
      log("2026-11-20", [
        logItem("cat-camel", { pain: 5, painAt: { site: "calf", side: "left" } }),
      ]),
      log("2026-11-10", [logItem("cat-camel", { pain: 6, painAt: { site: "calf", side: null } })]),
      log("2026-09-01", [logItem("cat-camel", { pain: 9, painAt: { site: "knee", side: null } })]),
    ];
    expect(hurtLately(logs, library, on)).toEqual([{ site: "calf", pain: 6 }]);
  });
  it("is what the drill moves where no place was shown, and not what was comfortable", () => {
    const logs = [log("2026-11-20", [logItem("cat-camel", { pain: 5 })])];
    expect(hurtLately(logs, library, on)).toEqual([{ site: "thoracic", pain: 5 }]);
    const mild = [log("2026-11-20", [logItem("cat-camel", { pain: 3 })])];
    expect(hurtLately(mild, library, on)).toEqual([]);
  });
});
