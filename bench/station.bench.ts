import type { Page } from "@playwright/test";
import { openBrowser } from "../scripts/browser.mjs";
import { serve } from "../scripts/serve.mjs";
import { run } from "../scripts/steps.mjs";
import type { Bench } from "./bench";

const keys = { aim: "1", check: "2", gap: "3", prep: "4", log: "6", season: "7" } as const;
type Station = keyof typeof keys;
const rounds = 5;

/** Presses a station's key and counts the frames until its desk stands in the page, and the milliseconds. */
const change = (page: Page, key: string, station: string) =>
  page.evaluate(
    async ([pressed, wanted]) => {
      const desk = document.querySelector("#desk");
      const begin = performance.now();
      window.dispatchEvent(new KeyboardEvent("keydown", { key: pressed!, bubbles: true }));
      let frames = 0;
      await new Promise<void>((done) => {
        const look = () => {
          const now = document.querySelector("#desk");
          if (
            location.pathname.endsWith(`/${wanted}`) &&
            now &&
            now !== desk &&
            now.querySelector("h1")
          )
            return done();
          frames += 1;
          requestAnimationFrame(look);
        };
        look();
      });
      const shown = performance.now() - begin;
      await new Promise((done) => setTimeout(done, 300));
      return { frames, milliseconds: shown };
    },
    [key, station] as const,
  );

const median = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** A change of station once all is loaded, with the demo data: frames from the key press to the new desk. */
const bench: Bench = async () => {
  run("npm", ["run", "build", "--silent"], { quiet: true });
  const { server, address } = await serve(0);
  const browser = await openBrowser();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The bundler that runs this file marks functions by a helper which the page does not have.
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(`${address}/at/odalys/gap`);
  await page
    .getByRole("status")
    .filter({ hasText: /^saved$/ })
    .waitFor();
  const seen = new Map<Station, { frames: number; milliseconds: number }[]>();
  for (let round = 0; round <= rounds; round += 1)
    for (const [station, key] of Object.entries(keys) as [Station, string][]) {
      const took = await change(page, key, station);
      if (round > 0) seen.set(station, [...(seen.get(station) ?? []), took]);
    }
  await browser.close();
  server.close();
  const table = [...seen].map(([station, took]) => ({
    station,
    "frames, median": median(took.map(({ frames }) => frames)),
    "frames, most": Math.max(...took.map(({ frames }) => frames)),
    "ms, median": Math.round(median(took.map(({ milliseconds }) => milliseconds))),
  }));
  const all = [...seen.values()].flat();
  return {
    table,
    figures: [
      { key: "frames_median", value: median(all.map(({ frames }) => frames)), unit: "frames" },
      { key: "frames_most", value: Math.max(...all.map(({ frames }) => frames)), unit: "frames" },
      {
        key: "ms_median",
        value: Math.round(median(all.map(({ milliseconds }) => milliseconds))),
        unit: "ms",
      },
    ],
  };
};

export default bench;
