import { beforeAll, describe, expect, it } from "vitest";
import { mondayOf, plusDays } from "#core/dates/days";
import { blockEnd, isAway, weekTerms } from "#core/schedule/block";
import { slotName, jointWords } from "#words/slots";
import { aroundOf } from "#core/schedule/around-of";
import { mostWarnings } from "#core/season/warnings";
import { healthOf } from "../parts/prep/sheets/sheet-words";
import { freshBrowser, of } from "../acts/test-notebook";
import { readPage } from "../test/pages";
import { person } from "../test/person";
import type { AthleteView } from "../view";
import { motionOf } from "#core/body/motions";

const day = "2026-11-24";
const troupe = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
const views = new Map<string, AthleteView>();
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const everybody = () => [...views];
const mondays = ({ season }: AthleteView): string[] => {
  const list: string[] = [];
  for (let monday = mondayOf(day); monday <= blockEnd(season!); monday = plusDays(monday, 7))
    list.push(monday);
  return list;
};
const inWeek = (view: AthleteView, monday: string) =>
  view.season!.slots.filter(({ on }) => on >= monday && on <= plusDays(monday, 6));

beforeAll(async () => {
  browser = await freshBrowser(day);
  for (const who of troupe) views.set(who, await browser.look(who));
}, 60_000);

describe("the weeks on the page", () => {
  it("the headline counts what hangs on the week, for every week to come", async () => {
    for (const [who, view] of everybody())
      for (const monday of mondays(view).slice(0, 3)) {
        const page = await readPage(who, `season?week=${monday}`);
        const slots = inWeek(view, monday);
        for (const [kind, word] of [
          ["mobility", "mobility session"],
          ["conditioning", "conditioning set"],
          ["warm-up", "warm-up"],
        ] as const) {
          const count = slots.filter((slot) => slot.kind === kind).length;
          const says = new RegExp(`\\b${count} ${word}${count === 1 ? "\\b" : "s"}`);
          if (count > 0) expect(page.headings[0], `${who} ${monday}`).toMatch(says);
          else expect(page.headings[0], `${who} ${monday}`).not.toContain(word);
        }
      }
  });

  it("every slot of the week is on the board, with its time and minutes", async () => {
    for (const [who, view] of everybody()) {
      const monday = mondays(view)[1]!;
      const { text } = await readPage(who, `season?week=${monday}`);
      for (const slot of inWeek(view, monday))
        expect(text, `${who} ${slot.id}`).toContain(
          `${slotName(slot)} at ${slot.starts}, ${slot.minutes} minutes`,
        );
    }
  });

  it("what is said of a week follows from its terms", async () => {
    for (const [who, view] of everybody())
      for (const monday of mondays(view)) {
        const terms = weekTerms(aroundOf(view, view.season!), monday);
        if (!terms.lighter && !terms.restart && !terms.taper) continue;
        const { text } = await readPage(who, `season?week=${monday}`);
        if (terms.lighter) expect(text, who).toMatch(/a lighter week/i);
        if (terms.restart) expect(text, who).toMatch(/begins lower after the break/i);
        if (terms.taper) expect(text, who).toMatch(/before the show of/i);
      }
  });

  it("warnings are few, and each has a key of its own", async () => {
    let told = 0;
    for (const [who] of everybody()) {
      const { html } = await readPage(who, "season");
      const list =
        /<ul[^>]*aria-label="What to look at"[\s\S]*?<\/ul>|<ol[^>]*aria-label="What to look at"[\s\S]*?<\/ol>/.exec(
          html,
        )?.[0];
      const keys = [...(list ?? "").matchAll(/<kbd[^>]*>([a-z])<\/kbd>/g)].map(([, key]) => key);
      expect(keys.length, who).toBeLessThanOrEqual(mostWarnings);
      expect(keys, who).toEqual("abcd".split("").slice(0, keys.length));
      told += keys.length;
    }
    expect(told).toBeGreaterThan(1);
  });

  it("a week that was away holds nothing, and says why", async () => {
    const absence = { from: "2026-12-07", to: "2026-12-13", reason: "ill" as const };
    await browser.act("set-absence", { ...of(await browser.look("ilvar")), ...absence });
    const view = await browser.look("ilvar");
    const page = await readPage("ilvar", "season?week=2026-12-07");
    expect(page.text).toMatch(/\bill\b/);
    expect(page.headings[0]).toMatch(/nothing hangs on it|circles only/);
    expect(inWeek(view, "2026-12-07").filter(({ on }) => isAway([absence], on))).toEqual([]);
    await browser.act("remove-absence", { ...of(view), ...absence });
  });

  it("a wrong week in the address is this week", async () => {
    const page = await readPage("odalys", "season?week=soon");
    expect(page.headings[0]).toMatch(/^This week/);
  });
});

