import { expect, test, type Page } from "@playwright/test";
import { openDemo } from "./walk";

test("a reload in the middle of a run resumes where wall time says, nothing lost", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.getByRole("button", { name: "Skip drill" }).click();
  await page.getByRole("button", { name: "Skip drill" }).click();
  await page.getByRole("button", { name: "Pause" }).click();
  await expect(page.getByText("paused")).toBeVisible();
  const drill = await page.getByRole("heading", { level: 1 }).textContent();
  const left = await page.getByRole("timer").textContent();
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(drill!);
  await expect(page.getByRole("timer")).toHaveText(left!);
  await expect(page.getByText("paused")).toBeVisible();
  await page.getByRole("button", { name: "Go on" }).click();
  await expect(page.getByText("paused")).toBeHidden();
  await page.goto("/at/odalys/gap");
  await expect(page.getByText("A run is under way", { exact: false })).toBeVisible();
});

test("a run left alone goes through its changes by the clock and ends at its minutes", async ({
  page,
}) => {
  test.slow();
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.clock.install({ time: new Date("2026-11-24T09:00:00Z") });
  await openDemo(page, "/at/odalys/prep", false);
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.clock.runFor(14 * 60_000 + 30_000);
  await expect(page.getByText(/0:[0-3]\d left/)).toBeVisible();
  await page.clock.runFor(40_000);
  await expect(page.getByRole("heading", { name: "Done." })).toBeVisible();
});

test("pain above 5/10 locks the place out of plans until a person clears it with a reason", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  const overhead = page.getByRole("heading", {
    name: /Elevated prayer|Prone lift-offs|Wall slides|Pass-over|Shoulder circles|Overhead shrugs|Halo|Kneeling swimmer|Reach to the ceiling|Push-up plus|Reverse plank/,
  });
  await expect(async () => {
    if (!(await overhead.isVisible()))
      await page.getByRole("button", { name: "Skip drill" }).click();
    await expect(overhead).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 40_000 });
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("radio", { name: "7", exact: true }).click();
  await expect(page.getByText("See a licensed clinician.", { exact: false })).toBeVisible();
  await page.getByLabel("Where, by name").selectOption({ label: "right shoulder" });
  await page.getByRole("button", { name: "Stop this drill" }).click();
  const over = page.getByRole("heading", { name: "Done." });
  await expect(page.getByText("paused").or(over)).toBeVisible();
  if (await over.isVisible())
    await page.getByRole("button", { name: "Log it", exact: true }).click();
  else {
    await page.getByRole("button", { name: "It hurts" }).click();
    await page.getByRole("button", { name: "End the whole run" }).click();
  }
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await page.getByRole("link", { name: "1 Aim" }).click();
  await expect(page.getByText(/Right shoulder is out of plans since .* pain 7\/10/)).toBeVisible();
  const lock = page
    .getByRole("region", { name: "Locked places" })
    .locator("form")
    .filter({ hasText: "Right shoulder" });
  await lock.getByLabel("Who clears it").fill("Ysolde");
  await lock.getByLabel("Reason").fill("seen by a clinician, fine");
  await lock.getByRole("button", { name: "Clear" }).click();
  await expect(page.getByText(/Right shoulder is out of plans/)).toBeHidden();
});

/** A run under the test's own clock. */
async function timedRun(page: Page): Promise<void> {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.clock.install({ time: new Date("2026-11-24T09:00:00Z") });
  await openDemo(page, "/at/odalys/prep", false);
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
}
const drill = (page: Page) => page.getByRole("heading", { level: 1 });

test("a remote's two keys walk the run; a reload in the middle loses nothing; two taps finish the log", async ({
  page,
}) => {
  test.slow();
  await timedRun(page);
  const first = await drill(page).textContent();
  await page.keyboard.press("PageDown");
  // One step on: the change-over where the next drill has one, else that drill.
  const change = page.getByText("get into position").or(page.getByText("set up"));
  await expect(change.or(drill(page).filter({ hasNotText: first! })).first()).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(drill(page)).toHaveText(first!);
  await page.clock.runFor(30_000);
  await page.keyboard.press("s");
  await expect(drill(page)).not.toHaveText(first!);
  await page.keyboard.press("Space");
  await expect(page.getByText("paused")).toBeVisible();
  const second = await drill(page).textContent();
  await page.waitForTimeout(400);
  await page.reload();
  await expect(drill(page)).toHaveText(second!);
  await expect(page.getByText("paused")).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByText("paused")).toBeHidden();
  await page.clock.runFor(16 * 60_000);
  await expect(page.getByRole("heading", { name: "Done." })).toBeVisible();
  await page.getByRole("button", { name: "All clean, log it" }).click();
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByText("The log is kept.").first()).toBeVisible();
  const row = page.getByRole("listitem").filter({ hasText: first! }).first();
  await expect(row.getByRole("radio", { name: "part" })).toBeChecked();
  const other = page.getByRole("listitem").filter({ hasText: second! }).first();
  await expect(other.getByRole("radio", { name: "clean" })).toBeChecked();
});

test("on the floor: rungs, sets, fifteen seconds, loose now, form, other minutes, taken back", async ({
  page,
}) => {
  test.slow();
  await timedRun(page);
  const left = async () => {
    const text = await page.getByText(/left · done at/).textContent();
    const [minutes, seconds] = /(\d+):(\d\d) left/.exec(text!)!.slice(1).map(Number);
    return minutes! * 60 + seconds!;
  };
  await page.keyboard.press("Space");
  await expect(page.getByText("paused")).toBeVisible();
  const before = await left();
  await page.keyboard.press("+");
  await expect.poll(left).toBe(before + 15);
  await page.keyboard.press("u");
  await expect.poll(left).toBe(before);
  for (let i = 0; i < 3; i += 1) await page.keyboard.press("s");
  await page.keyboard.press("Space");
  await page.clock.runFor(12_000);
  await page.getByRole("button", { name: "Loose now" }).click();
  await page.keyboard.press("e");
  await page.keyboard.press("a");
  await page.keyboard.press("f");
  await expect(page.getByRole("heading", { name: "What was seen?" })).toBeVisible();
  await page.getByRole("radio").first().click();
  await page.getByRole("button", { name: "Less range, kept clean" }).click();
  await page.keyboard.press("t");
  await page.getByRole("button", { name: "5", exact: true }).click();
  await expect(page.getByText("stays", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Take 5:00" }).click();
  await expect.poll(left).toBeLessThanOrEqual(300);
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: "What instead?" })).toBeVisible();
  await page.getByRole("button", { name: "Keep it" }).click();
  await page.clock.runFor(6 * 60_000);
  await expect(page.getByRole("heading", { name: "Done." })).toBeVisible();
  await page.getByRole("button", { name: "Log it", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await expect(page.getByText(/less range, kept clean/i).first()).toBeVisible();
  await expect(
    page.getByRole("spinbutton", { name: /loose at/ }).filter({ visible: true }),
  ).not.toHaveCount(0);
});

test("a group runs by one clock, each at the own rung; everybody gets a log", async ({ page }) => {
  await openDemo(page, "/at/odalys/prep");
  await page.goto("/at/odalys/run");
  await page.getByText("Kaito", { exact: false }).first().click();
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/Odalys: .* · Kaito/)).toBeVisible();
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByLabel("Whom").selectOption({ index: 1 });
  await page.getByRole("radio", { name: "4", exact: true }).click();
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText(/Noted for Kaito/)).toBeVisible();
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("button", { name: "End the whole run" }).click();
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await page.goto("/at/kaito/log");
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
});
