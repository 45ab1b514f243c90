import { expect, test } from "@playwright/test";
import { addAthlete, downloaded, openDemo, openOwn, saved } from "./walk";

const give = (page: import("@playwright/test").Page, name: string, text: string) =>
  page
    .getByLabel("A file of Yearling’s")
    .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
const notebook = (page: import("@playwright/test").Page) =>
  downloaded(page, () => page.getByRole("button", { name: "The whole notebook" }).click());
const withoutTime = (text: string) => {
  const file = JSON.parse(text) as Record<string, unknown>;
  for (const [key, list] of Object.entries(file))
    if (Array.isArray(list))
      file[key] = (list as { id: string }[]).sort((a, b) => a.id.localeCompare(b.id));
  return { ...file, savedAt: "" };
};

test("export, wipe, import: the same data; the demo stays out of the user's own notebook", async ({
  page,
}) => {
  await openDemo(page, "/file");
  const before = await notebook(page);
  await give(page, "lanternfield.json", before);
  await expect(
    page.getByRole("heading", { name: "What “lanternfield.json” will do" }),
  ).toBeVisible();
  await expect(page.getByRole("row", { name: /athletes 6 0 0 0/i })).toBeVisible();
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(page.getByRole("heading", { name: "Open: your own notebook" })).toBeVisible();
  await saved(page);
  expect(withoutTime(await notebook(page))).toEqual(withoutTime(before));

  await page.getByRole("button", { name: "Empty this notebook" }).click();
  await expect(page.getByText("It is empty.")).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText("It is empty.")).toBeVisible();
  await give(page, "lanternfield.json", before);
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(page.getByText(/records are in your own notebook/)).toBeVisible();
  await saved(page);
  await page.reload();
  expect(withoutTime(await notebook(page))).toEqual(withoutTime(before));
});

test("a wrong, cut-off, foreign or newer file is refused with its reason, and nothing changes", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.getByRole("link", { name: "File" }).click();
  const good = await notebook(page);
  const refused = page.getByRole("alert");
  const cases: [name: string, text: string, says: string][] = [
    ["cut.json", good.slice(0, good.length / 2), "cut off or damaged"],
    ["foreign.json", '{"workouts":[]}', "not a Yearling notebook"],
    ["notes.json", "hello", "not JSON"],
    ["newer.json", good.replace(/"version":\d+/, '"version":99'), "newer Yearling (version 99"],
    [
      "wrong.json",
      good.replace('"statureCm":165', '"statureCm":"tall"'),
      "athletes → 0 → statureCm",
    ],
    ["empty.json", "", "empty"],
  ];
  for (const [name, text, says] of cases) {
    await give(page, name, text);
    await expect(refused).toContainText(says);
    await expect(refused).toContainText("Nothing was changed.");
    await expect(page.getByRole("button", { name: "Add to my notebook" })).toBeHidden();
  }
  expect(withoutTime(await notebook(page))).toEqual(withoutTime(good));
});

for (const [what, columns] of [
  ["checks", "date,athlete,check,version,side,mode,temperature"],
  ["logs", "date,athlete,session_min,drill,rung,done,sets,total_s,load_kg"],
] as const)
  test(`the ${what} as a table`, async ({ page }) => {
    await openDemo(page, "/file");
    const csv = await downloaded(page, () =>
      page.getByRole("button", { name: `The ${what} as a table (CSV)` }).click(),
    );
    const [head, first] = csv.replace("\uFEFF", "").split("\r\n");
    expect(head).toContain(columns);
    expect(first).toMatch(/^\d{4}-\d{2}-\d{2},/);
  });

test("a clean start is one action; the user's notebook is never mixed with the demo", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await saved(page);
  await page.goto("/file");
  await page.getByRole("button", { name: "See Lanternfield" }).click();
  await expect(page.getByRole("heading", { name: "Lanternfield" })).toBeVisible();
  await expect(page.getByText("Mirela Osei")).toBeHidden();
  await page.getByRole("button", { name: "Start my own notebook" }).click();
  await expect(page.getByRole("link", { name: /Mirela Osei/ })).toBeVisible();
  await expect(page.getByText("Odalys Brenner")).toBeHidden();
});

test("two tabs: a change in one is seen in the other", async ({ page, context }) => {
  await openDemo(page, "/at/odalys/aim");
  const other = await context.newPage();
  await other.goto("/at/odalys/aim");
  await other.getByRole("button", { name: "Close it" }).click();
  await expect(page.getByRole("heading", { name: "What is it for?" })).toBeVisible();
});

