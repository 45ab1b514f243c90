import { motionOf, MotionId } from "../body/motions";

type Loose = Record<string, unknown>;

const isLoose = (value: unknown): value is Loose =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const placeOf = (motion: unknown): unknown => {
  const known = MotionId.safeParse(motion);
  return known.success ? { site: motionOf(known.data).joint, side: null } : null;
};

/** Reasons of the earlier gate, by the facts of today's. */
const reasons: Record<string, (was: Loose) => Loose> = {
  locked: ({ motion }) => ({ why: "locked", place: placeOf(motion) }),
  caution: ({ id }) => ({ why: "health", by: id, does: null, place: null }),
  barred: ({ bar }) => ({
    why: "health",
    by: bar === "loose-jointed" ? "loose" : bar,
    does: null,
    place: null,
  }),
  inversion: () => ({ why: "health", by: "pressure", does: "head-low", place: null }),
};

/** A motion that somebody cleared is the place it is of, both sides. */
const isMotionClearance = (value: Loose): boolean =>
  "motion" in value && "who" in value && "reason" in value && "on" in value;

/**
 * A value from when locks were of motions: they are of places now. Everything inside it likewise.
 */
export function withPlaces(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withPlaces);
  if (!isLoose(value)) return value;
  if (isMotionClearance(value)) {
    const { motion, ...rest } = value;
    return { place: placeOf(motion), ...rest };
  }
  const reason = typeof value.why === "string" ? reasons[value.why] : undefined;
  if (reason && !("place" in value)) return reason(value);
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, withPlaces(one)]));
}
