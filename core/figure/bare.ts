import { bothSides } from "../body/side";
import type { Drawing, Look } from "./drawing";
import { Landmark } from "./picture";
import type { Pose } from "./pose";
import { landmark, skeletonOf } from "./skeleton";
import { projector } from "./space";

/** What of a drawing is known without its flesh: where its landmarks are, and how far they reach. */
export type Bare = Pick<Drawing, "spot" | "bounds">;

/** A posed body without flesh, standing with its lowest landmark at 0: quick, for what moves and how far. */
export function bareOf(pose: Pose, { azimuth, above = 0 }: Look): Bare {
  const body = skeletonOf(pose);
  const { flat } = projector(azimuth, above);
  const places = new Map(
    Landmark.options.flatMap((at) =>
      bothSides.map((side) => [`${at}/${side}`, flat(landmark(body, at, side))] as const),
    ),
  );
  // The head’s reach is its crown’s: a nose carries nothing.
  const all = [...places].flatMap(([name, at]) => (name.startsWith("nose") ? [] : [at]));
  const [xs, ys] = [all.map(([x]) => x * 100), all.map(([, y]) => y * 100)];
  const low = Math.min(...ys);
  return {
    spot: (at, side = "right") => {
      const [x, y] = places.get(`${at}/${side}`)!;
      return [x * 100, low - y * 100];
    },
    bounds: {
      left: Math.min(...xs),
      right: Math.max(...xs),
      top: low - Math.max(...ys),
      bottom: 0,
    },
  };
}