test("an unreadable record is set aside, shown, and can be saved", async ({ page }) => {
  await openDemo(page);
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const open = indexedDB.open("yearling-demo");
        open.onerror = () => failed(new Error("no database"));
        open.onsuccess = () => {
          const pages = open.result.transaction("kept", "readwrite").objectStore("kept");
          const keys = pages.getAllKeys();
          keys.onsuccess = () => {
            const name = keys.result.find((key) => String(key).endsWith("/people"))!;
            const page = pages.get(name);
            page.onsuccess = () => {
              const people = page.result as { rows: { record: { id: string; name: unknown } }[] };
              people.rows.find(({ record }) => record.id === "odalys")!.record.name = 7;
              pages.put(people, name).onsuccess = () => done();
            };
          };
        };
      }),
  );
  await page.goto("/");
  await expect(page.getByRole("alert")).toContainText("could not be read");
  await page.getByRole("link", { name: "See and save" }).click();
  const aside = await downloaded(page, () =>
    page.getByRole("button", { name: "Save them to a file" }).click(),
  );
  expect(JSON.parse(aside)[0]).toMatchObject({ key: "athlete/odalys", found: { name: 7 } });
  // The file still opens, and what was set aside travels along.
  const file = await notebook(page);
  await give(page, "with-gap.json", file);
  await expect(page.getByText(/could not be read where it was saved/)).toBeVisible();
  // Mended by hand, it is back, with everything that is hers.
  await page.getByText("what was found").first().click();
  const found = page.getByLabel("What was found as athlete/odalys");
  await found.fill((await found.inputValue()).replace('"name": 7', '"name": "Odalys Brenner"'));
  await page.getByRole("button", { name: "Take it back in" }).click();
  await expect(page.getByRole("heading", { name: "Set aside" })).toBeHidden();
  await page.goto("/at/odalys/log");
  await expect(page.getByText("Odalys Brenner").first()).toBeVisible();
});

test("a coach's own table is mapped, shown with what cannot be read, taken over as one act and undone", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Mirela Osei");
  await page.getByRole("link", { name: "File" }).click();
  const text = [
    "day;ankles;shoulder flexion L;shoulder flexion R",
    "3/4/2026;;158;160",
    "10/4/2026;x;159,5;much",
  ].join("\n");
  await page.getByLabel(/^Table \(\.csv\)/).setInputFiles({
    name: "mine.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(text),
  });
  await expect(page.getByText("0 checks of 2 rows; 2 could not be read:")).toBeVisible();
  await page.getByRole("combobox", { name: "All of it is of" }).selectOption("Mirela Osei");
  await expect(page.getByText("3 checks of 2 rows; 1 could not be read:")).toBeVisible();
  await expect(page.getByText("Row 3: no number (much)")).toBeVisible();
  await page
    .getByRole("combobox", { name: "What “shoulder flexion R” holds" })
    .selectOption({ label: "leave it out" });
  await page.getByRole("button", { name: "Take them over" }).click();
  await expect(page.getByText("2 checks taken over.")).toBeVisible();
  await saved(page);
  await expect(page.getByText(/^1 athlete, .*2 checks/)).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByText(/2 checks/)).toHaveCount(0);

  // What takes too long can be stopped, and what can't be read on is said with its place.
  const table = page.getByLabel(/^Table \(\.csv\)/);
  const file = (body: string) => ({
    name: "mine.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(body),
  });
  const readers = /table\.worker/;
  await page.route(readers, () => undefined);
  await table.setInputFiles(file(text));
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText("Stopped. Nothing was changed.")).toBeVisible();
  await page.unroute(readers);
  await page.route(readers, (route) => route.abort());
  await table.setInputFiles(file(text));
  await expect(page.getByText(/the reader did not start/)).toBeVisible();
  await page.unroute(readers);
  await table.setInputFiles(file(`${text}\n11/4/2026;"x;1;2${"\n12/4/2026;x;1;2".repeat(50_000)}`));
  await expect(page.getByText(/^Row 4: a quotation mark is opened and never closed/)).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();

  // A training book is known by its drills.
  await page.getByLabel(/^Table \(\.csv\)/).setInputFiles({
    name: "book.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("day;drill;reps\n3/4/2026;Wrist circles;10\n3/4/2026;Juggling;5"),
  });
  await page.getByRole("combobox", { name: "All of it is of" }).selectOption("Mirela Osei");
  await expect(page.getByText("1 log of 2 rows; 1 could not be read:")).toBeVisible();
  await expect(page.getByText("Row 3: no drill of this name (Juggling)")).toBeVisible();
  await page.getByRole("button", { name: "Take them over" }).click();
  await expect(page.getByText("1 log taken over.")).toBeVisible();
});
