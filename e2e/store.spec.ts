import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test, type Page } from "@playwright/test";
import { serve } from "../scripts/serve.mjs";
import { addAthlete, openDemo, openOwn, saved } from "./walk";

declare global {
  interface Window {
    /** Writes that still go well; after them every write fails, as on a full disk. */
    writesLeft: number;
  }
}

/** Gives the page a disk that can be full. */
const withDisk = (page: Page) =>
  page.addInitScript(() => {
    window.writesLeft = Number.POSITIVE_INFINITY;
    // Called as a method of whichever store it was taken from.
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...given: Parameters<typeof put>) {
      window.writesLeft -= 1;
      if (window.writesLeft < 0) throw new DOMException("no room", "QuotaExceededError");
      return put.apply(this, given);
    };
  });
const writesLeft = (page: Page, left: number) =>
  page.evaluate((count) => void (window.writesLeft = count), left);

const alert = (page: Page) => page.getByRole("alert");
const firstLock = (page: Page) => page.getByRole("button", { name: /^Lock / }).first();

test("a full disk is said so, what was done stays, and is written once there is room", async ({
  page,
}) => {
  await withDisk(page);
  await openDemo(page, "/at/wren/prep");
  const name = await firstLock(page).getAttribute("aria-label");
  const lock = page.getByRole("button", { name: name!, exact: true });
  await writesLeft(page, 0);
  await lock.click();
  await expect(alert(page)).toContainText("This device is full");
  await expect(lock).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("status").filter({ hasText: /^saved$/ })).toBeHidden();
  await writesLeft(page, 1e9);
  // It is tried again by itself.
  await saved(page);
  await expect(alert(page)).toBeHidden();
  await page.reload();
  await expect(lock).toHaveAttribute("aria-pressed", "true");
});

test("whichever write of an act fails, saved is true and nothing is half done", async ({
  page,
}) => {
  await withDisk(page);
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await saved(page);
  // Leaving is asked about where something is not written; whoever was not asked leaves no answer behind.
  page.on("dialog", (dialog) => void dialog.accept());
  for (let left = 0; left < 6; left += 1) {
    await page.goto("/");
    await page.getByRole("heading", { name: "Places and their kit" }).waitFor();
    const before = await page.getByLabel("Name of the place").count();
    await page.getByRole("button", { name: "hall", exact: true }).click();
    await expect(page.getByLabel("Name of the place")).toHaveCount(before + 1);
    await saved(page);
    const places = before + 1;
    await writesLeft(page, left);
    await page.getByRole("button", { name: "hall", exact: true }).click();
    await expect(page.getByLabel("Name of the place")).toHaveCount(places + 1);
    await page.waitForTimeout(250);
    const said = await page
      .getByRole("status")
      .filter({ hasText: /^saved$/ })
      .isVisible();
    await page.reload();
    await page.getByRole("heading", { name: "Places and their kit" }).waitFor();
    const after = await page.getByLabel("Name of the place").count();
    if (said) expect(after).toBe(places + 1);
    else expect([places, places + 1]).toContain(after);
    await expect(page.getByText("Mirela Osei")).toBeVisible();
  }
});

test("without storage everything works and says that nothing is kept", async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, "indexedDB", { value: undefined }));
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Lanternfield" })).toBeVisible();
  await expect(alert(page)).toContainText("keeps nothing for this page");
  await page.goto("/at/wren/prep");
  await firstLock(page).click();
  await expect(alert(page)).toContainText("Save a file before that");
});

test("storage that never answers is not waited for without end", async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => ({ addEventListener: () => undefined }) as never;
  });
  await page.goto("/");
  await expect(alert(page)).toContainText("does not answer", { timeout: 20_000 });
});

test("cleared under the page: never saved, until it is written back", async ({ page, context }) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await saved(page);
  const other = await context.newPage();
  await other.goto("/mark.svg");
  await other.evaluate(
    () =>
      new Promise<void>((done) => {
        const gone = indexedDB.deleteDatabase("yearling-own");
        gone.onsuccess = () => done();
      }),
  );
  await page.getByRole("textbox", { name: "By" }).fill("2027-03-01");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(alert(page)).toContainText("was cleared while the page was open");
  await expect(page.getByRole("status").filter({ hasText: /^saved$/ })).toBeHidden();
  await page.getByRole("button", { name: "Write it back" }).click();
  await saved(page);
  await expect(alert(page)).toBeHidden();
  await page.goto("/");
  await expect(page.getByRole("link", { name: /Mirela Osei/ })).toBeVisible();
});

