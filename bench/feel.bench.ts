import type { BrowserContext, CDPSession, Page } from "@playwright/test";
import { openBrowser } from "../scripts/browser.mjs";
import { serve } from "../scripts/serve.mjs";
import { run } from "../scripts/steps.mjs";
import { cast } from "../library/cast";
import type { Bench } from "./bench";

/** A phone of the middle: a processor four times slower than this one, and a 4G line. */
const slowness = 4;
const line = { latency: 165, downloadThroughput: 9e6 / 8, uploadThroughput: 1.5e6 / 8 };

/** Notes what the browser itself measures: paints, presses and shifts. Runs in the page, before anything of it. */
const note = () => {
  const seen = { lcp: 0, presses: new Map<number, number>(), shifts: 0 };
  Object.assign(globalThis, { seen });
  const watch = (type: string, take: (entry: PerformanceEntry) => void) =>
    new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({
      type,
      buffered: true,
      durationThreshold: 16,
    } as PerformanceObserverInit);
  watch("largest-contentful-paint", ({ startTime }) => (seen.lcp = startTime));
  watch("event", (entry) => {
    const { interactionId, duration } = entry as PerformanceEventTiming & { interactionId: number };
    if (interactionId > 0)
      seen.presses.set(interactionId, Math.max(duration, seen.presses.get(interactionId) ?? 0));
  });
  watch("layout-shift", (entry) => {
    const { value, hadRecentInput } = entry as PerformanceEntry & {
      value: number;
      hadRecentInput: boolean;
    };
    if (!hadRecentInput) seen.shifts += value;
  });
};
type Seen = { lcp: number; presses: Map<number, number>; shifts: number };

const slowed = async (page: Page, slow: boolean): Promise<CDPSession> => {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: slow ? slowness : 1 });
  await session.send("Network.enable");
  if (slow) await session.send("Network.emulateNetworkConditions", { offline: false, ...line });
  return session;
};

async function newPage(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  // The bundler that runs this file marks functions by a helper which the page does not have.
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.addInitScript(note);
  return page;
}

const size = { width: 1280, height: 800 };

/** A first visit by an empty browser: the largest paint, and when everybody's name stands there, seconds. */
async function firstVisit(
  browser: Awaited<ReturnType<typeof openBrowser>>,
  at: string,
  slow: boolean,
) {
  const context = await browser.newContext({ viewport: size });
  const page = await newPage(context);
  await slowed(page, slow);
  await page.goto(at);
  await Promise.all(
    cast.performers.map(({ name }) => page.getByRole("link", { name }).first().waitFor()),
  );
  const names = await page.evaluate(() => performance.now());
  await page.waitForTimeout(6_000);
  const { lcp, requests } = await page.evaluate(() => ({
    lcp: (globalThis as never as { seen: Seen }).seen.lcp,
    requests: performance.getEntriesByType("resource").length,
  }));
  await context.close();
  return { lcp: lcp / 1000, names: names / 1000, requests };
}

const stations = ["1", "2", "3", "4", "6", "7"];

