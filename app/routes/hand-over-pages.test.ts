import { afterAll, describe, expect, it, vi } from "vitest";
import { readFile } from "#core/exchange/file";
import { logItemOf } from "#core/doses/log-item";
import { freshBrowser } from "../acts/test-notebook";
import { readPage, readWholePage } from "../test/pages";

const day = "2026-11-24";
vi.stubGlobal("location", new URL("https://hall.example/at/odalys/prep/send"));
vi.stubGlobal("navigator", {});
afterAll(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** A device's doors, as it stands after a reload. */
const doors = async () => ({
  fileIn: await import("../store/file-in"),
  handed: await import("../store/handed"),
  out: await import("../store/athlete-out"),
  parcel: await import("../store/parcel"),
});

/** Takes a file into the open notebook as the page does, with what is proposed. */
async function take(browser: Awaited<ReturnType<typeof freshBrowser>>, file: File) {
  const { fileIn, handed } = await doors();
  const idle = [() => undefined, new AbortController().signal] as const;
  const notebook = await browser.notebook();
  const incoming = await fileIn.lookInto(file, ...idle);
  if ("refused" in incoming) throw new Error(JSON.stringify(incoming.refused));
  const wasHere = notebook.get("athlete", incoming.handed?.athleteId ?? "") !== null;
  const beside = await fileIn.besideOf(notebook, file, incoming, ...idle);
  await fileIn.addIn(notebook, file, incoming, beside, [], ...idle);
  return handed.rememberHanded(incoming, wasHere);
}

const recordsIn = async (file: Blob) => {
  const read = readFile(await file.text());
  if ("refused" in read) throw new Error(JSON.stringify(read.refused));
  return read;
};

describe("a prep that goes to a phone and comes back", () => {
  let letters = "";

  it("is packed into letters of an address and unpacked as it was", async () => {
    const browser = await freshBrowser(day);
    const notebook = await browser.notebook();
    await browser.look("odalys");
    const prep = notebook.all("prep", "odalys").find(({ on, own }) => on === day && own === "")!;
    const { out, parcel } = await doors();
    const file = (await out.prepFile(notebook, "odalys", prep.id))!;
    letters = await parcel.packed(file);
    expect(letters).toMatch(/^[\w-]+$/);
    expect(await (await parcel.unpacked(letters, "x"))!.text()).toBe(await file.text());
    expect((await recordsIn(file)).records.map(({ kind }) => kind)).not.toContain("check");
    expect(await out.prepFile(notebook, "odalys", "nothing")).toBeNull();
    expect(await out.prepFile(notebook, "nobody", prep.id)).toBeNull();
    expect(await readPage("odalys", `prep/send?prep=${prep.id}`)).toMatchObject({
      headings: ["To Odalys’s phone"],
    });
  }, 60_000);

  it("what is no parcel, or unpacks to more than a prep could be, is refused", async () => {
    const { parcel } = await doors();
    expect(await parcel.unpacked("AAAA", "x")).toBeNull();
    expect(await parcel.unpacked("%%%", "x")).toBeNull();
    const bomb = await parcel.packed(new Blob(["0".repeat(5_000_000)]));
    expect(bomb.length).toBeLessThan(20_000);
    expect(await parcel.unpacked(bomb, "x")).toBeNull();
  });

  it("opens on the phone as from the coach: today's prep, open questions, nothing new yet", async () => {
    const phone = await freshBrowser(day);
    await phone.open.turnTo("own");
    expect((await readWholePage("/coach")).text).toContain("Nothing yet.");
    const { parcel, handed, out } = await doors();
    expect(await take(phone, (await parcel.unpacked(letters, "x"))!)).toBe(true);
    const { text, links } = await readWholePage("/coach");
    expect(text).toContain("Odalys Brenner");
    expect(text).toContain("Today");
    expect(text).toContain("The health questions come before the first run.");
    expect(text).toContain("Nothing new to send back.");
    expect(links).not.toContain("/at/odalys/run");
    expect(await phone.act("start-run", { athleteId: "odalys" })).toMatchObject({
      refused: { why: "unsafe" },
    });
    await phone.act("save-intake", {
      athleteId: "odalys",
      yes: [],
      where: [],
      note: "",
      growthSpurt: false,
      beighton: null,
    });
    expect((await readWholePage("/coach")).links).toContain("/at/odalys/run");

    // The coach has seen its rungs earned: it runs here too, without the log that shows it.
    expect(await phone.act("start-run", { athleteId: "odalys" })).toHaveProperty("done");

    // Only what is written here is new, and only that goes back.
    const view = await phone.look("odalys");
    const [item] = view.preps[0]!.items;
    await phone.act("take-logs", {
      logs: [{ athleteId: "odalys", on: day, minutes: 9, items: [logItemOf(item!)], note: "" }],
    });
    const [card] = await handed.handedHere();
    const notebook = await phone.notebook();
    expect((await out.newsFor(notebook, card!)).map(({ kind }) => kind)).toEqual([
      "athlete",
      "log",
    ]);
    expect((await readWholePage("/coach")).text).toContain(
      "New: your own details and answers, 1 log.",
    );
    expect((await recordsIn((await out.backFile(notebook, card!, true))!)).records).toContainEqual(
      expect.objectContaining({ kind: "athlete", intake: expect.objectContaining({ yes: [] }) }),
    );
    const back = (await out.backFile(notebook, card!, false))!;
    const read = await recordsIn(back);
    expect(read.handed).toMatchObject({ athleteId: "odalys", back: true });
    expect(read.records.map(({ kind }) => kind).sort()).toEqual(["athlete", "log", "place"]);

    // Read on the phone itself, its own file makes nobody's coach of it.
    expect(await take(phone, new File([back], "back"))).toBe(false);
  }, 60_000);
});
