import { beforeEach, describe, expect, it } from "vitest";
import { aim, athlete, check } from "#core/test/people";
import type { AnyRecord } from "#core/records/records";
import { Browser } from "./test-browser";

let browser: Browser;

beforeEach(() => {
  browser = new Browser();
});

const named = (name: string, id = "a1") => athlete({ id, name });

describe("a notebook", () => {
  it("writes an act as one value, whatever is in it", async () => {
    const notebook = await browser.tab();
    browser.writes.length = 0;
    await notebook.commit("add", [athlete(), aim(), check({ id: "c1" })]);
    expect(browser.writes.filter((name) => !name.startsWith("g"))).toHaveLength(1);
    const again = await browser.tab();
    await again.openAthletes(["a1"]);
    expect(again.all("check")).toHaveLength(1);
    expect(again.all("aim")).toHaveLength(1);
  });

  it("shows a change at once, and says saved only when it is on the shelf", async () => {
    const notebook = await browser.tab();
    const saving = notebook.commit("add", [athlete()]);
    expect(notebook.get("athlete", "a1")).not.toBeNull();
    expect(notebook.status).toBe("saving");
    await saving;
    expect(notebook.status).toBe("saved");
  });

  it("reads an athlete's pages only when they are asked for, and closes what is long unused", async () => {
    const notebook = await browser.tab();
    const ids = Array.from({ length: 16 }, (_, n) => `a${n}`);
    for (const id of ids)
      await notebook.commit("add", [named(id, id), check({ id: `c-${id}`, athleteId: id })]);
    await notebook.fold();
    const again = await browser.tab();
    expect(again.all("check")).toEqual([]);
    expect(again.all("athlete")).toHaveLength(16);
    expect(await again.people()).toHaveLength(16);
    for (const id of ids) await again.openAthletes([id]);
    expect(again.all("check").length).toBe(12);
    expect(again.isOpen("a0")).toBe(false);
    await again.openAthletes(["a0"]);
    expect(again.all("check", "a0")).toHaveLength(1);
  });

  it("law: a summary made from the shelf is the summary of the whole", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete(), aim(), check({ id: "c1" })]);
    await notebook.commit("check", [check({ id: "c2", on: "2026-11-24" })]);
    const whole = await notebook.people();
    await notebook.fold();
    expect(await (await browser.tab()).people()).toEqual(whole);
    await notebook.commit("more", [check({ id: "c3", side: "left" })]);
    expect(await (await browser.tab()).people()).toEqual(await notebook.people());
  });

  it("keeps a record that moves to another day once", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete(), check({ id: "c1", on: "2026-02-01" })]);
    await notebook.fold();
    await notebook.commit("edit", [check({ id: "c1", on: "2026-11-24" })]);
    await notebook.fold();
    const again = await browser.tab();
    await again.openAthletes(["a1"]);
    expect(again.all("check").map(({ on }) => on)).toEqual(["2026-11-24"]);
  });

  it("refuses what the schema does not know, and what belongs to nobody", async () => {
    const notebook = await browser.tab();
    expect(() => notebook.commit("bad", [athlete({ statureCm: 1650 })])).toThrow();
    expect(() => notebook.commit("stray", [check({ athleteId: "nobody" })])).toThrow("not in the");
    expect(notebook.isEmpty).toBe(true);
    expect(browser.disk()).toEqual([]);
  });
});

