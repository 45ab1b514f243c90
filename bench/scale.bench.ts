import { mkdtempSync, rmSync, createWriteStream, statSync } from "node:fs";
import { once } from "node:events";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { layFile } from "../core/exchange/file";
import { kinds, type AnyRecord, type Kind } from "../core/records/records";
import { generateTroupe } from "../core/sample/generate";
import { dayOf, plusDays } from "../core/dates/days";
import { cast } from "../library/cast";
import { library } from "../library/index";
import { openBrowser } from "../scripts/browser.mjs";
import { serve } from "../scripts/serve.mjs";
import { run } from "../scripts/steps.mjs";
import type { Bench } from "./bench";

const [athletes, blocks, blockDays] = [60, 13, 84];
/** Groups of so many athletes each. */
const inGroup = 10;

/** Every date in a record, so many days earlier. */
const earlier = (record: AnyRecord, days: number): AnyRecord =>
  JSON.parse(
    JSON.stringify(record).replace(
      /"(\d{4}-\d{2}-\d{2})(T[^"]*)?"/g,
      (_, day: string, time = "") => `"${plusDays(day, -days)}${time}"`,
    ),
  ) as AnyRecord;

/** Sixty athletes with three years: the invented troupe again and again, a block of weeks before the last. */
async function writeLarge(path: string): Promise<number> {
  const troupe = generateTroupe(cast, library, dayOf(new Date()));
  const performers = troupe.filter((record) => record.kind === "athlete");
  const texts = Object.fromEntries(kinds.map((kind) => [kind, [] as string[]])) as Record<
    Kind,
    string[]
  >;
  let count = 0;
  const add = (record: AnyRecord) => {
    const list = texts[record.kind];
    list.push(`${list.length > 0 ? ",\n" : ""}${JSON.stringify(record)}`);
    count += 1;
  };
  for (const record of troupe)
    if (record.kind !== "athlete" && !("athleteId" in record)) add(record);
  for (let n = 0; n < athletes; n += 1) {
    const performer = performers[n % performers.length]!;
    const who = `athlete-${n}`;
    add({ ...performer, id: who, name: `Performer ${n + 1}` });
    for (let block = 0; block < blocks; block += 1)
      for (const record of troupe) {
        if (!("athleteId" in record) || record.athleteId !== performer.id) continue;
        const once = record.kind === "season" || record.kind === "aim";
        if (once && block > 0) continue;
        const moved = earlier(record, block * blockDays);
        add({ ...moved, id: `${record.id}-${n}-${block}`.slice(-80), athleteId: who } as AnyRecord);
      }
  }
  for (let first = 0; first < athletes; first += inGroup)
    add({
      kind: "group",
      id: `group-${first / inGroup}`,
      name: `Group ${first / inGroup + 1}`,
      members: Array.from({ length: inGroup }, (_, n) => `athlete-${first + n}`),
      placeId: null,
      times: [],
    });
  const file = createWriteStream(path);
  for (const piece of layFile(texts, [], new Date().toISOString()))
    if (!file.write(piece)) await once(file, "drain");
  file.end();
  await once(file, "finish");
  return count;
}

/** Milliseconds from a navigation to the moment at which the list of names stands. */
async function firstList(page: Page, address: string, names: number): Promise<number> {
  await page.goto(`${address}/file`);
  const begin = Date.now();
  await page.goto(address);
  await page.waitForFunction(
    (wanted) => document.querySelectorAll("main li a, main a[href^='/at/']").length >= wanted,
    names,
    { polling: 20 },
  );
  return Date.now() - begin;
}

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;

