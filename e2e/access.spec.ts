import { expect, type Page, test } from "@playwright/test";
import axe from "axe-core";
import { otherAddresses, stationAddresses } from "../scripts/addresses";
import { openDemo, saved } from "./walk";

type Finding = {
  id: string;
  impact: string | null;
  nodes: { html: string; failureSummary: string }[];
};

type Scheme = "light" | "dark";

/** Everything is asked of the light pages; what differs in the dark is colour. */
async function findings(page: Page, scheme: Scheme): Promise<string[]> {
  await page.evaluate(axe.source);
  const { violations } = await page.evaluate(
    (only) =>
      (
        window as unknown as {
          axe: { run: (options: object) => Promise<{ violations: Finding[] }> };
        }
      ).axe.run({
        resultTypes: ["violations"],
        ...(only && { runOnly: { type: "rule", values: only } }),
      }),
    scheme === "dark" ? ["color-contrast", "link-in-text-block"] : null,
  );
  return violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .flatMap(({ id, nodes }) =>
      nodes.map(
        (node) => `${id}: ${node.html.slice(0, 160)} — ${node.failureSummary.slice(0, 200)}`,
      ),
    );
}

/** A page as it stands, light and then dark. */
async function clean(page: Page, what: string): Promise<void> {
  const papers: string[] = [];
  for (const scheme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    papers.push(
      await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor),
    );
    expect(await findings(page, scheme), `${what}, ${scheme}`).toEqual([]);
  }
  expect(new Set(papers).size, "dark is another paper than light").toBe(2);
}

for (const [which, paths] of [
  ["any station", stationAddresses],
  ["the other pages", otherAddresses],
] as const)
  test(`no serious finding on ${which}, light and dark`, async ({ page }) => {
    test.setTimeout(400_000);
    await openDemo(page);
    for (const path of paths) {
      await page.goto(path);
      await page.getByRole("heading", { level: 1 }).first().waitFor();
      await page.waitForTimeout(150);
      await clean(page, path);
    }
  });

test("no serious finding in a run and its dialogs, light and dark", async ({ page }) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await page.getByRole("timer").waitFor();
  await clean(page, "the run");
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("heading", { name: /hurts\. How much/ }).waitFor();
  await clean(page, "the pain dialog");
  await page.getByRole("button", { name: "Go back, it is fine" }).click();
  for (const [key, heading] of [
    ["f", "What was seen?"],
    ["t", "How many minutes are there now?"],
    ["w", "What instead?"],
  ] as const) {
    await page.keyboard.press(key);
    await page.getByRole("heading", { name: heading }).waitFor();
    await clean(page, heading);
    await page.keyboard.press("Escape");
    await page.getByRole("heading", { name: heading }).waitFor({ state: "hidden" });
  }
});

for (const [which, paths] of [
  ["stations", stationAddresses],
  ["other pages", otherAddresses],
] as const)
  test(`at phone width nothing runs off the side, and the next move is within reach: ${which}`, async ({
    page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openDemo(page);
    for (const path of paths) {
      await page.goto(path);
      await page.getByRole("heading", { level: 1 }).first().waitFor();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, path).toBeLessThanOrEqual(390);
    }
  });