describe("undo", () => {
  it("takes back and makes again every change, also a removal; a new change ends redo", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    await notebook.commit("rename", [named("B")]);
    await notebook.commit("remove", [], ["athlete/a1"]);
    expect(notebook.undo()).toEqual({ done: "remove" });
    expect(notebook.get("athlete", "a1")!.name).toBe("B");
    expect(notebook.undo()).toEqual({ done: "rename" });
    expect(notebook.redo()).toEqual({ done: "rename" });
    await notebook.settled();
    expect((await browser.tab()).get("athlete", "a1")!.name).toBe("B");
    await notebook.commit("again", [named("C")]);
    expect(notebook.redoLabel).toBeNull();
  });

  it("what nobody asked for is no step: it loses no redo, and undo leads past it", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    await notebook.commit("variant", [named("quick")]);
    await notebook.jot([named("proven")]);
    expect(notebook.undoLabel).toBe("variant");
    expect(notebook.undo()).toEqual({ done: "variant" });
    expect(notebook.get("athlete", "a1")!.name).toBe("Test Athlete");
    await notebook.jot([named("proven too")]);
    expect(notebook.redo()).toEqual({ done: "variant" });
    expect(notebook.get("athlete", "a1")!.name).toBe("proven");
    expect(notebook.undo()).toEqual({ done: "variant" });
    expect(notebook.get("athlete", "a1")!.name).toBe("proven too");
    expect(notebook.undo()).toEqual({ done: "add" });
  });

  it("survives a reload, in the tab whose acts they were", async () => {
    const notebook = await browser.tab("mine");
    await notebook.commit("add", [athlete()]);
    await notebook.commit("rename", [named("B")]);
    await notebook.commit("again", [named("C")]);
    await notebook.jot([named("D")]);
    notebook.undo();
    await notebook.settled();
    await notebook.fold();
    const reloaded = await browser.tab("mine");
    expect([reloaded.undoLabel, reloaded.redoLabel]).toEqual(["rename", "again"]);
    expect(reloaded.redo()).toEqual({ done: "again" });
    expect(reloaded.get("athlete", "a1")!.name).toBe("D");
    expect([reloaded.undo(), reloaded.undo(), reloaded.undo()]).toEqual([
      { done: "again" },
      { done: "rename" },
      { done: "add" },
    ]);
    await reloaded.settled();
    const other = await browser.tab("other");
    expect([other.undoLabel, other.redoLabel, other.isEmpty]).toEqual([null, null, true]);
  });

  it("a step that another tab has gone over since is let go, and the one before it is next", async () => {
    const one = await browser.tab();
    await one.commit("add", [athlete(), named("Other", "a2")]);
    await one.commit("other", [named("Changed", "a2")]);
    await one.commit("rename", [named("One")]);
    const two = await browser.tab();
    await two.commit("rename", [named("Two")]);
    await one.look();
    expect(one.undo()).toEqual({ refused: "changed-since", label: "rename" });
    expect(one.get("athlete", "a1")!.name).toBe("Two");
    expect(one.undo()).toEqual({ done: "other" });
  });

  it("a whole notebook brought in is one step; undone and made again it is the same", async () => {
    const notebook = await browser.tab("mine");
    await notebook.commit("add", [athlete(), check({ id: "c1" })]);
    await notebook.rebuild("import a file", async (add) => {
      for (const record of [named("Imported", "a9"), check({ id: "c9", athleteId: "a9" })])
        await add(record);
    });
    expect(notebook.all("athlete").map(({ id }) => id)).toEqual(["a9"]);
    await notebook.commit("more", [named("Changed", "a9")]);
    await notebook.fold();
    const reloaded = await browser.tab("mine");
    expect(reloaded.undo()).toEqual({ done: "more" });
    expect(reloaded.undo()).toEqual({ done: "import a file" });
    await reloaded.settled();
    expect(reloaded.all("athlete").map(({ id }) => id)).toEqual(["a1"]);
    await reloaded.openAthletes(["a1"]);
    expect(reloaded.all("check", "a1")).toHaveLength(1);
    expect(reloaded.redo()).toEqual({ done: "import a file" });
    await reloaded.settled();
    await reloaded.fold();
    const last = await browser.tab();
    expect(last.all("athlete").map(({ name }) => name)).toEqual(["Imported"]);
  });

  it("a building that is stopped changes nothing and leaves nothing behind", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    await notebook.fold();
    const before = browser.names();
    await expect(
      notebook.rebuild("import", async (add) => {
        await add(named("Half", "a9"));
        throw new Error("stopped");
      }),
    ).rejects.toThrow("stopped");
    expect(browser.names()).toEqual(before);
    expect(notebook.status).toBe("saved");
    expect(notebook.all("athlete")).toHaveLength(1);
  });
});

