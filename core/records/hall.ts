import * as z from "zod/mini";
import { Dose } from "../drill/dose";
import { Moment } from "./athlete";

const Id = z.string().check(z.minLength(1), z.maxLength(80));

/** Somebody in the hall, from the round they come in to the last they are there for. */
export const HallPerson = z.object({
  athleteId: Id,
  name: z.string().check(z.maxLength(300)),
  /** The first round they are there for; later than 0 for who comes late. */
  from: z._default(z.int().check(z.minimum(0), z.maximum(60)), 0),
  /** The last round they are there for; null to the end. */
  until: z._default(z.nullable(z.int().check(z.minimum(-1), z.maximum(60))), null),
});
export type HallPerson = z.infer<typeof HallPerson>;

/** A station: one drill, and how many can do it at once with the kit there is. */
export const HallStation = z.object({
  id: Id,
  drillId: Id,
  most: z.int().check(z.minimum(1), z.maximum(200)),
});
export type HallStation = z.infer<typeof HallStation>;

/** What was asked of the stations when they were laid. */
export const StationsLaid = z.object({
  stations: z.int().check(z.minimum(1), z.maximum(30)),
  work: z.int().check(z.minimum(20), z.maximum(1800)),
  change: z.int().check(z.minimum(0), z.maximum(300)),
});
export type StationsLaid = z.infer<typeof StationsLaid>;

/** Who is where in a round, on which rung, at which dose. */
export const Seat = z.object({
  athleteId: Id,
  round: z.int().check(z.minimum(0), z.maximum(60)),
  stationId: Id,
  rungId: Id,
  dose: Dose,
});
export type Seat = z.infer<typeof Seat>;

/** A round of stations: so many seconds of work, and before it so many to change. */
export const StationRound = z.object({
  work: z.int().check(z.minimum(20), z.maximum(1800)),
  change: z.int().check(z.minimum(0), z.maximum(300)),
});
export type StationRound = z.infer<typeof StationRound>;

/** What happened in the hall, in order; the clock follows from it. */
export const HallEvent = z.discriminatedUnion("type", [
  z.object({ type: z.literal("start"), at: Moment }),
  z.object({ type: z.literal("pause"), at: Moment }),
  z.object({ type: z.literal("resume"), at: Moment }),
  z.object({ type: z.literal("next"), at: Moment }),
  z.object({ type: z.literal("back"), at: Moment }),
  z.object({
    type: z.literal("longer"),
    at: Moment,
    seconds: z.int().check(z.minimum(1), z.maximum(600)),
  }),
  z.object({ type: z.literal("finish"), at: Moment }),
]);
export type HallEvent = z.infer<typeof HallEvent>;
