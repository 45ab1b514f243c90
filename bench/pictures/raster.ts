/** Runs in the page: everything is told by the pixels that the browser paints. */

/** Draws a picture into a small raster on white. */
async function raster(svg: string, width: number, height: number): Promise<Uint8ClampedArray> {
  const image = new Image(width, height);
  const sized = svg.replace(
    /^<svg /,
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" `,
  );
  image.src = `data:image/svg+xml,${encodeURIComponent(sized.replace(/xmlns="[^"]*" (?=.*xmlns=)/, ""))}`;
  await image.decode();
  const canvas = new OffscreenCanvas(width, height);
  const paper = canvas.getContext("2d")!;
  paper.fillStyle = "#ffffff";
  paper.fillRect(0, 0, width, height);
  paper.drawImage(image, 0, 0, width, height);
  return paper.getImageData(0, 0, width, height).data;
}

/** Of the pixels that either has ink on, the share that differs. */
function differing(a: Uint8ClampedArray, b: Uint8ClampedArray): { share: number; pixels: number } {
  let [either, apart] = [0, 0];
  for (let i = 0; i < a.length; i += 4) {
    const inked = a[i]! + a[i + 1]! + a[i + 2]! < 690 || b[i]! + b[i + 1]! + b[i + 2]! < 690;
    if (!inked) continue;
    either += 1;
    const far = Math.max(...[0, 1, 2].map((n) => Math.abs(a[i + n]! - b[i + n]!)));
    if (far > 60) apart += 1;
  }
  return { share: either === 0 ? 0 : apart / either, pixels: apart };
}

const red = (a: Uint8ClampedArray): number => {
  let count = 0;
  for (let i = 0; i < a.length; i += 4) if (a[i]! > 200 && a[i + 1]! < 60) count += 1;
  return count;
};

type Asked = import("./drawn").RungDrawn;
export type Seen = {
  name: string;
  startEnd: number | null;
  next: number | null;
  kit: { item: string; pixels: number }[];
  place: number | null;
};

/** What a row of rungs of one drill looks like, rung by rung, and each beside the next. */
export async function look(rungs: Asked[]): Promise<Seen[]> {
  const rasters = await Promise.all(
    rungs.map(async (rung) => ({
      rung,
      both: await Promise.all([raster(rung.all, 200, 100), raster(rung.body, 200, 100)]),
    })),
  );
  return Promise.all(
    rasters.map(async ({ rung, both }, n): Promise<Seen> => {
      const before = rasters[n - 1]?.both;
      const places = await Promise.all(
        rung.places.map(async ({ covered, alone }) => {
          const [own, left] = await Promise.all([raster(alone, 40, 40), raster(covered, 40, 40)]);
          return red(own) > 0 ? red(left) / red(own) : 0;
        }),
      );
      return {
        name: rung.name,
        startEnd:
          rung.end === null
            ? null
            : differing(
                ...(await Promise.all([raster(rung.start, 120, 100), raster(rung.end, 120, 100)])),
              ).share,
        next: before
          ? Math.max(differing(before[0], both[0]).share, differing(before[1], both[1]).share)
          : null,
        kit: await Promise.all(
          rung.kit.map(async (one) => ({
            item: one.item,
            pixels: differing(
              ...(await Promise.all([raster(one.with, 200, 100), raster(one.without, 200, 100)])),
            ).pixels,
          })),
        ),
        place: places.length === 0 ? null : Math.max(...places),
      };
    }),
  );
}
