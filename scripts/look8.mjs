import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
const { server, address } = await serve(4199);
const browser = await openBrowser();
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: "en-GB" })).newPage();
page.on("pageerror", (e) => console.log("ERR", e.message));
page.on("console", (m) => m.type() === "error" && console.log("CON", m.text()));
const shot = (name) => page.screenshot({ path: `/tmp/look-${name}.png` });
const settle = () => page.waitForTimeout(4500);
try {
  await page.goto(address + "/"); await page.waitForTimeout(5000);
  await page.goto(address + "/hall/all/session"); await page.waitForTimeout(2500); await shot("s1");
  await page.getByLabel("at stations").click(); await page.getByLabel("Minutes").fill("40");
  await page.getByRole("button", { name: /Plan it for/ }).click(); await settle(); await shot("s9");
  await page.waitForTimeout(24000); await shot("s10");
  await page.getByRole("link", { name: "Wall screen" }).click(); await settle(); await page.keyboard.press(" "); await page.waitForTimeout(2500); await shot("s11");
  for (let i = 0; i < 10; i++) { await page.keyboard.press("ArrowRight"); await page.waitForTimeout(150); }
  await page.waitForTimeout(2500); await shot("s12");
  await page.keyboard.press("g"); await page.waitForTimeout(600); await shot("s13");
} catch (e) { console.log(e.message); await shot("err"); } finally { await browser.close(); server.close(); }
process.exit(0);
