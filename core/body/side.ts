import * as z from "zod/mini";

/** Which side of the body a value belongs to; `mid` is the trunk and neck. */
export const Side = z.enum(["left", "right", "mid"]);
export type Side = z.infer<typeof Side>;

/** The two sides in the order in which they are always written. */
export const bothSides = ["left", "right"] as const;
export type LeftRight = (typeof bothSides)[number];

/** The sides at which a motion is measured: left and right, or the middle alone. */
export const sidesOf = (sided: boolean): readonly Side[] => (sided ? bothSides : middle);
const middle = ["mid"] as const;

/** The other side; the middle is its own other. */
export const otherSide = <S extends Side>(side: S): S =>
  (side === "left" ? "right" : side === "right" ? "left" : "mid") as S;
