import type { Dice } from "../stats/dice";
import { drawingOf, type Drawing } from "../figure/drawing";
import type { Landmark } from "../figure/picture";
import type { Pose } from "../figure/pose";
import { angleAtVertex, angleToPlumb, type Spot } from "./photo";

/** How one practice picture is posed: the joint that varies, and the landmarks to find on it. */
type Subject = {
  id: string;
  title: string;
  view: number;
  /** The joint's angle from least to most, degrees. */
  range: readonly [number, number];
  pose: (degrees: number) => Pose;
  landmarks: readonly { at: Landmark; name: string }[];
};

const lying: Pose = { pelvis: -90, ankle: -25 };

/** The practice pictures: drawn bodies, for nobody's photograph ships with the application. */
const subjects: readonly Subject[] = [
  {
    id: "raised-leg",
    title: "The leg raised, lying",
    view: 0,
    range: [55, 125],
    pose: (degrees) => ({ ...lying, hip: { left: 0, right: degrees } }),
    landmarks: [
      { at: "shoulder", name: "tip of the shoulder" },
      { at: "hip", name: "hip" },
      { at: "knee", name: "knee" },
    ],
  },
  {
    id: "arm-overhead",
    title: "The arm carried overhead, standing",
    view: 0,
    range: [120, 178],
    pose: (degrees) => ({ shoulder: { left: 0, right: degrees } }),
    landmarks: [
      { at: "hip", name: "hip" },
      { at: "shoulder", name: "tip of the shoulder" },
      { at: "elbow", name: "elbow" },
    ],
  },
  {
    id: "bent-knee",
    title: "The knee bent, face down",
    view: 0,
    range: [70, 135],
    pose: (degrees) => ({
      pelvis: 90,
      ankle: -60,
      shoulder: 165,
      elbow: 35,
      knee: { left: 0, right: degrees },
    }),
    landmarks: [
      { at: "hip", name: "hip" },
      { at: "knee", name: "knee" },
      { at: "ankle", name: "ankle bone" },
    ],
  },
  {
    id: "lunging-shin",
    title: "The shin in a lunge, against the plumb line",
    view: 0,
    range: [22, 44],
    pose: (degrees) => ({
      hip: { left: -8, right: 60 + degrees },
      knee: { left: 78, right: 60 + 2 * degrees },
      ankle: { left: -78, right: degrees },
    }),
    landmarks: [
      { at: "ankle", name: "ankle bone" },
      { at: "knee", name: "knee" },
    ],
  },
  {
    id: "bent-elbow",
    title: "The elbow bent, standing",
    view: 0,
    range: [40, 130],
    pose: (degrees) => ({
      shoulder: { left: 0, right: 20 },
      elbow: { left: 0, right: degrees },
    }),
    landmarks: [
      { at: "shoulder", name: "tip of the shoulder" },
      { at: "elbow", name: "elbow" },
      { at: "wrist", name: "wrist" },
    ],
  },
];

/** Practice pictures there are. */
export const practiceCount = subjects.length;

/** A practice picture: the drawn body, where its landmarks really are, and the angle they make. */
export type PracticePicture = {
  id: string;
  title: string;
  drawing: Drawing;
  names: string[];
  truth: Spot[];
  degrees: number;
  /** The longer segment: what a pointing error is a share of. */
  segment: number;
};

/**
 * The n-th practice picture, its joint set by the dice. The known angle is that of the drawn landmarks themselves,
 * as a photograph shows them. Units: hundredths of stature.
 */
export function practicePicture(n: number, dice: Pick<Dice, "unit">): PracticePicture {
  const { id, title, view, range, pose, landmarks } = subjects[n % subjects.length]!;
  const drawing = drawingOf(pose(range[0] + (range[1] - range[0]) * dice.unit()), view);
  const truth = landmarks.map(({ at }): Spot => drawing.spot(at, "right"));
  return {
    id,
    title,
    drawing,
    names: landmarks.map(({ name }) => name),
    truth,
    degrees: angleOfSpots(truth),
    segment: Math.max(...truth.slice(1).map((spot, i) => distance(spot, truth[i]!))),
  };
}

/** The angle of two or three placed landmarks: between two segments, or against the plumb line. */
export const angleOfSpots = (spots: readonly Spot[]): number =>
  spots.length === 3
    ? angleAtVertex(spots as unknown as [Spot, Spot, Spot]).degrees
    : angleToPlumb(spots as unknown as [Spot, Spot]).degrees;

const distance = (a: Spot, b: Spot): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
