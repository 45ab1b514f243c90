import * as z from "zod/mini";
import { JointId, MotionId } from "../body/motions";
import { Picture } from "../figure/picture";

export const Mode = z.enum(["passive", "active"]);
export type Mode = z.infer<typeof Mode>;

export const Instrument = z.enum([
  "goniometer",
  "level",
  "photo",
  "sensor-log",
  "tape",
  "fingers",
  "count",
  "eye",
  "clock",
  "scale",
]);
export type Instrument = z.infer<typeof Instrument>;

/** What is written down: an angle, a length that stands for an angle, a length or a count kept as it is. */
export const ReadingKind = z.enum([
  "degrees",
  "knee-to-wall-cm",
  "front-split-gap-cm",
  "middle-split-gap-cm",
  "ankle-spread-cm",
  "pass-over-grip-cm",
  /** A length that stands for an angle by the check's own `geometry`. */
  "geometry-cm",
  "distance-cm",
  "seconds",
  "kilograms",
  "count",
]);
export type ReadingKind = z.infer<typeof ReadingKind>;

/** How the body lies or stands while it is measured: rounds are ordered so that it changes little. */
export const Posture = z.enum([
  "standing",
  "sitting",
  "kneeling",
  "half-kneeling",
  "all-fours",
  "front",
  "back",
  "split",
]);
export type Posture = z.infer<typeof Posture>;

/** An instrument a check may be read with, and its standard error of measurement, one tester on two days. */
const AllowedInstrument = z.object({
  id: Instrument,
  /** In the unit of the reading. */
  sem: z.number().check(z.positive()),
  /** A published source, "working figure", or "own figure" with the reason for it. */
  source: z.string(),
  reason: z._default(z.string(), ""),
});

/**
 * How the angle is found on a photograph: three landmarks with the angle at the second, or two and a plumb line.
 * The reading is base + sign × that angle, so that a straight wrist is 0° and not 180°.
 */
export const PhotoReading = z.object({
  points: z.union([
    z.tuple([z.string(), z.string(), z.string()]),
    z.tuple([z.string(), z.string()]),
  ]),
  base: z._default(z.number(), 0),
  sign: z._default(z.union([z.literal(1), z.literal(-1)]), 1),
});
export type PhotoReading = z.infer<typeof PhotoReading>;

/**
 * How a level is read: the reading is base + sign × the angle turned since the zero. Where one place moves along
 * with another (the neck with the lowest rib), the second place's turn is taken off.
 */
export const LevelReading = z.object({
  base: z._default(z.number(), 0),
  sign: z._default(z.union([z.literal(1), z.literal(-1)]), 1),
  /** Where the zero is taken. */
  zero: z._default(z.string(), "the start position"),
  /** The second place, whose turn is taken off. */
  less: z.optional(z.string()),
});
export type LevelReading = z.infer<typeof LevelReading>;

/** Lengths of a body that a tape's reading is set against. */
export const BodyPart = z.enum([
  "hip-to-ankle",
  "thigh",
  "shin",
  "arm",
  "arm-to-wrist",
  "forearm",
  "trunk",
  "ankle-to-toe",
  "heel-to-ball",
]);
export type BodyPart = z.infer<typeof BodyPart>;

/**
 * How a length becomes an angle, degrees. With x the reading less an allowance and ℓ the body part's length:
 * `chord` is the angle between two places of a swung limb, 2 · asin(x / 2ℓ); `sine` how far a limb is off a line,
 * asin(x / ℓ); `fold` the bend of a knee from the heel's distance to the hip, by the law of cosines over thigh and
 * shin. The angle is base + sign × that, times the share that belongs to one side.
 */
export const Geometry = z.object({
  rule: z.enum(["chord", "sine", "fold"]),
  part: BodyPart,
  base: z._default(z.number(), 0),
  sign: z._default(z.union([z.literal(1), z.literal(-1)]), 1),
  /** Taken off the reading: what lies between the skin and the joint's axis, cm. */
  less: z._default(z.number(), 0),
  share: z._default(z.number().check(z.minimum(0.1), z.maximum(1)), 1),
});
export type Geometry = z.infer<typeof Geometry>;

