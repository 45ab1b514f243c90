import { expect, test } from "@playwright/test";
import { addAthlete, downloaded, keys, openDemo, openOwn, saved, watch } from "./walk";

test("the whole walk by mouse: from an empty notebook to a handstand's first log, with no request to another origin", async ({
  page,
}) => {
  const seen = watch(page);
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");

  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/^clean handstand by/).last()).toBeVisible();
  await page.getByLabel("Looseness screen, of nine").selectOption("2");
  await page.getByRole("button", { name: "Save the answers" }).click();
  await expect(page.getByText("Asked", { exact: false })).toBeVisible();

  await page.getByRole("link", { name: "3 Gap" }).click();
  await expect(
    page.getByText("It is solved from what was measured", { exact: false }),
  ).toBeVisible();

  await page.getByRole("link", { name: "2 Check" }).click();
  await expect(page.getByRole("heading", { name: /4 motions are open/ })).toBeVisible();
  const type = async (name: string, ...trials: string[]) => {
    for (const [n, trial] of trials.entries())
      await page.getByRole("textbox", { name: `${name}, trial ${n + 1}, degrees` }).fill(trial);
  };
  await type("Shoulder flexion, left", "158", "158");
  await type("Shoulder flexion, right", "161", "161");
  await expect(
    page.getByText("Left and right 3.0° apart: within measurement error."),
  ).toBeVisible();
  await type("Wrist extension, left", "91", "91");
  await type("Wrist extension, right", "101", "101");
  await expect(page.getByText("Left 10.0° less (10 %): real, too small to act on.")).toBeVisible();
  await type("Upper-back extension, passive, middle", "6", "6");
  // Without a name on it no round is kept.
  await page.getByRole("button", { name: "Save the round" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Who measures?" })).toBeVisible();
  await expect(page.getByLabel("Who measures")).toBeFocused();
  await keys(page, "Mirela");
  await page.getByRole("button", { name: "Save the round" }).click();
  await expect(page.getByText("5 checks kept.")).toBeVisible();

  await page.getByRole("link", { name: "3 Gap" }).click();
  await expect(
    page.getByRole("heading", { name: "The shoulders hold it back: 22° short, both sides." }),
  ).toBeVisible();
  await expect(
    page.getByText("Hip extension, shoulder flexion by own strength not measured", {
      exact: false,
    }),
  ).toBeVisible();
  const shoulder = page.getByRole("listitem").filter({ hasText: "180°, arms overhead" });
  await expect(shoulder.locator("svg")).toHaveAccessibleName(
    "left 22° short, ± 3°, short; right 19° short, ± 3°, short",
  );

  await page.getByRole("link", { name: "4 Prep" }).click();
  await expect(page.getByRole("heading", { name: "15:00" })).toBeVisible();
  await expect(page.getByText("Filled to the second.")).toBeVisible();
  await page.getByRole("button", { name: "Run it" }).click();

  await expect(page.getByRole("timer")).toBeVisible();
  await page.getByRole("button", { name: "Skip drill" }).click();
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("radio", { name: "3", exact: true }).click();
  await page.getByRole("button", { name: "Stop this drill" }).click();
  await page.getByRole("button", { name: "It hurts" }).click();
  await page.getByRole("button", { name: "End the whole run" }).click();

  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await page.getByRole("button", { name: "All clean" }).click();
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByText("The log is kept.").first()).toBeVisible();

  await page.getByRole("link", { name: "7 Season" }).click();
  await expect(page.getByRole("heading", { name: /1 of 1 preps done in 1 week/ })).toBeVisible();
  await saved(page);

  await page.getByRole("link", { name: "File" }).click();
  const file = JSON.parse(
    await downloaded(page, () => page.getByRole("button", { name: "The whole notebook" }).click()),
  ) as {
    checks: unknown[];
    logs: { items: { done: string }[] }[];
  };
  expect(file.checks).toHaveLength(5);
  expect(file.logs[0]!.items.some(({ done }) => done === "stopped")).toBe(true);
  expect(seen).toEqual({ strangers: [], errors: [] });
});

