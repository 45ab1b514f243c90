import { expect, type Page } from "@playwright/test";

/** Tests stand on a Tuesday, a day with a planned prep; the troupe's days depend on the day it is loaded. */
const toTuesday = new Date("2026-11-24T09:30:00Z").getTime() - Date.now();

/** Sets the pages' calendar; time goes on as it does. */
const setCalendar = (page: Page) =>
  page.addInitScript((shift) => {
    const Real = Date;
    window.Date = class extends Real {
      constructor(...given: unknown[]) {
        if (given.length === 0) super(Real.now() + shift);
        else super(...(given as [number]));
      }
      static override now = () => Real.now() + shift;
    } as DateConstructor;
  }, toTuesday);

/** Opens the application on an empty browser and waits for the invented troupe to be written. */
export async function openDemo(page: Page, path = "/", calendar = true): Promise<void> {
  if (calendar) await setCalendar(page);
  await page.goto(path);
  await page.getByRole("heading", { level: 1 }).first().waitFor();
  await saved(page);
}

/** Waits until everything on the screen is kept. */
export async function saved(page: Page): Promise<void> {
  const status = page.getByRole("status").filter({ hasText: /^saved$/ });
  await expect(status).toBeVisible({ timeout: 20_000 });
}

/** Opens the user's own notebook, which starts empty. */
export async function openOwn(page: Page): Promise<void> {
  await openDemo(page);
  await page.getByRole("button", { name: "Start my own notebook" }).click();
  await expect(page.getByRole("heading", { name: "An empty notebook" })).toBeVisible();
}

/** Adds an athlete by the form and lands on her aim. */
export async function addAthlete(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Add an athlete" }).click();
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.getByLabel("Born").fill("1999-05-04");
  await page.getByText(/^Height, weight, sport/).click();
  await page.getByLabel("What they do").fill("hand-balancer");
  await page.getByLabel("Height", { exact: true }).fill("165");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
}

/** Types text or presses keys, as hands on a keyboard would. Names in brackets are keys. */
export async function keys(page: Page, ...strokes: string[]): Promise<void> {
  for (const stroke of strokes) {
    if (stroke.startsWith("[")) await page.keyboard.press(stroke.slice(1, -1));
    else await page.keyboard.type(stroke);
  }
}

/** The text of a file that the page hands out. */
export async function downloaded(page: Page, press: () => Promise<void>): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent("download"), press()]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString("utf8");
}

/** Collects every request that goes to another origin, and every error of the page. */
export function watch(page: Page): { strangers: string[]; errors: string[] } {
  const seen = { strangers: [] as string[], errors: [] as string[] };
  page.context().on("request", (request) => {
    const { origin, protocol } = new URL(request.url());
    if (protocol.startsWith("http") && origin !== "http://127.0.0.1:4180")
      seen.strangers.push(request.url());
  });
  page.on("pageerror", (error) => seen.errors.push(error.message));
  page.on("console", (message) => {
    if (message.type() === "error") seen.errors.push(message.text());
  });
  return seen;
}
