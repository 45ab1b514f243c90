import { expect, test, type Page } from "@playwright/test";
import { openDemo, openOwn, saved } from "./walk";

const twelve = [
  "name,born,height,discipline",
  ...["Mirela Osei", "Tomas Reyl", "Ana Lind", "Bilal Ferro", "Cleo Marsh", "Dario Venn"].map(
    (name, n) => `${name},200${n}-03-0${n + 1},16${n},acrobat`,
  ),
  ...["Edda Rook", "Fenna Holt", "Gus Amara", "Hale Orrin", "Isa Quill", "Jory Tal"].map(
    (name, n) => `${name},199${n}-05-0${n + 1},17${n},acrobat`,
  ),
].join("\n");

/** Clicks and key presses that reach the page; a choice in a list is two clicks, a paste two keys. */
async function counted(page: Page) {
  await page.addInitScript(() => {
    const counts = { clicks: 0, keys: 0 };
    Object.assign(window, { counts });
    addEventListener("click", (event) => event.detail > 0 && (counts.clicks += 1), true);
    addEventListener(
      "keydown",
      ({ key }) => !["Shift", "Control", "Alt", "Meta"].includes(key) && (counts.keys += 1),
      true,
    );
  });
  const sum = { clicks: 0, keys: 0 };
  const read = () =>
    page.evaluate(() => (window as unknown as { counts: typeof sum }).counts).catch(() => sum);
  return {
    sum,
    /** Counts what a page has seen before it is left for another address. */
    take: async () => {
      const { clicks, keys } = await read();
      sum.clicks += clicks;
      sum.keys += keys;
      await page.evaluate(() => {
        const { counts } = window as unknown as { counts: typeof sum };
        counts.clicks = 0;
        counts.keys = 0;
      });
    },
    paste: async (label: string, text: string) => {
      await page.getByLabel(label).fill(text);
      sum.keys += 2;
    },
    pick: async (label: string, option: string | RegExp) => {
      const list = page.getByRole("combobox", { name: label });
      const value = await list
        .locator("option")
        .filter({ hasText: option })
        .first()
        .getAttribute("value");
      await list.selectOption(value);
      sum.clicks += 2;
    },
  };
}

/** Types a reading into every field of the line, Enter after each. */
async function readLine(page: Page, fields: number) {
  for (let n = 0; n < fields; n += 1) {
    await page.keyboard.type(String(160 + (n % 7)));
    await page.keyboard.press("Enter");
  }
}

/** Twelve athletes with one aim, in the own notebook; as if they had been there. */
async function squadOfTwelve(page: Page) {
  await openOwn(page);
  await page.getByRole("button", { name: "Add a list" }).click();
  await page.getByLabel("Paste a list").fill(twelve);
  await page.getByRole("button", { name: "Add 12 athletes" }).click();
  await page.getByRole("link", { name: "Everybody 12" }).click();
  await page.getByRole("link", { name: "For all" }).click();
  await page.getByRole("button", { name: "Set it for 12 athletes" }).click();
  await expect(page.getByRole("button", { name: "Nothing to set" })).toBeVisible();
}