test("the walk by keyboard only", async ({ page }) => {
  await openDemo(page);
  await keys(page, "/");
  await expect(page.getByRole("combobox", { name: "Find" })).toBeFocused();
  await keys(page, "odal", "[ArrowDown]", "[Enter]");
  await expect(page).toHaveURL(/\/at\/odalys\/gap/);
  await expect(page.getByRole("heading", { name: "What would settle it" })).toBeVisible();
  await keys(page, "1");
  await expect(page.getByRole("heading", { name: "What it is for" })).toBeVisible();
  await keys(page, "?");
  await expect(page.getByRole("dialog")).toContainText("the stations");
  await keys(page, "[Escape]");
  await expect(page.getByRole("dialog")).toBeHidden();

  await keys(page, "/");
  await expect(page.getByRole("combobox", { name: "Find" })).toBeFocused();
  await keys(page, "hip ext", "[Enter]");
  await expect(
    page.getByRole("textbox", { name: "Hip extension, left, trial 1, degrees" }),
  ).toBeFocused();
  await keys(page, "14", "[Tab]", "13", "[Tab]");
  await expect(
    page.getByRole("textbox", { name: "Hip extension, right, trial 1, degrees" }),
  ).toBeFocused();
  await keys(page, "[Enter]");
  await expect(page.getByText("1 check kept.")).toBeVisible();

  await keys(page, "[Escape]", "4");
  await expect(page.getByRole("heading", { name: "15:00" })).toBeVisible();
  await keys(page, "[Enter]");
  await expect(page).toHaveURL(/\/run$/);
  // On a day without a planned prep the proposed one is offered instead.
  await expect(
    page.getByRole("heading", { name: /^(Ready when you are|Nothing is running)\.$/ }),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: /^Start/ })).toBeFocused();
  await keys(page, "[Enter]");
  await expect(page.getByRole("timer")).toBeVisible();
  await keys(page, "[Space]");
  await expect(page.getByText("paused")).toBeVisible();
  await keys(page, "[Space]");
  await expect(page.getByText("paused")).toBeHidden();
  const first = await page.getByRole("heading", { level: 1 }).textContent();
  await keys(page, "s");
  await expect(page.getByRole("heading", { level: 1 })).not.toHaveText(first!);
  for (let i = 0; i < 40; i += 1) {
    if (await page.getByRole("heading", { name: "Done." }).isVisible()) break;
    await keys(page, "s");
    await page.waitForTimeout(120);
  }
  await expect(page.getByRole("button", { name: "Log it", exact: true })).toBeFocused();
  await keys(page, "[Enter]");
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await keys(page, "7");
  await expect(page.getByRole("heading", { name: /preps done in/ })).toBeVisible();
  await keys(page, "[Control+z]");
  await expect(page.getByText("Taken back: log the run")).toBeVisible();
});

test("undo and redo of a change, with the saved mark", async ({ page }) => {
  await openDemo(page, "/at/wren/aim");
  await page.getByRole("button", { name: "Close it" }).click();
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText(/^clean front split, right front leg/).last()).toBeVisible();
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
});

test("the season says what is believed of a demand by the aim's day: an interval, and how likely it is enough", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/season/date");
  const looks = page.getByRole("list", { name: /shoulder flexion by 15 Dec/ });
  await expect(looks).toHaveCount(2);
  await expect(looks.getByText(/\d+–\d+° \(80 %\), middle \d+°/).first()).toBeVisible();
});

test("a first walk of six steps leads through the stations, and is not offered again", async ({
  page,
}) => {
  await openDemo(page);
  const walk = page.getByRole("complementary", { name: "First walk" });
  await walk.getByRole("button", { name: "Show me" }).click();
  for (const [step, at] of [
    [2, /\/aim$/],
    [3, /\/check$/],
    [4, /\/gap$/],
    [5, /\/prep$/],
    [6, /\/season$/],
  ] as const) {
    await walk.getByRole("button", { name: "Next step" }).click();
    await expect(page).toHaveURL(at);
    await expect(walk).toContainText(`Step ${step} of 6`);
  }
  await walk.getByRole("button", { name: "Done" }).click();
  await expect(walk).toBeHidden();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Lanternfield" })).toBeVisible();
  await expect(walk).toBeHidden();
});

test("what is looked for is found by the words people use, and says why", async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press("/");
  const finder = page.getByRole("dialog", { name: "Find" });
  await finder.getByRole("combobox").fill("dorsiflexion");
  const first = finder.getByRole("option").first();
  await expect(first).toContainText("Knee to wall");
  await expect(first).toContainText("dorsiflexion");
  await finder.getByRole("combobox").fill("dark mode");
  await expect(finder.getByRole("option").first()).toContainText("Light or dark");
  await page.keyboard.press("Escape");
  await expect(finder).toBeHidden();
});
