import { expect, test, type Page } from "@playwright/test";
import { keys, openDemo, saved } from "./walk";

const names = (page: Page) =>
  page
    .getByRole("button", { name: /^Show / })
    .evaluateAll((nodes) => nodes.map((node) => node.getAttribute("aria-label")!.slice(5)));

/** The drills once the page has drawn them. */
async function settled(page: Page): Promise<string[]> {
  let shown = "";
  await expect
    .poll(async () => {
      const before = shown;
      shown = (await names(page)).join();
      return shown === before;
    })
    .toBe(true);
  return names(page);
}

/** Opens a prep, and the drills it shows. */
async function openKept(page: Page, who = "odalys"): Promise<string[]> {
  await openDemo(page, `/at/${who}/prep`);
  await saved(page);
  return settled(page);
}

const lock = async (page: Page, name: string) => {
  await page.getByRole("button", { name: `Lock ${name}`, exact: true }).click();
  await expect(page.getByRole("button", { name: `Lock ${name}`, exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
};

test("other minutes are shown before they are taken; what is locked stays; nothing safe is lost", async ({
  page,
}) => {
  const first = await openKept(page);
  await lock(page, first[1]!);
  const before = await settled(page);
  await page.getByLabel("minutes", { exact: true }).fill("8");
  await page.keyboard.press("Enter");
  const preview = page.getByRole("region", { name: "From 15:00 to 8:00" });
  await expect(preview.getByText("goes", { exact: true })).toBeVisible();
  await expect(page.getByRole("heading", { name: "15:00", exact: true })).toBeVisible();
  await preview.getByRole("button", { name: "Keep 15:00" }).click();
  await expect(preview).toBeHidden();
  expect(await names(page)).toEqual(before);
  await page.getByLabel("minutes", { exact: true }).fill("8");
  await page.keyboard.press("Enter");
  await preview.getByRole("button", { name: "Take 8:00" }).click();
  await expect(page.getByRole("heading", { name: "8:00", exact: true })).toBeVisible();
  const short = await names(page);
  expect(short).toContain(before[1]);
  expect(short[0]).toBe(before[0]);
  expect(short.length).toBeLessThan(before.length);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { name: "15:00", exact: true })).toBeVisible();
});

test("a drill is moved by keys and by drag; a broken rule is shown with its reason and mended by R", async ({
  page,
}) => {
  const before = await openKept(page);
  await lock(page, before[1]!);
  const first = page.getByRole("button", { name: `Move ${before[0]}` });
  const alert = page.getByRole("alert").filter({ hasText: "Mend it" });
  for (let at = 1; at < before.length; at += 1) {
    await first.focus();
    await page.keyboard.press("Alt+ArrowDown");
    await expect.poll(async () => (await names(page)).indexOf(before[0]!)).toBe(at);
  }
  await expect(alert.getByText(/of warming up before it\. Cold tissue/).first()).toBeVisible();
  await expect(page.getByRole("button", { name: "Run it" })).toBeDisabled();
  await page.locator("body").press("r");
  await expect(alert).toBeHidden();
  await expect(page.getByRole("button", { name: "Run it" })).toBeEnabled();
  expect((await names(page)).toSorted()).toEqual(before.toSorted());
  const now = await names(page);
  const [from, to] = await Promise.all(
    [now[1]!, now[2]!].map(
      async (name) => (await page.getByRole("button", { name: `Move ${name}` }).boundingBox())!,
    ),
  );
  await page.mouse.move(from!.x + 8, from!.y + 8);
  await page.mouse.down();
  await page.mouse.move(to!.x + 8, to!.y + 8, { steps: 8 });
  await page.mouse.move(to!.x + 8, to!.y + 30, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => (await names(page)).indexOf(now[1]!)).toBeGreaterThan(1);
});

test("dropping frees the seconds until they are filled; the library tells why a drill is out, and adds one", async ({
  page,
}) => {
  const before = await openKept(page);
  await page.getByRole("button", { name: `Drop ${before.at(-1)}` }).click();
  await expect.poll(() => names(page)).not.toContain(before.at(-1));
  await expect(page.getByText(/s free\./)).toBeVisible();
  await page.getByRole("button", { name: "Fill it" }).click();
  await expect(page.getByText("Filled to the second.")).toBeVisible();
  await page.getByText(/The library: add a drill/i).click();
  const library = page.locator("details").filter({ hasText: "The library: add a drill" });
  await library.getByLabel("Words").fill(before.at(-1)!);
  await expect(library.getByText("dropped by hand")).toBeVisible();
  await library.getByRole("button", { name: `Add ${before.at(-1)}` }).click();
  await expect.poll(() => names(page)).toContain(before.at(-1));
  await library.getByLabel("Words").fill("Frog");
  await expect(library.getByText("rehearses another skill").first()).toBeVisible();
  await library.getByLabel("Words").fill("");
  await library.getByLabel("Joint").selectOption("wrist");
  await library.getByLabel("Kit").selectOption("ball");
  await expect(library.getByText("Forearm on a ball")).toBeVisible();
});

test("a drill is swapped for one whose cost is told, and its rung and dose change in place", async ({
  page,
}) => {
  const before = await openKept(page, "wren");
  await page.getByLabel("Session type").selectOption("mobility");
  await expect(page.getByRole("heading", { name: "30:00", exact: true })).toBeVisible();
  const mobility = await names(page);
  expect(mobility).not.toEqual(before);
  const target = mobility[2]!;
  await page.getByRole("button", { name: `Swap ${target}` }).click();
  const option = page
    .getByRole("listitem")
    .filter({ hasText: target })
    .getByRole("button")
    .filter({ hasText: /serves/ })
    .first();
  const other = await option.locator("b").innerText();
  await option.click();
  await expect.poll(async () => (await names(page))[2]).toBe(other);
  const row = page.getByRole("listitem").filter({ hasText: other });
  await page.getByRole("button", { name: `Level and dose of ${other}` }).click();
  const more = row.getByRole("button", { name: /^More: / }).first();
  const total = page.getByText(/^\d+:\d\d planned: \d+ s over\.|s free\./);
  await more.click();
  await more.click();
  await expect(total.first()).toBeVisible();
});

test("formats: families by the clock, a ramp with its arithmetic, an issue prep of three parts and the closing repeat", async ({
  page,
}) => {
  await openKept(page);
  await page.getByLabel("Session type").selectOption("clocked-families");
  await expect(page.getByText("4 × 2 × 60 s + 2:00 =")).toBeVisible();
  await expect(page.getByText(/different preps here/)).toBeVisible();
  const first = await names(page);
  expect(first).toHaveLength(8);
  await page.getByRole("button", { name: "Another variant" }).click();
  await expect.poll(() => names(page)).not.toEqual(first);
  await page.getByRole("button", { name: "Less: rounds" }).click();
  await expect(page.getByRole("heading", { name: "6:00", exact: true })).toBeVisible();
  await page.getByLabel("Session type").selectOption("general-specific");
  await page.getByLabel("The work").selectOption("push-ramp");
  await page.getByLabel("done already up to").selectOption("floor");
  await page.getByLabel("Work sets at").selectOption("floor");
  await expect(page.getByText("4 + 4 + 15 = 23")).toBeVisible();
  expect((await names(page)).slice(-3)).toEqual(Array(3).fill("Push, from wall to floor"));
  await page.getByLabel("Session type").selectOption("issue-prep");
  await expect(page.getByLabel("wrist", { exact: true })).toBeChecked();
  await expect(
    page.getByText("the first stretch once more").filter({ visible: true }).first(),
  ).toBeVisible();
  await page.getByLabel("Session type").selectOption("fillers");
  await expect.poll(async () => (await names(page)).length).toBe(4);
});

test("a place without the kit gets another rung or a substitute, and the plan says so", async ({
  page,
}) => {
  await openKept(page, "kaito");
  await page.getByLabel("Where").selectOption({ label: "Wagon, on the road" });
  await page.getByText(/The library: add a drill/i).click();
  const library = page.locator("details").filter({ hasText: "The library: add a drill" });
  await library.getByLabel("Words").fill("Hang with");
  await expect(library.getByText("needs bar, not at this place")).toBeVisible();
  const stand = page
    .getByText("bottle for the ball (full, wrapped in a cloth)")
    .filter({ visible: true });
  await library.getByLabel("Words").fill("Ball between the knees");
  // Where the plan has not taken it by itself, it is added.
  const add = library.getByRole("button", { name: "Add Ball between the knees" });
  if (await add.isVisible()) await add.click();
  await expect(stand.first()).toBeVisible();
});

test("ways of working are chosen with their reasons, and the plan follows", async ({ page }) => {
  await openKept(page, "wren");
  await page.getByText("Ways of working").click();
  await expect(page.getByText(/contract–relax gains range/)).toBeVisible();
  await page.getByLabel("How much is enough?").selectOption("feel");
  await page.getByLabel("Which stretch?").selectOption("static");
  await expect(page.getByText(/^Follows: until loose, static/)).toBeVisible();
});

test("three sheets: for the wall, the pocket and the group; on paper no rail, no buttons, health only where ticked", async ({
  page,
}) => {
  await openKept(page);
  await page.getByRole("link", { name: "Sheets" }).click();
  await expect(page.getByRole("heading", { name: "Odalys Brenner" })).toBeVisible();
  await expect(page.getByText("Health notes.")).toBeHidden();
  await page.getByLabel("with health notes").check();
  await expect(page.getByText("Health notes.")).toBeVisible();
  await page.getByLabel("with health notes").uncheck();
  await page.setViewportSize({ width: 794, height: 1123 });
  await page.emulateMedia({ media: "print", colorScheme: "dark" });
  await expect(page.getByRole("navigation", { name: "Stations" })).toBeHidden();
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByText(/Stretch feeling up to 4\/10 is fine/)).toBeVisible();
  await expect(page.getByText("Cleared by Dr", { exact: false })).toBeHidden();
  expect(
    await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor),
  ).toBe("rgb(255, 255, 255)");
  await page.emulateMedia({ media: "screen" });
  await page.getByLabel("Pocket sheet").check();
  await expect(page.locator(".pocket")).toBeVisible();
  await page.getByLabel("Group sheet").check();
  await expect(page.getByRole("heading", { name: /Wren Castellou/ })).toBeVisible();
  await expect(page.getByRole("heading", { name: /Odalys Brenner/ })).toBeVisible();
});

