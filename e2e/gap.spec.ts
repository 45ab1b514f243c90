import { expect, test } from "@playwright/test";
import { openDemo, saved } from "./walk";

test("what if, by keys: the shape and the line follow, and it can be taken back or kept with a date", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/gap");
  const line = page.getByTestId("line-score");
  const today = Number(await line.textContent());
  expect(today).toBeLessThan(60);
  const figure = page.getByRole("group", { name: /^The figure/ });
  const before = await figure.getAttribute("aria-label");
  for (const side of ["left", "right"]) {
    await page.getByRole("slider", { name: `What if: Shoulder flexion, ${side}` }).focus();
    for (let i = 0; i < 4; i += 1) await page.keyboard.press("Shift+ArrowRight");
  }
  await expect(figure).not.toHaveAttribute("aria-label", before!);
  expect(Number(await line.textContent())).toBeGreaterThan(today + 10);
  await page.getByRole("button", { name: "Back to what is" }).click();
  await expect(line).toHaveText(String(today));

  await page.getByRole("slider", { name: "What if: Shoulder flexion, left" }).focus();
  await page.keyboard.press("ArrowRight");
  await page.getByRole("button", { name: "Keep as targets" }).click();
  await expect(page.getByText("Targets:", { exact: false })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/Targets: shoulder flexion ◂ \d+° by/)).toBeVisible();
  await page.getByRole("button", { name: "Drop them" }).click();
  await expect(page.getByText("Targets:", { exact: false })).toBeHidden();
});

test("what if, by mouse: a notch is carried, the shape follows", async ({ page }) => {
  await openDemo(page, "/at/wren/gap");
  // What comes later moves the rows.
  await expect(page.getByText("Least that would do:", { exact: false })).toBeVisible();
  const line = page.getByTestId("line-score");
  const today = Number(await line.textContent());
  const notch = page.getByRole("slider", { name: /^What if: Hip flexion, straight leg, right/ });
  const box = (await notch.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole("spinbutton", { name: /hip flexion, straight leg ▸/ })).toBeVisible();
  expect(Number(await line.textContent())).toBeGreaterThan(today);
});

test("worth is told for every motion, the most first; the smallest set makes the line clean", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/gap");
  await expect(page.getByText("Least that would do:", { exact: false })).toBeVisible();
  const worths = page.locator("li .figures", { hasText: /^\+\d/ });
  const values = (await worths.allTextContents()).map((text) => Number.parseFloat(text));
  expect(values.length).toBeGreaterThan(1);
  expect([...values].sort((a, b) => b - a)).toEqual(values);
  await page.getByRole("button", { name: "Show it" }).click();
  expect(Number(await page.getByTestId("line-score").textContent())).toBeGreaterThanOrEqual(99);
});

test("every performer's shapes are drawn, for each aim, and beside another date", async ({
  page,
}) => {
  await openDemo(page);
  for (const name of ["odalys", "ilvar", "meheret", "noor", "kaito", "wren"]) {
    await page.goto(`/at/${name}/gap`);
    await expect(page.getByRole("group", { name: /^The figure/ })).toBeVisible();
    await expect(page.getByTestId("line-score")).toHaveText(/^\d+$/);
  }
  await page.getByLabel("Beside it, as it was").selectOption({ index: 3 });
  await expect(page.getByText("grey: as it was", { exact: false })).toBeVisible();
  await page.getByLabel("front leg").selectOption("other");
  await page.goto("/at/noor/aim");
  await page.getByRole("button", { name: "Work toward this one" }).click();
  await page.getByRole("link", { name: "3 Gap" }).click();
  await expect(page.getByText("What a bridge asks")).toBeVisible();
  await expect(page.getByRole("heading", { name: /aims share/ })).toBeVisible();
});

test("a weight is set by hand with its reason, and the prep goes by it", async ({ page }) => {
  await openDemo(page, "/at/odalys/gap");
  await page.getByRole("heading", { name: "What the minutes go to" }).click();
  await page.getByRole("button", { name: "Set the weight of Wrist extension by hand" }).click();
  await page.getByLabel("Weight, 0 to 10").fill("5");
  await expect(page.getByRole("button", { name: "keep", exact: true })).toBeDisabled();
  await page.getByLabel("Reason").fill("old sprain");
  await page.getByRole("button", { name: "keep", exact: true }).click();
  await expect(page.getByText(/by hand, computed [\d.]+: old sprain/)).toBeVisible();
  await page.getByRole("button", { name: "as computed" }).click();
  await expect(page.getByText("old sprain")).toBeHidden();
});

