import { cast } from "#library/cast";
import type { HallRound } from "./parts/hall/use-hall-round";

/** A round of the wall crew, half typed: two of four on the first check. */
const halfDone: HallRound = {
  base: {
    temperature: "warm",
    tester: cast.testers[0]!,
    instrument: null,
    range: "asked",
    length: "cm",
    minutes: 30,
  },
  added: [],
  entries: Object.fromEntries(
    [
      ["odalys", "9", "10"],
      ["ilvar", "19", "18"],
    ].map(([athleteId, ...trials]) => [
      athleteId,
      {
        "upper-back-extension/passive": {
          mid: { trials, pain: "", seen: [], note: "", tools: [] },
        },
      },
    ]),
  ),
};

/** What is typed and not kept yet in a fresh demo, by the name of its form. */
export const demoDrafts: Record<string, unknown> = { "demo/hall-round/wall-crew": halfDone };