describe("two tabs", () => {
  it("see each other's changes", async () => {
    const [one, two] = [await browser.tab(), await browser.tab()];
    await one.commit("add", [athlete()]);
    await two.look();
    expect(two.get("athlete", "a1")!.name).toBe("Test Athlete");
    expect(two.undoLabel).toBeNull();
  });

  it("an act of which one record was changed elsewhere is refused whole, told, and can be put back", async () => {
    const first = await browser.tab();
    await first.commit("add", [athlete(), named("Other", "a2")]);
    const [one, two] = [await browser.tab(), await browser.tab()];
    await one.commit("note", [athlete({ note: "one" })]);
    await two.commit("both", [athlete({ name: "Two" }), named("Two", "a2")]);
    expect(two.conflicts).toMatchObject([{ label: "both" }]);
    expect(two.get("athlete", "a2")!.name).toBe("Other");
    expect(two.get("athlete", "a1")).toMatchObject({ name: "Test Athlete", note: "one" });
    expect(two.undoLabel).toBeNull();
    await two.settle(two.conflicts[0]!.id, true);
    expect(two.conflicts).toEqual([]);
    // Field by field: what only the other tab changed stays.
    const after = await browser.tab();
    expect(after.get("athlete", "a1")).toMatchObject({ name: "Two", note: "one" });
    expect(after.get("athlete", "a2")!.name).toBe("Two");
  });

  it("a deletion against an edit, an edit against a deletion, and two of one name: the later is told", async () => {
    const first = await browser.tab();
    await first.commit("add", [athlete(), check({ id: "c1" }), check({ id: "c2" })]);
    const [one, two] = [await browser.tab(), await browser.tab()];
    await Promise.all([one.openAthletes(["a1"]), two.openAthletes(["a1"])]);
    await one.commit("edit", [check({ id: "c1", note: "seen" })]);
    await two.commit("remove", [], ["check/c1"]);
    expect(two.conflicts).toMatchObject([{ label: "remove" }]);
    expect(two.get("check", "c1")!.note).toBe("seen");
    await one.commit("remove", [], ["check/c2"]);
    await two.commit("edit", [check({ id: "c2", note: "seen" })]);
    expect(two.conflicts).toHaveLength(2);
    expect(two.get("check", "c2")).toBeNull();
    await one.commit("new", [check({ id: "c3", note: "one" })]);
    await two.commit("new", [check({ id: "c3", note: "two" })]);
    expect(two.conflicts).toHaveLength(3);
    expect(two.get("check", "c3")!.note).toBe("one");
  });

  it("acts that stand on a refused act are refused with it", async () => {
    const first = await browser.tab();
    await first.commit("add", [athlete()]);
    const [one, two] = [await browser.tab(), await browser.tab()];
    await one.commit("rename", [named("One")]);
    const acts = [
      two.commit("first", [named("Two")]),
      two.commit("second", [named("Three")]),
      two.commit("apart", [named("New", "a5")]),
    ];
    await Promise.all(acts);
    expect(two.conflicts.map(({ label }) => label)).toEqual(["first", "second"]);
    expect(two.get("athlete", "a1")!.name).toBe("One");
    expect((await browser.tab()).get("athlete", "a5")).not.toBeNull();
  });

  it("one that was away while acts were folded and dropped reads the pages again", async () => {
    const sleeper = await browser.tab();
    const busy = await browser.tab();
    await busy.commit("add", [athlete()]);
    await busy.fold();
    browser.hours(20);
    for (let n = 0; n < 3; n += 1) {
      await busy.commit("rename", [named(`Name ${n}`)]);
      await busy.fold();
    }
    const third = await browser.tab();
    await third.commit("rename", [named("Last")]);
    await third.fold();
    await third.commit("note", [athlete({ name: "Last", note: "x" })]);
    await third.fold();
    await sleeper.look();
    expect(sleeper.get("athlete", "a1")).toMatchObject({ name: "Last", note: "x" });
  });

  it("without locks, two acts of one number are told apart, and both are there", async () => {
    const [one, two] = [await browser.tab("one", false), await browser.tab("two", false)];
    await Promise.all([
      one.commit("add", [named("One", "a1")]),
      two.commit("add", [named("Two", "a2")]),
    ]);
    await Promise.all([one.settled(), two.settled()]);
    const after = await browser.tab();
    expect(
      after
        .all("athlete")
        .map(({ id }) => id)
        .sort(),
    ).toEqual(["a1", "a2"]);
  });
});

