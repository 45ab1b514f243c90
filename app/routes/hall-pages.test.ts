import { beforeAll, describe, expect, it } from "vitest";
import { drillOf } from "#core/content/library";
import { clearableBy } from "#core/safety/condition-table";
import { exposureNames } from "#words/exposures";
import { cautionText } from "#words/safety";
import { timesWords } from "#words/hall";
import { done, freshBrowser } from "../acts/test-notebook";
import { readHallPage, readPage, readWholePage } from "../test/pages";

const day = "2026-11-24";
const everybody = ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"];
let browser: Awaited<ReturnType<typeof freshBrowser>>;
beforeAll(async () => {
  browser = await freshBrowser(day);
}, 60_000);

const groups = async () => (await browser.notebook()).all("group");
const names = async (ids: readonly string[]) =>
  Promise.all(ids.map(async (id) => (await browser.notebook()).get("athlete", id)!.name));

describe("the way to several at once", () => {
  it("stands above the athletes: everybody, and every group with how many there are", async () => {
    const { links, text } = await readWholePage("/");
    expect(links).toContain("/hall/all");
    for (const { id, name, members } of await groups()) {
      expect(links).toContain(`/hall/${id}`);
      expect(text).toContain(`${name} ${members.length}`);
    }
  });
});

describe("the pages of a group", () => {
  it("the table waits for the records and says so; a group of nobody says what to do", async () => {
    expect((await readHallPage("wall-crew", "")).text).toContain("Reading the records: 0 of 4");
    const { id } = done(
      await browser.act("save-group", {
        id: null,
        name: "Empty",
        members: [],
        placeId: null,
        times: [],
      }),
    );
    for (const path of ["", "round", "session"])
      expect((await readHallPage(id, path)).text).toContain("Nobody is in this group yet");
    await browser.act("remove-group", { id });
  });

  it("the round has a line an athlete, and nothing is typed before the record was read", async () => {
    const { text, html } = await readHallPage("floor-crew", "round");
    const { members } = (await groups()).find(({ id }) => id === "floor-crew")!;
    for (const name of await names(members)) expect(text).toContain(name);
    expect(text.match(/reading the record …/g)).toHaveLength(members.length);
    expect(html).not.toMatch(/<input(?![^>]*disabled)[^>]*data-entry/);
  });

  it("the session shows its drills in their order, and its minutes", async () => {
    const hall = (await browser.notebook()).get("hall", "standing-warm-up")!;
    const { library } = await browser.look("odalys");
    const { text } = await readHallPage("floor-crew", "session");
    expect(text).toContain("In step for 4 at The silo floor 12:00");
    const places = hall.items.map(({ drillId }) => text.indexOf(drillOf(library, drillId)!.name));
    expect(places.every((at, n) => at > (places[n - 1] ?? -1))).toBe(true);
  });

  it("without a session there is the form, with everybody of the group in it", async () => {
    const { text } = await readHallPage("wall-crew", "session");
    expect(text).toContain("Plan it for 4 athletes");
  });

  it("the sheets hold nobody’s health, and wait for the gate before they are printed", async () => {
    for (const sheet of ["wall", "strips"]) {
      const { text, html } = await readHallPage("floor-crew", `sheet?sheet=${sheet}`);
      expect(html).toMatch(/<button[^>]*disabled[^>]*>[^]*?Print/);
      for (const id of everybody) {
        const { cautions } = await browser.look(id);
        for (const caution of cautions) expect(text).not.toContain(cautionText(caution));
      }
    }
    const { text } = await readHallPage("floor-crew", "sheet?sheet=pockets");
    for (const name of await names(["noor", "kaito"])) expect(text).toContain(name);
  }, 60_000);

  it("the log names everybody as planned before it is kept, and what was logged after", async () => {
    const before = await readHallPage("floor-crew", "log");
    expect(before.text.match(/as planned/g)!.length).toBeGreaterThanOrEqual(4);
    await browser.act("log-hall", {
      id: "standing-warm-up",
      differed: [{ athleteId: "kaito", absent: true, out: [], hurt: null, note: "" }],
    });
    const after = await readHallPage("floor-crew", "log?session=standing-warm-up");
    expect(after.text).toContain("Logged for 3 already.");
    await (await browser.notebook()).undo();
  }, 60_000);

  it("the group's own page has its members ticked and its times", async () => {
    const { html } = await readHallPage("wall-crew", "group");
    expect(html.match(/<input[^>]*type="time"/g)).toHaveLength(2);
    const [group] = (await groups()).filter(({ id }) => id === "wall-crew");
    expect(timesWords(group!.times)).toBe("Mon and Thu 17:00, 90 min");
  });

  it("the wall says that there is nothing at stations today, and where to plan it", async () => {
    const { text, links } = await readHallPage("wall-crew", "wall");
    expect(text).toContain("There is no session at stations today.");
    expect(links).toContain("/hall/wall-crew/session");
  });
});

describe("the page for a clinician", () => {
  it("tells every answer and every shut place of everybody, and asks for what may be done again", async () => {
    for (const who of everybody) {
      const view = await browser.look(who);
      const { text } = await readPage(who, "aim/clinician");
      expect(text).toContain(view.athlete.name);
      for (const caution of view.cautions) expect(text).toContain(cautionText(caution));
      if (view.locks.length === 0) expect(text).toContain("No place is stopped.");
      else expect(text).not.toContain("No place is stopped.");
      const open = view.cautions.flatMap(({ id, clearance }) =>
        id === "no-intake" || clearance ? [] : [id],
      );
      for (const exposure of open.flatMap(clearableBy))
        expect(text).toContain(exposureNames[exposure]);
    }
  }, 60_000);

  it("goes without the name where that is wanted", async () => {
    const { text } = await readPage("meheret", "aim/clinician?named=no");
    expect(text).not.toContain("Meheret");
  });
});
