import { clamp } from "../body/angles";
import type { LeftRight } from "../body/side";
import { angleAt, type Pose } from "./pose";
import { along, pitch, roll, type BodyFrame, type Vec } from "./space";

type Place = { at: Vec; frame: BodyFrame };

/** A finger or a toe: its joints from the root on, the tip last, and how thick it is at each. Unit: stature. */
export type Digit = {
  name: string;
  joints: Place[];
  half: number[];
  /** Which way its bones run in their frames: fingers hang, toes point ahead. */
  runs: Runs;
};
type Runs = "down" | "ahead";

/** How a digit is laid out: where its root lies off the wrist or the ball, and how long its bones are. */
type Ray = {
  name: string;
  /** From the wrist toward the finger tips, or ahead of the ball of the foot. */
  down: number;
  /** Toward the thumb or the big toe. */
  inward: number;
  bones: readonly number[];
  half: readonly number[];
  /** How far it turns to the thumb's side for each degree that the fingers are spread. */
  fan: number;
};

const fingerRays: readonly (Ray & { name: "index" | "middle" | "ring" | "little" })[] = [
  {
    name: "index",
    down: 0.05,
    inward: 0.0168,
    bones: [0.0235, 0.0145, 0.011],
    half: [0.0062, 0.0056, 0.0051, 0.0044],
    fan: 1.5,
  },
  {
    name: "middle",
    down: 0.052,
    inward: 0.0056,
    bones: [0.0262, 0.0165, 0.0118],
    half: [0.0063, 0.0057, 0.0052, 0.0045],
    fan: 0.5,
  },
  {
    name: "ring",
    down: 0.0495,
    inward: -0.0056,
    bones: [0.0245, 0.0152, 0.0115],
    half: [0.006, 0.0054, 0.0049, 0.0043],
    fan: -0.5,
  },
  {
    name: "little",
    down: 0.0455,
    inward: -0.0162,
    bones: [0.0188, 0.0112, 0.0103],
    half: [0.0053, 0.0047, 0.0043, 0.0038],
    fan: -1.5,
  },
];

/** The middle joint bends with the knuckle, the last one with the middle. */
const middleFollows = 0.9;
const lastFollows = 0.62;
/** Fingers that nobody spreads stand a little apart. */
const ownSpread = 3;

/** The four fingers and the thumb of a hand. @param out −1 for the left hand, 1 for the right */
export function fingersOf(pose: Pose, side: LeftRight, wrist: Place, out: number): Digit[] {
  const bend = angleAt(pose.fingers, side);
  const curl = angleAt(pose.curl, side);
  const spread = ownSpread + angleAt(pose.spread, side);
  const { at, frame } = wrist;
  const fingers = fingerRays.map((ray): Digit => {
    const own = angleAt(pose[ray.name], side);
    const root = along(at, [frame.up, -ray.down], [frame.right, -out * ray.inward]);
    // A fist closes the fan: bent fingers come together.
    const fan = spread * ray.fan * Math.max(0.2, Math.cos((clamp(bend, 0, 90) * Math.PI) / 180));
    const knuckle = bend + own;
    const middle = middleFollows * Math.max(0, knuckle) + curl;
    return bent(
      ray,
      root,
      roll(frame, -out * fan),
      [knuckle, middle, lastFollows * middle],
      "down",
    );
  });
  return [...fingers, thumbOf(pose, side, wrist, out)];
}

const thumbRay: Ray = {
  name: "thumb",
  down: 0.01,
  inward: 0.0125,
  bones: [0.0265, 0.0185, 0.0155],
  half: [0.0098, 0.0078, 0.0068, 0.0056],
  fan: 0,
};

function thumbOf(pose: Pose, side: LeftRight, { at, frame }: Place, out: number): Digit {
  const away = 28 + angleAt(pose.thumb, side);
  const bend = clamp(angleAt(pose.fingers, side) + angleAt(pose.curl, side) / 2, 0, 90);
  const root = along(
    at,
    [frame.up, -thumbRay.down],
    [frame.right, -out * thumbRay.inward],
    [frame.forward, -0.003],
  );
  // In a fist the thumb lies across the fingers.
  const base = pitch(roll(frame, -out * (away - 0.5 * bend)), -12 - 0.35 * bend);
  return bent(thumbRay, root, base, [0, 0.25 * bend, 0.45 * bend], "down");
}

const toeRays: readonly Ray[] = [
  {
    name: "big",
    down: 0.002,
    inward: 0.0165,
    bones: [0.019, 0.0155],
    half: [0.0098, 0.0092, 0.0075],
    fan: 0.9,
  },
  ...[0.0048, -0.0042, -0.0125, -0.02].map((inward, n): Ray => ({
    name: `toe-${n + 2}`,
    down: -0.0005 - 0.0042 * n,
    inward,
    bones: [0.017 - 0.0014 * n, 0.0125 - 0.001 * n],
    half: [0.0056, 0.0051, 0.0042].map((half) => half * (1 - 0.05 * n)),
    fan: [0.15, -0.35, -0.8, -1.3][n]!,
  })),
];

/** The five toes of a foot. @param ball the joint they bend in */
export function toesOf(pose: Pose, side: LeftRight, ball: Place, out: number): Digit[] {
  const foot = ball.frame;
  const lift = angleAt(pose.toes, side);
  const spread = angleAt(pose.toeSpread, side);
  const curl = angleAt(pose.toeCurl, side);
  return toeRays.map((ray, n) => {
    const own = n === 0 ? angleAt(pose.bigToe, side) : angleAt(pose.smallToes, side);
    const root = along(ball.at, [foot.forward, ray.down], [foot.right, -out * ray.inward]);
    const turned = turnedIn(foot, out * spread * ray.fan);
    return bent(ray, root, turned, [-(lift + own), curl], "ahead");
  });
}

/** A foot's frame turned about its own up axis. */
const turnedIn = (frame: BodyFrame, angle: number): BodyFrame => {
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
  const zero: Vec = [0, 0, 0];
  return {
    up: frame.up,
    forward: along(zero, [frame.forward, c], [frame.right, -s]),
    right: along(zero, [frame.right, c], [frame.forward, s]),
  };
};

/** A digit along its bones, bent at each joint by so many degrees toward the palm or the sole. */
function bent(ray: Ray, root: Vec, base: BodyFrame, bends: readonly number[], runs: Runs): Digit {
  let [at, frame] = [root, base];
  const joints: Digit["joints"] = [];
  ray.bones.forEach((bone, i) => {
    frame = pitch(frame, -(bends[i] ?? 0));
    joints.push({ at, frame });
    at = along(at, runs === "down" ? [frame.up, -bone] : [frame.forward, bone]);
  });
  joints.push({ at, frame });
  return { name: ray.name, joints, half: [...ray.half], runs };
}
