import { bothSides, type LeftRight } from "../body/side";
import type { Rung } from "../drill/drill";
import { angleAt, type Pose } from "../figure/pose";
import { landmark, skeletonOf } from "../figure/skeleton";
import type { Exposure } from "../body/exposures";

/** Where a rung is done, as its ladder or itself says. */
type Position = NonNullable<Rung["position"]>;

/**
 * From these degrees on a drawn joint counts as being at the end of its range. Working figures, a little inside the
 * usual adult range, so that the doubtful is counted.
 */
export const endFrom = {
  overhead: 160,
  behind: 35,
  arch: 22,
  bend: 30,
  turn: 30,
  side: 20,
  neck: 35,
  hipDeep: 100,
  kneeDeep: 120,
  wrist: 65,
  toes: 50,
} as const;

/** The head's middle this far below the heart, statures, is head down. */
const headDown = 0.02;

const values = (pose: Pose, key: "shoulder" | "knee" | "hip" | "wrist" | "toes"): number[] =>
  bothSides.map((side: LeftRight) => angleAt(pose[key], side));

const lying: readonly Position[] = ["supine", "prone", "side-lying"];

/** What one drawn pose of a rung shows it does to a body. */
function shownBy(pose: Pose, position: Position): Exposure[] {
  const body = skeletonOf(pose);
  const height = (name: "crown" | "thoracic" | "neck" | "hip") => landmark(body, name)[1];
  const head = (height("crown") + height("neck")) / 2;
  const below = height("thoracic") - head;
  const low = below > (lying.includes(position) ? 0.12 : headDown);
  const upsideDown = position === "inverted" || (low && height("hip") - height("thoracic") > 0.12);
  const list: (Exposure | false)[] = [
    low && "head-low",
    upsideDown && (position === "inverted" || position === "hanging") && "inverted",
    Math.max(...values(pose, "shoulder")) >= endFrom.overhead && "shoulder-overhead-end",
    Math.min(...values(pose, "shoulder")) <= -endFrom.behind && "shoulder-behind-end",
    Math.max(pose.lowBack ?? 0, (pose.upperBack ?? 0) + 4) >= endFrom.arch && "spine-arch-end",
    -(pose.lowBack ?? 0) - (pose.upperBack ?? 0) >= endFrom.bend && "spine-bend-end",
    Math.abs(pose.twist ?? 0) >= endFrom.turn && "spine-turn-end",
    Math.abs(pose.sideBend ?? 0) >= endFrom.side && "spine-side-end",
    Math.max(
      Math.abs(pose.neck ?? 0),
      Math.abs(pose.neckTurn ?? 0) / 1.6,
      Math.abs(pose.neckBend ?? 0) * 1.4,
    ) >= endFrom.neck && "neck-end",
    Math.max(...values(pose, "hip")) >= endFrom.hipDeep && "hip-deep",
    Math.max(...values(pose, "knee")) >= endFrom.kneeDeep && "knee-deep",
    Math.max(...values(pose, "wrist").map(Math.abs)) >= endFrom.wrist && "wrist-end",
    Math.max(...values(pose, "toes")) >= endFrom.toes && "toes-end",
  ];
  return list.filter((one): one is Exposure => one !== false);
}

/** The poses of a rung's picture. */
export const posesOf = ({ picture }: Rung): Pose[] =>
  picture.end ? [picture.start, picture.end] : [picture.start];

/** What the drawn poses of a rung show it does: head below the heart, joints at the end of their range. */
export const shownIn = (rung: Rung, position: Position): Set<Exposure> =>
  new Set(posesOf(rung).flatMap((pose) => shownBy(pose, position)));
