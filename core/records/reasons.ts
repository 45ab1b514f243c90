import * as z from "zod/mini";
import { JointId, MotionId } from "../body/motions";
import { BodyPlace } from "../body/sites";
import { DrillKind, Position, Region } from "../drill/drill";
import { Exposure } from "../body/exposures";
import { BandStrength } from "../drill/band";
import { KitItem } from "../drill/kit";
import { Pain } from "./athlete";
import { CautionId } from "../body/conditions";

/** Text from before reasons were facts; shown as it was written. */
const Told = z.object({ why: z.literal("told"), text: z.string() });

/**
 * Why a drill is not used: a fact with its particulars, of which the words are made elsewhere. What may be done
 * about it is asked of the fact (`mayAdd`, `isOfPlace`, `isOfPlan`), never of its words.
 */
export const Against = z.discriminatedUnion("why", [
  z.object({ why: z.literal("dropped") }),
  z.object({ why: z.literal("not-in-prep") }),
  z.object({ why: z.literal("not-in-library") }),
  /** Pain has locked a place that it loads, stretches or works on; null where nobody said which. */
  z.object({ why: z.literal("locked"), place: z.nullable(BodyPlace) }),
  /**
   * An answer of the intake, none at all, growing or loose joints: by which of what it does; null where everything
   * stops, or the drill itself says it is not for them.
   */
  z.object({
    why: z.literal("health"),
    by: CautionId,
    does: z.nullable(Exposure),
    place: z.nullable(BodyPlace),
  }),
  /** A drill of somebody's own that does not say what it does to a body. */
  z.object({ why: z.literal("unstated") }),
  /** The rung below has not been clean so often, over so many weeks. */
  z.object({
    why: z.literal("not-yet"),
    below: z.string(),
    clean: z.int(),
    weeks: z.int(),
    done: z.int(),
  }),
  /** Fewer degrees than it takes. */
  z.object({ why: z.literal("range"), motion: MotionId, has: z.number(), needs: z.number() }),
  /** A stay longer than this body, or this drill, is given. */
  z.object({ why: z.literal("too-long"), seconds: z.number() }),
  /** The minutes are too few to be warm enough for it. */
  z.object({ why: z.literal("not-warm"), seconds: z.number() }),
  /** Not there, or gone. */
  z.object({ why: z.literal("away") }),
  /** What has to come before it is sat out by this athlete, or not enough of it. */
  z.object({ why: z.literal("unready") }),
  /** Sharp pain, or pain above the limit, last time. */
  z.object({ why: z.literal("stopped"), sharp: z.boolean(), pain: Pain }),
  z.object({
    why: z.literal("school"),
    of: z.enum(["turn-in", "static-only", "contract-relax-only", "no-static-before"]),
  }),
  z.object({ why: z.literal("other-skill") }),
  z.object({ why: z.literal("serves-none") }),
  z.object({ why: z.literal("wind-down") }),
  z.object({
    why: z.literal("no-segment"),
    format: z.string(),
    kind: DrillKind,
    /** Where the format has such work, but of other parts of the body. */
    region: z.nullable(Region),
  }),
  z.object({ why: z.literal("position"), format: z.string(), positions: z.array(Position) }),
  z.object({ why: z.literal("too-strong") }),
  z.object({ why: z.literal("before-only") }),
  z.object({ why: z.literal("kit"), missing: z.array(KitItem) }),
  /** The place has only harder bands, or only heavier weights, than it asks. */
  z.object({ why: z.literal("band"), strength: BandStrength, helps: z.boolean() }),
  z.object({ why: z.literal("weight"), most: z.number() }),
  z.object({ why: z.literal("no-floor") }),
  z.object({ why: z.literal("loud") }),
  z.object({ why: z.literal("room"), place: z.string() }),
  z.object({ why: z.literal("others-give-more") }),
  z.object({ why: z.literal("already-warm") }),
  z.object({ why: z.literal("another-raise") }),
  z.object({ why: z.literal("no-time") }),
  z.object({ why: z.literal("another-turn") }),
  z.object({ why: z.literal("nothing-here") }),
  Told,
]);
export type Against = z.infer<typeof Against>;

