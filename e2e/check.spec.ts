import { expect, test, type Page } from "@playwright/test";
import { addAthlete, downloaded, openDemo, openOwn, saved } from "./walk";

/** A drawn photograph: two segments that meet at an angle, in px of its own. */
const pictureOf = (degrees: number) => {
  const turn = (degrees * Math.PI) / 180;
  const end = [480 - 300 * Math.cos(turn), 420 - 300 * Math.sin(turn)] as const;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="900" height="600"><rect width="900" height="600" fill="#cfd8d6"/><path d="M150 420L480 420L${end[0]} ${end[1]}" fill="none" stroke="#333" stroke-width="40" stroke-linecap="round"/></svg>`;
  return {
    file: { name: "limb.svg", mimeType: "image/svg+xml", buffer: Buffer.from(svg) },
    spots: [[150, 420], [480, 420], end] as const,
  };
};

/** Where a place of a 900 × 600 picture lies on the screen. */
async function onScreen(page: Page, [x, y]: readonly [number, number]) {
  const board = page.getByRole("group", { name: "The picture with its landmarks" });
  const box = (await board.boundingBox())!;
  const scale = Math.min(box.width / 900, box.height / 600);
  return {
    x: box.x + (box.width - 900 * scale) / 2 + x * scale,
    y: box.y + (box.height - 600 * scale) / 2 + y * scale,
  };
}

const shoulder = "Shoulder flexion, left, trial 1, degrees";

test("six checks, both sides, two trials each, at most 100 key presses from the open round to the verdicts", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.getByRole("link", { name: "2 Check" }).click();
  const values: Record<string, string> = {
    "Shoulder flexion": "162",
    "Shoulder outward rotation": "92",
    "Wrist extension": "78",
    "Straight-leg hip flexion": "105",
    "Knee flexion": "138",
    "Ankle point": "52",
  };
  const picker = page.getByText(/^Put another check in/);
  for (const name of Object.keys(values)) {
    await picker.click();
    await page.getByLabel("Find a check").fill(name);
    await page.getByRole("button", { name: new RegExp(`^${name}`) }).click();
    await picker.click();
  }
  await expect(page.locator("li[data-row]")).toHaveCount(6);
  await page.getByLabel("Who measures").fill("Mirela");

  let presses = 1;
  await page.locator("input[data-entry]").first().focus();
  const press = async (key: string) => {
    await page.keyboard.press(key);
    presses += 1;
  };
  for (let field = 0; field < 24; field += 1) {
    const label = (await page.evaluate(() => document.activeElement?.getAttribute("aria-label")))!;
    expect(label, `field ${field}`).toContain(field % 4 < 2 ? "left" : "right");
    const value = Object.entries(values).find(([name]) => label.startsWith(name))![1];
    for (const figure of value) await press(figure);
    if (field < 23) await press("Enter");
  }
  await expect(page.getByText(/12 sides ready/)).toBeVisible();
  await press("Control+Enter");
  await expect(page.getByRole("region", { name: "What today’s round says" })).toBeVisible();
  console.log(`six checks, both sides, two trials: ${presses} key presses`);
  expect(presses).toBeLessThanOrEqual(100);
  await saved(page);
});

test("a trial asked for again waits: going on as usual fills the other side, and one step back fills it", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.getByRole("link", { name: "2 Check" }).click();
  const picker = page.getByText(/^Put another check in/);
  await picker.click();
  await page.getByLabel("Find a check").fill("Shoulder flexion");
  await page.getByRole("button", { name: /^Shoulder flexion/ }).click();
  await picker.click();
  await page.getByLabel("Who measures").fill("Mirela");
  await page.locator("input[data-entry]").first().focus();
  for (const trial of ["152", "133"]) {
    await page.keyboard.type(trial);
    await page.keyboard.press("Enter");
  }
  await page.keyboard.type("140");
  const field = (side: string, trial: number) =>
    page.getByLabel(`Shoulder flexion, ${side}, trial ${trial}, degrees`);
  await expect(field("right", 1)).toHaveValue("140");
  await expect(field("left", 3)).toHaveValue("");
  await page.keyboard.press("Shift+Enter");
  await expect(field("left", 3)).toBeFocused();
  await page.keyboard.type("150");
  await page.keyboard.press("Enter");
  await expect(field("right", 1)).toBeFocused();
});

test("Tab in a row comes by every number, every instrument and the pain before the next row", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check");
  const row = page.locator("#row-wrist-extension");
  await row.locator("input[data-entry]").first().focus();
  const told: string[] = [];
  for (let i = 0; i < 14; i += 1) {
    told.push(
      await page.evaluate(() => {
        const at = document.activeElement!;
        const row = at.closest("li[data-row]")?.id ?? "";
        return `${row} ${at.getAttribute("aria-label") ?? at.textContent ?? ""}`;
      }),
    );
    await page.keyboard.press("Tab");
  }
  const here = told.filter((one) => one.startsWith("row-wrist-extension "));
  const wanted = [
    /left, trial 1/,
    /left, trial 2/,
    /left: read from a photo/,
    /left: read with the level/,
    /left: read from a sensor/,
    /right, trial 1/,
    /right, trial 2/,
    /right: read from a photo/,
    /right: read with the level/,
    /right: read from a sensor/,
    /pain, what was seen/,
  ];
  expect(here).toHaveLength(wanted.length);
  wanted.forEach((one, n) => expect(here[n]).toMatch(one));
  // A digit that misses its field is no station.
  await row.getByRole("button", { name: /left: read from a photo/ }).focus();
  await page.keyboard.press("6");
  await expect(page).toHaveURL(/\/check/);
  // One row after the other, never back.
  expect(told.findLastIndex((one) => one.startsWith("row-wrist-extension "))).toBe(10);
});

test("a round proposed from the aims is measured one at a time on a phone, and says what it means", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, "/at/odalys/check?focus=wrist-extension");
  await expect(page.locator("#row-hip-extension")).toContainText("not measured yet");
  await page.getByRole("button", { name: "One at a time" }).click();
  await expect(page.getByText(/^1 of 4/)).toBeVisible();
  await page.keyboard.type("93");
  await page.keyboard.press("Enter");
  for (const figure of ["9", "4"])
    await page.getByRole("button", { name: figure, exact: true }).click();
  await page.getByRole("button", { name: "Heel of the hand lifts" }).click();
  await page.getByRole("button", { name: "Next", exact: true }).click();
  await expect(page.getByText(/^2 of 4/)).toBeVisible();
  for (let i = 0; i < 3; i += 1)
    await page.getByRole("button", { name: "Skip", exact: true }).click();
  await page.getByRole("button", { name: "Save the round" }).click();
  const says = page.getByRole("region", { name: "What today’s round says" });
  await expect(says.getByText(/93\.5° ± 3\.0/)).toBeVisible();
  await says.getByText("why", { exact: true }).first().click();
  await expect(says.getByText("a change is real when", { exact: false }).first()).toBeVisible();
});

test("a photograph of a known angle comes back within its own ±, by mouse, by key, and turned", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page.getByRole("button", { name: "Shoulder flexion, left: read from a photo" }).click();
  const { file, spots } = pictureOf(137);
  await page.getByLabel("Load a picture").last().setInputFiles(file);
  await expect(page.getByText("Place the side of the ribs", { exact: false })).toBeVisible();
  for (const spot of spots) {
    const { x, y } = await onScreen(page, spot);
    await page.mouse.click(x, y);
  }
  const status = page.getByRole("dialog").getByRole("status");
  await expect(status).toContainText("±");
  const read = async () => {
    const [, value, error] = /(-?[\d.]+)° ± ([\d.]+)/.exec((await status.textContent())!)!;
    return { value: Number(value), error: Number(error) };
  };
  const placed = await read();
  expect(placed.error).toBeGreaterThan(0.3);
  expect(Math.abs(placed.value - 137)).toBeLessThan(placed.error);

  await page.getByRole("slider").fill("17");
  expect((await read()).value).toBeCloseTo(placed.value, 1);

  await page.getByRole("button", { name: /^outside of the elbow/ }).focus();
  for (let i = 0; i < 12; i += 1) await page.keyboard.press("Shift+ArrowDown");
  expect(Math.abs((await read()).value - placed.value)).toBeGreaterThan(2);
  for (let i = 0; i < 12; i += 1) await page.keyboard.press("Shift+ArrowUp");
  expect((await read()).value).toBeCloseTo(placed.value, 1);

  await page.getByRole("button", { name: "another angle on this picture" }).click();
  await expect(page.getByText(/not placed yet/)).toBeVisible();
  await page.getByRole("checkbox", { name: /keep the picture too/ }).check();
  await page.getByRole("button", { name: "Use the reading" }).click();
  await expect(page.getByRole("textbox", { name: shoulder })).toHaveValue(
    String(placed.value).replace(/\.0$/, ""),
  );
  await page.getByRole("button", { name: "Save the round" }).click();
  await saved(page);
  await page.getByRole("link", { name: "Read the record" }).click();
  await expect(page.getByRole("heading", { name: "Kept pictures" })).toBeVisible();
  await page.getByRole("button", { name: /^Remove the picture/ }).click();
  await expect(page.getByRole("heading", { name: "Kept pictures" })).toBeHidden();
});

test("the landmarks of a picture are placed by keys alone", async ({ page }) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page.getByRole("button", { name: "Shoulder flexion, left: read from a photo" }).focus();
  await page.keyboard.press("Enter");
  const practise = page.getByRole("button", { name: "Practise on drawn pictures" });
  await practise.focus();
  await page.keyboard.press("Enter");
  const look = page.getByRole("button", { name: "Look where they are" });
  const byKeys = page.getByRole("button", { name: /^Place .* by keys$/ });
  for (let i = 0; i < 3 && (await byKeys.count()) > 0; i += 1) {
    await byKeys.focus();
    await page.keyboard.press("Enter");
    const placed = page.locator("[data-spot]:focus");
    await expect(placed).toHaveAccessibleName(/arrow keys nudge it/);
    const before = (await placed.boundingBox())!;
    for (let n = 0; n < 3; n += 1) await page.keyboard.press("Shift+ArrowRight");
    expect((await placed.boundingBox())!.x).toBeGreaterThan(before.x + 5);
  }
  await look.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText(/You read/)).toBeVisible();
});

test("ten placements on drawn pictures tell the pointing error, and it can be used", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page.getByRole("button", { name: "Shoulder flexion, left: read from a photo" }).click();
  await page.getByRole("button", { name: "Practise on drawn pictures" }).click();
  const board = page.getByRole("group", { name: "The picture with its landmarks" });
  const look = page.getByRole("button", { name: "Look where they are" });
  for (let picture = 0; picture < 4; picture += 1) {
    const box = (await board.boundingBox())!;
    for (const at of [0.35, 0.5, 0.65]) {
      if (await look.isEnabled()) break;
      await page.mouse.click(box.x + box.width * at, box.y + box.height * (0.3 + at / 3));
    }
    await look.click();
    await expect(page.getByText(/You read/)).toBeVisible();
    if (picture < 3) await page.getByRole("button", { name: "Next picture" }).click();
  }
  await expect(page.getByText("Your pointing error is", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "Use mine from now on" }).click();
  await page.getByRole("button", { name: "done practising" }).click();
  await expect(page.getByText("Your own pointing error counts", { exact: false })).toBeVisible();
});

test("the simulated level: zero, hold still, capture", async ({ page }) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page.getByRole("button", { name: "Shoulder flexion, left: read with the level" }).click();
  await page.getByRole("button", { name: "Use a simulated level" }).click();
  const capture = page.getByRole("button", { name: "Capture" });
  await expect(capture).toBeDisabled();
  await expect(page.getByText(/^steady/)).toBeVisible();
  await expect(capture).toBeDisabled();
  await page.getByRole("button", { name: "Zero" }).click();
  await page.getByRole("slider", { name: /Simulated limb/ }).fill("158");
  await expect(page.getByText(/^steady: 15[789]/)).toBeVisible({ timeout: 10_000 });
  await capture.click();
  await expect(page.getByRole("list", { name: "Captured" })).toContainText("Shoulder flexion");
  await page.getByRole("button", { name: "Done" }).click();
  const value = Number(await page.getByRole("textbox", { name: shoulder }).inputValue());
  expect(Math.abs(value - 158)).toBeLessThan(1.5);
});

test("a messy sensor file: its columns are guessed, its plateaus picked; a wrong one is refused", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page
    .getByRole("button", { name: "Shoulder flexion, left: read from a sensor’s file" })
    .click();
  const load = (name: string, text: string) =>
    page
      .getByLabel("Load a sensor file")
      .setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text) });
  await load("letter.csv", "Dear coach, this is no table.");
  await expect(page.getByRole("alert")).toContainText("was not read");

  const lines = ["\uFEFF# exported", "Marke;Winkel (°);Zeit (ms)"];
  let t = 0;
  for (const held of [3, 151.5]) {
    for (let i = 0; i < 60; i += 1)
      lines.push(`a;${(held + (i % 3) / 10).toFixed(2).replace(".", ",")};${(t += 50)}`);
    for (let i = 1; i < 12; i += 1) lines.push(`a;${held + 12 * i};${(t += 50)}`);
  }
  lines.splice(30, 0, "a;n/a;1500");
  await load("messy.csv", lines.join("\r\n"));
  await expect(page.getByText("1 row had no number", { exact: false })).toBeVisible();
  await expect(page.getByLabel("The angle is in")).toHaveValue("1");
  await expect(page.getByLabel("Counted in")).toHaveValue("ms");
  const plateaus = page.getByRole("list", { name: "Plateaus" }).getByRole("button");
  await expect(plateaus).toHaveCount(2);
  await plateaus.nth(1).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("textbox", { name: shoulder })).toHaveValue("151.6");
});

test("pain above the limit stops the motion: no more fields, and it is locked out of the next round", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check?focus=hip-extension");
  const row = page.locator("#row-hip-extension");
  await row.getByText("pain, what was seen").click();
  await row.getByLabel("Hip extension, left, pain 0 to 10").fill("7");
  await expect(row.getByText("Pain above 5/10 stops this motion", { exact: false })).toBeVisible();
  await expect(row.getByRole("textbox", { name: /right, trial 1/ })).toBeDisabled();
  await page.getByRole("button", { name: "Save the round" }).click();
  await expect(page.getByText("Pain 7/10 before a reading: stopped.")).toBeVisible();
  await expect(
    page.getByText("1 stopped by pain until a person clears it.", { exact: false }),
  ).toBeVisible();
});

test("an instrument that reads nothing of what is open says so, and not that all is measured", async ({
  page,
}) => {
  await openDemo(page, "/at/kaito/check");
  const heading = page.locator("#desk h1, #desk h2").first();
  await expect(heading).toContainText("measure");
  await page.getByRole("combobox", { name: "Instrument" }).selectOption({ label: "fingers" });
  await expect(heading).toHaveText("What is open can’t be read with this instrument.");
  await page.getByRole("combobox", { name: "Instrument" }).selectOption({ label: "any" });
  await expect(heading).toContainText("open: measure");
});

test("odd trials and exchanged sides ask for another look, without blocking", async ({ page }) => {
  await openDemo(page, "/at/wren/check?focus=knee-to-wall");
  const field = (side: string, n: number) =>
    page.getByRole("textbox", { name: `Knee to wall, ${side}, trial ${n}, centimetres` });
  await field("left", 1).fill("8");
  await field("left", 2).fill("10");
  await expect(
    page.getByText("more than 1 cm apart: take one more", { exact: false }),
  ).toBeVisible();
  await expect(field("left", 3)).toBeVisible();
  await field("right", 1).fill("99");
  await expect(page.getByText("Not possible here", { exact: false })).toBeVisible();
  await expect(page.getByText(/1 side ready\. 1 not/)).toBeVisible();
});

test("finger widths are calibrated once and kept as centimetres", async ({ page }) => {
  await openDemo(page, "/at/wren/check?focus=knee-to-wall");
  await page.getByLabel("Lengths in").selectOption("fingers");
  await page.getByRole("button", { name: "Measure it once" }).click();
  await page.getByLabel("Centimetres across").fill("7,2");
  await page.getByRole("button", { name: "Save the width" }).click();
  await expect(page.getByText("is 1.80 cm wide", { exact: false })).toBeVisible();
  await page
    .getByRole("textbox", { name: /^Knee to wall, left, trial 1, finger widths/ })
    .fill("5");
  await expect(page.getByText("9 cm ± 1.4", { exact: false })).toBeVisible();
});

test("another tester is said to widen the error", async ({ page }) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  await page.getByLabel("Who measures").fill("Somebody Else");
  await expect(page.getByText("both errors count 1.75-fold", { exact: false })).toBeVisible();
  await page.getByRole("textbox", { name: shoulder }).fill("175");
  await expect(page.getByText("Measured by other hands", { exact: false }).first()).toBeVisible();
});

test("the record: filter, sort, a motion's chart, two dates, and everything out", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check/record");
  const table = page.getByRole("region", { name: "The record" });
  await expect(table.getByRole("row").nth(8)).toBeVisible();
  await page.getByLabel("Show", { exact: true }).fill("wrist");
  await expect(table.getByRole("row")).toHaveCount(3);
  await page.getByLabel("Show", { exact: true }).fill("");
  await table.getByRole("button", { name: "Check" }).click();
  await expect(table.getByRole("columnheader", { name: "Check" })).toHaveAttribute(
    "aria-sort",
    "ascending",
  );
  await table.getByRole("button", { name: /^Upper-back extension/ }).click();
  await expect(page.getByRole("heading", { name: /^Upper-back extension/ })).toBeVisible();
  const svg = await downloaded(page, () =>
    page.getByRole("button", { name: "Chart as SVG" }).click(),
  );
  expect(svg).toContain("Upper-back extension");
  expect(svg).not.toContain("var(--");
  const csv = await downloaded(page, () =>
    page.getByRole("button", { name: "its checks as CSV" }).click(),
  );
  expect(csv.trim().split("\n").length).toBeGreaterThan(3);
  const [png] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "as PNG" }).click(),
  ]);
  expect(png.suggestedFilename()).toMatch(/\.png$/);
  const beside = page.getByLabel("Beside it");
  await beside.selectOption({ index: 2 });
  await expect(page.getByRole("group", { name: /^The body/ })).toHaveCount(2);
  await expect(table.getByRole("columnheader", { name: /^On \d/ })).toBeVisible();
  await page
    .getByRole("button", { name: /^left shoulder: short/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: /^Shoulder flexion/ })).toBeVisible();
});
