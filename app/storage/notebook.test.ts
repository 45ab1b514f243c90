import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import { athlete, check } from "#core/test/people";
import { Notebook } from "./notebook";
import { openShelf, type Shelf } from "./shelf";

let shelf: Shelf;
let quarantine: Shelf;
let announced: string[][];
let writes: string[];
let count = 0;

/** Tabs of one browser: they share the shelves and write one after another. */
let queue: Promise<unknown> = Promise.resolve();
const inTurn = <T>(task: () => Promise<T>): Promise<T> => {
  const turn = queue.then(task);
  queue = turn.catch(() => undefined);
  return turn;
};

async function tab(): Promise<Notebook> {
  const counting: Shelf = {
    ...shelf,
    write: (key, kept) => (writes.push(key), shelf.write(key, kept)),
  };
  const notebook = new Notebook({
    shelf: counting,
    quarantine,
    exclusive: inTurn,
    announce: (keys) => announced.push(keys),
  });
  await notebook.load();
  return notebook;
}

beforeEach(() => {
  count += 1;
  shelf = openShelf(`test-${count}`);
  quarantine = openShelf(`test-${count}-quarantine`);
  announced = [];
  writes = [];
});

describe("a notebook", () => {
  it("keeps a record a key: one edit writes one record", async () => {
    const notebook = await tab();
    await notebook.commit("add", [athlete(), check({ id: "c1" })]);
    writes = [];
    await notebook.commit("rename", [athlete({ name: "Renamed" }), check({ id: "c1" })]);
    expect(writes).toEqual(["athlete/a1"]);
    expect((await tab()).get("athlete", "a1")!.name).toBe("Renamed");
  });
  it("shows a change at once, and says when it is saved", async () => {
    const notebook = await tab();
    const saving = notebook.commit("add", [athlete()]);
    expect(notebook.get("athlete", "a1")).not.toBeNull();
    expect(notebook.status).toBe("saving");
    await saving;
    expect(notebook.status).toBe("saved");
  });
  it("undoes and redoes every change, also a removal, and forgets redo after a new change", async () => {
    const notebook = await tab();
    await notebook.commit("add", [athlete()]);
    await notebook.commit("rename", [athlete({ name: "B" })]);
    await notebook.commit("remove", [], ["athlete/a1"]);
    expect(notebook.undo()).toEqual({ done: "remove" });
    expect(notebook.get("athlete", "a1")!.name).toBe("B");
    expect(notebook.undo()).toEqual({ done: "rename" });
    expect(notebook.redo()).toEqual({ done: "rename" });
    await notebook.settled();
    expect((await tab()).get("athlete", "a1")!.name).toBe("B");
    await notebook.commit("again", [athlete({ name: "C" })]);
    expect(notebook.redoLabel).toBeNull();
  });
  it("refuses to keep what the schema does not know", async () => {
    const notebook = await tab();
    expect(() => notebook.commit("bad", [athlete({ statureCm: 1650 })])).toThrow();
    expect(notebook.isEmpty).toBe(true);
  });
  it("sets an unreadable record aside, shows it, and never drops it", async () => {
    await shelf.write("athlete/a1", { rev: 1, record: athlete() });
    await shelf.write("check/broken", {
      rev: 1,
      record: { kind: "check", id: "broken", pain: "much" },
    });
    await shelf.write("check/elsewhere", { rev: 1, record: check({ id: "other" }) });
    const notebook = await tab();
    expect(notebook.all("athlete")).toHaveLength(1);
    expect(notebook.quarantined.map(({ key }) => key.split("@")[0])).toEqual([
      "check/broken",
      "check/elsewhere",
    ]);
    expect((await tab()).quarantined).toHaveLength(2);
    expect(notebook.quarantined[0]!.found).toMatchObject({ record: { pain: "much" } });
  });
});

describe("two tabs", () => {
  it("see each other's changes when told", async () => {
    const [one, two] = [await tab(), await tab()];
    await one.commit("add", [athlete()]);
    expect(announced).toEqual([["athlete/a1"]]);
    await two.refresh(announced[0]!);
    expect(two.get("athlete", "a1")!.name).toBe("Test Athlete");
  });
  it("never overwrite each other silently: the later writer is told and keeps his version aside", async () => {
    const first = await tab();
    await first.commit("add", [athlete()]);
    const [one, two] = [await tab(), await tab()];
    await one.commit("rename", [athlete({ name: "One" })]);
    await two.commit("rename", [athlete({ name: "Two" })]);
    expect(two.conflicts).toHaveLength(1);
    expect(two.get("athlete", "a1")!.name).toBe("One");
    expect((await tab()).get("athlete", "a1")!.name).toBe("One");
    two.settle("athlete/a1", true);
    await two.settled();
    expect((await tab()).get("athlete", "a1")!.name).toBe("Two");
  });
  it("a change that another tab has gone over since cannot be undone by mistake", async () => {
    const one = await tab();
    await one.commit("add", [athlete()]);
    await one.commit("rename", [athlete({ name: "One" })]);
    const two = await tab();
    await two.commit("rename", [athlete({ name: "Two" })]);
    await one.refresh(["athlete/a1"]);
    expect(one.undo()).toMatchObject({ refused: expect.stringContaining("another tab") });
    expect(one.get("athlete", "a1")!.name).toBe("Two");
  });
});
