import { expect, test, type Page } from "@playwright/test";
import { downloaded, keys, openDemo, openOwn, addAthlete, saved, watch } from "./walk";

const day = (page: Page, name: string) => page.getByRole("listitem", { name });
const sessionOn = (page: Page, name: string) =>
  day(page, name).getByRole("button", { name: /session at/ });

test("a session is moved by keys and by mouse; what breaks is said, and one key mends it", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/season?week=2026-11-30");
  await expect(
    page.getByRole("heading", { level: 1, name: /^Next week: 2 mobility/ }),
  ).toBeVisible();
  const session = sessionOn(page, "Thursday 3 December");
  await session.focus();
  for (const next of ["Friday 4", "Saturday 5", "Sunday 6"]) {
    await page.keyboard.press("Alt+ArrowRight");
    await expect(sessionOn(page, `${next} December`).and(page.locator(":focus"))).toBeVisible();
  }
  const look = page.getByRole("list", { name: "What to look at" });
  await expect(look.getByText(/Sunday 6 December is a day of rest/)).toBeVisible();
  await expect(sessionOn(page, "Sunday 6 December")).toHaveAccessibleName(/breaks a rule/);
  await page.getByRole("heading", { level: 1 }).click();
  await page.keyboard.press("a");
  await expect(look.getByText(/day of rest/)).toHaveCount(0);
  await expect(sessionOn(page, "Sunday 6 December")).toHaveCount(0);
  await expect(page.getByText(/no other placing is better by more than 1 %/)).toBeVisible({
    timeout: 30_000,
  });

  const other = page.getByRole("button", { name: /session at/ }).last();
  const from = (await other.boundingBox())!;
  const to = (await day(page, "Wednesday 2 December").boundingBox())!;
  await page.mouse.move(from.x + 20, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 40, to.y + 60, { steps: 8 });
  await page.mouse.up();
  await expect(
    day(page, "Wednesday 2 December").getByRole("button", { name: /session .* by hand/ }),
  ).toBeVisible();
  await keys(page, "[Control+z]");
  await expect(
    day(page, "Wednesday 2 December").getByRole("button", { name: /session .* by hand/ }),
  ).toHaveCount(0);
});

test("days ill take what hung on them, the next week begins lower, and the date says so", async ({
  page,
}) => {
  await openDemo(page, "/at/wren/season?week=2026-12-07");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/3 mobility sessions/);
  await page.getByRole("button", { name: "Days ill or away" }).click();
  await page.getByLabel("From", { exact: true }).fill("2026-11-30");
  await page.getByLabel("To", { exact: true }).fill("2026-12-06");
  await page.getByRole("button", { name: "Note the days" }).click();
  await expect(page.getByText(/Begins lower after the break/)).toBeVisible();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/2 mobility sessions/);
  await page.getByRole("button", { name: "The week before" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/nothing hangs on it/);
  await expect(day(page, "Monday 30 November").getByText("ill")).toBeVisible();
  await page.getByRole("button", { name: "Take it back" }).first().click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/3 mobility sessions/);
});

test("the fan answers to dose and date; a check is put into the week where it can tell something", async ({
  page,
}) => {
  await openDemo(page, "/at/ilvar/season/date");
  const { errors } = watch(page);
  const hip = page.getByRole("list", { name: /hip flexion/ }).first();
  const middle = async () =>
    Number(/middle (-?\d+)/.exec((await hip.textContent()) ?? "")?.[1] ?? Number.NaN);
  await expect(hip).toContainText("(80 %)");
  const usual = await middle();
  const dose = page.getByRole("slider", { name: "Dose" });
  await dose.fill("0");
  await expect(page.getByText("nothing from now on")).toBeVisible();
  await expect.poll(middle).toBeLessThan(usual);
  await dose.fill("200");
  await expect.poll(middle).toBeGreaterThanOrEqual(usual);
  await page.getByRole("button", { name: "back", exact: true }).click();
  await page.getByRole("slider", { name: "Date" }).fill("28");
  await expect(page.getByRole("heading", { level: 1, name: /By 8 Feb/ })).toBeVisible();
  expect(errors).toEqual([]);
});

test("the calendar is written, read back without a change, and a move made in it is taken over", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/season/out");
  const text = await downloaded(page, () =>
    page.getByRole("button", { name: "Write the calendar" }).click(),
  );
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(text).toContain("BEGIN:VTIMEZONE");
  const uid = /UID:(slot-odalys-2026-11-30-mobility-2@yearling\.local)/.exec(text)?.[1];
  expect(uid).toBeTruthy();
  const file = (name: string, content: string) => ({
    name,
    mimeType: "text/calendar",
    buffer: Buffer.from(content),
  });
  const input = page.getByLabel("Read a calendar (.ics)");
  await input.setInputFiles(file("same.ics", text));
  await expect(page.getByText(/says what the season says: nothing to change/)).toBeVisible();
  const event = text.split("BEGIN:VEVENT").find((part) => part.includes(uid!))!;
  const moved = text.replace(
    event,
    event.replace(/(DTSTART[^:]*:)\d{8}T\d{6}/, "$120261202T190000"),
  );
  await input.setInputFiles(file("moved.ics", moved));
  await expect(page.getByText(/to Wed 2 Dec at 19:00/)).toBeVisible();
  await page.getByRole("button", { name: "Take it over" }).click();
  await page.getByRole("link", { name: "Weeks", exact: true }).click();
  await page.getByRole("button", { name: "The week after" }).click();
  await expect(
    day(page, "Wednesday 2 December").getByRole("button", { name: /session at 19:00/ }),
  ).toBeVisible();
  await page.goto("/at/odalys/season/out");
  const first = text.split("BEGIN:VEVENT")[1]!;
  await input.setInputFiles(
    file(
      "deleted.ics",
      text.replace(`BEGIN:VEVENT${first.split("END:VEVENT")[0]}END:VEVENT\r\n`, ""),
    ),
  );
  await expect(page.getByText(/No longer in the calendar/)).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /Tue 24 Nov at/ })).toHaveCount(1);
  await input.setInputFiles(file("broken.ics", "BEGIN:VCALENDAR\r\nnothing"));
  await expect(page.getByRole("alert")).toContainText("Refused");
  const csv = await downloaded(page, () =>
    page.getByRole("button", { name: "The forecasts" }).click(),
  );
  // The mark tells a spreadsheet that it is UTF-8.
  expect(csv).toMatch(/^\uFEFFdate,motion,side,mode,need,middle,low_80,high_80/);
});