/** A walk with presses on every station, by the slowed processor. @returns each press, ms, and the shifts */
async function walk(page: Page, at: string) {
  await page.goto(`${at}/at/odalys/aim`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  await page.waitForTimeout(3_000);
  const settle = () => page.waitForTimeout(700);
  for (let round = 0; round < 2; round += 1)
    for (const station of stations) {
      await page.keyboard.press(station);
      await page.waitForTimeout(1_500);
      for (let n = 0; n < 3; n += 1) {
        await page.keyboard.press("Tab");
        await settle();
      }
    }
  await page.keyboard.press("4");
  await settle();
  const locks = page.getByRole("button", { name: /^Lock / });
  for (let n = 0; n < 3; n += 1) {
    await locks.first().click();
    await settle();
  }
  await page.keyboard.press("z");
  await settle();
  await page.keyboard.press("/");
  await settle();
  for (const letter of "hip") {
    await page.keyboard.press(letter);
    await settle();
  }
  await page.keyboard.press("Escape");
  await settle();
  return page.evaluate(() => {
    const { presses, shifts } = (globalThis as never as { seen: Seen }).seen;
    return { presses: [...presses.values()], shifts };
  });
}

/** Drags the dose from one end to the other. @returns frames a second meanwhile, and ms until a new dose is drawn */
async function slide(page: Page, at: string) {
  await page.goto(`${at}/at/odalys/season/date`);
  const slider = page.getByRole("slider", { name: "Dose" });
  await slider.waitFor();
  await page.waitForTimeout(3_000);
  const box = (await slider.boundingBox())!;
  const frames = page.evaluate(
    () =>
      new Promise<{ frames: number; ms: number }>((done) => {
        const begin = performance.now();
        let frames = 0;
        const beat = (now: number) => {
          if (now - begin > 2_000) return done({ frames, ms: now - begin });
          frames += 1;
          requestAnimationFrame(beat);
        };
        requestAnimationFrame(beat);
      }),
  );
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + 8, y);
  await page.mouse.down();
  const begin = Date.now();
  for (let share = 0; Date.now() - begin < 2_000; share = (share + 0.02) % 1) {
    await page.mouse.move(box.x + 8 + (box.width - 16) * share, y);
    await page.waitForTimeout(12);
  }
  await page.mouse.up();
  const counted = await frames;
  await page.waitForTimeout(2_000);
  // From one press of a key to the words of the new dose on the screen.
  await slider.click();
  await page.waitForTimeout(2_000);
  const answered: number[] = [];
  for (let n = 0; n < 5; n += 1) {
    const said = page.evaluate(
      () =>
        new Promise<number>((done) => {
          const input = document.querySelector("input[aria-label=Dose]")!;
          const before = input.getAttribute("aria-valuetext");
          input.addEventListener(
            "keydown",
            () => {
              const begin = performance.now();
              const look = () =>
                input.getAttribute("aria-valuetext") !== before
                  ? requestAnimationFrame(() => done(performance.now() - begin))
                  : requestAnimationFrame(look);
              requestAnimationFrame(look);
            },
            { once: true },
          );
        }),
    );
    await page.waitForTimeout(50);
    await page.keyboard.press(n % 2 === 0 ? "ArrowLeft" : "ArrowRight");
    answered.push(await said);
    await page.waitForTimeout(1_500);
  }
  return {
    frames: (counted.frames * 1000) / counted.ms,
    ms: answered.sort((a, b) => a - b)[2]!,
  };
}

const part = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[
    Math.min(values.length - 1, Math.floor(values.length * share))
  ] ?? 0;
const hundredths = (value: number): number => Math.round(value * 100) / 100;

/** How Yearling feels: a first visit on a slow phone and here, presses when slowed, the dose slider, and shifts. */
const bench: Bench = async () => {
  run("npm", ["run", "build", "--silent"], { quiet: true });
  const { server, address } = await serve(0);
  const browser = await openBrowser();
  const slow = await firstVisit(browser, address, true);
  const here = await firstVisit(browser, address, false);
  const context = await browser.newContext({ viewport: size });
  const page = await newPage(context);
  await slowed(page, false);
  const dose = await slide(page, address);
  const session = await slowed(page, true);
  const walked = await walk(page, address);
  await session.detach();
  await browser.close();
  await server.close();
  const table = [
    { what: "largest paint, slow, s", value: hundredths(slow.lcp) },
    { what: "all names, slow, s", value: hundredths(slow.names) },
    { what: "requests until then", value: slow.requests },
    { what: "largest paint here, s", value: hundredths(here.lcp) },
    { what: "all names here, s", value: hundredths(here.names) },
    { what: "presses that took a frame or more", value: walked.presses.length },
    { what: "presses, median, ms", value: part(walked.presses, 0.5) },
    { what: "presses, longest, ms", value: part(walked.presses, 1) },
  ];
  return {
    table,
    figures: [
      { key: "lcp_slow_s", value: hundredths(slow.lcp), unit: "s" },
      { key: "lcp_s", value: hundredths(here.lcp), unit: "s" },
      { key: "inp_p98_slow_ms", value: part(walked.presses, 0.98), unit: "ms" },
      { key: "slider_ms", value: Math.round(dose.ms), unit: "ms" },
      { key: "slider_frames", value: Math.round(dose.frames), unit: "frames a second" },
      { key: "cls", value: Math.round(walked.shifts * 1000) / 1000, unit: "shift" },
    ],
  };
};

export default bench;
