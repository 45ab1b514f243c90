import { beforeEach, describe, expect, it, vi } from "vitest";

/** The shelf of drafts, whose writes are seen through only while the page is there. */
const shelf = new Map<string, unknown>();
let there = true;
const seenThrough = (does: () => void): Promise<void> =>
  there ? Promise.resolve().then(does) : new Promise(() => undefined);

vi.mock("./shelf", () => ({
  openShelf: () => ({
    keys: () => Promise.resolve([...shelf.keys()]),
    read: (key: string) => Promise.resolve(shelf.get(key)),
    write: (key: string, value: unknown) => seenThrough(() => void shelf.set(key, value)),
    remove: (key: string) => seenThrough(() => void shelf.delete(key)),
  }),
}));

const noted = new Map<string, string>();
vi.stubGlobal("localStorage", {
  getItem: (key: string) => noted.get(key) ?? null,
  setItem: (key: string, value: string) => void noted.set(key, value),
  removeItem: (key: string) => void noted.delete(key),
});

/** The page as it is loaded anew. */
async function page() {
  vi.resetModules();
  there = true;
  const drafts = await import("./drafts");
  await drafts.loadDrafts();
  return drafts;
}

beforeEach(() => {
  shelf.clear();
  noted.clear();
});

describe("what is typed in the last moment", () => {
  it("is there on the next page, though its writing was not seen through", async () => {
    const before = await page();
    before.keepDraft("log", "felt light");
    await before.draftsWritten();
    there = false;
    before.keepDraft("log", "felt light, slept well");
    before.keepDraft("round", { trial: 87 });
    before.noteDraftsLeaving();
    const after = await page();
    expect(after.keptDraft("log")).toBe("felt light, slept well");
    expect(after.keptDraft("round")).toEqual({ trial: 87 });
    await after.draftsWritten();
    expect([shelf.get("log"), noted.size]).toEqual(["felt light, slept well", 0]);
  });
  it("stays let go where it was let go", async () => {
    const before = await page();
    before.keepDraft("log", "felt light");
    await before.draftsWritten();
    there = false;
    before.dropDraft("log");
    before.noteDraftsLeaving();
    expect((await page()).keptDraft("log")).toBeNull();
  });
  it("notes nothing where all is on the shelf, and reads nothing that is none", async () => {
    const before = await page();
    before.keepDraft("log", "felt light");
    await before.draftsWritten();
    before.noteDraftsLeaving();
    expect(noted.size).toBe(0);
    noted.set("yearling-drafts-leaving", "{damaged");
    expect((await page()).keptDraft("log")).toBe("felt light");
  });
});
