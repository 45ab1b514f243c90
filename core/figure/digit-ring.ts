import type { Digit } from "./digits";
import { ribbon, type Flat, type Slice } from "./ribbon";
import type { Point } from "./space";

/** The outline of a digit on paper. */
export const digitRing = ({ joints, half, runs }: Digit, flat: Flat): Point[] =>
  ribbon(
    joints.map(({ at, frame }, i): Slice => ({
      centre: at,
      across: runs === "down" ? frame.forward : frame.up,
      thick: half[i]! * 0.92,
      beside: frame.right,
      wide: half[i]!,
    })),
    flat,
    [0.3, 0.75],
  );
