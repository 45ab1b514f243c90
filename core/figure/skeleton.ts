import { clamp } from "../body/angles";
import { centres, lengths, masses } from "../body/segments";
import { bothSides, type LeftRight } from "../body/side";
import { fingersOf, toesOf, type Digit } from "./digits";
import { angleAt, type Pose } from "./pose";
import type { Landmark } from "./picture";
import { along, pitch, roll, upright, yaw, type BodyFrame, type Vec } from "./space";

export type Limb<Name extends string> = Record<Name, { at: Vec; frame: BodyFrame }>;
export type Leg = Limb<"hip" | "knee" | "ankle" | "toes"> & {
  digits: () => Digit[];
  /** How far the sole is drawn up, degrees as the pose says. */
  arch: number;
};
export type Arm = Limb<"shoulder" | "elbow" | "wrist" | "fingers"> & {
  /** Made when asked for: most who pose a body look at no finger. */
  digits: () => Digit[];
};

/** A posed body: the place and frame of every joint, before it is set on the floor. Unit: stature. */
export type Skeleton = {
  hip: { at: Vec; frame: BodyFrame };
  lowBack: { at: Vec; frame: BodyFrame };
  upperBack: { at: Vec; frame: BodyFrame };
  neck: { at: Vec; frame: BodyFrame };
  skull: { at: Vec; frame: BodyFrame };
  leg: Record<LeftRight, Leg>;
  arm: Record<LeftRight, Arm>;
};

const outward = { left: -1, right: 1 } as const;
export const fingerRoot = 0.05;
export const ballOfFoot = 0.085;

/** Forward kinematics: joint angles in, places and frames of the joints out, hips at the origin. */
export function skeletonOf(pose: Pose): Skeleton {
  const origin: Vec = [0, 0, 0];
  const pelvis = pitch(roll(upright, pose.lean ?? 0), -(pose.pelvis ?? 0));
  const lowBack = along(origin, [pelvis.up, lengths.pelvis]);
  const loin = yaw(
    roll(pitch(pelvis, pose.lowBack ?? 0), (pose.sideBend ?? 0) / 2),
    (pose.twist ?? 0) / 2,
  );
  const upperBack = along(lowBack, [loin.up, lengths.loin]);
  const chest = yaw(
    roll(pitch(loin, pose.upperBack ?? 0), (pose.sideBend ?? 0) / 2),
    (pose.twist ?? 0) / 2,
  );
  const neck = along(upperBack, [chest.up, lengths.chest]);
  const throat = roll(pitch(chest, (pose.neck ?? 0) / 2 - 8), -(pose.neckBend ?? 0) / 2);
  const nod = pitch(roll(chest, -(pose.neckBend ?? 0)), pose.neck ?? 0);
  const skull = along(neck, [throat.up, lengths.neck]);
  return {
    hip: { at: origin, frame: pelvis },
    lowBack: { at: lowBack, frame: loin },
    upperBack: { at: upperBack, frame: chest },
    neck: { at: neck, frame: throat },
    skull: { at: skull, frame: yaw(nod, pose.neckTurn ?? 0) },
    leg: { left: leg(pose, "left", origin, pelvis), right: leg(pose, "right", origin, pelvis) },
    arm: { left: arm(pose, "left", neck, chest), right: arm(pose, "right", neck, chest) },
  };
}

function leg(pose: Pose, side: LeftRight, origin: Vec, pelvis: BodyFrame): Leg {
  const out = outward[side];
  const hip = along(origin, [pelvis.right, out * lengths.halfHips]);
  const opened = yaw(pelvis, out * angleAt(pose.hipOpen, side));
  const thigh = pitch(roll(opened, out * angleAt(pose.hipOut, side)), angleAt(pose.hip, side));
  const knee = along(hip, [thigh.up, -lengths.thigh]);
  const turned = yaw(thigh, out * angleAt(pose.hipTurn, side));
  const shank = pitch(turned, -angleAt(pose.knee, side));
  const ankle = along(knee, [shank.up, -lengths.shank]);
  const foot = roll(pitch(shank, angleAt(pose.ankle, side)), -out * angleAt(pose.ankleTurn, side));
  const ball = along(ankle, [foot.forward, ballOfFoot], [foot.up, -0.03]);
  return {
    hip: { at: hip, frame: thigh },
    knee: { at: knee, frame: shank },
    ankle: { at: ankle, frame: foot },
    toes: { at: ball, frame: pitch(foot, angleAt(pose.toes, side)) },
    arch: angleAt(pose.arch, side),
    digits: () => toesOf(pose, side, { at: ball, frame: foot }, out),
  };
}

/** The shoulder girdle rises and closes in as the arm goes overhead. */
export const girdleRise = (flexion: number, out: number): number =>
  0.03 * clamp((Math.max(flexion, Math.abs(out)) - 60) / 100, 0, 1);

