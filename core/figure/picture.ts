import * as z from "zod";
import { Pose } from "./pose";

export const Landmark = z.enum([
  "hip",
  "lumbar",
  "thoracic",
  "neck",
  "crown",
  "shoulder",
  "elbow",
  "wrist",
  "knuckles",
  "thumb",
  "fingertips",
  "knee",
  "ankle",
  "heel",
  "ball",
  "toe",
]);
export type Landmark = z.infer<typeof Landmark>;

const at = { at: Landmark, side: z.enum(["left", "right"]).optional() };

/** A thing in the picture besides the body, placed by the landmark it touches in the start pose. */
export const Prop = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("wall"),
    ...at,
    facing: z.enum(["front", "back"]).default("front"),
    gap: z.number().default(0),
  }),
  z.object({
    kind: z.literal("box"),
    ...at,
    width: z.number().default(0.2),
    shift: z.number().default(0),
  }),
  z.object({ kind: z.literal("roller"), ...at, radius: z.number().default(0.04) }),
  z.object({ kind: z.literal("stick"), ...at }),
  z.object({
    kind: z.literal("ball"),
    ...at,
    radius: z.number().default(0.03),
    shift: z.tuple([z.number(), z.number()]).default([0, 0]),
  }),
  z.object({ kind: z.literal("bar"), ...at }),
  z.object({ kind: z.literal("wedge"), ...at }),
  z.object({ kind: z.literal("weight"), ...at }),
  z.object({
    kind: z.literal("strap"),
    ...at,
    to: Landmark,
    toSide: z.enum(["left", "right"]).optional(),
  }),
  z.object({ kind: z.literal("mat") }),
]);
export type Prop = z.infer<typeof Prop>;

/**
 * Where the instrument lies in a check's picture, on one side of the body.
 * `angle`: its axis, and where its two arms point; `tape`: between two places; `level`: along a segment.
 */
export const InstrumentMark = z.object({
  kind: z.enum(["angle", "tape", "level"]).default("angle"),
  axis: Landmark.optional(),
  from: z.union([Landmark, z.enum(["vertical", "horizontal"])]),
  to: z.union([Landmark, z.enum(["floor", "wall"])]),
  side: z.enum(["left", "right"]).default("right"),
  /** Where an end lies on another side than the rest. */
  fromSide: z.enum(["left", "right"]).optional(),
  toSide: z.enum(["left", "right"]).optional(),
});
export type InstrumentMark = z.infer<typeof InstrumentMark>;

/** Cuts the picture to what matters: a square around a landmark, its width in statures. */
export const CloseUp = z.object({
  at: Landmark,
  side: z.enum(["left", "right"]).default("right"),
  width: z.number().min(0.1).max(2),
});

/** How a drill or a check looks: start, end, what is around, and from where it is seen (0 side, 90 front). */
export const Picture = z.object({
  view: z.number().default(0),
  start: Pose,
  end: Pose.optional(),
  props: z.array(Prop).default([]),
  /** Raises the body above the floor, in statures: hanging, or held up by the hands. */
  lift: z.number().min(0).max(1).optional(),
  instrument: InstrumentMark.optional(),
  closeUp: CloseUp.optional(),
});
export type Picture = z.infer<typeof Picture>;
