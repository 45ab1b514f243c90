import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
import { pathToFileURL } from "node:url";
const { views } = await import(pathToFileURL(process.argv[2]));
const still = new Date("2026-11-24T09:30:00");
const { server, address } = await serve(0);
const browser = await openBrowser();
for (const [name, path, viewport, scheme, before] of views) {
  const context = await browser.newContext({
    viewport,
    colorScheme: scheme ?? "light",
    reducedMotion: "reduce",
    locale: "en-GB",
    timezoneId: "UTC",
  });
  const page = await context.newPage();
  page.on("pageerror", (e) => console.error(name, e.message));
  page.on("console", (m) => m.type() === "error" && console.error(name, m.text()));
  await page.clock.install({ time: still });
  await page.goto(address + path);
  await page.getByRole("heading", { level: 1 }).first().waitFor();
  await page.clock.runFor(400);
  await page
    .getByRole("status")
    .filter({ hasText: /^saved$/ })
    .waitFor({ state: "attached", timeout: 8000 })
    .catch(() => undefined);
  try {
    await before?.(page);
  } catch (e) {
    console.error(name, e.message.slice(0, 600));
  }
  await page.clock.runFor(1000);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `/tmp/look-${name}.png` });
  await context.close();
}
await browser.close();
server.close();
