import axe from "axe-core";
import type { BrowserContext, Page } from "@playwright/test";
import { otherAddresses, stationAddresses } from "../scripts/addresses";
import { openBrowser } from "../scripts/browser.mjs";
import { serve } from "../scripts/serve.mjs";
import { run } from "../scripts/steps.mjs";
import type { Bench } from "./bench";
import { walkByKeys } from "./access/walk";

/** A desk, a phone, and a desk of 1280 × 1024 enlarged to 400 %. */
const sizes = [
  { name: "1280", width: 1280, height: 800 },
  { name: "390", width: 390, height: 844 },
  { name: "320 × 400 %", width: 320, height: 256 },
] as const;
const schemes = ["light", "dark"] as const;
const addresses = [...stationAddresses, ...otherAddresses];
/** The day of the pictures and of the tests. */
const still = new Date("2026-11-24T09:30:00Z");

type Finding = { id: string; impact: string | null; nodes: { html: string }[] };
type Seen = { place: string; impact: string; rule: string; html: string };

/**
 * What axe finds on the page as it stands, its rule of target sizes too. The line at the foot is let go for it: what
 * happens to lie half under it is as small as the scrolling makes it.
 */
async function found(page: Page, place: string): Promise<Seen[]> {
  await page.addStyleTag({ content: ".sticky { position: static !important; }" });
  await page.evaluate(axe.source);
  const violations = await page.evaluate(async () => {
    const { run } = (
      globalThis as never as {
        axe: { run: (options: object) => Promise<{ violations: Finding[] }> };
      }
    ).axe;
    return (await run({ resultTypes: ["violations"], rules: { "target-size": { enabled: true } } }))
      .violations;
  });
  return violations.flatMap(({ id, impact, nodes }) =>
    nodes.map(({ html }) => ({
      place,
      impact: impact ?? "none",
      rule: id,
      html: html.slice(0, 110),
    })),
  );
}

/** So many px the page runs off to the side. */
const sideways = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Dialogs and tools, each opened from a page by keys or presses. */
const opened: readonly [name: string, path: string, open: (page: Page) => Promise<unknown>][] = [
  ["find", "/at/odalys/gap", (page) => page.keyboard.press("/")],
  ["keys", "/at/odalys/gap", (page) => page.keyboard.press("?")],
  [
    "photo",
    "/at/odalys/check?focus=shoulder-flexion",
    (page) =>
      page.getByRole("button", { name: "Shoulder flexion, left: read from a photo" }).click(),
  ],
  [
    "level",
    "/at/odalys/check?focus=shoulder-flexion",
    (page) =>
      page.getByRole("button", { name: "Shoulder flexion, left: read with the level" }).click(),
  ],
  [
    "a drill opened",
    "/at/odalys/prep",
    (page) =>
      page
        .getByRole("button", { name: /^Level and dose of/ })
        .first()
        .click(),
  ],
  [
    "swap",
    "/at/odalys/prep",
    (page) =>
      page
        .getByRole("button", { name: /^Swap / })
        .first()
        .click(),
  ],
  ["add an athlete", "/", (page) => page.getByRole("button", { name: "Add an athlete" }).click()],
  ["add a list", "/", (page) => page.getByRole("button", { name: "Add a list" }).click()],
];

/** On the day of the pictures; the bundler that runs this file marks functions by a helper which a page does not have. */
async function prepared(context: BrowserContext): Promise<void> {
  await context.clock.install({ time: still });
  await context.addInitScript("globalThis.__name = (named) => named");
}

async function there(page: Page, at: string, path: string): Promise<void> {
  await page.goto(at + path);
  await page.getByRole("heading", { level: 1 }).first().waitFor({ timeout: 60_000 });
  await page.waitForTimeout(700);
}

async function visit(context: BrowserContext, at: string, name: string) {
  const page = await context.newPage();
  const seen: Seen[] = [];
  let runs = 0;
  let wide = 0;
  const look = async (place: string) => {
    runs += 1;
    seen.push(...(await found(page, place)));
    const off = await sideways(page);
    if (off > 0) {
      wide += 1;
      seen.push({ place, impact: "sideways", rule: `${off} px off the side`, html: "" });
    }
  };
  for (const path of addresses) {
    await there(page, at, path);
    await look(`${path}, ${name}`);
  }
  for (const [dialog, path, open] of opened) {
    await there(page, at, path);
    await open(page);
    await page.waitForTimeout(900);
    await look(`${dialog}, ${name}`);
  }
  // A run is of one prep: it is begun last.
  await there(page, at, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await page.getByRole("timer").waitFor();
  await look(`a run, ${name}`);
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("heading", { name: /hurts\. How much/ }).waitFor();
  await look(`pain, ${name}`);
  return { seen, runs, wide };
}

const bench: Bench = async () => {
  await run("npm", ["run", "build", "--silent"]);
  const { address, server } = await serve(4197);
  const browser = await openBrowser();
  const seen: Seen[] = [];
  let runs = 0;
  let wide = 0;
  for (const { name, ...viewport } of sizes)
    for (const colorScheme of schemes) {
      const context = await browser.newContext({
        viewport,
        colorScheme,
        timezoneId: "UTC",
        locale: "en-GB",
      });
      await prepared(context);
      const one = await visit(context, address, `${name}, ${colorScheme}`);
      seen.push(...one.seen);
      runs += one.runs;
      wide += one.wide;
      await context.close();
    }
  const context = await browser.newContext({
    viewport: sizes[0],
    timezoneId: "UTC",
    locale: "en-GB",
  });
  await prepared(context);
  const steps = await walkByKeys(await context.newPage(), address);
  await browser.close();
  await server.close();
  const count = (...impacts: string[]) =>
    seen.filter(({ impact }) => impacts.includes(impact)).length;
  const silent = steps.filter(({ heard }) => heard === "");
  const lost = steps.filter((one) => one.lost);
  const rules = new Map<string, Seen[]>();
  for (const one of seen) {
    const rule = `${one.impact}: ${one.rule}`;
    rules.set(rule, [...(rules.get(rule) ?? []), one]);
  }
  return {
    table: [
      ...[...rules].map(([rule, list]) => ({
        what: rule,
        times: list.length,
        first: list[0]!.place,
        html: list[0]!.html,
      })),
      ...silent.map(({ does }) => ({ what: "silent", times: 1, first: does, html: "" })),
      ...lost.map(({ does }) => ({ what: "cursor lost", times: 1, first: does, html: "" })),
    ],
    figures: [
      { key: "runs", value: runs, unit: "pages and dialogs looked at" },
      { key: "serious", value: count("serious", "critical"), unit: "findings" },
      { key: "moderate", value: count("moderate"), unit: "findings" },
      { key: "sideways", value: wide, unit: "pages that run off the side" },
      { key: "steps", value: steps.length, unit: "steps by keys" },
      { key: "silent_steps", value: silent.length, unit: "steps of which nothing is heard" },
      { key: "focus_lost", value: lost.length, unit: "steps after which the cursor is on nothing" },
    ],
  };
};

export default bench;
