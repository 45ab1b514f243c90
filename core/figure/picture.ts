import * as z from "zod/mini";
import { Pose } from "./pose";

export const Landmark = z.enum([
  "hip",
  "lumbar",
  "thoracic",
  "neck",
  "crown",
  "nose",
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

const at = { at: Landmark, side: z.optional(z.enum(["left", "right"])) };

/** Passes in front of the body, where it would be hidden behind it. */
const before = z._default(z.boolean(), false);
const held = { to: z.optional(Landmark), toSide: z.optional(z.enum(["left", "right"])) };

/** A thing in the picture besides the body, placed by the landmark it touches in the start pose. */
export const Prop = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("wall"),
    ...at,
    /** In front or behind as the body is seen from the side; facing the eye, all of it behind the body. */
    facing: z._default(z.enum(["front", "back", "eye"]), "front"),
    gap: z._default(z.number(), 0),
  }),
  z.object({
    kind: z.literal("box"),
    ...at,
    width: z._default(z.number(), 0.2),
    shift: z._default(z.number(), 0),
  }),
  z.object({
    kind: z.literal("chair"),
    ...at,
    facing: z._default(z.enum(["front", "back"]), "front"),
  }),
  z.object({
    kind: z.literal("block"),
    ...at,
    width: z._default(z.number(), 0.11),
    shift: z._default(z.number(), 0),
  }),
  z.object({
    kind: z.literal("roller"),
    ...at,
    radius: z._default(z.number(), 0.04),
    /** Half of one, flat side down. */
    half: z._default(z.boolean(), false),
    shift: z._default(z.tuple([z.number(), z.number()]), [0, -0.06]),
    before,
  }),
  z.object({
    kind: z.literal("ball"),
    ...at,
    radius: z._default(z.number(), 0.03),
    shift: z._default(z.tuple([z.number(), z.number()]), [0, 0]),
    before,
  }),
  z.object({ kind: z.literal("bar"), ...at }),
  z.object({ kind: z.literal("rings"), ...at }),
  z.object({ kind: z.literal("edge"), ...at }),
  z.object({ kind: z.literal("holds"), ...at, gap: z._default(z.number(), 0) }),
  z.object({ kind: z.literal("wedge"), ...at, width: z._default(z.number(), 0.16) }),
  z.object({ kind: z.literal("weight"), ...at }),
  /** Held in one hand, or in both, or on its end on the floor. */
  z.object({ kind: z.literal("stick"), ...at, ...held, upright: z._default(z.boolean(), false) }),
  z.object({ kind: z.literal("towel"), ...at, ...held, before }),
  z.object({ kind: z.literal("strap"), ...at, ...held }),
  /** From a place on the body to another, or to where it is tied: along the paper and up from the floor, in statures. */
  z.object({
    kind: z.literal("band"),
    ...at,
    ...held,
    tied: z.optional(z.tuple([z.number(), z.number()])),
    /** How thick it is, as a share of a usual one. */
    strength: z._default(z.number().check(z.minimum(0.3), z.maximum(3)), 1),
  }),
  /** A closed band about two places. */
  z.object({ kind: z.literal("loop"), ...at, ...held }),
  z.object({ kind: z.literal("mat") }),
]);
export type Prop = z.infer<typeof Prop>;

/**
 * Where the instrument lies in a check's picture, on one side of the body.
 * `angle`: its axis, and where its two arms point; `tape`: between two places; `level`: along a segment.
 */
export const InstrumentMark = z.object({
  kind: z._default(z.enum(["angle", "tape", "level"]), "angle"),
  axis: z.optional(Landmark),
  from: z.union([Landmark, z.enum(["vertical", "horizontal"])]),
  to: z.union([Landmark, z.enum(["floor", "wall"])]),
  side: z._default(z.enum(["left", "right"]), "right"),
  /** Where an end lies on another side than the rest. */
  fromSide: z.optional(z.enum(["left", "right"])),
  toSide: z.optional(z.enum(["left", "right"])),
});
export type InstrumentMark = z.infer<typeof InstrumentMark>;

/**
 * A second picture of what matters, seen from near by: a square around a landmark, its width in statures; fingers and
 * toes are told apart in it.
 */
export const CloseUp = z.object({
  at: Landmark,
  /** Both: the middle between left and right. */
  side: z._default(z.enum(["left", "right", "both"]), "right"),
  width: z.number().check(z.minimum(0.1), z.maximum(2)),
  /** From where it is seen, where that is another place than the body's: azimuth, and degrees from above. */
  view: z.optional(z.number()),
  above: z.optional(z.number().check(z.minimum(-90), z.maximum(90))),
});
export type CloseUp = z.infer<typeof CloseUp>;

/** How a drill or a check looks: start, end, what is around, and from where it is seen (0 side, 90 front). */
export const Picture = z.object({
  view: z._default(z.number(), 0),
  start: Pose,
  end: z.optional(Pose),
  props: z._default(z.array(Prop), []),
  /** Raises the body above the floor, in statures: hanging, or held up by the hands. */
  lift: z.optional(z.number().check(z.minimum(0), z.maximum(1))),
  instrument: z.optional(InstrumentMark),
  closeUp: z.optional(CloseUp),
});
export type Picture = z.infer<typeof Picture>;
