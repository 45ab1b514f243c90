import { expect, test } from "@playwright/test";
import { openDemo } from "./walk";

const pages = [
  "/at/odalys/prep",
  "/at/odalys/prep/sheet",
  "/at/odalys/prep/sheet?sheet=pocket",
  "/at/odalys/season/sheet",
  "/at/odalys/season/sheet?of=season",
  "/at/odalys/aim/clinician",
  "/at/odalys/log/book",
  "/at/odalys/gap",
];

test("whatever is printed says who, which day and which year, and has nothing to press", async ({
  page,
}) => {
  await page.setViewportSize({ width: 794, height: 1123 });
  await openDemo(page);
  for (const path of pages) {
    await page.goto(path);
    await page.getByRole("heading", { level: 1 }).first().waitFor();
    await page.emulateMedia({ media: "print" });
    const text = await page.evaluate(() => document.body.innerText);
    expect(text, path).toContain("Odalys Brenner");
    expect(text, path).toMatch(/\d{1,2} November 2026/);
    const pressed = await page
      .locator("button.press, a.press, select, button.quiet")
      .filter({ visible: true })
      .count();
    expect(pressed, path).toBe(0);
    await page.emulateMedia({ media: "screen" });
  }
});

test("the pocket sheet folds into quarters: four parts of one size on one page", async ({
  page,
}) => {
  await page.setViewportSize({ width: 794, height: 1123 });
  await openDemo(page, "/at/odalys/prep/sheet?sheet=pocket");
  await page.emulateMedia({ media: "print" });
  const boxes = await page
    .locator(".pocket > section")
    .evaluateAll((parts) => parts.map((part) => part.getBoundingClientRect().toJSON() as DOMRect));
  expect(boxes).toHaveLength(4);
  const [first] = boxes;
  for (const box of boxes) {
    expect(Math.abs(box.width - first!.width)).toBeLessThan(3);
    expect(Math.abs(box.height - first!.height)).toBeLessThan(3);
  }
  const paper = await page.locator(".pocket").evaluate((one) => one.getBoundingClientRect().height);
  // A4 less its margins, at 96 px an inch.
  expect(paper).toBeLessThanOrEqual((297 / 25.4) * 96 - 60);
});

test("every chart is named and read as a table", async ({ page }) => {
  await openDemo(page);
  for (const [path, name] of [
    ["/at/meheret/check/record", /over time$/],
    ["/at/odalys/log/book?by=drill", /sessions by level$/],
    ["/at/odalys/log/book?by=motion", /minutes by week$/],
    ["/at/kaito/season/date", /up to \d+ \w+$/],
  ] as const) {
    await page.goto(path);
    const chart = page.getByRole("figure", { name }).first();
    await expect(chart, path).toBeVisible({ timeout: 60_000 });
    await chart.getByText("As a table").click();
    const rows = chart.getByRole("table").getByRole("row");
    await expect(rows.nth(1), path).toBeVisible();
    expect(await rows.count(), path).toBeGreaterThan(1);
  }
});

test("low and small, nothing that sticks covers what has the cursor", async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 256 });
  await openDemo(page, "/at/odalys/check");
  for (let i = 0; i < 25; i += 1) {
    await page.keyboard.press("Tab");
    const covered = await page.evaluate(() => {
      const at = document.activeElement;
      if (!at || at === document.body) return null;
      const { left, top, width, height } = at.getBoundingClientRect();
      const [x, y] = [left + width / 2, top + height / 2];
      if (width < 4 || y < 0 || y > innerHeight || x < 0 || x > innerWidth) return null;
      const over = document.elementFromPoint(x, y);
      return over && !at.contains(over) && !over.contains(at)
        ? `${at.outerHTML.slice(0, 80)} under ${over.outerHTML.slice(0, 80)}`
        : null;
    });
    expect(covered).toBeNull();
  }
});
