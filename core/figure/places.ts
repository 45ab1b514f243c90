import { bothSides, type LeftRight } from "../body/side";
import { siteIsSided, type BodyPlace, type SiteId } from "../body/sites";
import { drawingOf, type Drawing } from "./drawing";
import type { Landmark } from "./picture";
import type { Pose } from "./pose";

/** Standing with the arms a little out, so that every place is free to be pointed at. */
const standing: Pose = { shoulderOut: 24, forearmTurn: 60, hipOut: 9 };

type Spot = {
  site: SiteId;
  /** Between two landmarks: the share of the way from the first to the second. */
  from: Landmark;
  to?: Landmark;
  share?: number;
  /** Outward and downward from there, hundredths of stature. */
  out?: number;
  down?: number;
};

const front: readonly Spot[] = [
  { site: "head", from: "crown", to: "neck", share: 0.45 },
  { site: "neck", from: "neck", to: "crown", share: 0.16 },
  { site: "shoulder", from: "shoulder" },
  { site: "elbow", from: "elbow" },
  { site: "forearm", from: "elbow", to: "wrist", share: 0.5 },
  { site: "wrist", from: "wrist" },
  { site: "fingers", from: "fingertips" },
  { site: "ribs", from: "shoulder", to: "hip", share: 0.38, out: -2 },
  { site: "abdomen", from: "lumbar" },
  { site: "hip", from: "hip", out: 3.5 },
  { site: "groin", from: "hip", to: "knee", share: 0.22, out: -2.6 },
  { site: "thigh", from: "hip", to: "knee", share: 0.55 },
  { site: "knee", from: "knee" },
  { site: "shin", from: "knee", to: "ankle", share: 0.5 },
  { site: "ankle", from: "ankle", down: -2.5 },
  { site: "foot", from: "ankle", to: "toe", share: 0.6, out: 0.5, down: 1 },
  { site: "toes", from: "toe", out: 4.6, down: 1 },
];

const back: readonly Spot[] = [
  { site: "thoracic", from: "thoracic", to: "neck", share: 0.3 },
  { site: "lumbar", from: "lumbar" },
  { site: "seat", from: "hip", out: 1 },
  { site: "hamstring", from: "hip", to: "knee", share: 0.55 },
  { site: "calf", from: "knee", to: "ankle", share: 0.4 },
  { site: "heel", from: "ankle", to: "heel", share: 0.8 },
];

export type BodyView = "front" | "back";
export type BodySpot = { place: BodyPlace; x: number; y: number };

/** The body from one side with every place that is pointed at there, in the drawing's units. */
export function bodyView(view: BodyView): { drawing: Drawing; spots: BodySpot[] } {
  const drawing = drawingOf(standing, view === "front" ? 90 : 270);
  const at = ({ from, to, share = 0.5, out = 0, down = 0 }: Spot, side: LeftRight) => {
    const [x, y] = drawing.spot(from, side);
    const [tx, ty] = to ? drawing.spot(to, side) : [x, y];
    const part = to ? share : 0;
    const outward = Math.sign(drawing.spot("shoulder", side)[0] - drawing.spot("neck", side)[0]);
    return { x: x + (tx - x) * part + out * outward, y: y + (ty - y) * part + down };
  };
  const spots = (view === "front" ? front : back).flatMap((spot): BodySpot[] =>
    siteIsSided(spot.site)
      ? bothSides.map((side) => ({ place: { site: spot.site, side }, ...at(spot, side) }))
      : [{ place: { site: spot.site, side: null }, ...at(spot, "right") }],
  );
  return { drawing, spots };
}
