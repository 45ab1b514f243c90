// node see.mjs OUT PATH [w h] [script-file]
import { openBrowser } from "/work/main/scripts/browser.mjs";
import { serve } from "/work/main/scripts/serve.mjs";
const [,, out, path, w="1280", h="800", act] = process.argv;
const { server, address } = await serve(0);
const b = await openBrowser();
const c = await b.newContext({ viewport:{width:+w,height:+h}, locale:"en-GB", timezoneId:"UTC", reducedMotion:"reduce" });
const p = await c.newPage();
p.on("pageerror", e => console.error("PAGEERROR", e.message));
p.on("console", m => { if (m.type()==="error") console.error("CONSOLE", m.text()); });
await p.goto(address + path);
await p.getByRole("heading",{level:1}).first().waitFor();
await p.waitForTimeout(1500);
if (act) { const f = (await import(act)).default; await f(p); }
await p.waitForTimeout(500);
await p.screenshot({ path: out });
await b.close(); server.close();
