import { expect, test, type Page } from "@playwright/test";
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
  await keys(page, "14", "[Enter]", "13", "[Enter]");
  await expect(
    page.getByRole("textbox", { name: "Hip extension, right, trial 1, degrees" }),
  ).toBeFocused();
  await keys(page, "[Control+Enter]");
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

test("from an empty notebook to a running prep by keys alone: a name, a year and an aim are enough", async ({
  page,
}) => {
  await openOwn(page);
  let count = 0;
  const press = async (...strokes: string[]) => {
    for (const stroke of strokes) {
      if (stroke.startsWith("[")) count += 1;
      else count += stroke.length;
      await keys(page, stroke);
    }
  };
  const focused = page.locator(":focus");
  await expect(focused).toHaveText(/Add an athlete/);
  await press("[Enter]", "Mirela Osei", "[Tab]", "2004", "[Enter]");
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
  await expect(page.getByLabel("Skill")).toBeFocused();
  await press("pancake");
  // The date has a stop for each of its parts.
  for (let i = 0; i < 12; i += 1) {
    const [on] = await focused.allTextContents();
    if (on === "Save") break;
    await press("[Tab]");
  }
  await press("[Enter]");
  await expect(page.getByText(/^clean pancake by/).last()).toBeVisible();
  // The health questions come next: read, then one press where none of them applies.
  await expect(page.getByRole("heading", { name: "Health questions" })).toBeFocused();
  for (let i = 0; i < 6 && (await focused.textContent()) !== "Nothing of this applies"; i += 1)
    await press("[Tab]");
  await press("[Enter]");
  await expect(page.getByText(/^Asked /)).toBeVisible();
  await expect(page.locator("[data-next-line] :focus")).toHaveText(/^NextMeasure/);
  await page.locator(":focus").blur();
  await press("4");
  await expect(page.getByRole("heading", { name: "15:00" })).toBeVisible();
  await press("[Enter]");
  await expect(page.getByRole("button", { name: /^Start/ })).toBeFocused();
  await press("[Enter]");
  await expect(page.getByRole("timer")).toBeVisible();
  console.log(`from empty to a running prep: ${count} keys`);
  expect(count).toBeLessThanOrEqual(90);
});

test("from an empty notebook to a running prep by thumb, and what was left is taken up or thrown away", async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await openOwn(page);
  let taps = 0;
  const tap = async (target: ReturnType<Page["locator"]>) => {
    taps += 1;
    await target.tap();
  };
  await tap(page.getByRole("button", { name: "Add an athlete" }));
  await page.keyboard.type("Mirela Osei");
  await tap(page.getByLabel("Born"));
  await page.keyboard.type("2004");
  await tap(page.getByRole("button", { name: "Save", exact: true }));
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
  taps += 2;
  await page.getByLabel("Skill").selectOption({ label: "Handstand" });
  await tap(page.getByRole("button", { name: "Save", exact: true }));
  await tap(page.getByRole("button", { name: "Nothing of this applies" }));
  await expect(page.getByText(/^Asked /)).toBeVisible();
  await tap(page.getByRole("link", { name: /prep$/i }).first());
  await expect(page.getByText("Filled to the second.")).toBeVisible();
  await tap(page.getByRole("checkbox", { name: "no kit" }));
  await tap(page.getByRole("button", { name: "Run it" }));
  await expect(page.getByRole("timer")).toBeVisible();
  console.log(`from empty to a running prep: ${taps} taps`);
  expect(taps).toBeLessThanOrEqual(20);
  const leave = async () => {
    await page.getByRole("button", { name: "Change" }).tap();
    await page.getByRole("button", { name: "Leave" }).tap();
  };
  await leave();
  await page.getByRole("link", { name: "Go on" }).tap();
  await expect(page.getByRole("timer")).toBeVisible();
  await leave();
  await page.getByRole("button", { name: "Throw it away" }).tap();
  await expect(page.getByRole("region", { name: "A run under way" })).toBeHidden();
  await expect(page.getByRole("button", { name: "Run it" })).toBeEnabled();
  await context.close();
});

test("tomorrow is opened, planned and printed; its prep stands there the next time", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("link", { name: "The day after" }).click();
  await expect(page.getByText("Wed 25 Nov").first()).toBeVisible();
  await expect(page.getByRole("button", { name: "Run it" })).toBeDisabled();
  await page.getByRole("textbox", { name: "minutes" }).fill("10");
  await page.keyboard.press("Enter");
  await page
    .getByRole("button", { name: "Take these" })
    .click({ timeout: 3_000 })
    .catch(() => undefined);
  await expect(page.getByRole("heading", { name: "10:00" })).toBeVisible();
  await page.getByRole("link", { name: "Sheets" }).click();
  await expect(page.getByText(/25 Nov/).first()).toBeVisible();
  await page.goto("/at/odalys/prep?day=2026-11-25");
  await expect(page.getByRole("heading", { name: "10:00" })).toBeVisible();
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
