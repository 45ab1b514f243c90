import { expect, test, type Page } from "@playwright/test";
import { addAthlete, downloaded, openOwn, saved } from "./walk";

const give = (page: Page, name: string, text: string) =>
  page
    .getByLabel("A file of Yearling’s")
    .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });

const toFile = async (page: Page) => {
  await page.goto("/file");
  await expect(page.getByRole("heading", { name: "The file" })).toBeVisible();
};

const handOver = async (page: Page, name: string) => {
  await toFile(page);
  await page.getByLabel("Athlete").selectOption({ label: name });
  return downloaded(page, () => page.getByRole("button", { name: "Save the file" }).click());
};

/** Changes what an athlete does and how tall they are, as their own page has it. */
async function edit(page: Page, id: string, fields: Record<string, string>) {
  await page.goto(`/at/${id}/aim`);
  await page.getByRole("button", { name: "edit", exact: true }).click();
  for (const [label, value] of Object.entries(fields))
    await page.getByLabel(label, { exact: true }).fill(value);
  // The aim has a form above.
  await page.getByRole("button", { name: "Save", exact: true }).last().click();
  await saved(page);
}

test("an athlete's file goes to a phone and comes back: both sides' changes stand, one difference is decided, nobody else travels", async ({
  page,
  browser,
}) => {
  // Two browsers, each opened several times: on a busy machine that takes its time.
  test.setTimeout(300_000);
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.goto("/");
  await addAthlete(page, "Tomas Reyl");
  const file = await handOver(page, "Mirela Osei");
  const out = JSON.parse(file) as { athletes: { id: string; name: string; intake: unknown }[] };
  expect(out.athletes.map(({ name }) => name)).toEqual(["Mirela Osei"]);
  expect(out.athletes[0]!.intake).toBeNull();
  const { id } = out.athletes[0]!;

  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await openOwn(phone);
  await toFile(phone);
  await give(phone, "mirela.json", file);
  await phone.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(phone.getByRole("heading", { name: "From your coach" })).toBeVisible();

  // Both sides write the height; the phone, later, also what she does.
  await edit(page, id, { Height: "171" });
  await edit(phone, id, { Height: "168", "What they do": "straps" });
  const back = await handOver(phone, "Mirela Osei");
  await context.close();

  await toFile(page);
  await give(page, "back.json", back);
  const differences = page.getByRole("region", { name: "Differences" });
  await expect(differences).toContainText("One difference to decide");
  await expect(differences).toContainText("Mirela Osei: height, cm");
  await expect(differences.getByLabel(/in the file: 168/)).toBeChecked();
  await differences.getByLabel(/here: 171/).check();
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(page.getByText(/records are in your own notebook/)).toBeVisible();
  const whole = async () =>
    JSON.parse(
      await downloaded(page, () =>
        page.getByRole("button", { name: "The whole notebook" }).click(),
      ),
    ) as { athletes: { name: string; statureCm: number; discipline: string }[] };
  const mirela = async () => (await whole()).athletes.find(({ name }) => name === "Mirela Osei");
  expect(await mirela()).toMatchObject({ statureCm: 171, discipline: "straps" });
  expect((await whole()).athletes).toHaveLength(2);

  // One act, undone after a reload too.
  await saved(page);
  await page.reload();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect.poll(async () => (await mirela())?.discipline).not.toBe("straps");
});

test("what was written in another tab since the preview is not overwritten: it is shown once more", async ({
  page,
  context,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  const file = await handOver(page, "Mirela Osei");
  const { id } = (JSON.parse(file) as { athletes: { id: string }[] }).athletes[0]!;
  await give(page, "mirela.json", file.replace('"statureCm":165', '"statureCm":160'));
  const add = page.getByRole("button", { name: "Add to my notebook" });
  await expect(add).toBeVisible();
  const other = await context.newPage();
  await edit(other, id, { Height: "171" });
  await other.close();
  await add.click();
  await expect(page.getByText("The notebook has changed since you looked")).toBeVisible();
  await expect(page.getByText("Newer here")).toBeVisible();
  await add.click();
  await expect(page.getByText(/records are in your own notebook/)).toBeVisible();
  await page.goto(`/at/${id}/aim`);
  await expect(page.getByText(/171 cm/)).toBeVisible();
});

test("somebody removed for good takes everything along, and a file doesn't bring them back", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.goto("/");
  await addAthlete(page, "Tomas Reyl");
  const file = await handOver(page, "Tomas Reyl");
  await page.goto("/");
  await page.getByRole("button", { name: "Archive Tomas Reyl" }).click();
  await page.getByRole("button", { name: /^Archive \(1\)/ }).click();
  await page.getByRole("button", { name: "Remove for good" }).click();
  await expect(page.getByRole("alert")).toContainText("With Tomas Reyl go:");
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await saved(page);
  await toFile(page);
  await give(page, "tomas.json", file);
  await expect(page.getByText(/stay out: of somebody removed here for good/)).toBeVisible();
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(page.getByText(/records are in your own notebook/)).toBeVisible();
  await page.goto("/");
  await expect(page.getByText("Mirela Osei")).toBeVisible();
  await expect(page.getByText("Tomas Reyl")).toBeHidden();
});