test("a prep is copied to another athlete with the differences shown, a week of variants is kept, a shape becomes a format", async ({
  page,
}) => {
  await openKept(page);
  await page.getByRole("button", { name: "Copy to another athlete" }).click();
  await page
    .getByRole("combobox", { name: "To", exact: true })
    .selectOption({ label: "Kaito Abreu" });
  await expect(page.getByText("stays", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Keep it for Kaito Abreu" }).click();
  await page.getByRole("button", { name: "A week of variants" }).click();
  await page.getByRole("button", { name: "Keep the next six" }).click();
  await page.getByRole("button", { name: "Keep it as a session type" }).click();
  await page.getByLabel("Name of the format").fill("Before the silo");
  await page.getByRole("button", { name: "Save the format" }).click();
  await expect(
    page.getByLabel("Session type").getByRole("option", { name: /Before the silo/ }),
  ).toBeAttached();
  await saved(page);
});

test("a drill of one's own is made from the library's and comes into plans", async ({ page }) => {
  await openDemo(page, "/library/drill/shoulder-circles");
  await page.getByRole("link", { name: "make it your own" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Silo circles");
  await page.getByLabel("Before training, level 1").fill("ten or so");
  await expect(page.getByRole("alert")).toContainText("write it as 10");
  await page.getByLabel("Before training, level 1").fill("2 × 8");
  await page.getByRole("button", { name: "Save the drill" }).click();
  await expect(page.getByRole("heading", { name: "Silo circles" })).toBeVisible();
  await expect(page.getByText(/before training 2 × 8/)).toBeVisible();
  await page.goto("/at/odalys/prep");
  await page.getByText(/The library: add a drill/i).click();
  const library = page.locator("details").filter({ hasText: "The library: add a drill" });
  await library.getByLabel("Words").fill("Silo circles");
  await expect(library.getByText("Silo circles")).toBeVisible();
  await keys(page, "[Escape]", "/");
  await page.getByRole("combobox", { name: "Find" }).fill("silo circles");
  await expect(page.getByRole("option", { name: /Silo circles.*of your own/ })).toBeVisible();
});

test("a plan that is shown stays until somebody takes another; a preview that was taken is there a minute later", async ({
  page,
}) => {
  await page.clock.install();
  const before = await openKept(page, "wren");
  await page.getByLabel("Session type").selectOption("mobility");
  await expect(page.getByRole("heading", { name: "30:00", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Look for a better plan" }).click();
  await expect(page.getByText(/^(No better plan found|A plan that serves the needs)/)).toBeVisible({
    timeout: 40_000,
  });
  const shown = await names(page);
  expect(shown).not.toEqual(before);
  await page.getByLabel("minutes", { exact: true }).fill("20");
  await page.keyboard.press("Enter");
  await page
    .getByRole("region", { name: "From 30:00 to 20:00" })
    .getByRole("button", { name: "Take 20:00" })
    .click();
  await expect(page.getByRole("heading", { name: "20:00", exact: true })).toBeVisible();
  const taken = await names(page);
  await page.clock.runFor(60_000);
  expect(await names(page)).toEqual(taken);
  await page.reload();
  await expect(page.getByRole("heading", { name: "20:00", exact: true })).toBeVisible();
  expect(await names(page)).toEqual(taken);
});

test("a session of twelve lines is pasted, laid in that order, and run", async ({ page }) => {
  await openDemo(page, "/at/wren/prep");
  await page.getByRole("button", { name: "Type a session" }).click();
  const lines = [
    "skip 2 min",
    "neck circles 5",
    "arm circles 10",
    "side bends 8",
    "shoulder circles 8 each side",
    "leg swings 12 each leg",
    "break 30 s",
    "squat to stand 6",
    "three planes 8",
    "side swings 10 each leg",
    "heel swings 12 each leg",
    "toe raises 15",
    "side bends 6",
  ];
  await page.getByLabel("A line an item, in your order").fill(lines.join("\n"));
  await expect(page.getByText(/^12 drills, \d+:\d\d$/)).toBeVisible();
  await page.getByRole("button", { name: "Use this session" }).click();
  await expect(page.getByText("0:30 break")).toBeVisible();
  const laid = await names(page);
  expect(laid).toEqual([
    "Skip on the spot",
    "Neck turns and half circles",
    "Arm swings and elbow circles",
    "Side bends",
    "Shoulder circles, slow and full",
    "Leg swings",
    "Squat to stand",
    "Reach in three planes",
    "Side swings",
    "Heel swings",
    "Front-foot lifts",
    "Side bends",
  ]);
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  for (const name of laid.slice(0, 4)) {
    await expect(page.getByRole("heading", { name, exact: true })).toBeVisible();
    await page.getByRole("button", { name: "Skip drill" }).click();
  }
});

test("a shoulder that turns in less on one side changes the session, and it is said how", async ({
  page,
}) => {
  await openDemo(page, "/at/kaito/prep");
  const before = await names(page);
  await expect(page.getByText(/^Beside the aim/)).not.toContainText("inward rotation");
  await page.goto("/at/kaito/check?focus=shoulder-rotation-in");
  for (const [side, degrees] of [
    ["left", "60"],
    ["right", "35"],
  ] as const)
    for (const trial of [1, 2])
      await page
        .getByRole("textbox", {
          name: `Shoulder inward rotation at 90°, ${side}, trial ${trial}, degrees`,
        })
        .fill(degrees);
  await page.getByRole("button", { name: "Save the round" }).click();
  await saved(page);
  await page.getByRole("link", { name: "4 Prep" }).click();
  const beside = page.getByText(/^Beside the aim/);
  await expect(beside).toContainText("shoulder inward rotation under the usual, 35");
  // What is shown stays until somebody asks for another.
  expect(await names(page)).toEqual(before);
  await beside.click();
  await expect(page.getByText("comes in for it")).toBeVisible();
  await page.getByRole("button", { name: "Plan it anew with these" }).click();
  await expect.poll(() => names(page)).not.toEqual(before);
  await page.getByRole("checkbox", { name: "sits all day" }).click();
  await expect(beside).toContainText("sits all day");
});

test("until loose counts up, one tap ends it, and what it took is in the log", async ({ page }) => {
  await page.clock.install();
  await openDemo(page, "/at/wren/prep");
  await page.getByRole("button", { name: "Type a session" }).click();
  await page
    .getByLabel("A line an item, in your order")
    .fill("skip 1 min\nside bends until loose\nside bends 5");
  await page.getByRole("button", { name: "Use this session" }).click();
  await expect(page.getByText(/until loose/).first()).toBeVisible();
  await page.getByRole("button", { name: "Run it" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.getByRole("button", { name: "Skip drill" }).click();
  await expect(page.getByRole("heading", { name: "Side bends" })).toBeVisible();
  for (let i = 0; i < 12 && !(await page.getByText(/^until loose/).isVisible()); i += 1)
    await page.clock.runFor(2_000);
  await page.clock.runFor(120_000);
  // It goes on as long as it takes.
  await expect(page.getByText(/^until loose/)).toBeVisible();
  // One tap a side.
  await expect(async () => {
    if (await page.getByText(/^until loose/).isVisible())
      await page.getByRole("button", { name: /^The count/ }).click();
    await page.clock.runFor(4_000);
    await expect(page.getByText(/^until loose/)).toBeHidden({ timeout: 500 });
  }).toPass();
  await expect(page.getByText(/^set|5 times|set up/).first()).toBeVisible();
});

test("a number a day is spread over the sessions of the day, and a same total is one press", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/prep");
  await page.getByRole("button", { name: "Type a session" }).click();
  await page.getByLabel("A line an item, in your order").fill("skip 1 min\nside bends 2 x 10");
  await page.getByRole("button", { name: "Use this session" }).click();
  await page.getByRole("button", { name: "Level and dose of Side bends" }).click();
  await page.getByRole("button", { name: "= 4 × 5" }).click();
  await expect(page.getByRole("button", { name: "= 5 × 4" })).toBeVisible();
  await page.getByRole("textbox", { name: "a day in all" }).fill("100");
  await page.keyboard.press("Enter");
  const line = page.getByRole("list", { name: "Numbers a day" });
  await expect(line).toContainText(/Side bends: 100 a day, 0 done, (20|40) here, (80|60) left/);
  await page.getByRole("button", { name: "Put them here" }).click();
  await expect(line).toContainText(/here, (0|5|10) left/);
  await page
    .getByRole("navigation", { name: "Preps of the day" })
    .getByText(/fillers/)
    .click();
  // What the first session holds is not asked for again in the second.
  await expect(line).toContainText(
    /Side bends: 100 a day, 0 done, 0 here, (90|95|100) in other preps today, (0|5|10) left/,
  );
});

test("a number a day goes on counting over two sessions that were logged", async ({ page }) => {
  test.slow();
  await page.clock.install();
  await openDemo(page, "/at/wren/prep");
  const type = async (text: string) => {
    await page.getByRole("button", { name: "Type a session" }).click();
    await page.getByLabel("A line an item, in your order").fill(text);
    await page.getByRole("button", { name: "Use this session" }).click();
  };
  const logIt = async () => {
    await page.getByRole("button", { name: "Run it" }).click();
    await expect(page.getByRole("timer")).toBeVisible();
    await page.clock.runFor(12 * 60_000);
    await expect(page.getByRole("heading", { name: "Done." })).toBeVisible();
    await page.getByRole("button", { name: "All clean, log it" }).click();
    await page.getByRole("heading", { name: /as it went/ }).waitFor();
    await page.getByRole("link", { name: "4 Prep" }).click();
  };
  const line = page.getByRole("list", { name: "Numbers a day" });
  await type("side bends 2 x 10");
  await page.getByRole("button", { name: "Level and dose of Side bends" }).click();
  await page.getByRole("textbox", { name: "a day in all" }).fill("60");
  await page.keyboard.press("Enter");
  // Ten in two sets, on each side where the rung that this athlete is on has sides.
  await expect(line).toContainText(/60 a day, 0 done, (20 here, 40|40 here, 20) left/);
  const sides = (await line.textContent())!.includes("40 here") ? 2 : 1;
  await logIt();
  await expect(line).toContainText(/60 a day, (\d+) done/);
  const first = Number(/(\d+) done/.exec((await line.textContent())!)![1]);
  await type("side bends 1 x 5");
  const here = 5 * sides;
  await expect(line).toContainText(
    `60 a day, ${first} done, ${here} here, ${60 - first - here} left`,
  );
  await logIt();
  await expect(line).not.toContainText(`${first} done`);
  const second = Number(/(\d+) done/.exec((await line.textContent())!)![1]);
  expect(second).toBeGreaterThan(first);
  await expect(line).toContainText(`${60 - second} left`);
});

test("a ramp goes up through weights in the sets that were said, and stands in the week's load", async ({
  page,
}) => {
  await openKept(page, "kaito");
  await page.getByLabel("Session type").selectOption("general-specific");
  await page.getByLabel("The work").selectOption("hinge-strength");
  await page.getByLabel("minutes", { exact: true }).fill("25");
  await page.keyboard.press("Enter");
  const fields = page.getByRole("group", { name: "General, then specific" });
  const rung = page.getByLabel("Work sets at");
  await page.getByLabel("done already up to").selectOption({ label: "With a weight" });
  await rung.selectOption({ label: "With a weight" });
  await expect(fields.getByText(/3 × 5 with a weight/)).toBeVisible();
  const typeIn = async (name: string, value: string) => {
    await fields.getByRole("textbox", { name, exact: true }).fill(value);
    await page.keyboard.press("Enter");
  };
  await typeIn("sets", "4");
  await expect(fields.getByText(/4 × 5 with a weight/)).toBeVisible();
  await typeIn("times", "4");
  await expect(fields.getByText(/4 × 4 with a weight/)).toBeVisible();
  await typeIn("kg", "12");
  await expect(fields.getByText("4 + 4 + 16 = 24")).toBeVisible();
  await expect(fields.getByText(/4 × 4 .*12 kg/)).toBeVisible();
  await page.goto("/at/kaito/log/book?by=load");
  const load = page.getByRole("region", { name: "The week's load" });
  await expect(load.getByText("4 × 4, 12 kg")).toBeVisible();
  await expect(load.getByRole("row").filter({ hasText: "4 × 4, 12 kg" })).toContainText("work");
  await expect(load.getByRole("row").filter({ hasText: /2 × 2/ }).first()).toContainText("warm-up");
});

test("three minutes of pictures place an athlete, by two keys, and the prep begins there", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/prep/place");
  await expect(page.getByRole("heading", { name: "Cleanly, today?" })).toBeVisible();
  const end = page.getByRole("heading", { name: /begins here/ });
  for (let i = 0; i < 40 && !(await end.isVisible()); i += 1)
    await page.keyboard.press(i % 2 === 0 ? "y" : "n");
  await expect(end).toBeVisible();
  await page.keyboard.press("Backspace");
  await expect(page.getByRole("heading", { name: "Cleanly, today?" })).toBeVisible();
  await page.keyboard.press("n");
  await expect(end).toBeVisible();
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await page.getByRole("link", { name: /On to the prep/ }).click();
  await expect(page.getByRole("button", { name: "Run it" })).toBeVisible();
  await page.goto("/at/wren/prep/place");
  await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
});