/** How one joint motion is measured, so that two people on two days measure the same thing. */
export const Protocol = z.object({
  id: z.string(),
  version: z.int().check(z.positive()),
  name: z.string(),
  /** The motion whose range it gives; null for a screen of several. */
  motion: z.nullable(MotionId),
  /** Where on the body it is shown. */
  joint: JointId,
  /** Every motion that is put under load or to its end while measuring; pain stops these. */
  involves: z.array(MotionId),
  sided: z.boolean(),
  reading: ReadingKind,
  /** Whether a larger reading is more range. */
  better: z._default(z.enum(["more", "less"]), "more"),
  posture: Posture,
  purpose: z.string(),
  position: z.string(),
  landmarks: z.array(z.string()).check(z.minLength(1)),
  steps: z.array(z.string()).check(z.minLength(3)),
  modes: z.array(Mode).check(z.minLength(1)),
  instruments: z.array(AllowedInstrument).check(z.minLength(1)),
  /** n₀: the number of trials whose mean has the stated standard error. */
  trials: z.int().check(z.positive()),
  /** Readings outside are refused as impossible. */
  possible: z.tuple([z.number(), z.number()]),
  usual: z.tuple([z.number(), z.number()]),
  athletic: z.tuple([z.number(), z.number()]),
  /** A real side difference is worth acting on above this many per cent. */
  sideThreshold: z._default(z.number(), 10),
  /** The points of a screen, one each; their number is the reading. */
  points: z._default(z.array(z.string()), []),
  photo: z.optional(PhotoReading),
  level: z.optional(LevelReading),
  geometry: z.optional(Geometry),
  /** Motions whose sum the angle is, where it is not one motion's: a split's front and back leg, or both legs. */
  together: z._default(
    z.array(z.object({ motion: MotionId, leg: z.enum(["front-leg", "back-leg", "both-sides"]) })),
    [],
  ),
  /** What it says of a body that reads this and no better: "the floor ends it", so more cannot be read. */
  endsAt: z._default(z.nullable(z.number()), null),
  compensations: z.array(z.object({ id: z.string(), text: z.string() })).check(z.minLength(1)),
  cautions: z.array(z.string()).check(z.minLength(1)),
  /** Who is not measured this way. */
  contraindications: z.array(z.string()).check(z.minLength(1)),
  /** Minutes for both sides with the stated trials. */
  minutes: z.number().check(z.positive()),
  picture: Picture,
});
export type Protocol = z.infer<typeof Protocol>;

export type ReadingUnit = "°" | " cm" | " s" | " kg" | "";

/** The unit in which the reading is kept and printed. */
export function unitOf({ reading }: Pick<Protocol, "reading">): ReadingUnit {
  if (reading === "degrees") return "°";
  if (reading === "seconds") return " s";
  if (reading === "kilograms") return " kg";
  return reading === "count" ? "" : " cm";
}

/** Whether the reading is a length, which may be typed in inches or finger widths too. */
export const isLength = (protocol: Pick<Protocol, "reading">): boolean =>
  unitOf(protocol) === " cm";

/** Where an error comes from: stated for the instrument, or the check's largest, for want of the instrument's own. */
export type ErrorSource =
  { from: "stated"; text: string } | { from: "largest"; instrument: Instrument };

/**
 * The error of an instrument in this check. An instrument the check does not name gets the largest error of
 * those it does.
 */
export function errorOf(
  protocol: Protocol,
  instrument: Instrument,
): { sem: number; source: ErrorSource } {
  const named = protocol.instruments.find(({ id }) => id === instrument);
  if (named) return { sem: named.sem, source: { from: "stated", text: named.source } };
  return {
    sem: Math.max(...protocol.instruments.map(({ sem }) => sem)),
    source: { from: "largest", instrument },
  };
}
