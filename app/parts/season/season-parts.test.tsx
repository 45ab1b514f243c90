import { renderToStaticMarkup } from "react-dom/server";
import { createRoutesStub } from "react-router";
import { describe, expect, it } from "vitest";
import type { RegionWeek } from "#core/season/region-weeks";
import type { Slot } from "#core/records/training";
import type { Warning } from "#core/season/warnings";
import type { WeekSummary } from "#core/season/weeks";
import { placeTerms, season } from "#core/test/seasons";
import { textOf } from "../../test/pages";
import { AbsenceForm } from "./absence-form";
import { BlockStrip } from "./block-strip";
import { RegionLedger } from "./region-ledger";
import { emphasisWords, sentence, slotShort, weekRemarks } from "./slot-words";
import { many } from "#words/plain";
import { TakenOut } from "./taken-out";
import { WarningList } from "./warning-list";
import { WeekDots } from "./week-dots";
import { WeekTable } from "./week-table";

const today = "2026-11-24";
const none = () => undefined;
const week = (monday: string, over: Partial<WeekSummary> = {}): WeekSummary => ({
  monday,
  planned: 4,
  done: 0,
  partly: 0,
  missed: 0,
  open: 0,
  moved: 0,
  minutes: 0,
  checks: 0,
  stops: 0,
  absence: null,
  ...over,
});
const count = (html: string, pattern: RegExp) => [...html.matchAll(pattern)].length;

describe("warnings", () => {
  const warning = (n: number, rank: number): Warning => ({
    key: `w${n}`,
    rank,
    warns: { of: "hard-days", joint: "hip", neighbours: false, days: 4 + n, most: 4 },
    repair: { do: "fewer", perWeek: n },
  });

  it("each has its sentence, its reason, a repair and a letter; the grave ones are clay", () => {
    const html = renderToStaticMarkup(
      <WarningList warnings={[warning(1, 90), warning(2, 20)]} repair={none} />,
    );
    expect(textOf(html)).toBe(
      [
        "The hip had 5 hard days in seven. At most 4 in seven, none on two days in a row.",
        "Plan 1 mobility session a week a ",
        "The hip had 6 hard days in seven. At most 4 in seven, none on two days in a row.",
        "Plan 2 mobility sessions a week b",
      ].join(""),
    );
    expect(count(html, /border-clay/g)).toBe(1);
    expect(count(html, /<button/g)).toBe(2);
  });

  it("none is nothing at all", () =>
    expect(renderToStaticMarkup(<WarningList warnings={[]} repair={none} />)).toBe(""));
});

describe("planned against done", () => {
  const kept = week("2026-11-16", { done: 2, partly: 1, missed: 1, moved: 1, minutes: 74.6 });

  it("by week as boxes: so many as there were preps, and in words", () => {
    const html = renderToStaticMarkup(<WeekDots weeks={[kept]} />);
    expect(count(html, /<svg/g)).toBe(4);
    expect(textOf(html)).toContain("3 of 4, 1 moved");
  });

  it("a week away says so and counts nothing missed", () => {
    const html = renderToStaticMarkup(
      <WeekDots weeks={[week("2026-11-09", { absence: "ill" })]} />,
    );
    expect(textOf(html)).toContain("ill");
    expect(textOf(html)).not.toContain("0 of 0");
  });

  it("no week is said to be none", () =>
    expect(textOf(renderToStaticMarkup(<WeekDots weeks={[]} />))).toBe("No week behind you yet."));

  it("the table has the latest first, whole minutes, a dash for none, and each opens its week", () => {
    const Stub = createRoutesStub([
      {
        path: "*",
        Component: () => (
          <WeekTable
            weeks={[week("2026-11-09", { stops: 2 }), kept]}
            athleteId="wren"
            today={today}
          />
        ),
      },
    ]);
    const html = renderToStaticMarkup(<Stub />);
    const text = textOf(html);
    expect(text.indexOf("16 Nov")).toBeLessThan(text.indexOf("9 Nov"));
    expect(text).toContain("75");
    expect(text).toContain("–");
    expect(text).toContain("2 stopped");
    expect(html).toContain("/at/wren/season?day=2026-11-16");
  });
});

describe("the ledger of a joint", () => {
  const region = (monday: string, over: Partial<RegionWeek> = {}): RegionWeek => ({
    monday,
    stretch: 0,
    strength: 0,
    planned: 0,
    hard: 0,
    hardPlanned: 0,
    ...over,
  });
  const drawn = (...weeks: RegionWeek[]) =>
    renderToStaticMarkup(
      <RegionLedger joint="thoracic" asks="upper-back extension" weeks={weeks} today={today} />,
    );

  it("says every week to those who do not see it", () => {
    const html = drawn(
      region("2026-11-16", { stretch: 600, planned: 900, strength: 120, hard: 1 }),
    );
    expect(html).toContain("16 Nov: 10 of 15 min under stretch, 2 min strength, 1 hard");
    expect(textOf(html)).toContain("well under the cap of 40 min");
  });

  it("draws the cap where it is near, and more than four hard days in clay", () => {
    const full = drawn(region("2026-11-16", { stretch: 2500, hard: 5 }));
    expect(full).toContain('stroke-dasharray="6 4"');
    expect(full).toContain('fill="var(--clay)"');
    expect(textOf(full)).not.toContain("well under");
    expect(drawn(region("2026-11-16", { stretch: 600, hard: 4 }))).not.toContain(
      'fill="var(--clay)"',
    );
  });

  it("hard days done are dots, those to come are rings", () => {
    const html = drawn(region("2026-11-30", { hard: 1, hardPlanned: 2 }));
    expect(count(html, /<circle[^>]*fill="var\(--ink\)"/g)).toBe(1);
    expect(count(html, /<circle[^>]*fill="none"/g)).toBe(2);
  });

  it("what is planned in weeks to come is dashed, and no bar is below the floor", () => {
    const html = drawn(
      region("2026-11-16", { planned: 300 }),
      region("2026-11-30", { planned: 300 }),
    );
    expect(count(html, /stroke-dasharray="2.5 2"/g)).toBe(1);
    for (const [, height] of html.matchAll(/<rect[^>]*height="(-?[\d.]+)"/g))
      expect(Number(height)).toBeGreaterThanOrEqual(0);
  });
});