function arm(pose: Pose, side: LeftRight, neck: Vec, chest: BodyFrame): Arm {
  const out = outward[side];
  const flexion = angleAt(pose.shoulder, side);
  const away = angleAt(pose.shoulderOut, side);
  const rise = girdleRise(flexion, away);
  const shoulder = along(
    neck,
    [chest.right, out * (lengths.halfShoulders - 0.6 * rise)],
    [chest.up, rise - 0.022],
  );
  const upper = pitch(roll(chest, out * away), flexion);
  const elbow = along(shoulder, [upper.up, -lengths.upperArm]);
  const turned = yaw(upper, out * angleAt(pose.shoulderTurn, side));
  const fore = yaw(pitch(turned, angleAt(pose.elbow, side)), out * angleAt(pose.forearmTurn, side));
  const wrist = along(elbow, [fore.up, -lengths.forearm]);
  const hand = roll(pitch(fore, angleAt(pose.wrist, side)), out * angleAt(pose.wristOut, side));
  const knuckles = along(wrist, [hand.up, -fingerRoot]);
  return {
    shoulder: { at: shoulder, frame: upper },
    elbow: { at: elbow, frame: fore },
    wrist: { at: wrist, frame: hand },
    fingers: { at: knuckles, frame: pitch(hand, -angleAt(pose.fingers, side)) },
    digits: () => fingersOf(pose, side, { at: wrist, frame: hand }, out),
  };
}

/** The tip of the nose from the base of the skull, statures. */
const noseAt = { up: 0.05, forward: 0.066 };

/** Where a landmark lies on a posed body. Sided landmarks need the side; trunk landmarks ignore it. */
export function landmark(body: Skeleton, name: Landmark, side: LeftRight = "right"): Vec {
  const leg = body.leg[side];
  const arm = body.arm[side];
  switch (name) {
    case "hip":
      return leg.hip.at;
    case "lumbar":
      return body.lowBack.at;
    case "thoracic":
      return body.upperBack.at;
    case "neck":
      return body.neck.at;
    case "crown":
      return along(body.skull.at, [body.skull.frame.up, lengths.head]);
    case "nose":
      return along(
        body.skull.at,
        [body.skull.frame.up, noseAt.up],
        [body.skull.frame.forward, noseAt.forward],
      );
    case "shoulder":
      return arm.shoulder.at;
    case "elbow":
      return arm.elbow.at;
    case "wrist":
      return arm.wrist.at;
    case "knuckles":
      return arm.fingers.at;
    case "thumb":
      return along(
        arm.wrist.at,
        [arm.wrist.frame.up, -0.052],
        [arm.wrist.frame.right, -outward[side] * 0.032],
      );
    case "fingertips":
      return along(arm.fingers.at, [arm.fingers.frame.up, fingerRoot - lengths.hand]);
    case "knee":
      return leg.knee.at;
    case "ankle":
      return leg.ankle.at;
    case "heel":
      return along(leg.ankle.at, [leg.ankle.frame.forward, -0.045], [leg.ankle.frame.up, -0.03]);
    case "ball":
      return leg.toes.at;
    case "toe":
      return along(leg.toes.at, [leg.toes.frame.forward, 0.03]);
  }
}

/** The centre of mass of a posed body, unit stature, in the skeleton's own place. */
export function centreOfMass(body: Skeleton): Vec {
  let total = 0;
  let sum: Vec = [0, 0, 0];
  const add = (mass: number, from: Vec, direction: Vec, length: number) => {
    total += mass;
    sum = along(sum, [along(from, [direction, length]), mass]);
  };
  add(masses.pelvis, body.hip.at, body.hip.frame.up, lengths.pelvis * centres.pelvis);
  add(masses.loin, body.lowBack.at, body.lowBack.frame.up, lengths.loin * centres.loin);
  add(masses.chest, body.upperBack.at, body.upperBack.frame.up, lengths.chest * centres.chest);
  add(masses.head, body.skull.at, body.skull.frame.up, lengths.head * centres.head);
  for (const side of bothSides) {
    const { hip, knee, ankle } = body.leg[side];
    const { shoulder, elbow, wrist } = body.arm[side];
    add(masses.thigh, hip.at, hip.frame.up, -lengths.thigh * centres.thigh);
    add(masses.shank, knee.at, knee.frame.up, -lengths.shank * centres.shank);
    add(masses.foot, ankle.at, ankle.frame.forward, lengths.foot * centres.foot - 0.045);
    add(masses.upperArm, shoulder.at, shoulder.frame.up, -lengths.upperArm * centres.upperArm);
    add(masses.forearm, elbow.at, elbow.frame.up, -lengths.forearm * centres.forearm);
    add(masses.hand, wrist.at, wrist.frame.up, -lengths.hand * centres.hand);
  }
  return [sum[0] / total, sum[1] / total, sum[2] / total];
}
