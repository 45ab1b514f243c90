import { expect, test } from "@playwright/test";
import { openOwn, saved } from "./walk";

const squad = [
  "1. Mirela Osei 2009 162 cm left straps",
  "2. Tomas Reyl, 14, 158, rope",
  ...Array.from(
    { length: 9 },
    (_, n) => `${n + 3}. Dancer ${"ABCDEFGHI"[n]!}, 201${n % 5}, 15${n}, aerial`,
  ),
  "12. Ana Lind",
].join("\n");

test("a pasted list of twelve is shown, asked for what it lacks, added as one act and undone as one", async ({
  page,
}) => {
  await openOwn(page);
  await page.getByRole("button", { name: "Add a list" }).click();
  await page.getByLabel("Paste a list").fill(squad);
  await expect(page.getByText("1 row lacks a year of birth, or the height is none.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Add 12 athletes" })).toBeDisabled();
  await expect(page.getByLabel("Born, Mirela Osei")).toHaveValue("2009-12-31");
  await page.getByLabel("Born, Ana Lind").fill("2010-05-05");
  await page.getByLabel("Height of Ana Lind, cm").fill("150");
  await page.getByRole("button", { name: "Add 12 athletes" }).click();
  const people = page.getByRole("main").getByRole("listitem").getByRole("link");
  await expect(people).toHaveCount(12);
  await saved(page);

  // Pasted again, everybody is already here.
  await page.getByRole("button", { name: "Add a list" }).click();
  await page.getByLabel("Paste a list").fill(squad);
  await expect(page.getByText("already here")).toHaveCount(12);
  await expect(page.getByRole("button", { name: "Add", exact: true })).toBeDisabled();
  // A table of somebody else's, whose columns have names of their own.
  await page.getByLabel("Paste a list").fill("Pupil;Year in;Class\nJory Tal;2011;Rope");
  await page.getByLabel("the first line names the columns").check();
  await page.getByLabel("What “Year in” holds").selectOption("birth date, year or age");
  await page.getByLabel("What “Class” holds").selectOption("what they do");
  await expect(page.getByLabel("Born, Jory Tal")).toHaveValue("2011-12-31");
  await expect(page.getByLabel("What Jory Tal does")).toHaveValue("Rope");
  await expect(page.getByRole("button", { name: "Add 1 athlete" })).toBeEnabled();
  await page.getByRole("button", { name: "Cancel" }).click();

  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByRole("heading", { name: "An empty notebook" })).toBeVisible();
});

test("names alone are taken with one year and one height for all; taken away again while a table reads them, nothing breaks", async ({
  page,
}) => {
  const errors: string[] = [];
  page.on("pageerror", (error) => errors.push(String(error)));
  await openOwn(page);
  await page.getByRole("button", { name: "Add a list" }).click();
  const names = Array.from({ length: 24 }, (_, n) => `Edda ${"ABCDEFGHIJKLMNOPQRSTUVWX"[n]!}ook`);
  await page.getByLabel("Paste a list").fill(names.join("\n"));
  await expect(
    page.getByText("24 rows lack a year of birth, or the height is none."),
  ).toBeVisible();
  await page.getByLabel("Born in").fill("2012");
  await page.getByLabel("Height, cm", { exact: true }).fill("150");
  await expect(page.getByLabel("Born, Edda Aook")).toHaveValue("2012-12-31");
  await page.getByRole("button", { name: "Add 24 athletes" }).click();
  await page.getByRole("link", { name: "Everybody 24" }).click();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByText("Nobody is in this notebook yet.")).toBeVisible();
  await page.getByRole("link", { name: "Add athletes" }).click();
  await expect(page.getByRole("heading", { name: "An empty notebook" })).toBeVisible();
  expect(errors).toEqual([]);
});