test("the figure leads to a joint's check, by mouse and by key", async ({ page }) => {
  await openDemo(page, "/at/odalys/gap");
  await page.getByRole("button", { name: /^Shoulder flexion: short/ }).click();
  await expect(page).toHaveURL(/check\?focus=shoulder-flexion/);
  await page.goto("/at/odalys/gap");
  await page.getByRole("button", { name: /^Wrist extension/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/check\?focus=wrist-extension/);
  await page.goto("/at/odalys/gap");
  await page.getByLabel(/turn/).fill("90");
  await expect(page.getByText("front", { exact: true })).toBeVisible();
});

test("the tape shows a day as it was known then", async ({ page }) => {
  await openDemo(page, "/at/odalys/gap");
  const tape = page.getByRole("slider", { name: "Day looked at" });
  await tape.focus();
  await page.keyboard.press("PageDown");
  await expect(page.getByText("what was known then", { exact: false })).toBeVisible();
  await expect(page).toHaveURL(/day=/);
  await page.getByRole("button", { name: "Back to today" }).click();
  await expect(page).not.toHaveURL(/day=/);
});

test("a wrong address says so and leads back", async ({ page }) => {
  const broke: string[] = [];
  page.on("pageerror", ({ message }) => broke.push(message));
  await openDemo(page);
  await page.goto("/at/nobody/gap");
  await expect(page.getByRole("heading", { name: "Nothing is kept here." })).toBeVisible();
  await page.goto("/nothing/of/the/kind");
  await expect(page.getByText("There is no page at this address.")).toBeVisible();
  await expect(page.getByText(/No route/)).toHaveCount(0);
  expect(broke).toEqual([]);
  await page.getByRole("link", { name: "To all athletes" }).click();
  await expect(page.getByRole("heading", { name: "Lanternfield" })).toBeVisible();
});

test("every page comes with its security headers", async ({ request }) => {
  for (const path of ["/", "/at/odalys/gap", "/library", "/library/drill/prayer"]) {
    const headers = (await request.get(path)).headers();
    expect(headers["content-security-policy"]).toContain("default-src 'self'");
    expect(headers["content-security-policy"]).toMatch(
      /script-src 'self' 'wasm-unsafe-eval' 'sha256-/,
    );
    expect(headers["content-security-policy"]!.split("style-src")[0]).not.toContain(
      "unsafe-inline",
    );
    expect(headers["x-content-type-options"]).toBe("nosniff");
    expect(headers["referrer-policy"]).toBe("no-referrer");
  }
});

test.describe("offline", () => {
  test.use({ serviceWorkers: "allow" });

  test("without a signal the whole application still opens, and keeps what is done", async ({
    page,
    context,
  }) => {
    await openDemo(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect
      .poll(() => page.evaluate(() => Boolean(navigator.serviceWorker.controller)))
      .toBe(true);
    // All of it: what the walk needs is there at once, the rest when the page is idle.
    await page.goto("/file");
    await expect(page.getByText(/all of Yearling is on this device/)).toBeVisible({
      timeout: 60_000,
    });
    await context.setOffline(true);
    for (const path of ["/at/odalys/gap", "/library/drill/prayer", "/at/wren/prep"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    }
    const name = await page
      .getByRole("button", { name: /^Lock / })
      .first()
      .getAttribute("aria-label");
    const lock = page.getByRole("button", { name: name!, exact: true });
    await lock.click();
    await expect(lock).toHaveAttribute("aria-pressed", "true");
    await saved(page);
    await page.reload();
    await expect(lock).toHaveAttribute("aria-pressed", "true");
  });
});

test("each station has its title, is told, and takes the cursor; single keys can be turned off", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/aim");
  const said = page.locator("p[aria-live=polite]").first();
  for (const [key, name] of [
    ["2", "Check"],
    ["3", "Gap"],
    ["4", "Prep"],
    ["6", "Log"],
    ["7", "Season"],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveTitle(`${name} · Odalys Brenner · Yearling`);
    await expect(said).toHaveText(`${name}, Odalys Brenner`);
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.closest("main") !== null))
      .toBe(true);
  }
  await expect(page.getByRole("region", { name: "Tape" })).toBeVisible();
  await page.goto("/file");
  await page.getByRole("combobox", { name: "Single keys, on this device" }).selectOption("off");
  await page.goto("/at/odalys/gap");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.keyboard.press("4");
  await page.keyboard.press("/");
  await expect(page).toHaveURL(/gap$/);
  await expect(page.getByRole("dialog")).toHaveCount(0);
});

test("a run tells each change by itself, and pain is one stop for the keys", async ({ page }) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await page.getByRole("timer").waitFor();
  await expect(page.getByRole("main")).toHaveCount(1);
  const told = page.locator("main p[aria-live=polite]").first();
  const before = await told.textContent();
  for (let n = 0; n < 6 && (await told.textContent()) === before; n += 1)
    await page.getByRole("button", { name: "Next", exact: true }).click();
  await expect(told).not.toHaveText(before!);
  await page.getByRole("button", { name: "It hurts" }).click();
  const scale = page.getByRole("radiogroup", { name: "Pain, 0 to 10" });
  await scale.getByRole("radio", { name: "3", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await expect(scale.getByRole("radio", { name: "4", exact: true })).toBeChecked();
  await expect(scale.locator("[tabindex='0']")).toHaveCount(1);
});
