import { expect, test } from "@playwright/test";
import { openDemo } from "./walk";

test("a reload in the middle of a run resumes where wall time says, nothing lost", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.getByRole("button", { name: "Skip drill" }).click();
  await page.getByRole("button", { name: "Skip drill" }).click();
  const drill = await page.getByRole("heading", { level: 1 }).textContent();
  await page.getByRole("button", { name: "Pause" }).click();
  await expect(page.getByText("paused")).toBeVisible();
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
  await page.clock.install({ time: new Date("2026-11-24T09:00:00Z") });
  await openDemo(page, "/at/odalys/prep", false);
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.clock.runFor(14 * 60_000 + 30_000);
  await expect(page.getByText(/0:[0-3]\d left/)).toBeVisible();
  await page.clock.runFor(40_000);
  await expect(page.getByRole("heading", { name: "Done." })).toBeVisible();
});

test("pain above 5/10 locks the motion out of plans until a person clears it with a reason", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await expect(page.getByText(/^(Proven:|A good plan\. Whether)/)).toBeVisible({ timeout: 40_000 });
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  const overhead = page.getByRole("heading", {
    name: /Elevated prayer|Prone lift-offs|Wall slides/,
  });
  await expect(async () => {
    if (!(await overhead.isVisible()))
      await page.getByRole("button", { name: "Skip drill" }).click();
    await expect(overhead).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 40_000 });
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("radio", { name: "7", exact: true }).click();
  await expect(page.getByText("See a licensed clinician.", { exact: false })).toBeVisible();
  await page.getByLabel("Where").fill("right shoulder");
  await page.getByRole("button", { name: "Stop this drill" }).click();
  await expect(page.getByText("paused")).toBeVisible();
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("button", { name: "End the whole run" }).click();
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await page.getByRole("link", { name: "1 Aim" }).click();
  await expect(
    page.getByText(/Shoulder flexion is out of plans since .* pain 7\/10, right shoulder/),
  ).toBeVisible();
  const lock = page
    .getByRole("region", { name: "Locked motions" })
    .locator("form")
    .filter({ hasText: "Shoulder flexion" });
  await lock.getByLabel("Who clears it").fill("Ysolde");
  await lock.getByLabel("Reason").fill("seen by a clinician, fine");
  await lock.getByRole("button", { name: "Clear" }).click();
  await expect(page.getByText(/Shoulder flexion is out of plans/)).toBeHidden();
});