/** Milliseconds of a change of station, and from a press to “saved”, for the athlete whose page is open. */
async function stationAndWrite(page: Page, address: string, who: string) {
  await page.goto(`${address}/at/${who}/aim`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  const change = (key: string, station: string) =>
    page.evaluate(
      async ([pressed, wanted]) => {
        const begin = performance.now();
        window.dispatchEvent(new KeyboardEvent("keydown", { key: pressed!, bubbles: true }));
        while (!location.pathname.endsWith(wanted!) || !document.querySelector("#desk h1"))
          await new Promise((done) => requestAnimationFrame(done));
        const took = performance.now() - begin;
        await new Promise((done) => setTimeout(done, 400));
        return took;
      },
      [key, station] as const,
    );
  const stations: number[] = [];
  for (let n = 0; n < 6; n += 1) {
    const [gap, log, aim] = [
      await change("3", "gap"),
      await change("6", "log"),
      await change("1", "aim"),
    ];
    if (n > 0) stations.push(gap, log, aim);
  }
  await page.goto(`${address}/at/${who}/log`);
  const mark = page.getByRole("group", { name: /sleep/i }).getByRole("button");
  await page.getByRole("heading", { level: 1 }).waitFor();
  const writes: number[] = [];
  const marks =
    (await mark.count()) > 0
      ? mark
      : page.locator("fieldset, [role=radiogroup]").first().locator("label, button");
  for (let n = 0; n < 8; n += 1) {
    const begin = Date.now();
    await marks.nth(n % 2).click();
    await page.waitForFunction(
      () =>
        [...document.querySelectorAll("[role=status]")].some((one) => one.textContent === "saved"),
      null,
      { polling: 5 },
    );
    if (n > 1) writes.push(Date.now() - begin);
    await page.waitForTimeout(300);
  }
  return { station: median(stations), write: median(writes) };
}

/** Milliseconds from a letter typed into the finder to the frame after it, the median of a name. */
async function finder(page: Page): Promise<number> {
  await page.keyboard.press("/");
  await page.locator("dialog input").waitFor();
  const letters = await page.evaluate(async (name) => {
    const input = document.querySelector<HTMLInputElement>("dialog input")!;
    const { set } = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!;
    const took: number[] = [];
    for (let n = 1; n <= name.length; n += 1) {
      const begin = performance.now();
      set!.call(input, name.slice(0, n));
      input.dispatchEvent(new Event("input", { bubbles: true }));
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      took.push(performance.now() - begin);
    }
    return took;
  }, "performer 7");
  await page.keyboard.press("Escape");
  return median(letters);
}

/** Milliseconds until the table of a group stands: with nobody's records read yet, and after that. */
async function hallTable(page: Page, address: string, group: string) {
  const once = async (path: string) => {
    const begin = Date.now();
    await page.goto(`${address}${path}`);
    await page.locator("main table tbody tr").first().waitFor({ timeout: 300_000 });
    return Date.now() - begin;
  };
  const first = await once(`/hall/${group}`);
  await page.getByRole("link", { name: "Round" }).first().click();
  await page.waitForURL(/round/);
  const begin = Date.now();
  await page.getByRole("link", { name: "Table" }).first().click();
  await page.locator("main table tbody tr").first().waitFor({ timeout: 300_000 });
  return { first, again: Date.now() - begin };
}

/** Megabytes more after so many changes of station than after the first few. */
async function growth(page: Page, address: string, changes: number): Promise<number> {
  await page.goto(`${address}/at/athlete-7/aim`);
  await page.getByRole("heading", { level: 1 }).first().waitFor();
  const walk = async (count: number) => {
    for (let n = 0; n < count; n += 1) {
      await page.keyboard.press(String("1346"[n % 4]));
      await page.waitForTimeout(120);
    }
  };
  await walk(20);
  const before = await heap(page);
  await walk(changes);
  return (await heap(page)) - before;
}

async function heap(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  const { metrics } = await session
    .send("Performance.enable")
    .then(() => session.send("Performance.getMetrics"));
  return metrics.find(({ name }) => name === "JSHeapUsedSize")!.value / 1e6;
}

/** Sixty athletes with three years against the demo's six with twelve weeks, in Chromium. */
const bench: Bench = async () => {
  run("npm", ["run", "build", "--silent"], { quiet: true });
  const folder = mkdtempSync(join(tmpdir(), "yearling-scale-"));
  const file = join(folder, "large.json");
  const records = await writeLarge(file);
  const megabytes = statSync(file).size / 1e6;
  const { server, address } = await serve(0);
  const browser = await openBrowser();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(address);
  await page
    .getByRole("status")
    .filter({ hasText: /^saved$/ })
    .waitFor();
  const small = {
    list: await firstList(page, address, 6),
    ...(await stationAndWrite(page, address, "odalys")),
    heap: await heap(page),
  };
  await page.goto(`${address}/file`);
  const begin = Date.now();
  await page.getByLabel("A file of Yearling’s").setInputFiles(file);
  await page.getByRole("button", { name: "Add to my notebook" }).click({ timeout: 600_000 });
  const looked = Date.now();
  await page.getByText(/records are in your own notebook/).waitFor({ timeout: 600_000 });
  const imported = Date.now();
  const lists: number[] = [];
  for (let n = 0; n < 5; n += 1) lists.push(await firstList(page, address, athletes));
  const listHeap = await heap(page);
  const large = {
    list: median(lists),
    ...(await stationAndWrite(page, address, "athlete-7")),
    heap: await heap(page),
  };
  const letter = await finder(page);
  const grown = await growth(page, address, 200);
  const ten = await hallTable(page, address, "group-3");
  const sixty = await hallTable(page, address, "all");
  await browser.close();
  await server.close();
  rmSync(folder, { recursive: true, force: true });
  const round = (value: number, digits = 2) => Number(value.toFixed(digits));
  return {
    table: [
      {
        notebook: "the demo",
        "list, ms": small.list,
        "station, ms": round(small.station, 0),
        "write, ms": small.write,
        "heap, MB": round(small.heap, 1),
      },
      {
        notebook: `${athletes} × 3 years`,
        "list, ms": large.list,
        "station, ms": round(large.station, 0),
        "write, ms": large.write,
        "heap, MB": round(large.heap, 1),
      },
    ],
    figures: [
      { key: "records", value: records, unit: "records" },
      { key: "file_mb", value: round(megabytes, 0), unit: "MB" },
      { key: "look_s", value: round((looked - begin) / 1000, 1), unit: "s" },
      { key: "import_s", value: round((imported - looked) / 1000, 1), unit: "s" },
      { key: "first_list_s", value: round(large.list / 1000), unit: "s" },
      { key: "station_ratio", value: round(large.station / small.station), unit: "large : small" },
      { key: "write_ratio", value: round(large.write / small.write), unit: "large : small" },
      { key: "finder_ms", value: round(letter, 0), unit: "ms a letter" },
      { key: "memory_growth_mb", value: round(grown, 1), unit: "MB after 200 changes" },
      { key: "group_table_s", value: round(ten.first / 1000, 1), unit: "s, ten, first" },
      { key: "group_again_s", value: round(ten.again / 1000, 1), unit: "s, ten, again" },
      { key: "hall_table_s", value: round(sixty.first / 1000, 1), unit: "s, sixty, first" },
      { key: "hall_again_s", value: round(sixty.again / 1000, 1), unit: "s, sixty, again" },
      { key: "memory_list_mb", value: round(listHeap, 1), unit: "MB" },
      { key: "memory_mb", value: round(large.heap, 1), unit: "MB" },
    ],
  };
};

export default bench;