test("the model is fitted to the tape, with what is left said", async ({ page }) => {
  await openDemo(page, "/at/wren/gap");
  await expect(page.getByRole("heading", { name: "Model against tape" })).toBeVisible();
  await page.getByRole("button", { name: "Fit the model" }).click();
  await expect(page.getByText(/Fitted with an allowance of -?[\d.]+ cm/)).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "Fit the model" })).toBeVisible();
});

test("a skill is copied, changed and aimed at; what cannot be is refused by name", async ({
  page,
}) => {
  await openDemo(page, "/at/kaito/aim");
  await page.getByRole("button", { name: "Make the skill my own" }).first().click();
  await page.getByLabel("Name", { exact: true }).fill("Deep squat for tumblers");
  await page.getByLabel("clean 1").fill("20");
  await page.getByRole("button", { name: "Save the skill" }).click();
  await expect(page.getByRole("alert")).toContainText("asks more than a passable one");
  await page.getByLabel("clean 1").fill("41");
  await page.getByRole("button", { name: "Save the skill" }).click();
  await expect(page.getByText(/is kept among your own skills/)).toBeVisible();
  await page.getByRole("button", { name: "Add another aim" }).click();
  await page.getByLabel("Skill").selectOption({ label: "Deep squat for tumblers" });
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/deep squat for tumblers by/i).first()).toBeVisible();
  await expect(page.getByText("41°").first()).toBeVisible();
});

test("a skill is made from nothing, with a side, and its check is proposed", async ({ page }) => {
  await openDemo(page, "/at/kaito/aim");
  await page.getByRole("button", { name: "Make a skill" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Rope lock");
  await page.getByLabel("In a sentence", { exact: false }).fill("a rope lock");
  await page.getByLabel("What it is").fill("The rope between the feet.");
  await page.getByLabel("one side does it").check();
  await page.getByLabel("What the side means").fill("locking leg");
  await page.getByLabel("Motion 1").selectOption({ label: "Foot turning in" });
  await page.getByLabel("Role 1").selectOption({ label: "working side" });
  await page.getByLabel("How 1").fill("toes pulled in");
  await page.getByLabel("clean 1").fill("40");
  await page.getByLabel("passable 1").fill("30");
  await page.getByLabel("Without it 1").fill("The rope slips.");
  await page.getByRole("button", { name: "Save the skill" }).click();
  await page.getByRole("button", { name: "Good" }).click();
  await page.getByRole("button", { name: "Add another aim" }).click();
  await page.getByLabel("Skill").selectOption({ label: "Rope lock" });
  await expect(page.getByLabel("locking leg")).toBeVisible();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("link", { name: "2 Check" }).click();
  await expect(page.locator("#row-foot-turning-in")).toBeVisible();
});

test("an aim whose date is past is refused with the reason, and the form keeps what was typed", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/aim");
  await page.getByRole("button", { name: "Add another aim" }).click();
  const form = page.locator("form", {
    has: page.getByRole("button", { name: "Save", exact: true }),
  });
  const date = form.getByLabel("By");
  // As a browser without date limits would send it.
  await date.evaluate((field: HTMLInputElement) => field.removeAttribute("min"));
  await date.fill("2026-01-10");
  await form.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Choose a date that is still to come.")).toBeVisible();
  await expect(date).toHaveValue("2026-01-10");
  await date.fill("2027-03-01");
  await form.getByRole("button", { name: "Save", exact: true }).click();
  await expect(form).toHaveCount(0);
});

test("without the thread that works beside the page the same is found", async ({ page }) => {
  await openDemo(page, "/at/odalys/gap");
  const heading = page.getByRole("heading", { level: 1 });
  const rows = page.getByRole("main").locator("ul, ol").first();
  const [title, list] = [await heading.textContent(), await rows.textContent()];
  await page.route(/limit\.worker/, (route) => route.abort());
  await page.reload();
  await expect(heading).toHaveText(title!);
  await expect(rows).toHaveText(list!);
});
