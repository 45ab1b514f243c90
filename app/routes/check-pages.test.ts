import { lockedMotions } from "#core/safety/pain";
import { beforeAll, describe, expect, it } from "vitest";
import { protocolOf } from "#core/content/library";
import { motionOf } from "#core/body/motions";
import { proposeRound } from "#core/aim/round";
import { freshBrowser } from "../acts/test-notebook";
import { readPage } from "../test/pages";
import type { AthleteView } from "../view";

const day = "2026-11-24";
const troupe = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
const views = new Map<string, AthleteView>();
let browser: Awaited<ReturnType<typeof freshBrowser>>;

beforeAll(async () => {
  browser = await freshBrowser(day);
  for (const who of troupe) views.set(who, await browser.look(who));
}, 60_000);

describe("the round that is proposed", () => {
  it("has every check that the aims ask and nobody knows, with fields for both sides", async () => {
    for (const [who, view] of views) {
      const { text } = await readPage(who, "check");
      for (const { verdict, protocolId, demand } of view.allGaps) {
        if (verdict !== "unknown" || !protocolId) continue;
        const name = protocolOf(view.library, protocolId)!.name;
        expect(text, `${who}: ${demand.motion}`).toContain(name);
      }
    }
  });

  it("a locked place is named, and has no field", async () => {
    const { html, text } = await readPage("noor", "check");
    expect(text).toMatch(/locked|shut|not measured again/i);
    expect(html).not.toMatch(/aria-label="Upper-back extension[^"]*trial 1/);
  });

  it("the last values stand in their fields in grey, never as if they were typed", async () => {
    const { html } = await readPage("odalys", "check");
    const fields = [...html.matchAll(/<input[^>]*aria-label="[^"]*trial \d[^"]*"[^>]*>/g)].map(
      ([tag]) => tag,
    );
    expect(fields.length).toBeGreaterThan(3);
    for (const tag of fields) expect(tag).toMatch(/ value=""/);
    expect(fields.some((tag) => /placeholder="\d/.test(tag))).toBe(true);
  });

  it("asking for one motion opens it: its steps, its error, and when to stop", async () => {
    for (const id of ["shoulder-flexion", "knee-to-wall", "front-split-gap"]) {
      const protocol = protocolOf(views.get("odalys")!.library, id)!;
      const { text } = await readPage("odalys", `check?focus=${id}`);
      for (const step of protocol.steps) expect(text, id).toContain(step);
      expect(text, id).toMatch(/stop/i);
    }
  });

  it("an unknown motion in the address is the first of the round", async () => {
    const plain = await readPage("odalys", "check");
    const wrong = await readPage("odalys", "check?focus=no-such-check");
    expect(wrong.text).toBe(plain.text);
  });

  it("fits the minutes it is given, and more minutes never hold fewer checks", () => {
    for (const [who, view] of views) {
      let before = 0;
      for (const minutes of [3, 5, 10, 20, 45]) {
        const round = proposeRound({
          gaps: view.allGaps,
          checks: view.checks,
          library: view.library,
          minutes,
          today: day,
          locked: lockedMotions(view.locks),
        });
        if (round.items.length > 1)
          expect(round.minutes, `${who} ${minutes}`).toBeLessThanOrEqual(minutes);
        expect(round.items.length, `${who} ${minutes}`).toBeGreaterThanOrEqual(before);
        before = round.items.length;
      }
    }
  });
});

describe("the record", () => {
  it("has a row for everything that was measured, with its error", async () => {
    for (const [who, view] of views) {
      const { text } = await readPage(who, "check/record");
      const measured = [...new Set(view.checks.map(({ protocolId }) => protocolId))];
      expect(measured.length, who).toBeGreaterThan(2);
      for (const id of measured) expect(text, who).toContain(protocolOf(view.library, id)!.name);
      expect(text, who).toMatch(/±/);
    }
  });

  it("says of a change whether it is one, in words", async () => {
    for (const who of troupe) {
      const { text } = await readPage(who, "check/record");
      expect(text, who).toMatch(/not sure|real/);
    }
  });

  it("counts the checks on record as the notebook has them", async () => {
    const { text } = await readPage("meheret", "check/record");
    expect(text).toMatch(/^.*\d+ checks on record, \d+ short of what is asked\./);
  });
});

describe("the aims on the page", () => {
  it("each with its date, the days left, and every demand's two figures", async () => {
    for (const [who, view] of views) {
      const { text } = await readPage(who, "aim");
      for (const { demand } of view.gaps) {
        expect(text, who).toContain(motionOf(demand.motion).name);
        expect(text, who).toContain(`${demand.clean}° ${demand.passable}°`);
      }
      expect(text, who).toMatch(/\d+ days? left/);
    }
  });

  it("the cautions of the young and of the loose-jointed stand there", async () => {
    const wren = await readPage("wren", "aim");
    expect(wren.text).toMatch(/growing/i);
    const noor = await readPage("noor", "aim");
    expect(noor.text).toMatch(/Loose joints/);
  });

  it("a skill that others decide on says so", async () => {
    const { text } = await readPage("meheret", "aim");
    expect(text).toMatch(/teacher/i);
  });

  it("the lock can be cleared there, with who and why", async () => {
    const { text, html } = await readPage("noor", "aim");
    expect(text).toMatch(/Upper back is out of plans since [^:]+: pain 6\/10/);
    expect(html).toMatch(/Clear it|Let it in|clear/i);
  });
});
