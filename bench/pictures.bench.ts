import { build } from "esbuild";
import { join } from "node:path";
import { library } from "../library/index";
import { openBrowser } from "../scripts/browser.mjs";
import type { Bench } from "./bench";
import { rungDrawn, type RungDrawn } from "./pictures/drawn";
import type { Seen } from "./pictures/raster";

/** Less than this share of the inked pixels is taken for the same picture. */
const same = { startEnd: 0.06, neighbours: 0.03 };
/** A thing that fewer pixels show is not seen. */
const leastPixels = 10;
/** Of the place of work, less than this is hidden. */
const leastSeen = 0.25;

/** Every rung's picture, painted small by the browser: what can be told apart is told by pixels, not by angles. */
const pictures: Bench = async () => {
  const script = await build({
    entryPoints: [join(import.meta.dirname, "pictures/raster.ts")],
    bundle: true,
    write: false,
    format: "iife",
    globalName: "pictures",
  });
  const browser = await openBrowser();
  const page = await browser.newPage();
  await page.setContent("<!doctype html>");
  await page.addScriptTag({ content: script.outputFiles[0]!.text });
  const seen: Seen[] = [];
  for (const drill of library.drills) {
    const rungs = drill.rungs.map((rung) => rungDrawn(drill, rung));
    seen.push(
      ...((await page.evaluate(
        (asked: RungDrawn[]) =>
          (
            window as unknown as { pictures: { look: (asked: RungDrawn[]) => Promise<Seen[]> } }
          ).pictures.look(asked),
        rungs,
      )) as Seen[]),
    );
  }
  await browser.close();
  const found = {
    same_start_end: seen
      .filter(({ startEnd }) => startEnd !== null && startEnd < same.startEnd)
      .map(({ name, startEnd }) => `${name} ${startEnd!.toFixed(3)}`),
    same_neighbours: seen
      .filter(({ next }) => next !== null && next < same.neighbours)
      .map(({ name, next }) => `${name} ${next!.toFixed(3)}`),
    kit_missing: seen.flatMap(({ name, kit }) =>
      kit
        .filter(({ pixels }) => pixels < leastPixels)
        .map(({ item, pixels }) => `${name} ${item} ${pixels}`),
    ),
    joint_hidden: seen
      .filter(({ place }) => place !== null && place < leastSeen)
      .map(({ name, place }) => `${name} ${place!.toFixed(2)}`),
  };
  return {
    table: Object.entries(found).flatMap(([what, which]) => which.map((rung) => ({ what, rung }))),
    figures: Object.entries(found).map(([key, which]) => ({
      key,
      value: which.length,
      unit: `of ${seen.length} rungs`,
    })),
  };
};

export default pictures;
