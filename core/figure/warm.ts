import { bothSides, type LeftRight } from "../body/side";
import { motionOf, type JointId, type MotionId } from "../body/motions";
import { landmarkOfJoint } from "./joints";
import type { Landmark, Picture } from "./picture";
import { angleAt, type Pose } from "./pose";

/** A place where a drill works, on one side of the body; how large it is, hundredths of stature. */
export type WarmSpot = { at: Landmark; side: LeftRight; size: number };

type PairedKey = {
  [K in keyof Pose]-?: NonNullable<Pose[K]> extends number ? never : K;
}[keyof Pose];

/** The angles of a pose that a joint has on each side; none for the trunk, which has no sides. */
const anglesOf: Record<JointId, readonly PairedKey[]> = {
  neck: [],
  thoracic: [],
  lumbar: [],
  shoulder: ["shoulder", "shoulderOut", "shoulderTurn"],
  elbow: ["elbow"],
  forearm: ["forearmTurn"],
  wrist: ["wrist", "wristOut"],
  fingers: ["fingers", "curl", "spread", "thumb", "index", "middle", "ring", "little"],
  hip: ["hip", "hipOut", "hipOpen", "hipTurn"],
  knee: ["knee"],
  ankle: ["ankle", "ankleTurn"],
  toes: ["toes", "bigToe", "smallToes", "toeCurl", "toeSpread"],
};

const sizes: Record<JointId, number> = {
  neck: 5,
  thoracic: 8,
  lumbar: 7,
  shoulder: 6.5,
  elbow: 4,
  forearm: 4.5,
  wrist: 3.6,
  fingers: 3.6,
  hip: 8.5,
  knee: 5.5,
  ankle: 4.5,
  toes: 4,
};

/** How much a joint of one side moves from start to end, degrees in all. */
const moves = ({ start, end }: Picture, joint: JointId, side: LeftRight): number =>
  end
    ? anglesOf[joint].reduce(
        (sum, key) => sum + Math.abs(angleAt(end[key], side) - angleAt(start[key], side)),
        0,
      )
    : 0;

/** Whether a joint stands otherwise on the right than on the left, at the start or at the end. */
const differs = ({ start, end }: Picture, joint: JointId): boolean =>
  anglesOf[joint].some((key) =>
    [start, end].some((pose) => pose && angleAt(pose[key], "left") !== angleAt(pose[key], "right")),
  );

/** Where a drill works: the joints of the motions it serves, on the side that does the work. */
export function warmSpots(picture: Picture, serves: readonly MotionId[]): WarmSpot[] {
  const joints = [...new Set(serves.map((motion) => motionOf(motion).joint))];
  return joints.flatMap((joint): WarmSpot[] => {
    const spot = (side: LeftRight) => ({ at: landmarkOfJoint[joint], side, size: sizes[joint] });
    if (anglesOf[joint].length === 0) return [spot("right")];
    const [left, right] = bothSides.map((side) => moves(picture, joint, side)) as [number, number];
    if (left > 2 * right && left > 5) return [spot("left")];
    // Where both rest and stand otherwise, the right one is what the picture is about.
    if (right > 2 * left || differs(picture, joint)) return [spot("right")];
    return bothSides.map(spot);
  });
}
