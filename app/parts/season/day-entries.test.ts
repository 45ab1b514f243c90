import { beforeAll, describe, expect, it } from "vitest";
import { plusDays } from "#core/dates/days";
import { dayMarks } from "#core/season/weeks";
import { freshBrowser } from "../../acts/test-notebook";
import type { AthleteView } from "../../view";
import { dayTick, needRule, readingAxis, readingTip } from "../chart-look";
import { dayEntries, movable, removable } from "./day-entries";

const today = "2026-11-24";
let view: AthleteView;
const entriesOf = (day: string) => {
  const [mark] = dayMarks(view, day, day, today);
  return dayEntries(view, view.season, mark!);
};

beforeAll(async () => {
  const browser = await freshBrowser(today);
  view = await browser.look("odalys");
}, 60_000);

describe("what a day of the week holds", () => {
  it("by time, trainings and what hangs on them together, each with a key of its own", () => {
    for (let n = 0; n < 14; n += 1) {
      const entries = entriesOf(plusDays(today, n));
      const times = entries.flatMap(({ starts }) => starts ?? []);
      expect(times).toEqual([...times].sort());
      expect(new Set(entries.map(({ key }) => key)).size).toBe(entries.length);
    }
  });

  it("a day of rest has no time; a past day shows what became of its preps", () => {
    const rest = entriesOf("2026-11-29").find(({ training }) => training?.kind === "rest")!;
    expect(rest.starts).toBeNull();
    const weeks = Array.from({ length: 21 }, (_, n) =>
      entriesOf(plusDays("2026-11-03", n)).filter(({ training }) => training === null),
    ).flat();
    const outcomes = weeks.map(({ outcome }) => outcome);
    expect(outcomes).toContain("done");
    expect(outcomes).not.toContain(null);
  });

  it("what hangs on a training is not moved by hand; a session may be, and taken out", () => {
    const slots = view.season!.slots.filter(({ on }) => on > today);
    for (const slot of slots) {
      expect(movable(slot), slot.kind).toBe(
        ["mobility", "conditioning", "fillers", "check"].includes(slot.kind),
      );
      expect(removable(view, slot)).toBe(true);
    }
    expect(removable({ ...view, today: "2027-06-01" }, slots[0]!)).toBe(false);
    const [made] = view.preps;
    expect(removable(view, { ...slots[0]!, id: made!.id })).toBe(false);
  });
});

describe("how a chart of readings looks", () => {
  it("stands on whole fives around everything shown, with room", () => {
    expect(readingAxis([31, 38], 2, "°").domain).toEqual([25, 40]);
    expect(readingAxis([31, 38], 2, "°").ticks).toEqual([25, 30, 35, 40]);
    expect(readingAxis([12, 63], 2, "°").ticks).toEqual([20, 40, 60]);
    expect(readingAxis([35], 0, " cm").domain).toEqual([35, 35]);
    expect(readingAxis([31], 2, " cm").tickFormatter(30)).toBe("30cm");
  });

  it("says a value or a range with its unit, a day as on a wall, and the demand by name", () => {
    const { formatter, labelFormatter } = readingTip("°");
    expect(formatter(31.2, "check")).toEqual(["31.2°", "check"]);
    expect(formatter([28.6, 33.4], "80 %")).toEqual(["29–33°", "80 %"]);
    expect(labelFormatter(Date.UTC(2026, 11, 15, 12))).toBe("15 Dec");
    expect(dayTick(Date.UTC(2026, 1, 3, 12))).toBe("3 Feb");
    expect(needRule(32, "°").label.value).toBe("needs 32°");
  });
});
