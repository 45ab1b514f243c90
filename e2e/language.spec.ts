import { execFileSync } from "node:child_process";
import { join } from "node:path";
import { expect, test } from "@playwright/test";
import { otherAddresses, stationAddresses } from "../scripts/addresses";
import { serve } from "../scripts/serve.mjs";

/**
 * Another language in the place of `words/en`: a build that takes every sentence from a folder made of it, accented
 * and two fifths longer. What is said by the core comes out of that folder; and nothing overflows when it is longer.
 */
const root = join(import.meta.dirname, "..");
const accents = /[áéíóúýñçšžťřľďğ]/g;

test.describe.configure({ mode: "serial" });

let close: () => Promise<unknown>;
let address = "";
test.beforeAll(async () => {
  test.setTimeout(300_000);
  const env = { ...process.env, YEARLING_WORDS: "pseudo" };
  execFileSync("npx", ["react-router", "build"], { cwd: root, env, stdio: "ignore" });
  execFileSync("npx", ["tsx", "scripts/write-demo.ts", "build-pseudo"], {
    cwd: root,
    stdio: "ignore",
  });
  execFileSync("node", ["scripts/write-page.mjs", "build-pseudo"], { cwd: root });
  const served = await serve(0, "127.0.0.1", join(root, "build-pseudo/client"));
  address = served.address;
  close = () => served.server.close();
});
test.afterAll(() => close());

/** Every page; of the two athletes whose stations are listed, one. */
const pages = [...stationAddresses.filter((page) => page.includes("odalys")), ...otherAddresses];

/** Makes what is written in the page itself as long as the rest: every word that is no word of the folder. */
function lengthen(): void {
  const letters = /[a-zA-Z]/g;
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  const found: Text[] = [];
  while (walker.nextNode()) found.push(walker.currentNode as Text);
  for (const node of found) {
    const text = node.nodeValue ?? "";
    if (/[áéíóúñçšžťř~]/.test(text) || node.parentElement?.closest("script,style,svg,kbd"))
      continue;
    const more = Math.round((text.match(letters)?.length ?? 0) * 0.4);
    if (more > 0)
      node.nodeValue = `${text.trimEnd()} ${"~".repeat(more).replace(/~{5}(?=~)/g, "~~~~ ")}`;
  }
}

/** Texts that stand over the edge of their own box, of the page, or that are cut off without a sign. */
function overflowing(): string[] {
  const found = new Set<string>();
  if (document.documentElement.scrollWidth > innerWidth + 1)
    found.add(`the page is ${document.documentElement.scrollWidth} wide`);
  const scrolls = (from: Element): boolean => {
    for (let one: Element | null = from; one && one !== document.body; one = one.parentElement)
      if (/auto|scroll/.test(getComputedStyle(one).overflowX)) return true;
    return false;
  };
  for (const one of document.querySelectorAll("body *")) {
    if (one.closest("svg,script,details:not([open]) > :not(summary)")) continue;
    const { display, visibility, textOverflow } = getComputedStyle(one);
    const box = one.getBoundingClientRect();
    if (display === "inline" || visibility === "hidden" || box.width < 2 || box.height < 2)
      continue;
    const says = [...one.childNodes].some((node) => node.nodeType === 3 && node.nodeValue?.trim());
    if (!says || textOverflow === "ellipsis" || scrolls(one)) continue;
    const text = one.textContent?.trim().slice(0, 40) ?? "";
    if (one.scrollWidth > one.clientWidth + 2)
      found.add(`“${text}” is ${one.scrollWidth} wide in ${one.clientWidth}`);
    if (box.right > document.documentElement.clientWidth + 1)
      found.add(`“${text}” is off the page`);
  }
  return [...found];
}

test("a longer language overflows nowhere, on a desk or on a phone", async ({ page }) => {
  test.setTimeout(420_000);
  const over: Record<string, string[]> = {};
  for (const path of pages) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(address + path);
    await page.locator("h1").first().waitFor();
    await expect(page.locator("[aria-busy=true]")).toHaveCount(0);
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: width === 390 ? 844 : 800 });
      await page.evaluate(lengthen);
      // A page that has just become narrow may still be drawing itself: what runs over then, must at rest too.
      let found = await page.evaluate(overflowing);
      if (found.length > 0) {
        await page.waitForTimeout(1_000);
        found = await page.evaluate(overflowing);
      }
      if (found.length > 0) over[`${path} at ${width}`] = found;
    }
  }
  expect(over).toEqual({});
});

test("what the core says comes out of the folder, wherever it is said", async ({ page }) => {
  await page.goto(`${address}/at/odalys/gap`);
  // The headline, the next move, a why: all of them facts of the core.
  const headline = page.locator("h1").first();
  await expect(headline).toHaveText(accents);
  await expect(headline).not.toHaveText(/hold it back|too close to call/i);
  await expect(page.locator("footer a")).toHaveText(accents);
  await page.getByText("why", { exact: true }).first().click();
  await expect(page.locator("details[open] p").first()).toHaveText(accents);
  await page.goto(`${address}/at/odalys/season`);
  await expect(page.locator("footer a")).toHaveText(accents);
});

/** Where each label of a drawing stands, from the drawing's own corner, px. */
const labelsAt = (): { at: string; left: number; right: number }[] =>
  [...document.querySelectorAll("svg text")].flatMap((label) => {
    const frame = label.closest("svg")!.getBoundingClientRect();
    const box = label.getBoundingClientRect();
    if (box.width === 0 || frame.width === 0) return [];
    return [
      {
        at: label.textContent ?? "",
        left: Math.round(box.left - frame.left),
        right: Math.round(box.right - frame.left),
      },
    ];
  });

test("read from right to left, the labels of a figure stay whole and where they were", async ({
  page,
}) => {
  test.setTimeout(120_000);
  for (const path of ["/at/odalys/gap", "/at/odalys/aim", "/at/odalys/season/dose"]) {
    await page.goto(address + path);
    await page.locator("h1").first().waitFor();
    await expect(page.locator("svg text").first()).toBeVisible();
    await page.waitForTimeout(1_500);
    const before = await page.evaluate(labelsAt);
    await page.evaluate(() => (document.documentElement.dir = "rtl"));
    await page.waitForTimeout(300);
    const after = await page.evaluate(labelsAt);
    expect(before.length).toBeGreaterThan(3);
    expect(after.length).toBe(before.length);
    const moved = after.filter(
      ({ left, right }, n) =>
        Math.abs(left - before[n]!.left) > 2 || Math.abs(right - before[n]!.right) > 2,
    );
    expect(moved).toEqual([]);
  }
});
