import type { MotionId } from "../body/motions";
import { bothSides } from "../body/side";
import type { Bare } from "./bare";
import { drawingOf, type Drawing, type Layer } from "./drawing";
import { standingShift } from "./movement";
import { inside } from "./inside";
import type { Landmark, Picture } from "./picture";
import type { Point } from "./space";
import { warmSpots, type WarmSpot } from "./warm";

/** How well a picture can be read from where it is seen. */
export type ViewScore = {
  /** How much of the place of work is seen and not covered, 0 to 1, at the better of start and end. */
  seen: number;
  /** How far what moves most goes on paper, hundredths of stature; null where nothing is meant to move. */
  change: number | null;
};

const covers = ({ rings }: Layer, point: Point): boolean =>
  rings.some((ring) => inside(point, ring));

/** The layers that a joint is flesh of. */
function fleshOf({ at, side }: Pick<WarmSpot, "at" | "side">): (name: string) => boolean {
  if (["lumbar", "thoracic"].includes(at)) return (name) => name === "trunk";
  if (["neck", "crown"].includes(at)) return (name) => name === "trunk" || name === "head";
  const limb = ["hip", "knee", "ankle", "heel", "ball", "toe"].includes(at)
    ? ["leg", "toe"]
    : ["arm", "finger"];
  return (name) => limb.some((part) => name.startsWith(`${side}-${part}`));
}

/** Points about a place, in rings of eight. */
const about = ([x, y]: Point, radius: number): Point[] =>
  [0.35, 0.7, 1].flatMap((share) =>
    Array.from({ length: 8 }, (_, n): Point => {
      const angle = (n / 4) * Math.PI;
      return [x + radius * share * Math.cos(angle), y + radius * share * Math.sin(angle)];
    }),
  );

/** How much of a place is seen: of its flesh on paper, the share that no part in front of it covers. */
export function seenShare(drawing: Drawing, spot: WarmSpot): number {
  const own = fleshOf(spot);
  const [x, y] = drawing.spot(spot.at, spot.side);
  const flesh = about([x / 100, -y / 100], (spot.size * 0.6) / 100).filter((point) =>
    drawing.layers.some((layer) => own(layer.name) && covers(layer, point)),
  );
  if (flesh.length === 0) return 0;
  const last = Math.max(...drawing.layers.map(({ name }, n) => (own(name) ? n : -1)));
  const before = drawing.layers.slice(last + 1);
  return (
    flesh.filter((point) => !before.some((layer) => covers(layer, point))).length / flesh.length
  );
}

const followed: readonly Landmark[] = [
  "crown",
  "thoracic",
  "elbow",
  "fingertips",
  "hip",
  "knee",
  "toe",
];

/** How far what moves most goes on paper, hundredths of stature. */
export function changeOnPaper(first: Bare, last: Bare, hangs: boolean): number {
  const shift = standingShift(first, last, hangs);
  return Math.max(
    ...followed.flatMap((at) =>
      bothSides.map((side) => {
        const [[ax, ay], [bx, by]] = [first.spot(at, side), last.spot(at, side)];
        return Math.hypot(bx + shift - ax, by - ay);
      }),
    ),
  );
}

/** How well a picture can be read from an azimuth. */
export function viewScore(picture: Picture, serves: readonly MotionId[], view: number): ViewScore {
  const spots = warmSpots(picture, serves);
  const draw = (pose: Picture["start"]) => drawingOf(pose, view, picture.lift);
  const drawings = [draw(picture.start), ...(picture.end ? [draw(picture.end)] : [])];
  const seen = spots.map((spot) => Math.max(...drawings.map((one) => seenShare(one, spot))));
  return {
    // Of a pair, the better one is enough.
    seen: seen.length === 0 ? 1 : Math.max(...seen),
    change: picture.end ? changeOnPaper(drawings[0]!, drawings[1]!, (picture.lift ?? 0) > 0) : null,
  };
}

/** As far as this a movement is plain, hundredths of stature; more of it tells no more. */
const plain = 18;

/** One number of a score, 0 to 1: the place of work first, then what changes. */
export const viewWorth = ({ seen, change }: ViewScore): number =>
  0.6 * seen + 0.4 * (change === null ? 1 : Math.min(1, change / plain));

/** From where pictures may be seen. */
export const azimuths = [0, 20, 40, 60, 90, 120, 150, 180, 270, 300, 330] as const;

/** The azimuth from which a picture is read best; the one it has, where no other is clearly better. */
export function bestView(picture: Picture, serves: readonly MotionId[]): number {
  const worth = (view: number) => viewWorth(viewScore(picture, serves, view));
  let best = { view: picture.view, worth: worth(picture.view) + clearly };
  for (const view of azimuths) {
    const now = worth(view);
    if (now > best.worth) best = { view, worth: now };
  }
  return best.view;
}

/** By so much another view has to be better than the one that a hand has set. */
const clearly = 0.15;
