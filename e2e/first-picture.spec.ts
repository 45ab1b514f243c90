import { expect, test } from "@playwright/test";
import { join } from "node:path";
import { manifestOf, neededBy, sentOf } from "../scripts/built.mjs";
import { root } from "../scripts/steps.mjs";

/** What an empty browser shows before any script has come, and that it goes when the page is there. */
const picture = "#first-picture";
const names = ["Odalys Brenner", "Ilvar Tamm", "Meheret Solane", "Noor Ferrant"];

test("the names of the troupe are seen before the scripts come, and lead on", async ({ page }) => {
  await page.route("**/assets/*.js", () => undefined);
  await page.goto("/", { waitUntil: "commit" });
  for (const name of names) await expect(page.locator(picture).getByText(name)).toBeVisible();
  // No day is in it: it was drawn on another one.
  const text = await page.locator(`${picture} main`).innerText();
  expect(text).not.toMatch(
    /\d{4}|(Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec) \d|\d (Jan|Nov|Dec)/,
  );
  const href = await page.locator(`${picture} a`, { hasText: names[0]! }).getAttribute("href");
  await page.unroute("**/assets/*.js");
  await page.goto(href!);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expect(page.locator(picture)).toHaveCount(0);
});

test("the page takes its picture away, and stands where the picture stood", async ({ page }) => {
  const said: string[] = [];
  page.on("pageerror", (error) => said.push(String(error)));
  page.on("console", (message) => {
    if (message.type() === "error") said.push(message.text());
  });
  let letCome = () => {};
  const seenFirst = new Promise<void>((done) => (letCome = done));
  await page.route("**/assets/entry.client*.js", async (route) => {
    await seenFirst;
    await route.continue();
  });
  await page.goto("/", { waitUntil: "commit" });
  const heading = page.locator("h1", { hasText: "Lanternfield" });
  await expect(page.locator(picture).locator("h1")).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  const seen = await page.locator(picture).locator("h1").boundingBox();
  letCome();
  await page.getByRole("link", { name: names[0]! }).waitFor();
  await expect(page.locator(picture)).toHaveCount(0);
  expect(await heading.boundingBox()).toEqual(seen);
  expect(said).toEqual([]);
});

test("who was here before sees no picture of somebody else", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: names[0]! }).waitFor();
  await page.route("**/assets/*.js", () => undefined);
  await page.reload({ waitUntil: "commit" });
  await expect(page.getByText("Opening the notebook")).toBeVisible();
  await expect(page.locator(picture)).toHaveCount(0);
});

test("the first page waits for no more script than it may", () => {
  const client = join(root, "build/client");
  const { entry, routes } = manifestOf(client);
  const first = ["root", "routes/bench", "routes/troupe"].map((id) => routes[id].module as string);
  const files = [...neededBy(client, [entry.module as string, ...first])] as string[];
  expect(files.length).toBeGreaterThan(3);
  const sizes = files.map((file) => sentOf(client, file) as number);
  expect(sizes.reduce((all, one) => all + one, 0)).toBeLessThan(170);
  // What weighs most is what every page needs.
  expect(Math.max(...sizes)).toBeLessThan(100);
});
