/**
 * Segment proportions of an adult body.
 *
 * Lengths as fractions of stature: Drillis & Contini (1966), as tabulated in
 * Winter, Biomechanics and Motor Control of Human Movement (4th ed., 2009).
 * Masses as fractions of body mass and centres of mass as fractions of the segment
 * from its upper end: the same table. Trunk parts are split so that they sum to it.
 */
export const lengths = {
  pelvis: 0.075,
  loin: 0.1,
  chest: 0.113,
  neck: 0.052,
  head: 0.13,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  thigh: 0.245,
  shank: 0.246,
  foot: 0.152,
  ankleHeight: 0.039,
  halfShoulders: 0.104,
  halfHips: 0.058,
} as const;

/** Breadth across the outer tips of the shoulders, as a fraction of stature (the same source). */
const shoulderBreadthShare = 0.259;
/** From the shoulder axis to the middle of the grip: upper arm, forearm and half the hand. */
const armShare = lengths.upperArm + lengths.forearm + lengths.hand / 2;

export const masses = {
  pelvis: 0.142,
  loin: 0.139,
  chest: 0.216,
  head: 0.081,
  upperArm: 0.028,
  forearm: 0.016,
  hand: 0.006,
  thigh: 0.1,
  shank: 0.0465,
  foot: 0.0145,
} as const;

export const centres = {
  pelvis: 0.5,
  loin: 0.5,
  chest: 0.5,
  head: 0.6,
  upperArm: 0.436,
  forearm: 0.43,
  hand: 0.506,
  thigh: 0.433,
  shank: 0.433,
  foot: 0.5,
} as const;

/** Shin length (knee axis to ankle axis) of a body of this stature, cm. */
export const shinLength = (statureCm: number): number => lengths.shank * statureCm;

/** Thigh length (hip axis to knee axis) of a body of this stature, cm. */
export const thighLength = (statureCm: number): number => lengths.thigh * statureCm;

/** Forearm length (elbow axis to wrist axis) of a body of this stature, cm. */
export const forearmLength = (statureCm: number): number => lengths.forearm * statureCm;

/** Shoulder axis to wrist axis of a body of this stature, cm. */
export const armToWrist = (statureCm: number): number =>
  (lengths.upperArm + lengths.forearm) * statureCm;

/** Trunk length, hip axis to the notch above the breastbone, of a body of this stature, cm. */
export const trunkLength = (statureCm: number): number =>
  (lengths.pelvis + lengths.loin + lengths.chest) * statureCm;

/** Foot length of a body of this stature, cm. */
export const footLength = (statureCm: number): number => lengths.foot * statureCm;

/** Leg length, hip axis to floor, of a body of this stature, cm (thigh + shank + ankle height). */
export const legLength = (statureCm: number): number =>
  (lengths.thigh + lengths.shank + lengths.ankleHeight) * statureCm;

/** Of a leg from hip axis to floor, the share from hip axis to ankle axis. */
export const hipToAnkleShare =
  (lengths.thigh + lengths.shank) / (lengths.thigh + lengths.shank + lengths.ankleHeight);

/** Shoulder breadth of a body of this stature, cm. */
export const shoulderBreadth = (statureCm: number): number => shoulderBreadthShare * statureCm;

/** Arm length, shoulder axis to mid-grip, of a body of this stature, cm. */
export const armLength = (statureCm: number): number => armShare * statureCm;
