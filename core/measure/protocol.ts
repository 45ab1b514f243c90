import * as z from "zod";
import { MotionId } from "../body/motions";
import { Picture } from "../figure/picture";

export const Mode = z.enum(["passive", "active"]);
export type Mode = z.infer<typeof Mode>;

export const Instrument = z.enum(["goniometer", "level", "tape", "fingers", "eye"]);
export type Instrument = z.infer<typeof Instrument>;

/** What is typed in: degrees, or centimetres between toe and wall. */
export const Reading = z.enum(["degrees", "knee-to-wall-cm"]);

/** How one joint motion is measured, so that two people on two days measure the same thing. */
export const Protocol = z.object({
  id: z.string(),
  version: z.int().positive(),
  name: z.string(),
  motion: MotionId,
  sided: z.boolean(),
  reading: Reading,
  purpose: z.string(),
  position: z.string(),
  landmarks: z.array(z.string()),
  steps: z.array(z.string()).min(3),
  modes: z.array(Mode).min(1),
  instruments: z.array(Instrument).min(1),
  /** n₀: the number of trials whose mean has the stated standard error. */
  trials: z.int().positive(),
  /** Standard error of measurement in the unit of the reading, one tester on two days. */
  sem: z.number().positive(),
  semSource: z.string(),
  /** Readings outside are refused as impossible. */
  possible: z.tuple([z.number(), z.number()]),
  usual: z.tuple([z.number(), z.number()]),
  athletic: z.tuple([z.number(), z.number()]),
  /** A real side difference is worth acting on above this many per cent. */
  sideThreshold: z.number().default(10),
  compensations: z.array(z.object({ id: z.string(), text: z.string() })),
  cautions: z.array(z.string()),
  minutes: z.number(),
  picture: Picture,
});
export type Protocol = z.infer<typeof Protocol>;

/** The unit in which the reading is typed and printed. */
export const unitOf = (protocol: Protocol): "°" | " cm" =>
  protocol.reading === "degrees" ? "°" : " cm";