test("what is typed survives a closed tab: a form, a round, a log", async ({ page, context }) => {
  await openDemo(page);
  await page.getByRole("button", { name: "Add an athlete" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Half a name");
  await page.goto("/at/wren/log?log=new");
  await page.getByLabel("Note", { exact: true }).last().fill("felt light");
  await page.goto("/at/wren/check");
  const trial = page.getByRole("textbox", { name: /trial 1/i }).first();
  await trial.fill("87");
  await page.waitForTimeout(400);
  await page.close();
  const next = await context.newPage();
  await openDemo(next);
  await expect(next.getByLabel("Name", { exact: true })).toHaveValue("Half a name");
  await next.getByRole("button", { name: "Cancel" }).click();
  await next.goto("/at/wren/log?log=new");
  await expect(next.getByLabel("Note", { exact: true }).last()).toHaveValue("felt light");
  await next.goto("/at/wren/check");
  await expect(next.getByRole("textbox", { name: /trial 1/i }).first()).toHaveValue("87");
});

test("undo survives a reload; opening a prep loses no redo, and undo leads past a new variant", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/prep");
  const undo = page.getByRole("button", { name: "Undo" });
  const redo = page.getByRole("button", { name: "Redo" });
  const name = await firstLock(page).getAttribute("aria-label");
  await firstLock(page).click();
  await page.getByRole("button", { name: "Another variant" }).click();
  await expect(undo).toHaveAttribute("title", /plan the prep/);
  await page.waitForTimeout(4_000);
  await undo.click();
  await expect(undo).toHaveAttribute("title", /lock a drill/);
  await expect(redo).toBeEnabled();
  await saved(page);
  await page.reload();
  await expect(redo).toBeEnabled();
  await page.waitForTimeout(3_000);
  await expect(redo).toBeEnabled();
  await undo.click();
  await expect(page.getByRole("button", { name: name!, exact: true })).toHaveAttribute(
    "aria-pressed",
    "false",
  );
  await expect(redo).toBeEnabled();
});

test.describe("a new build", () => {
  test.use({ serviceWorkers: "allow" });

  test("while a page is open: nothing of it breaks, and one key turns to the new one", async ({
    page,
  }) => {
    const folder = mkdtempSync(join(tmpdir(), "yearling-build-"));
    const root = join(folder, "client");
    cpSync(join(import.meta.dirname, "../build/client"), root, { recursive: true });
    cpSync(join(import.meta.dirname, "../build/csp.json"), join(folder, "csp.json"));
    const { server, address } = await serve(0, "127.0.0.1", root);
    try {
      await page.goto(address);
      await page.evaluate(() => navigator.serviceWorker.ready);
      await expect
        .poll(() => page.evaluate(() => Boolean(navigator.serviceWorker.controller)))
        .toBe(true);
      // The new build: another worker, and a part of the old page is gone from the server.
      const worker = join(root, "offline.js");
      const finder = readdirSync(join(root, "assets")).find((file) =>
        /^finder-.*\.js$/.test(file),
      )!;
      const text = readFileSync(worker, "utf8");
      writeFileSync(
        worker,
        text
          .replace(/const version = "[^"]+"/, 'const version = "next"')
          .replace(`"/assets/${finder}",`, ""),
      );
      rmSync(join(root, "assets", finder));
      for (const ending of ["br", "gz"])
        for (const file of [worker, join(root, "assets", finder)])
          rmSync(`${file}.${ending}`, { force: true });
      await page.evaluate(async () => {
        await (await navigator.serviceWorker.getRegistration())!.update();
      });
      await expect(alert(page)).toContainText("new version of Yearling is ready", {
        timeout: 60_000,
      });
      await page.keyboard.press("/");
      await expect(page.getByRole("dialog")).toHaveCount(1);
      await page.keyboard.press("Escape");
      await expect(page.getByRole("dialog")).toHaveCount(0);
      await Promise.all([page.waitForEvent("load"), page.keyboard.press("u")]);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await expect(alert(page)).toBeHidden();
    } finally {
      await server.close();
      rmSync(folder, { recursive: true, force: true });
    }
  });
});

test("a notebook of the first layout, a record a key, is brought over once", async ({ page }) => {
  await page.goto("/mark.svg");
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const stores = ["meta", "own", "own-quarantine", "demo", "demo-quarantine"];
        const open = indexedDB.open("yearling", 6);
        open.onupgradeneeded = () => stores.forEach((name) => open.result.createObjectStore(name));
        open.onerror = () => failed(new Error("no database"));
        open.onsuccess = () => {
          const database = open.result;
          const write = database.transaction(stores, "readwrite");
          const athlete = {
            kind: "athlete",
            id: "a1",
            name: "Mirela Osei",
            discipline: "dancer",
            bornOn: "1999-05-04",
            statureCm: 165,
            massKg: null,
            dominantSide: "right",
            measures: {},
            placeId: null,
            note: "",
            intake: null,
            clearances: [],
            absences: [],
            archived: false,
          };
          write.objectStore("meta").put("own", "open");
          write.objectStore("own").put({ rev: 4, record: athlete }, "athlete/a1");
          write
            .objectStore("own")
            .put(
              { rev: 1, record: { kind: "check", id: "c1", athleteId: "a1", pain: "much" } },
              "check/c1",
            );
          write.objectStore("demo").put({ rev: 1, record: athlete }, "athlete/a1");
          write.oncomplete = () => {
            database.close();
            done();
          };
        };
      }),
  );
  await page.goto("/");
  await expect(page.getByRole("link", { name: /Mirela Osei/ })).toBeVisible();
  await expect(alert(page)).toContainText("1 record could not be read");
  await saved(page);
  await page.reload();
  await expect(page.getByRole("link", { name: /Mirela Osei/ })).toBeVisible();
  await page.getByRole("button", { name: "See Lanternfield" }).click();
  await expect(page.getByRole("heading", { name: "Lanternfield" })).toBeVisible();
  const left = await page.evaluate(
    () =>
      new Promise<number>((done) => {
        const open = indexedDB.open("yearling");
        open.onsuccess = () => {
          const count = open.result.transaction("own").objectStore("own").count();
          count.onsuccess = () => done(count.result);
        };
      }),
  );
  expect(left).toBe(0);
});
