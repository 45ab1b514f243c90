import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { PosePicture } from "../../app/parts/figure/pose-picture";
import type { Drill, Rung } from "../../core/drill/drill";
import type { KitItem } from "../../core/drill/kit";
import { drawingOf, type Look } from "../../core/figure/drawing";
import type { Picture, Prop } from "../../core/figure/picture";
import type { Pose } from "../../core/figure/pose";
import { warmSpots } from "../../core/figure/warm";

/** Colours that no two things share. */
const tones = {
  ink: "#000000",
  far: "#808080",
  ground: "#ffffff",
  line: "#505050",
  fill: "#d0d0d0",
  kit: "#00a000",
  warm: "#ff0000",
};

/** A picture as the application draws it. */
const asShown = (picture: Picture, only?: "start" | "end"): string =>
  renderToStaticMarkup(
    createElement(PosePicture, {
      picture,
      label: "",
      small: true,
      tones,
      ...(only ? { only } : {}),
    }),
  );

/** What shows that a rung's kit is there. */
const shows: Partial<Record<KitItem, readonly Prop["kind"][]>> = {
  "loop-band": ["loop"],
  "half-roller": ["roller"],
  "climbing-wall": ["holds"],
  slope: ["wedge"],
};

const without = (picture: Picture, item: KitItem): Picture => {
  const kinds = shows[item] ?? [item as Prop["kind"]];
  return { ...picture, props: picture.props.filter(({ kind }) => !kinds.includes(kind)) };
};

/** The same as a whole body where it has a close-up: kit may lie where the close-up does not look. */
const whole = (picture: Picture): Picture => ({ ...picture, closeUp: undefined });

/** A place of work in red on its limb, with everything that covers it, and the same limb alone. */
type Place = { covered: string; alone: string };

function placeOf(
  pose: Pose,
  look: Look,
  picture: Picture,
  spot: ReturnType<typeof warmSpots>[number],
): Place {
  const drawing = drawingOf(pose, look, picture.lift);
  const limb = /^(lumbar|thoracic)$/.test(spot.at)
    ? /^trunk$/
    : /^(neck|crown)$/.test(spot.at)
      ? /^(trunk|head)$/
      : /^(hip|knee|ankle|heel|ball|toe)$/.test(spot.at)
        ? new RegExp(`^${spot.side}-(leg|toe)`)
        : new RegExp(`^${spot.side}-(arm|finger)`);
  const [x, y] = drawing.spot(spot.at, spot.side);
  const r = spot.size * 0.6;
  const svg = (all: boolean): string =>
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x - r} ${y - r} ${2 * r} ${2 * r}">${drawing.layers
      .filter(({ name }) => all || limb.test(name))
      .map(
        ({ name, path }) => `<path d="${path}" fill="${limb.test(name) ? "#ff0000" : "#000000"}"/>`,
      )
      .join("")}</svg>`;
  return { covered: svg(true), alone: svg(false) };
}

/** Everything of a rung that is looked at. */
export type RungDrawn = {
  name: string;
  start: string;
  end: string | null;
  all: string;
  body: string;
  kit: { item: KitItem; with: string; without: string }[];
  places: Place[];
};

export function rungDrawn(drill: Drill, rung: Rung): RungDrawn {
  const { picture } = rung;
  const near = picture.closeUp;
  const looks: Look[] = [
    { azimuth: picture.view },
    ...(near
      ? [{ azimuth: near.view ?? picture.view, above: near.above ?? 0, fine: true } as Look]
      : []),
  ];
  const serves = (rung.serves ?? drill.serves).map(({ motion }) => motion);
  return {
    name: `${drill.id}/${rung.id}`,
    start: asShown(picture, "start"),
    end: picture.end ? asShown(picture, "end") : null,
    all: asShown(picture),
    body: asShown(whole(picture)),
    kit: rung.kit.map((item) => ({
      item,
      with: asShown(whole(picture)),
      without: asShown(without(whole(picture), item)),
    })),
    places: warmSpots(picture, serves).flatMap((spot) =>
      [picture.start, ...(picture.end ? [picture.end] : [])].flatMap((pose) =>
        looks.map((look) => placeOf(pose, look, picture, spot)),
      ),
    ),
  };
}
