/** npm run shots: current pictures of every main view from the demo data, with the clock held still. */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
import { ensureChromium, ensurePackages, root, run } from "./steps.mjs";

const still = new Date("2026-11-24T09:30:00");
const out = join(root, "docs/screenshots");
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** name, path, viewport, light or dark, and what to do before the picture. */
const views = [
  ["troupe", "/", desk, "light"],
  ["aim", "/at/odalys/aim", desk, "light", intakeShown],
  ["check", "/at/odalys/check?focus=shoulder-flexion", desk, "light", typeRound],
  ["record", "/at/meheret/check/record", desk, "light"],
  ["gap", "/at/odalys/gap", desk, "light", worthKnown],
  ["prep", "/at/wren/prep", desk, "light", swapOpen],
  ["prep-sheet", "/at/odalys/prep/sheet", desk, "light"],
  ["run", "/at/odalys/prep", desk, "light", startRun],
  ["log", "/at/odalys/log?day=2026-11-23", desk, "light"],
  ["book", "/at/odalys/log/book?by=drill", desk, "light", drillShown],
  ["season", "/at/kaito/season", desk, "light", dateKnown],
  ["season-date", "/at/kaito/season/date", desk, "dark", dateKnown],
  ["hall-table", "/hall/all", desk, "light", squadRead],
  ["hall-session", "/hall/floor-crew/session", desk, "light", sessionRead],
  ["hall-wall", "/hall/all/session", desk, "light", atStations],
  ["file", "/file", desk, "light"],
  ["library", "/library", desk, "light"],
  ["phone-coach", "/coach", phone, "light", fromCoach],
  ["phone-run", "/at/odalys/prep", phone, "light", startRun],
];

/** The clearance and its limits, and the place it is of. */
async function intakeShown(page) {
  await page.getByText(/cleared by/).waitFor();
  await page.getByText(/cleared by/).evaluate((line) => line.scrollIntoView({ block: "start" }));
}

/** Everybody's record is read beside the page. */
async function squadRead(page) {
  await page.getByRole("heading", { name: "Groups for today" }).waitFor({ timeout: 90_000 });
}

async function sessionRead(page) {
  await page.getByText("8 drills for 4 athletes").waitFor({ timeout: 90_000 });
}

/** A session at stations in its first round. */
async function atStations(page) {
  await page.getByLabel("at stations").click();
  await page.getByLabel("Minutes", { exact: true }).fill("40");
  await page.getByRole("button", { name: /^Plan it for/ }).click();
  await page.getByRole("link", { name: "Wall screen" }).click({ timeout: 90_000 });
  await page.getByRole("button", { name: "Start" }).click();
  await page.getByRole("button", { name: "Pause" }).waitFor();
  for (let n = 0; n < 40 && !(await page.getByText(/^round 1 of/).count()); n += 1) {
    await page.keyboard.press("ArrowRight");
    await page.waitForTimeout(200);
  }
  await page.keyboard.press("ArrowRight");
}

async function typeRound(page) {
  await page.getByRole("textbox", { name: "Shoulder flexion, left, trial 1, degrees" }).click();
  for (const text of ["162", "Enter", "161", "Enter", "166", "Enter", "166"])
    await (text === "Enter" ? page.keyboard.press("Enter") : page.keyboard.type(text));
}

/** Worth comes from its own thread, which the still clock does not hold. */
async function worthKnown(page) {
  await page.getByText(/Least that would do:|No range within|no degree is missing/).waitFor();
}

/** The forecast comes from its own thread too. */
async function dateKnown(page) {
  await page
    .getByText(/^By \d+ \w+\b.*\?/)
    .first()
    .waitFor();
}

/** A session of its own, with what could stand in one drill's place. */
async function swapOpen(page) {
  await page.getByLabel("Session type").selectOption("mobility");
  await page.getByRole("heading", { name: "30:00", exact: true }).waitFor();
  await page
    .getByRole("button", { name: /^Swap / })
    .nth(2)
    .click();
}

async function drillShown(page) {
  await page.getByRole("list", { name: "Drills done" }).getByText("Wall slides").click();
  await page.getByRole("figure", { name: /Wall slides: / }).waitFor();
}

/** A prep sent from another device's demo, with the health questions answered. */
async function fromCoach(page) {
  const { origin } = new URL(page.url());
  const coach = await page
    .context()
    .browser()
    .newContext({ permissions: ["clipboard-read", "clipboard-write"] });
  const desk = await coach.newPage();
  await desk.clock.install({ time: still });
  await desk.goto(`${origin}/at/odalys/prep`);
  await desk.getByRole("button", { name: "To the phone" }).click();
  await desk.getByRole("button", { name: "Copy the link" }).click();
  const link = await desk.evaluate(() => navigator.clipboard.readText());
  await coach.close();
  await page.goto(link);
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await page.getByRole("link", { name: "Answer them" }).click();
  await page.getByRole("button", { name: "Save the answers" }).click();
  await page.clock.runFor(1_000);
  await page.goto(`${origin}/coach`);
  await page.getByRole("link", { name: "Run it" }).waitFor();
}

async function startRun(page) {
  await page.getByRole("button", { name: "Run it" }).click();
  await page.getByRole("timer").waitFor();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press("s");
  await page.clock.runFor(26_000);
}

ensurePackages();
ensureChromium();
run("npm", ["run", "build", "--silent"], { quiet: true });
mkdirSync(out, { recursive: true });
const { server, address } = await serve(0);
const browser = await openBrowser();
const only = process.argv.slice(2);
for (const [name, path, viewport, colorScheme, before] of views) {
  if (only.length > 0 && !only.includes(name)) continue;
  const context = await browser.newContext({
    viewport,
    colorScheme,
    reducedMotion: "reduce",
    locale: "en-GB",
    timezoneId: "UTC",
  });
  const page = await context.newPage();
  page.on("pageerror", (error) => console.error(`${name}: ${error.message}`));
  await page.clock.install({ time: still });
  await page.goto(address + path);
  await page.getByRole("heading", { level: 1 }).first().waitFor();
  await page.clock.runFor(400);
  const kept = page.getByRole("status").filter({ hasText: /^saved$/ });
  await kept.waitFor({ state: viewport === phone ? "attached" : "visible" });
  await before?.(page);
  await page.clock.runFor(2_000);
  await page.waitForTimeout(400);
  // Records are read one after the other beside the page, by its own clock.
  for (let n = 0; n < 40 && (await page.getByText("Reading the record").count()) > 0; n += 1) {
    await page.clock.runFor(200);
    await page.waitForTimeout(200);
  }
  await page.screenshot({ path: join(out, `${name}.png`) });
  console.log(`docs/screenshots/${name}.png`);
  await context.close();
}
await browser.close();
server.close();
