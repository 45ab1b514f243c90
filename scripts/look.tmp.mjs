import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
const still = new Date("2026-11-24T09:30:00");
const { address } = await serve(0);
const base = address;
const browser = await openBrowser();
const which = process.argv[2] ?? "all";
const steps = {
  aim: ["/at/odalys/aim", 1280, 1600],
  aimnoor: ["/at/noor/aim", 1280, 800],
  intake: ["/at/kaito/aim", 1280, 1700, async (p) => { await p.getByLabel(/Surgery, fracture/).check(); await p.getByLabel(/Chest pain/).check(); }],
  wren: ["/at/wren/prep", 1280, 1000],
  cautions: ["/library/cautions", 1280, 1800],
  drill: ["/library/drill/ring-turns", 1280, 1000],
  clearance: ["/at/meheret/aim", 1280, 1900, async (p) => { await p.getByText(/Cleared\?/).first().click(); }],
  own: ["/library/own-drill", 1280, 1300],
  pain: ["/at/ilvar/prep", 390, 844, async (p) => { await p.getByRole("button", { name: "Run it" }).click(); await p.waitForTimeout(2500); console.log((await p.getByRole("button").allTextContents()).join("|")); await p.getByRole("button", { name: /hurt/i }).first().click(); await p.waitForTimeout(700); }],
  log: ["/at/ilvar/log?day=2026-11-23", 1280, 1000],
};
for (const [name, [path, width, height, act]] of Object.entries(steps)) {
  if (which !== "all" && !which.split(",").includes(name)) continue;
  const page = await browser.newPage({ viewport: { width, height } });
  page.on("pageerror", (e) => console.log(name, "ERR", e.message.slice(0, 200)));
  await page.clock.setFixedTime(still);
  await page.goto(base + path);
  await page.waitForTimeout(2500);
  try { if (act) await act(page); } catch (e) { console.log(name, String(e).slice(0, 300)); }
  await page.waitForTimeout(600);
  await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: false });
  await page.close();
}
await browser.close(); process.exit(0);
