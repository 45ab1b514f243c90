import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
import { mkdirSync } from "node:fs";
mkdirSync("/tmp/shots", { recursive: true });
const { address } = await serve(0);
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
const regions = process.argv.slice(2);
for (const region of regions) {
  await page.goto(`${address}/library/pictures?region=${encodeURIComponent(region)}`);
  await page.locator("main section").first().waitFor();
  await page.evaluate(async () => {
    const lib = globalThis.__new;
    document.querySelectorAll("main nav, main > p").forEach((n) => n.remove());
  });
  const ids = process.env.IDS.split(",");
  await page.evaluate((ids) => {
    for (const s of document.querySelectorAll("main section")) {
      const id = s.querySelector("a").getAttribute("href").split("/").pop();
      if (!ids.includes(id)) s.remove();
      else s.style.cssText = "display:inline-block;width:49%;vertical-align:top;margin:0 0 4px;padding-right:8px";
    }
    document.querySelector("main").style.cssText = "max-width:none;height:auto;overflow:visible;padding:4px;font-size:12px";
    document.body.style.height = "auto"; document.documentElement.style.height = "auto";
    document.querySelectorAll("main ul").forEach((u) => { u.style.cssText = "display:grid;grid-template-columns:repeat(4,1fr);gap:4px"; });
  }, ids);
  const main = page.locator("main");
  await main.screenshot({ path: `/tmp/shots/sheet-${region.replaceAll(" ", "-")}.png` });
  console.log(region, await main.boundingBox());
}
await browser.close();
process.exit(0);