test("with health answers a file goes locked: nothing of it can be read, a wrong passphrase is a sentence, the right one opens it", async ({
  page,
  browser,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await toFile(page);
  await page.getByRole("checkbox", { name: "health answers" }).check();
  const lock = page
    .getByRole("region")
    .or(page.locator("section"))
    .filter({
      has: page.getByRole("heading", { name: "Hand over one athlete" }),
    });
  await expect(lock.getByLabel("lock it with a passphrase")).toBeChecked();
  await expect(lock.getByRole("button", { name: "Save the file" })).toBeDisabled();
  await lock.getByLabel(/^Passphrase/).fill("tide and lantern");
  const text = await downloaded(page, () =>
    lock.getByRole("button", { name: "Save the file" }).click(),
  );
  expect(text).toContain("yearling-locked");
  expect(text).not.toContain("Mirela");

  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  await openOwn(phone);
  await toFile(phone);
  await give(phone, "mirela.json", text);
  const asked = phone.getByLabel(/^This file is locked/);
  await asked.fill("tide and lantren");
  await phone.getByRole("button", { name: "Open it" }).click();
  await expect(phone.getByText("That is not its passphrase. Nothing was changed.")).toBeVisible();
  await asked.fill("tide and lantern");
  await phone.getByRole("button", { name: "Open it" }).click();
  await phone.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(phone.getByRole("heading", { name: "From your coach" })).toBeVisible();
  await phone.goto("/");
  await expect(phone.getByRole("link", { name: /Mirela Osei/ })).toBeVisible();
});

test("on a shared tablet the screen is locked: nothing is seen or done until the passphrase opens it", async ({
  page,
  context,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.keyboard.press("/");
  await page.getByRole("dialog").getByRole("combobox").fill("password");
  await expect(page.getByRole("listbox").getByRole("option").first()).toContainText(
    "Lock this screen",
  );
  await page.keyboard.press("Enter");
  const set = page.locator("#screen-lock");
  await set.getByLabel(/^Passphrase/).fill("silo floor 9");
  await set.getByRole("button", { name: "Set the lock" }).click();
  await set.getByRole("button", { name: "Lock now" }).click();
  await expect(page.getByRole("heading", { name: "Locked" })).toBeVisible();
  await expect(page.getByText("Mirela")).toHaveCount(0);
  // The keys of the pages behind it are dead.
  await page.getByRole("heading", { name: "Locked" }).click();
  await page.keyboard.press("/");
  await expect(page.getByRole("dialog")).toHaveCount(0);

  await page.getByLabel("Passphrase").fill("silo floor 8");
  await page.getByRole("button", { name: "Open" }).click();
  await expect(page.getByText("That is not the passphrase.")).toBeVisible();
  await page.getByLabel("Passphrase").fill("silo floor 9");
  await page.keyboard.press("Enter");
  await expect(set.getByRole("button", { name: "Take the lock off" })).toBeVisible();
  await page.reload();
  await expect(set.getByRole("button", { name: "Take the lock off" })).toBeVisible();

  const other = await context.newPage();
  await other.goto("/");
  await expect(other.getByRole("heading", { name: "Locked" })).toBeVisible();
  await set.getByRole("button", { name: "Take the lock off" }).click();
  await expect(other.getByText("Mirela Osei")).toBeVisible();

  // Untouched for as long as was set, it shuts by itself.
  const passes = (seconds: number) =>
    page.evaluate((milliseconds) => {
      const before = Date.now;
      Date.now = () => before() + milliseconds;
      document.dispatchEvent(new Event("visibilitychange"));
    }, seconds * 1000);
  await set.getByLabel(/^Passphrase/).fill("silo floor 9");
  await set.getByLabel("Lock after").selectOption("2 minutes");
  await set.getByRole("button", { name: "Set the lock" }).click();
  await expect(set.getByRole("button", { name: "Lock now" })).toBeVisible();
  await passes(100);
  await expect(set.getByRole("button", { name: "Lock now" })).toBeVisible();
  await passes(30);
  await expect(page.getByRole("heading", { name: "Locked" })).toBeVisible();
});
