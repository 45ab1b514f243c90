import { centres, lengths, masses } from "../body/segments";
import type { LeftRight } from "../body/side";
import { ballOfFoot, fingerRoot, girdleRise } from "../figure/skeleton";
import { angleAt, type Pose } from "../figure/pose";

/** A point seen from the side: forward and up, statures. */
export type SidePoint = readonly [forward: number, up: number];

/** What a model asks of a posture that moves in one plane. */
export type SideView = {
  mass: SidePoint;
  hip: SidePoint;
  shoulder: SidePoint;
  leg: Record<LeftRight, { heel: SidePoint; toe: SidePoint }>;
  arm: Record<LeftRight, { wrist: SidePoint; knuckles: SidePoint }>;
};

const radian = Math.PI / 180;
const total =
  masses.pelvis +
  masses.loin +
  masses.chest +
  masses.head +
  2 * (masses.thigh + masses.shank + masses.foot + masses.upperArm + masses.forearm + masses.hand);

/**
 * A posture whose joints only bend in the plane seen from the side, drawn by sines and cosines alone: the same joints
 * and masses as the whole skeleton at a small part of its cost, for models that try hundreds of postures. What a pose
 * turns or spreads to the side is left out.
 */
export function sideViewOf(pose: Pose): SideView {
  const pelvis = -(pose.pelvis ?? 0) * radian;
  const loin = pelvis + (pose.lowBack ?? 0) * radian;
  const chest = loin + (pose.upperBack ?? 0) * radian;
  const nod = chest + (pose.neck ?? 0) * radian;
  const throat = chest + ((pose.neck ?? 0) / 2 - 8) * radian;
  let [mx, my] = [0, 0];
  const weigh = (mass: number, x: number, y: number) => {
    mx += mass * x;
    my += mass * y;
  };
  // A segment's own upright leans backward by its angle.
  const [ps, pc] = [-Math.sin(pelvis), Math.cos(pelvis)];
  weigh(masses.pelvis, ps * lengths.pelvis * centres.pelvis, pc * lengths.pelvis * centres.pelvis);
  const [lx, ly] = [ps * lengths.pelvis, pc * lengths.pelvis];
  const [ls, lc] = [-Math.sin(loin), Math.cos(loin)];
  const half = lengths.loin * centres.loin;
  weigh(masses.loin, lx + ls * half, ly + lc * half);
  const [cx, cy] = [lx + ls * lengths.loin, ly + lc * lengths.loin];
  const [cs, cc] = [-Math.sin(chest), Math.cos(chest)];
  const mid = lengths.chest * centres.chest;
  weigh(masses.chest, cx + cs * mid, cy + cc * mid);
  const [nx, ny] = [cx + cs * lengths.chest, cy + cc * lengths.chest];
  const head = lengths.head * centres.head;
  weigh(
    masses.head,
    nx - Math.sin(throat) * lengths.neck - Math.sin(nod) * head,
    ny + Math.cos(throat) * lengths.neck + Math.cos(nod) * head,
  );
  const legOn = (side: LeftRight, many: number) => {
    const thigh = pelvis + angleAt(pose.hip, side) * radian;
    const shank = thigh - angleAt(pose.knee, side) * radian;
    const foot = shank + angleAt(pose.ankle, side) * radian;
    const toes = foot + angleAt(pose.toes, side) * radian;
    const [tx, ty] = [Math.sin(thigh), -Math.cos(thigh)];
    const [sx, sy] = [Math.sin(shank), -Math.cos(shank)];
    const [fx, fy] = [Math.cos(foot), Math.sin(foot)];
    const [kx, ky] = [tx * lengths.thigh, ty * lengths.thigh];
    const [ax, ay] = [kx + sx * lengths.shank, ky + sy * lengths.shank];
    const sole = lengths.foot * centres.foot - 0.045;
    weigh(many * masses.thigh, kx * centres.thigh, ky * centres.thigh);
    weigh(
      many * masses.shank,
      kx + sx * lengths.shank * centres.shank,
      ky + sy * lengths.shank * centres.shank,
    );
    weigh(many * masses.foot, ax + fx * sole, ay + fy * sole);
    // Under the ankle: 0.03 down along the foot's own upright.
    const [ux, uy] = [fy * 0.03, -fx * 0.03];
    return {
      heel: [ax - 0.045 * fx + ux, ay - 0.045 * fy + uy] as const,
      toe: [
        ax + ballOfFoot * fx + ux + 0.03 * Math.cos(toes),
        ay + ballOfFoot * fy + uy + 0.03 * Math.sin(toes),
      ] as const,
    };
  };
  let shoulder: SidePoint = [0, 0];
  const armOn = (side: LeftRight, many: number) => {
    const flexion = angleAt(pose.shoulder, side);
    const upper = chest + flexion * radian;
    const fore = upper + angleAt(pose.elbow, side) * radian;
    const hand = fore + angleAt(pose.wrist, side) * radian;
    const rise = girdleRise(flexion, 0) - 0.022;
    const [hx, hy] = [nx + cs * rise, ny + cc * rise];
    const [ux, uy] = [Math.sin(upper), -Math.cos(upper)];
    const [ox, oy] = [Math.sin(fore), -Math.cos(fore)];
    const [dx, dy] = [Math.sin(hand), -Math.cos(hand)];
    const [ex, ey] = [hx + ux * lengths.upperArm, hy + uy * lengths.upperArm];
    const [wx, wy] = [ex + ox * lengths.forearm, ey + oy * lengths.forearm];
    const along = (length: number, share: number) => length * share;
    weigh(
      many * masses.upperArm,
      hx + ux * along(lengths.upperArm, centres.upperArm),
      hy + uy * along(lengths.upperArm, centres.upperArm),
    );
    weigh(
      many * masses.forearm,
      ex + ox * along(lengths.forearm, centres.forearm),
      ey + oy * along(lengths.forearm, centres.forearm),
    );
    weigh(
      many * masses.hand,
      wx + dx * along(lengths.hand, centres.hand),
      wy + dy * along(lengths.hand, centres.hand),
    );
    shoulder = [hx, hy];
    return {
      wrist: [wx, wy] as const,
      knuckles: [wx + dx * fingerRoot, wy + dy * fingerRoot] as const,
    };
  };
  const leg = onBoth(legOn, pose.hip, pose.knee, pose.ankle, pose.toes);
  const arm = onBoth(armOn, pose.shoulder, pose.elbow, pose.wrist);
  return { mass: [mx / total, my / total], hip: [0, 0], shoulder, leg, arm };
}

/** A limb on each side; worked out once, with twice its weight, where both sides are alike. */
function onBoth<Limb>(
  limbOn: (side: LeftRight, many: number) => Limb,
  ...angles: Pose["hip"][]
): Record<LeftRight, Limb> {
  if (angles.some((angle) => typeof angle === "object"))
    return { left: limbOn("left", 1), right: limbOn("right", 1) };
  const limb = limbOn("right", 2);
  return { left: limb, right: limb };
}