describe("storage that fails", () => {
  it("says so, keeps what was done, tries again by itself, and is then saved", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    browser.fail = Object.assign(new Error("no room"), { name: "QuotaExceededError" });
    await notebook.commit("rename", [named("B")]);
    await notebook.commit("check", [check({ id: "c1" })]);
    expect(notebook.status).toBe("failed");
    expect(notebook.trouble).toEqual({ why: "full" });
    expect(notebook.get("athlete", "a1")!.name).toBe("B");
    browser.fail = null;
    await browser.waits();
    expect(notebook.status).toBe("saved");
    const again = await browser.tab();
    await again.openAthletes(["a1"]);
    expect(again.get("athlete", "a1")!.name).toBe("B");
    expect(again.get("check", "c1")).not.toBeNull();
  });

  it("what was on its way when the page was loaded again is taken up, once, with its undo", async () => {
    const notebook = await browser.tab("mine");
    await notebook.commit("add", [athlete(), check({ id: "c1" })]);
    browser.fail = Object.assign(new Error("no room"), { name: "QuotaExceededError" });
    await notebook.commit("rename", [named("B")]);
    await notebook.commit("remove", [], ["check/c1"]);
    browser.fail = null;
    const reloaded = await browser.tab("mine");
    await reloaded.settled();
    expect(reloaded.status).toBe("saved");
    expect(reloaded.get("athlete", "a1")!.name).toBe("B");
    const other = await browser.tab("other");
    await other.openAthletes(["a1"]);
    expect(other.get("check", "c1")).toBeNull();
    expect(other.get("athlete", "a1")!.name).toBe("B");
    expect([reloaded.undo(), reloaded.undo()]).toEqual([{ done: "remove" }, { done: "rename" }]);
    await reloaded.settled();
    const again = await browser.tab("mine");
    await again.settled();
    expect(again.get("athlete", "a1")!.name).toBe("Test Athlete");
    expect(again.conflicts).toEqual([]);
  });

  it("what was on its way and was changed elsewhere meanwhile is told, not written over", async () => {
    const notebook = await browser.tab("mine");
    await notebook.commit("add", [athlete()]);
    browser.fail = new Error("aborted");
    await notebook.commit("rename", [named("Mine")]);
    browser.fail = null;
    await (await browser.tab("other")).commit("rename", [named("Other")]);
    const reloaded = await browser.tab("mine");
    expect(reloaded.get("athlete", "a1")!.name).toBe("Other");
    expect(reloaded.conflicts).toMatchObject([{ label: "rename" }]);
  });

  it("a write that happened although it said it failed is not done twice", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    browser.lie = true;
    await notebook.commit("rename", [named("B")]);
    expect(notebook.status).toBe("failed");
    browser.lie = false;
    await notebook.retry();
    expect(notebook.status).toBe("saved");
    expect(notebook.conflicts).toEqual([]);
    expect(notebook.undo()).toEqual({ done: "rename" });
  });

  it("cleared under the page: never said to be saved, and what the page holds can be written back", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete(), check({ id: "c1" })]);
    browser.clear();
    await notebook.commit("rename", [named("B")]);
    expect(notebook.trouble).toEqual({ why: "gone" });
    expect(notebook.status).toBe("failed");
    await notebook.writeBack();
    expect(notebook.status).toBe("saved");
    const again = await browser.tab();
    await again.openAthletes(["a1"]);
    expect(again.get("athlete", "a1")!.name).toBe("B");
    expect(again.get("check", "c1")).not.toBeNull();
  });

  it("cleared while acts are folded: wherever it comes, the next act is not said to be saved over nothing", async () => {
    for (const writes of [1, 2, 3]) {
      browser = new Browser();
      const notebook = await browser.tab();
      await notebook.commit("add", [athlete(), aim(), check({ id: "c1" })]);
      browser.clearAfter = writes;
      await notebook.fold();
      expect(browser.names(), String(writes)).not.toContain("head");
      await notebook.commit("rename", [named("B")]);
      expect(notebook.trouble, String(writes)).toEqual({ why: "gone" });
      expect(notebook.status).toBe("failed");
      await notebook.writeBack();
      const again = await browser.tab();
      await again.openAthletes(["a1"]);
      expect(again.get("athlete", "a1")!.name).toBe("B");
      expect(again.get("check", "c1")).not.toBeNull();
    }
  });

  it("what a newer application wrote stops this one from writing", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete()]);
    browser.newer();
    await notebook.commit("rename", [named("B")]);
    expect(notebook.trouble).toEqual({ why: "newer" });
    await browser.waits();
    expect(notebook.status).toBe("failed");
    await expect(browser.tab()).rejects.toThrow();
  });

  it("that never answers is given up for silent", async () => {
    browser.silent = true;
    await expect(browser.tab("t", true, 20)).rejects.toMatchObject({});
  });
});