/** Only the planner's choice or the user's own hand stands against it: it may be put in. */
export const mayAdd = ({ why }: Against): boolean =>
  why === "dropped" ||
  why === "others-give-more" ||
  why === "serves-none" ||
  why === "another-raise" ||
  why === "no-time";

/** What the gate refuses: the body, what it has done before, or what the drill leaves unsaid. */
export const isOfBody = ({ why }: Against): boolean =>
  ["locked", "health", "unstated", "not-yet", "range", "too-long"].includes(why);

/** The place is what stands against it. */
export const isOfPlace = ({ why }: Against): boolean =>
  why === "kit" ||
  why === "band" ||
  why === "weight" ||
  why === "no-floor" ||
  why === "room" ||
  why === "loud";

/** Why a drill is in a prep, at that rung: facts, the chief one first. */
export const Because = z.discriminatedUnion("why", [
  z.object({ why: z.literal("raise") }),
  z.object({ why: z.literal("settle") }),
  z.object({ why: z.literal("flagged"), joint: JointId }),
  /** Before weight on the hands; degrees that the wrist surely lacks, where it lacks some. */
  z.object({ why: z.literal("hands"), short: z.nullable(z.number()) }),
  z.object({ why: z.literal("skill") }),
  z.object({ why: z.literal("unmeasured"), motion: MotionId }),
  z.object({
    why: z.literal("short"),
    motion: MotionId,
    degrees: z.number(),
    tighter: z.nullable(z.enum(["left", "right"])),
    /** By the reading's error it may be enough. */
    unsure: z._default(z.boolean(), false),
  }),
  /** Found beside the aim: in a check, between the sides, or in how the body lives. */
  z.object({
    why: z.literal("found"),
    found: z.enum([
      "below-usual",
      "sides",
      "seen",
      "active-less",
      "area",
      "flagged",
      "hurt",
      "weak-part",
      "profile",
      "sport",
    ]),
    motion: MotionId,
    /** The check's name, or the profile's or sport's. */
    by: z.string(),
    /** Degrees, centimetres or points of it, where it is a figure. */
    figure: z.nullable(z.number()),
  }),
  /** Keeps what there is; of no motion that is asked when it is null. */
  z.object({ why: z.literal("keeps"), motion: z.nullable(MotionId) }),
  z.object({
    why: z.literal("followed"),
    change: z.enum(["more", "next-rung", "step-back", "less", "restart"]),
  }),
  z.object({ why: z.literal("pinned") }),
  z.object({ why: z.literal("as-said") }),
  /** Another rung than the one that was reached, because of this. */
  z.object({ why: z.literal("instead"), drill: z.string(), against: Against }),
  z.object({ why: z.literal("stand-in"), wanted: KitItem, used: KitItem }),
  /** What of the place's bands and weights it is done with. */
  z.object({ why: z.literal("takes-band"), strength: BandStrength, kg: z.nullable(z.number()) }),
  z.object({ why: z.literal("takes-weight"), kg: z.number() }),
  z.object({ why: z.literal("work-sets") }),
  z.object({ why: z.literal("easier"), rungs: z.int().check(z.minimum(1)) }),
  /** The same with less weight, or an easier band, up to the work. */
  z.object({ why: z.literal("lighter") }),
  z.object({ why: z.literal("once-more") }),
  /** A person wrote it so. */
  z.object({ why: z.literal("typed") }),
  /** What the strength before it contracted. */
  z.object({ why: z.literal("was-worked") }),
  /** A corrective in the rest between two work sets. */
  z.object({ why: z.literal("between-sets") }),
  z.object({ why: z.literal("family"), name: z.string() }),
  Told,
]);
export type Because = z.infer<typeof Because>;