test("a session is taken out and put back; what a calendar held and is gone, the next one calls off", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/season/out");
  const write = () => page.getByRole("button", { name: "Write the calendar" }).click();
  expect(await downloaded(page, write)).not.toContain("STATUS:CANCELLED");
  await saved(page);
  await page.goto("/at/odalys/season?week=2026-11-30");
  const sessions = page.getByRole("button", { name: /shoulder session at/ });
  await expect(sessions.first()).toBeVisible();
  const before = await sessions.count();
  await sessions.first().focus();
  await page.keyboard.press("Delete");
  await expect(sessions).toHaveCount(before - 1);
  await expect(page.getByText("Taken out")).toBeVisible();
  await page.getByRole("button", { name: "Place everything anew" }).click();
  await expect(page.getByText(/no other placing is better/)).toBeVisible({ timeout: 30_000 });
  await expect(sessions).toHaveCount(before - 1);
  await page.goto("/at/odalys/season/out");
  await expect(page.getByText(/called off: shoulder session/i)).toBeVisible();
  expect((await downloaded(page, write)).match(/STATUS:CANCELLED/g)).toHaveLength(1);
  await page.goto("/at/odalys/season?week=2026-11-30");
  await page.getByRole("button", { name: /^Put it back/ }).click();
  await expect(sessions).toHaveCount(before);
  await expect(page.getByText("Taken out")).toHaveCount(0);
});

test("the tape comes nearer and goes farther, and a day to come opens its week", async ({
  page,
}) => {
  await openDemo(page, "/at/ilvar/gap");
  await page.getByRole("button", { name: /^Farther/ }).click();
  await page.getByRole("button", { name: /^Week 12, from 14 Dec/ }).click();
  await expect(page).toHaveURL(/season\?week=2026-12-14/);
  await expect(page.getByText("Week 12 of 16")).toBeVisible();
  await page.getByRole("button", { name: /^Nearer/ }).click();
  await page.getByRole("button", { name: /^Nearer/ }).click();
  await page.getByRole("button", { name: /^Sun 22 Nov/ }).click();
  await expect(page.getByText("what was known then", { exact: false })).toBeVisible();
});

test("their stories, without a word typed: a sick week, a plateau, a lock-out, a taper", async ({
  page,
}) => {
  await openDemo(page, "/at/odalys/season");
  await page.getByRole("button", { name: /^Week of 12 Oct/ }).click();
  await expect(day(page, "Wednesday 14 October").getByText("ill")).toBeVisible();
  await page.goto("/at/kaito/season/date");
  // The forecast is worked out in a thread of its own.
  await page.getByText(/Green: 80 % range/).waitFor();
  await expect(page.getByRole("region", { name: /^Plateau of/ }).first()).toContainText(
    "Change the method rather than add to it",
  );
  await page.goto("/at/noor/season");
  await expect(page.getByRole("list", { name: "What to look at" })).toContainText(
    /Upper back is stopped: pain 6\/10/,
  );
  await page.goto("/at/ilvar/season");
  await expect(page.getByText(/Before the show of Sunday 29 November: no new level/)).toBeVisible();
  await expect(sessionOn(page, "Friday 27 November")).toHaveCount(0);
});

test("an own notebook: the weeks are laid out from nothing, wrong input is said and loses nothing", async ({
  page,
}) => {
  await openOwn(page);
  await addAthlete(page, "Ines Varga");
  await page.getByRole("link", { name: "7 Season" }).click();
  await expect(page.getByRole("heading", { name: "No weeks behind you yet." })).toBeVisible();
  const week = page.getByRole("form", { name: "The usual training week" });
  const add = week.getByRole("button", { name: "A training" });
  await add.click();
  await add.click();
  const day = week.getByRole("combobox", { name: /^Day/ }).nth(1);
  await day.selectOption("Mon");
  await week.getByRole("button", { name: "Keep and place" }).click();
  await expect(page.getByRole("alert")).toContainText("Two trainings on one day overlap");
  await day.selectOption("Thu");
  await week.getByRole("button", { name: "Keep and place" }).click();
  await expect(page.getByRole("list", { name: "The days of the week" })).toBeVisible();
  await expect(page.getByText("No aim: no date to look toward.")).toBeVisible();
  await page.getByRole("button", { name: "The week after" }).click();
  await expect(page.getByRole("button", { name: /^warm-up at 16:45/ })).toHaveCount(2);
});
