import { IntakeQuestion } from "#core/body/conditions";
import { bothNames } from "#words/field-names";
import { conditionReasons, intakeQuestions, sourceNames } from "#words/conditions";
import { beforeAll, describe, expect, it } from "vitest";
import { motionOf } from "#core/body/motions";
import { library } from "#library/index";
import { freshBrowser } from "../acts/test-notebook";
import { readWholePage } from "../test/pages";

beforeAll(async () => {
  const browser = await freshBrowser("2026-11-24");
  await browser.look("odalys");
}, 60_000);

describe("the troupe's page", () => {
  it("has everybody with the aim and what holds it back, and says that it is the invented troupe", async () => {
    const { text, links } = await readWholePage("/");
    for (const name of ["Odalys", "Ilvar", "Meheret", "Noor", "Kaito", "Wren"])
      expect(text).toContain(name);
    expect(text).toContain("Lanternfield");
    for (const who of ["odalys", "wren"])
      expect(links.some((link) => link.startsWith(`/at/${who}/`))).toBe(true);
    // What holds each of them back is read beside the page, athlete by athlete.
    expect(text).toContain("clean handstand by 15 Dec");
    expect(text).toContain("Reading the record");
  });
});

describe("the library's pages", () => {
  it("every drill has its page: each level with its cue, what to look for, and a picture with a name", async () => {
    for (const drill of library.drills) {
      const { text, html, headings } = await readWholePage(`/library/drill/${drill.id}`);
      expect(headings, drill.id).toEqual([drill.name]);
      for (const { name, cue } of drill.rungs) {
        expect(text, drill.id).toContain(name);
        expect(text, drill.id).toContain(cue);
      }
      for (const caution of drill.cautions) expect(text, drill.id).toContain(caution);
      for (const [tag] of html.matchAll(/<svg[^>]*role="img"[^>]*>/g))
        expect(tag, drill.id).toMatch(/aria-label="[^"]{4,}"/);
      expect(/NaN|undefined|Infinity|\[object/.exec(html)?.[0], drill.id).toBe(undefined);
    }
  });

  it("every skill has its page: each demand with both figures, and what happens without it", async () => {
    for (const skill of library.skills) {
      const { text, headings } = await readWholePage(`/library/skill/${skill.id}`);
      expect(headings, skill.id).toEqual([skill.name]);
      for (const { motion, clean, passable, missing } of skill.demands) {
        expect(text, skill.id).toContain(motionOf(motion).name);
        expect(text, skill.id).toContain(`${clean}°`);
        expect(text, skill.id).toContain(`${passable}°`);
        expect(text, skill.id).toContain(missing);
      }
    }
  });

  it("every check has its page: what it is for, its steps, its error with a source, and when to stop", async () => {
    for (const protocol of library.protocols) {
      const { text, headings } = await readWholePage(`/library/check/${protocol.id}`);
      // Its name once, with the field's own beside it.
      const { title, beside } = bothNames(protocol.motion, protocol.name, "plain");
      expect(title).toBe(protocol.name);
      expect(headings, protocol.id).toEqual([beside ? `${title} · ${beside}` : title]);
      expect(text.split(protocol.purpose), protocol.id).toHaveLength(2);
      for (const { source } of protocol.instruments) expect(text, protocol.id).toContain(source);
      for (const step of protocol.steps) expect(text, protocol.id).toContain(step);
    }
  });

  it("the cautions say who comes first", async () => {
    const { text } = await readWholePage("/library/cautions");
    expect(text).toMatch(/clinician/i);
    expect(text).toMatch(/teacher/i);
  });

  it("the cautions show what every answer keeps away, why, and where the rule comes from", async () => {
    const { text } = await readWholePage("/library/cautions");
    for (const id of IntakeQuestion.options) {
      expect(text, id).toContain(intakeQuestions[id]);
      expect(text, id).toContain(conditionReasons[id]);
    }
    for (const source of Object.values(sourceNames)) expect(text).toContain(source);
    expect(text).toMatch(/Everything but rest|Nothing but rest is planned/);
    expect(text).toContain("Growing, under 18");
  });

  it("a drill says of every level what it does to a body and what comes first", async () => {
    const { text } = await readWholePage("/library/drill/ring-turns");
    expect(text).toContain("hanging with the arms behind");
    expect(text).toContain("clean 6 times over 3 weeks");
    expect(text).toContain("shoulder extension 45°");
    const weighted = await readWholePage("/library/drill/hinge-strength");
    expect(weighted.text).toContain("from 4 kg, up to 16 kg");
  });

  it("a drill that is not there is not made up", async () => {
    await expect(readWholePage("/library/drill/nothing-of-the-kind")).rejects.toMatchObject({
      status: 404,
    });
  });
});
