import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
const { server, address } = await serve(4199);
const browser = await openBrowser();
const shot = async (page, name) => page.screenshot({ path: `/tmp/look-${name}.png` });
const open = async (size, path) => {
  const page = await (await browser.newContext({ viewport: size, locale: "en-GB" })).newPage();
  page.on("pageerror", (e) => console.log("ERR", e.message));
  await page.clock.install({ time: new Date("2026-11-24T09:30:00") });
  await page.goto(address + path);
  return page;
};
try {
  for (const [name, path, size] of JSON.parse(process.argv[2])) {
    const page = await open(size ?? { width: 1280, height: 800 }, path);
    await page.waitForTimeout(6000);
    await page.clock.runFor(3000);
    await page.waitForTimeout(4000);
    await shot(page, name);
    await page.context().close();
  }
} finally { await browser.close(); server.close(); }
process.exit(0);
