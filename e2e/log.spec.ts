import { expect, test } from "@playwright/test";
import { openDemo, saved } from "./walk";

test("a log is written without a run, with pain, a loose-at number and a note, and kept", async ({
  page,
}) => {
  await openDemo(page, "/at/ilvar/log");
  await expect(page.getByRole("heading", { name: "How did it go?" })).toBeVisible();
  // Whichever drill of today's prep comes first.
  const loose = page.getByLabel(/: loose at, repetitions or seconds$/).first();
  const name = (await loose.getAttribute("aria-label"))!.split(": loose at")[0]!;
  const row = page.getByRole("listitem").filter({ has: page.getByLabel(`${name}: loose at`) });
  await row.getByText("part", { exact: true }).click();
  await row.getByText("wobble", { exact: true }).click();
  await row.getByLabel(`${name}: loose at`).fill("14");
  await row.getByLabel(`${name}: pain`).selectOption("3");
  await row.getByLabel(`${name}: where it hurt`).fill("left elbow");
  await page.getByLabel("Note").fill("hall cold");
  await page.getByRole("button", { name: "Save the log" }).click();
  await expect(page.getByRole("heading", { name: "Today, as it went" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Next time" })).toBeVisible();
  await expect(page.getByText("wobbled last time: the same again").first()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(row.getByLabel(`${name}: loose at`)).toHaveValue("14");
  await expect(page.getByLabel("Note")).toHaveValue("hall cold");
  await page.getByRole("link", { name: "4 Prep" }).click();
  await expect(page.getByText(/Done and logged/)).toBeVisible();
});

test("a log without any plan: drills are added by hand, on an earlier day too", async ({
  page,
}) => {
  await openDemo(page, "/at/kaito/log?log=new&day=2020-01-01");
  await page.getByLabel("Add a drill that was done").selectOption({ label: "Leg swings" });
  await expect(page.getByText("not planned")).toBeVisible();
  await page.getByLabel("Minutes").fill("12");
  await page.getByRole("button", { name: "Save the log" }).click();
  await expect(page.getByText("The log is kept.").first()).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("Taken back: log")).toBeVisible();
});

test("a round of checks: wrong numbers are refused in place, disagreeing trials asked for again, pain stops", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/check?focus=shoulder-flexion");
  const trial = (n: number) =>
    page.getByRole("textbox", { name: `Shoulder flexion, left, trial ${n}, degrees` });
  await trial(1).fill("1580");
  await expect(page.getByText("Not possible here: between 60 and 210°.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Save the round" })).toBeDisabled();
  await trial(1).fill("158,5");
  await trial(2).fill("168");
  await expect(page.getByText("The trials are more than 6° apart: take one more.")).toBeVisible();
  await page.locator("#row-shoulder-flexion").getByText("pain, what was seen").click();
  await page.getByRole("textbox", { name: "Shoulder flexion, left, pain 0 to 10" }).fill("7");
  await expect(page.getByText("stop measuring this motion", { exact: false })).toBeVisible();
  await page.reload();
  await expect(trial(1)).toHaveValue("158,5");
  await page.getByRole("button", { name: "Save the round" }).click();
  await expect(page.getByText("1 check kept.")).toBeVisible();
  await page.getByRole("link", { name: "4 Prep" }).click();
  await page.getByText(/The library: add a drill/i).click();
  const library = page.locator("details").filter({ hasText: "The library: add a drill" });
  await library.getByLabel("Joint").selectOption("shoulder");
  await expect(page.getByText("the left shoulder is locked after pain").first()).toBeVisible();
});

test("a session without the application, as another was; the day's marks; removed and brought back", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/log?log=new&day=2026-11-22");
  await page.getByLabel("The same as").selectOption({ index: 1 });
  await expect(page.getByRole("radio", { name: "done" }).first()).toBeChecked();
  const marks = page.getByRole("region", { name: "How the day was" });
  await marks.getByRole("button", { name: "poor", exact: true }).click();
  await marks.getByRole("button", { name: "good", exact: true }).click();
  await expect(marks.getByRole("button", { name: "good", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await marks.getByLabel("Sore, 0–10").selectOption("6");
  await marks.getByRole("button", { name: "hip", exact: true }).click();
  await expect(marks.getByText("the next dose there falls by a third")).toBeVisible();
  await page.getByRole("button", { name: "All clean, keep" }).click();
  await expect(page.getByText("The log is kept.").first()).toBeVisible();
  await expect(page.getByRole("heading", { name: "Sunday 22 November, as it went" })).toBeVisible();
  const first = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("radio") })
    .first();
  await first.getByRole("button", { expanded: false }).click();
  await first.getByLabel(/: sets$/).fill("3");
  await first.getByLabel(/: weight in kilograms$/).fill("2.5");
  await expect(first.getByText(/3 × \d+.*2.5 kg/)).toBeVisible();
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await saved(page);
  await page.getByRole("button", { name: "Remove the log of Sunday 22 November" }).click();
  await expect(page.getByRole("link", { name: "Sunday 22 November" })).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Sunday 22 November" })).toBeVisible();
});

test("the record book: by day with a search, by drill with what follows, by motion, and the stops", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/log/book");
  await expect(page.getByText(/^\d+ days, latest first/)).toBeVisible();
  await page.getByLabel("Look for").fill("stiff");
  await expect(page.getByText(/^\d+ of \d+ days/)).toBeVisible();
  await expect(page.getByText(/ at \d+, usually \d+/).first()).toBeVisible();
  await page.getByLabel("Look for").fill("");
  await page.getByRole("button", { name: "by drill" }).click();
  await page.getByRole("list", { name: "Drills done" }).getByText("Wall slides").click();
  const one = page.getByRole("region", { name: "Wall slides" });
  await expect(one.getByRole("figure", { name: /Wall slides: \d+ sessions/ })).toBeVisible();
  await one.getByRole("button", { name: "Pin Wall slides as it is" }).click();
  await expect(one.getByText("pinned", { exact: true })).toBeVisible();
  await one.getByRole("button", { name: "Let the rules propose Wall slides again" }).click();
  await expect(one.getByText("pinned", { exact: true })).toBeHidden();
  await page.getByRole("button", { name: "by joint motion" }).click();
  await expect(page.getByRole("heading", { name: "Pull : push" })).toBeVisible();
  await expect(page.getByText(/Minutes a week, both sides/)).toBeVisible();
  await page.getByRole("button", { name: "stops and flags" }).click();
  await expect(page.getByText(/5\/10, left wrist/)).toBeVisible();
  await expect(
    page.getByText(/Left wrist was locked \(pinching, 5\/10\); cleared by/),
  ).toBeVisible();
});
