import { describe, expect, it } from "vitest";
import { noIntake } from "../test/bodies";
import { aim, athlete, log } from "../test/people";
import { nextMove, type Now } from "./next-move";

const intake = noIntake;
const now = (over: Partial<Now>): Now => ({
  athlete: athlete({ intake }),
  aim: aim(),
  gaps: [],
  checks: [],
  preps: [],
  runs: [],
  logs: [],
  library: { priors: [] },
  today: "2026-11-24",
  here: "prep",
  ...over,
});

describe("a copy outside the browser", () => {
  it("is offered when the day's work is done or the weeks are looked at, and not before it presses", () => {
    const fileDue = { days: 20, pressing: false };
    expect(nextMove(now({ fileDue })).to).not.toBe("file");
    expect(nextMove(now({ fileDue, here: "season" })).to).toBe("file");
    const logged = [log("2026-11-24", [])];
    expect(nextMove(now({ fileDue, logs: logged })).move).toEqual({ now: "save-file", days: 20 });
    expect(nextMove(now({ fileDue: { days: 40, pressing: true } })).to).toBe("file");
    expect(nextMove(now({ fileDue: null, logs: logged })).to).toBe("season");
  });
  it("never comes before a run that is under way, nor before the intake", () => {
    const fileDue = { days: 40, pressing: true };
    expect(nextMove(now({ fileDue, athlete: athlete({ intake: null }) })).to).toBe("aim");
  });
});
