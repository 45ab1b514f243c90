import { expect, test } from "@playwright/test";
import { openDemo } from "./walk";

const names = (page: import("@playwright/test").Page) =>
  page
    .getByRole("button", { name: /^Show / })
    .evaluateAll((nodes) => nodes.map((node) => node.getAttribute("aria-label")!.slice(5)));

test("minutes re-time the plan on the spot; what is locked stays; nothing safe is lost", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Lock Cat and camel" }).click();
  await expect(page.getByRole("button", { name: "Lock Cat and camel" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await page.getByLabel("minutes", { exact: true }).fill("8");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "8:00" })).toBeVisible();
  const short = await names(page);
  expect(short).toContain("Cat and camel");
  expect(short[0]).toBe("Skip on the spot");
  await page.getByLabel("Kind").selectOption("mobility");
  await page.getByLabel("minutes", { exact: true }).fill("30");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "30:00" })).toBeVisible();
  const long = await names(page);
  expect(long.length).toBeGreaterThan(short.length);
  expect(long.at(-1)).toBe("Breathing, legs up");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { name: "8:00" })).toBeVisible();
});

test("a drill is moved by keys and by drag; an unsafe move is refused with its reason", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  const before = await names(page);
  const second = before[2]!;
  await page.getByRole("button", { name: `Move ${second}` }).focus();
  await page.keyboard.press("Alt+ArrowUp");
  await expect.poll(async () => (await names(page))[1]).toBe(second);
  await page.getByRole("button", { name: "Move Skip on the spot" }).focus();
  for (let i = 0; i < 5; i += 1) {
    await page.keyboard.press("Alt+ArrowDown");
    await page.waitForTimeout(150);
  }
  await expect(
    page.getByText("Cold tissue is not stretched.", { exact: false }).first(),
  ).toBeVisible();
  const handle = page.getByRole("button", { name: `Move ${second}` });
  const target = page.getByRole("button", { name: `Move ${(await names(page))[2]}` });
  const [from, to] = [(await handle.boundingBox())!, (await target.boundingBox())!];
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + 8, to.y + 8, { steps: 8 });
  await page.mouse.move(to.x + 8, to.y + 30, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => (await names(page)).indexOf(second)).toBeGreaterThan(1);
});

test("dropping frees the seconds, can be brought back, and never drops what safety needs", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "Drop Skip on the spot" }).click();
  await expect(page.getByText("Skip on the spot stays:", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "Drop Roller under the upper back" }).click();
  await expect.poll(() => names(page)).not.toContain("Roller under the upper back");
  await expect(page.getByText("Filled to the second.")).toBeVisible();
  await page.getByText(/Left out, and why/).click();
  await page.getByRole("button", { name: "bring back" }).click();
  await expect.poll(() => names(page)).toContain("Roller under the upper back");
});

test("a place without the kit gets another rung or another drill, and the plan says so", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByLabel("Where").selectOption({ label: "Wagon, on the road" });
  await expect(page.getByText("no box here").filter({ visible: true }).first()).toBeVisible();
  await page.getByText(/Left out, and why/).click();
  await expect(page.getByText("needs roller, not at this place")).toBeVisible();
});

test("a prep prints as a sheet: the drills, their cues and margin marks, no rail, no buttons, no health notes", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await expect(page.getByText("Cleared by Dr", { exact: false })).toBeVisible();
  await page.setViewportSize({ width: 794, height: 1123 });
  await page.emulateMedia({ media: "print", colorScheme: "dark" });
  await expect(page.getByRole("navigation", { name: "Stations" })).toBeHidden();
  await expect(page.getByRole("button", { name: "Run it" })).toBeHidden();
  await expect(page.getByText(/Odalys Brenner, clean handstand/)).toBeVisible();
  await expect(page.getByText("Elevated prayer", { exact: true })).toBeVisible();
  await expect(page.getByText("Hands behind the head; sink.")).toBeVisible();
  await expect(page.getByRole("img", { name: /short, ± 3°/ }).first()).toBeVisible();
  await expect(page.getByText("Cleared by Dr", { exact: false })).toBeHidden();
  const ground = await page.evaluate(
    () => getComputedStyle(document.documentElement).backgroundColor,
  );
  expect(ground).toBe("rgb(255, 255, 255)");
});