describe("what cannot be read", () => {
  const broken = async (change: (record: Record<string, unknown>) => void) => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete(), check({ id: "c1" }), check({ id: "c2" })]);
    await notebook.fold();
    browser.spoil((record) => record.id === "c1", change);
    const again = await browser.tab();
    await again.openAthletes(["a1"]);
    await again.settled();
    return again;
  };

  it("is set aside with its reason, never dropped, and never twice", async () => {
    const again = await broken((record) => (record.pain = "much"));
    expect(again.all("check").map(({ id }) => id)).toEqual(["c2"]);
    expect(again.aside).toMatchObject([
      { key: "check/c1", found: { pain: "much" }, why: { fact: "unreadable" } },
    ]);
    await again.commit("on", [check({ id: "c2", note: "x" })]);
    await again.fold();
    const later = await browser.tab();
    await later.openAthletes(["a1"]);
    expect(later.aside).toHaveLength(1);
  });

  it("comes back when it is mended, or when an upgrade reads it", async () => {
    const again = await broken((record) => (record.pain = "much"));
    const { name, found } = again.aside[0]!;
    expect(await again.takeBackIn(name)).toMatchObject({ at: ["pain"] });
    expect(again.aside).toHaveLength(1);
    expect(await again.takeBackIn(name, "{")).toEqual({ at: [], problem: { is: "format" } });
    const mended = JSON.stringify({ ...(found as object), pain: 2 });
    expect(await again.takeBackIn(name, mended)).toBeNull();
    expect(again.aside).toEqual([]);
    expect(again.get("check", "c1")!.pain).toBe(2);
    expect((await browser.tab()).aside).toEqual([]);
  });

  it("an athlete who cannot be read takes nobody's records along: they wait, and come back with him", async () => {
    const notebook = await browser.tab();
    await notebook.commit("add", [athlete(), check({ id: "c1" }), named("Other", "a2")]);
    await notebook.fold();
    browser.spoil(
      (record) => record.id === "a1",
      (record) => (record.name = 7),
    );
    const again = await browser.tab();
    expect(again.all("athlete").map(({ id }) => id)).toEqual(["a2"]);
    expect((await again.strays()).map(({ id }) => id)).toEqual(["c1"]);
    const given: AnyRecord[] = [];
    for await (const records of again.everything()) given.push(...records);
    expect(given.map(({ id }) => id)).toEqual(["a2"]);
    const { name, found } = again.aside[0]!;
    expect(
      await again.takeBackIn(name, JSON.stringify({ ...(found as object), name: "Back" })),
    ).toBeNull();
    await again.openAthletes(["a1"]);
    expect(again.get("check", "c1")).not.toBeNull();
    expect(await again.strays()).toEqual([]);
  });

  it("values of an earlier version are brought up as a file's are", async () => {
    const notebook = await browser.tab();
    const pack = { kind: "pack", id: "p", name: "Mine", skills: [], drills: [], formats: [] };
    await notebook.commit("add", [{ ...pack, protocols: [] } as AnyRecord]);
    await notebook.fold();
    browser.spoil(
      (record) => record.kind === "pack",
      (record) => {
        record.protocols = undefined;
        record.protocols = [];
        record.formats = undefined;
      },
      1,
    );
    expect((await browser.tab()).get("pack", "p")).toMatchObject({ formats: [] });
  });
});
