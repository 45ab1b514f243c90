import type { Page } from "@playwright/test";
import { listen, step, type Step } from "./heard";

const names: Record<string, string> = {
  "1": "aim",
  "2": "check",
  "3": "gap",
  "4": "prep",
  "6": "log",
  "7": "season",
};

/** A walk by keys alone: stations, dialogs, a reading, a prep that is changed, a run to its log. */
export async function walkByKeys(page: Page, at: string): Promise<Step[]> {
  const steps: Step[] = [];
  const press = async (does: string, ...keys: string[]) => {
    for (const key of keys.slice(0, -1)) await page.keyboard.press(key);
    steps.push(await step(page, does, () => page.keyboard.press(keys.at(-1)!)));
  };
  await page.goto(`${at}/at/odalys/gap`);
  await page.getByRole("heading", { level: 1 }).first().waitFor();
  await page.waitForTimeout(2_500);
  await listen(page);
  for (const [key, name] of Object.entries(names)) {
    await press(`key ${key}: ${name}`, key);
    await press(`Tab in ${name}`, "Tab");
    await press(`Tab again in ${name}`, "Tab");
  }
  await press("keys", "?");
  await press("keys closed", "Escape");
  await press("find", "/");
  await press("a letter of find", "h");
  await press("the next found", "ArrowDown");
  await press("find closed", "Escape");

  await press("key 2: check", "2");
  await page.locator("input[data-entry]").first().focus();
  await page.keyboard.type("93");
  await press("Enter to the next number", "Enter");
  await page.keyboard.type("94");
  await press("a number that can't be", "9");
  await press("Escape", "Escape");

  await press("key 4: prep", "4");
  const move = page.getByRole("button", { name: /^Move .*: drag/ }).nth(1);
  await move.focus();
  await press("a drill moved down", "Alt+ArrowDown");
  await press("undone", "Control+z");
  await page
    .getByRole("button", { name: /^Level and dose of/ })
    .first()
    .focus();
  await press("level and dose opened", "Enter");
  await press("and closed", "Enter");
  await page
    .getByRole("button", { name: /^Lock / })
    .first()
    .focus();
  await press("a drill locked", "Enter");
  await page
    .getByRole("button", { name: /^Drop / })
    .nth(2)
    .focus();
  await press("a drill dropped", "Enter");
  await page.getByRole("link", { name: "The day after" }).focus();
  await press("the day after", "Enter");
  await press("key 3: gap", "3");
  await press("key 4: prep again", "4");

  await page.getByRole("button", { name: "Run it" }).focus();
  await press("the run begins", "Enter");
  for (let n = 0; n < 8; n += 1) await press(`next ${n + 1} in the run`, "ArrowRight");
  await press("paused", "Space");
  await press("gone on", "Space");
  await press("skipped", "s");
  await press("it hurts", "p");
  await press("how much", "ArrowRight");
  await press("back from pain", "Escape");
  await press("minutes", "t");
  await press("back from minutes", "Escape");
  await press("left", "q");
  await press("key 7: season", "7");
  return steps;
}