describe("the block", () => {
  const strip = (over: Parameters<typeof placeTerms>[0], summaries: WeekSummary[] = []) =>
    renderToStaticMarkup(
      <BlockStrip around={placeTerms(over)} summaries={summaries} shown="2026-11-30" show={none} />,
    );

  it("has a button for every week, the shown one marked, with its emphasis in words", () => {
    const html = strip({});
    expect(count(html, /<button/g)).toBe(season().weeks);
    expect(count(html, /aria-current="true"/g)).toBe(1);
    for (const words of Object.values(emphasisWords)) expect(html).toContain(words);
  });

  it("names lighter weeks, weeks away, and the weeks before a show", () => {
    const text = textOf(
      strip({ absences: [{ from: "2026-12-07", to: "2026-12-13", reason: "ill" }] }, [
        week("2026-12-07", { absence: "ill" }),
      ]),
    );
    expect(text).toContain("lighter");
    expect(text).toContain("ill");
    expect(text).toContain("show");
  });

  it("never draws more done than there is", () => {
    const html = strip({}, [
      week("2026-11-23", { done: 3, open: 1 }),
      week("2026-11-30", { open: 6 }),
    ]);
    for (const [, share] of html.matchAll(/height:([\d.]+)%/g))
      expect(Number(share)).toBeLessThanOrEqual(100);
  });
});

describe("what was taken out", () => {
  const out = [
    { on: "2026-11-26", kind: "mobility" as const, starts: null },
    { on: "2026-12-03", kind: "warm-up" as const, starts: "16:45" },
    { on: "2026-11-23", kind: "circles" as const, starts: "07:30" },
  ];
  const shown = (monday: string) =>
    textOf(
      renderToStaticMarkup(
        <TakenOut season={season({ out })} monday={monday} today={today} putBack={none} />,
      ),
    );

  it("is told for the shown week alone, with the way back; what is past is not", () => {
    expect(shown("2026-11-23")).toContain("mobility session, Thu 26 Nov");
    expect(shown("2026-11-23")).not.toContain("circles");
    expect(shown("2026-11-30")).toContain("warm-up, Thu 3 Dec");
    expect(shown("2026-12-07")).toBe("");
  });
});

describe("days ill or away", () => {
  it("those that are noted can be taken back, an error is an alert", () => {
    const html = renderToStaticMarkup(
      <AbsenceForm
        athleteId="wren"
        absences={[{ from: "2026-10-12", to: "2026-10-18", reason: "ill" }]}
        from={today}
        keep={none}
        remove={none}
        error="The last day lies before the first."
      />,
    );
    expect(textOf(html)).toContain("12 Oct to 18 Oct, ill.");
    expect(html).toMatch(/role="alert"[^>]*>The last day lies before the first\./);
  });
});

describe("words of the weeks", () => {
  const slot = (over: Partial<Slot>): Slot => ({
    id: "s",
    kind: "mobility",
    on: today,
    starts: "18:00",
    minutes: 30,
    placeId: null,
    focus: null,
    aimId: null,
    pinned: false,
    movedFrom: null,
    revision: 0,
    ...over,
  });

  it("a slot in a word: its joint, else its kind", () => {
    expect(slotShort(slot({ focus: "thoracic" }))).toBe("upper back");
    expect(slotShort(slot({}))).toBe("mobility");
    expect(slotShort(slot({ kind: "check" }))).toBe("checks");
  });

  it("counts and sentences", () => {
    expect([many(1, "prep"), many(2, "prep"), many(2, "entry", "entries")]).toEqual([
      "1 prep",
      "2 preps",
      "2 entries",
    ]);
    expect([sentence(""), sentence("a lighter week")]).toEqual(["", "A lighter week."]);
  });

  it("what a week is beside its emphasis, all of it", () => {
    const terms = {
      monday: today,
      index: 3,
      emphasis: "own" as const,
      lighter: true,
      restart: true,
      taper: "2026-12-15",
      days: 7,
    };
    expect(weekRemarks(terms)).toBe(
      "begins lower after the break; a lighter week; before the show of Tuesday 15 December: no new level, nothing held long in the last 48 hours",
    );
    expect(weekRemarks({ ...terms, lighter: false, restart: false, taper: null })).toBe("");
  });
});
