import { describe, expect, it } from "vitest";
import { logItemOf } from "../doses/log-item";
import type { LogItem } from "../records/records";
import { check, log } from "../test/people";
import { painsSince } from "./pains";

const hurt = (over: Partial<LogItem>): LogItem => ({
  ...logItemOf({ drillId: "bridge", rungId: "r", dose: null }),
  pain: 3,
  ...over,
});
const wrist = { site: "wrist", side: "left" } as const;

describe("pains by place", () => {
  it("are summed from training and measuring, the worst first, only within the days", () => {
    const found = painsSince(
      [
        log("2026-11-01", [hurt({ painAt: wrist, pain: 9 })]),
        log("2026-11-12", [
          hurt({ painAt: wrist, pain: 4, painKind: "ache" }),
          hurt({ painPlace: "Shin ", pain: 6 }),
          hurt({ pain: 0 }),
          hurt({ pain: 2, painKind: "stretch" }),
        ]),
      ],
      [
        check({ on: "2026-11-20", pain: 2, painAt: wrist, painKind: "sharp" }),
        check({ on: "2026-11-30", pain: 8, painAt: wrist }),
      ],
      "2026-11-10",
      "2026-11-24",
    );
    expect(found).toEqual([
      { place: null, words: "Shin", times: 1, worst: 6, kinds: [], last: "2026-11-12" },
      {
        place: wrist,
        words: "",
        times: 2,
        worst: 4,
        kinds: ["ache", "sharp"],
        last: "2026-11-20",
      },
    ]);
  });
});