describe("the season on paper", () => {
  it("the week's sheet lists the same slots as the plan, and no buttons but the bar's", async () => {
    for (const [who, view] of everybody()) {
      const monday = mondays(view)[1]!;
      const { text } = await readPage(who, `season/sheet?of=week&week=${monday}`);
      for (const slot of inWeek(view, monday))
        expect(text, `${who} ${slot.id}`).toContain(
          `${slot.starts}${slotName(slot)}${slot.minutes} min`,
        );
      expect(text).toContain("Never stretch cold");
    }
  });

  it("the season's sheet has a line for each week, and what is shown when", async () => {
    for (const [who, view] of everybody()) {
      const { html, text } = await readPage(who, "season/sheet?of=season");
      expect([...html.matchAll(/<li /g)].length, who).toBe(view.season!.weeks);
      expect(text).toMatch(/Shown on \d+ \w+/);
      expect(text).toContain("likelihoods, not promises");
    }
  });

  it("leaves out everybody's health notes", async () => {
    for (const [who, view] of everybody())
      for (const of of ["week", "season"]) {
        const { text } = await readPage(who, `season/sheet?of=${of}`);
        for (const note of healthOf(view)) expect(text, who).not.toContain(note);
        expect(text, who).not.toMatch(/pain \d\/10/);
      }
  });
});

describe("doses, date and what is taken along", () => {
  it("the doses name every joint that an aim asks, with the cap", async () => {
    for (const [who, view] of everybody()) {
      const { text } = await readPage(who, "season/dose");
      for (const { demand } of view.gaps)
        expect(text.toLowerCase(), who).toContain(jointWords(motionOf(demand.motion).joint));
      expect(text, who).toMatch(/cap, 40 minutes in 4 hard days/);
    }
  });

  it("the date names what is not measured and so not in it", async () => {
    for (const [who, view] of everybody()) {
      const { text } = await readPage(who, "season/date");
      const unknown = view.gaps.filter(({ verdict }) => verdict === "unknown");
      expect(/Not measured, and so not in it/.test(text), who).toBe(unknown.length > 0);
    }
  });

  it("the next entries of the calendar are the next slots, without circles and fillers", async () => {
    for (const [who, view] of everybody()) {
      const { html } = await readPage(who, "season/out");
      const list = /<ol[^>]*aria-label="The next entries"[\s\S]*?<\/ol>/.exec(html)![0];
      const next = view
        .season!.slots.filter(
          ({ on, kind }) => on >= day && kind !== "circles" && kind !== "fillers",
        )
        .slice(0, 5);
      expect(
        [...list.matchAll(/\d\d:\d\d/g)].map(([time]) => time),
        who,
      ).toEqual(next.map(({ starts }) => starts));
    }
  });

  it("what the last calendar held and is gone is named as called off, until it is past", async () => {
    await browser.act("write-calendar", { ...of(await browser.look("meheret")), light: false });
    const view = await browser.look("meheret");
    const slot = view.season!.slots.find(({ kind, on }) => kind === "mobility" && on > day)!;
    expect((await readPage("meheret", "season/out")).text).not.toContain("called off:");
    await browser.act("take-session-out", { ...of(view), slotId: slot.id });
    const { text } = await readPage("meheret", "season/out");
    expect(text).toContain("1 entry of the last calendar called off:");
    expect(text.toLowerCase()).toContain(slotName(slot).toLowerCase());
    const board = await readPage("meheret", `season?week=${mondayOf(slot.on)}`);
    expect(board.text).toContain("Taken out");
    (await browser.notebook()).undo();
    expect((await readPage("meheret", "season/out")).text).not.toContain("called off:");
  });

  it("without any week laid out, the way to begin is shown instead", async () => {
    await browser.open.turnTo("own");
    const kept = await browser.act("save-athlete", { ...person });
    const id = "done" in kept ? kept.done.id : "";
    expect((await readPage(id, "season")).text).toContain("Say when there is training");
    expect((await readPage(id, "season/out")).text).toContain("No weeks are laid out yet");
    expect((await readPage(id, "season/date")).text).not.toMatch(/unlikely|very likely/i);
    expect((await readPage(id, "season/dose")).text).not.toContain("NaN");
    await browser.open.turnTo("demo");
  });
});
