import { openBrowser } from "./browser.mjs";
import { serve } from "./serve.mjs";
const still = new Date("2026-11-24T09:30:00");
const { address } = await serve(0);
const base = address;
const browser = await openBrowser();
const which = process.argv[2] ?? "all";
const steps = {
  urgent: ["/at/kaito/aim", 1280, 900, async (p) => { await p.getByLabel(/Chest pain/).check(); await p.getByRole("button", { name: "Keep the intake" }).click(); await p.waitForTimeout(900); await p.getByRole("link", { name: "4 Prep" }).click(); await p.waitForTimeout(1500); }],
  pain: ["/at/ilvar/prep", 390, 844, async (p) => { await p.getByRole("button", { name: "Run it" }).click(); await p.waitForTimeout(2500); await p.getByRole("button", { name: /hurt/i }).first().click(); await p.waitForTimeout(700); await p.getByRole("radio", { name: "3", exact: true }).click(); await p.getByRole("button", { name: "sharp", exact: true }).click(); await p.getByLabel("Where, by name").selectOption({ label: "left wrist" }); }],
  aim: ["/at/odalys/aim", 1280, 900, async (p) => { await p.getByText(/cleared by/).scrollIntoViewIfNeeded(); }],
  clearance: ["/at/meheret/aim", 1280, 1000, async (p) => { await p.getByText(/Cleared\?/).first().click(); await p.getByRole("button", { name: "Record the clearance" }).scrollIntoViewIfNeeded(); }],
  meheret: ["/at/meheret/prep", 1280, 900],
  dose: ["/at/odalys/prep", 1280, 1000, async (p) => { await p.getByRole("button", { name: /^Rung and dose of Hands/ }).click(); }],
  log: ["/at/ilvar/log", 1280, 1000, async (p) => { await p.getByLabel("Ankle circles: pain").selectOption("3"); await p.waitForTimeout(400);}],
  nointake: ["/", 1280, 900, async (p) => { await p.getByRole("button", { name: /own/i }).first().click(); await p.waitForTimeout(1200); console.log((await p.getByRole("button").allTextContents()).join("|")); }],
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