test("from an empty notebook to a running group session with printed strips in 60 clicks and 250 keys", async ({
  page,
}) => {
  const hand = await counted(page);
  await openOwn(page);
  await page.evaluate(() => {
    window.print = () => Object.assign(window, { printed: true });
  });
  await page.getByRole("button", { name: "Add a list" }).click();
  await hand.paste("Paste a list", twelve);
  await page.getByRole("button", { name: "Add 12 athletes" }).click();
  await page.getByRole("button", { name: "New group" }).click();
  await page.getByLabel("Name of the group").click();
  await page.keyboard.type("Squad");
  await page.getByLabel("everybody", { exact: true }).click();
  await page.getByRole("button", { name: "Make the group of 12" }).click();

  await page.getByRole("link", { name: "Group", exact: true }).click();
  await hand.pick("Skill", /^Handstand$/);
  await page.getByRole("button", { name: "Set it for 12 athletes" }).click();
  await expect(page.getByRole("button", { name: "Nothing to set" })).toBeVisible();

  // One motion of everybody, both sides, two trials each.
  await page.getByRole("link", { name: "Round" }).click();
  await hand.pick("Check", /^Shoulder flexion, passive$/);
  await page.getByLabel("Who measures").click();
  await page.keyboard.type("Me");
  await page.getByLabel("Mirela Osei, left, trial 1").click();
  await readLine(page, 48);
  await page.getByRole("button", { name: "Save 24 checks" }).click();
  await expect(page.getByText("kept today")).toHaveCount(0);

  await page.getByRole("link", { name: "Table" }).click();
  await expect(page.getByText(/of twelve: shoulder flexion/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole("link", { name: "Session", exact: true }).click();
  await page.getByRole("button", { name: "Plan it for 12 athletes" }).click();
  await expect(page.getByRole("heading", { name: "In step for 12" })).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole("link", { name: "Sheets" }).click();
  await page.getByLabel("A strip each").click();
  await expect(page.getByRole("heading", { name: "Jory Tal" })).toBeVisible();
  const print = page.getByRole("button", { name: "Print" });
  await expect(print).toBeEnabled({ timeout: 60_000 });
  await print.click();
  expect(await page.evaluate(() => (window as unknown as { printed?: boolean }).printed)).toBe(
    true,
  );
  await page.getByRole("link", { name: "Session", exact: true }).click();
  await page.getByRole("button", { name: "Start" }).click();
  await expect(page.getByRole("button", { name: "Pause" })).toBeVisible({ timeout: 60_000 });
  await hand.take();
  console.log("the story took", hand.sum);
  expect(hand.sum.clicks).toBeLessThanOrEqual(60);
  expect(hand.sum.keys).toBeLessThanOrEqual(250);
  expect(hand.sum.keys).toBeGreaterThan(150);

  // One goes a rung down, one leaves; afterwards one page has logged all.
  await page.keyboard.press("g");
  await page.getByRole("button", { name: "Tomas Reyl is not there" }).click();
  await expect(page.getByRole("button", { name: "Tomas Reyl is back" })).toBeVisible();
  await page.getByRole("dialog").getByRole("button", { name: "Go on" }).click();
  // The tablet falls asleep: everybody's record is closed, and all are logged for all that.
  await page.reload();
  await expect(page.getByRole("button", { name: "Pause" })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("button", { name: "Easier", exact: true })).toHaveCount(0);
  for (let n = 0; n < 40 && (await page.getByText("All clean, log it").count()) === 0; n += 1) {
    await page.keyboard.press("s");
    await page.waitForTimeout(120);
  }
  await page.getByRole("button", { name: "All clean, log it" }).click();
  await expect(page.getByText("Logged for 11 already.")).toBeVisible();
  await expect(page.getByLabel("Tomas Reyl was there")).not.toBeChecked();
});

test("twelve athletes, two motions, both sides, two trials: at most 110 keys beside the digits; a wrong line is mended", async ({
  page,
}) => {
  await squadOfTwelve(page);
  await page.getByRole("link", { name: "Round" }).click();
  // At once, while the records are still read: nobody who types is torn away.
  await page.getByLabel("Who measures").fill("Me");
  const check = page.getByRole("combobox", { name: "Check" });
  await expect(check.locator("option:checked")).toHaveText(/./);
  // The two that stand one after the other and have two sides.
  await check.selectOption({ label: "Shoulder flexion, passive" });
  const first = page.getByLabel("Mirela Osei, left, trial 1");
  await expect(first).toBeEnabled();
  await first.click();
  let other = 0;
  await page.exposeFunction("other", () => (other += 1));
  await page.evaluate(() =>
    addEventListener(
      "keydown",
      ({ key }) =>
        !/^[0-9]$/.test(key) &&
        !["Shift", "Control"].includes(key) &&
        void (window as unknown as { other: () => void }).other(),
      true,
    ),
  );
  await readLine(page, 48);
  await expect(check.locator("option:checked")).not.toHaveText("Shoulder flexion, passive");
  // A check of the trunk comes between: it is passed by a key.
  const sided = page.getByLabel("Mirela Osei, right, trial 1");
  for (let n = 0; n < 3 && (await sided.count()) === 0; n += 1) {
    await page.keyboard.press("PageDown");
    await page.waitForTimeout(200);
  }
  await expect(sided).toBeVisible();
  await readLine(page, 48);
  await page.keyboard.press("Control+Enter");
  await expect(page.getByRole("button", { name: "Save the round" })).toBeDisabled();
  console.log("keys beside the digits:", other);
  expect(other).toBeLessThanOrEqual(110);
  expect(other).toBeGreaterThan(90);
  await saved(page);

  // What was read of one was another's: the kept check goes over, and says what it was.
  await check.selectOption({ label: "Shoulder flexion, passive" });
  const line = page.locator("li[data-line]", { hasText: "Mirela Osei" });
  await expect(line.getByText("kept today")).toHaveCount(2);
  await line.getByRole("button", { name: /^Mend Shoulder flexion, left/ }).click();
  await page.getByRole("combobox", { name: "Whose it is" }).selectOption({ label: "Ana Lind" });
  await page.getByRole("button", { name: "Mend", exact: true }).click();
  await expect(line.getByText("kept today")).toHaveCount(1);
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(line.getByText("kept today")).toHaveCount(2);

  // What is typed and not kept survives a reload, and can change sides.
  await page.getByLabel("Tomas Reyl, left, trial 1").fill("171");
  await page.reload();
  await check.selectOption({ label: "Shoulder flexion, passive" });
  await expect(page.getByLabel("Tomas Reyl, left, trial 1")).toHaveValue("171");
  await page.getByRole("button", { name: "Move the reading of Tomas Reyl" }).click();
  await page.getByRole("button", { name: "Change sides over" }).click();
  await expect(page.getByLabel("Tomas Reyl, right, trial 1")).toHaveValue("171");
  await expect(page.getByLabel("Tomas Reyl, left, trial 1")).toHaveValue("");
});

test("on a tablet the line is walked by thumb; on a phone nothing runs out of the page", async ({
  page,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await openDemo(page, "/hall/all/round");
  const wide = () =>
    page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
  await expect(page.getByLabel("Odalys Brenner", { exact: true })).toBeVisible();
  expect(await wide()).toBeLessThanOrEqual(0);
  const fields = page.locator("input[data-entry]");
  for (const field of await fields.all())
    expect((await field.boundingBox())!.height).toBeGreaterThanOrEqual(40);
  await expect(fields.first()).toBeEnabled();
  await fields
    .first()
    .tap()
    .catch(() => fields.first().click());
  await page.keyboard.type("12");
  await expect(page.getByRole("button", { name: "Save 1 check" })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ["", "/round", "/session", "/group", "/sheet", "/log"]) {
    await page.goto(`/hall/wall-crew${path}`);
    await expect(page.getByRole("heading", { name: "Wall crew", level: 1 })).toBeVisible();
    expect(await wide()).toBeLessThanOrEqual(0);
  }
});

test("at stations: one clock on the wall, somebody leaves, the minutes change, and all are logged", async ({
  page,
}) => {
  await openDemo(page, "/hall/all/session");
  await page.getByLabel("at stations").click();
  await page.getByLabel("Minutes", { exact: true }).fill("30");
  await page.getByLabel("Work, s").fill("120");
  await page.getByRole("button", { name: /^Plan it for 6/ }).click();
  await expect(page.getByRole("heading", { name: /At stations for 6/ })).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByText("30:00")).toBeVisible();
  await page.getByRole("link", { name: "Wall screen" }).click();
  await expect(page.getByRole("button", { name: "Start" })).toBeVisible();
  await page.keyboard.press(" ");
  await expect(page.getByRole("button", { name: "Pause" })).toBeVisible();
  for (let n = 0; n < 30; n += 1) {
    if (await page.getByText(/^round 1 of/).count()) break;
    await page.keyboard.press("ArrowRight");
    await page.waitForTimeout(150);
  }
  await page.keyboard.press("g");
  await page
    .getByRole("listitem")
    .filter({ hasText: "Wren Castellou" })
    .getByRole("button", { name: "Gone" })
    .click();
  await expect(
    page.getByRole("listitem").filter({ hasText: "Wren Castellou" }).getByText("gone"),
  ).toBeVisible({ timeout: 30_000 });
  await page.getByRole("button", { name: "Go on" }).click();
  await page.keyboard.press("t");
  await page.getByLabel("Minutes from now").fill("8");
  await expect(page.getByRole("dialog").getByText(/rounds? more/)).toBeVisible();
  await page.getByRole("button", { name: "Take it" }).click();
  await expect(page.getByText(/^[78]:\d\d left in all/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole("link", { name: "Leave" }).click();
  await page.getByRole("link", { name: "Log it" }).click();
  await page.getByLabel("Kaito Abreu was there").uncheck();
  await page.getByRole("button", { name: "What differed for Odalys Brenner" }).click();
  await page.getByRole("combobox", { name: "It hurt in" }).selectOption({ index: 1 });
  await page.getByRole("button", { name: "Log it for 5 athletes" }).click();
  await expect(page.getByText("Logged for 5 already.")).toBeVisible({ timeout: 30_000 });
  await saved(page);
});
