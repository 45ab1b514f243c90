import * as z from "zod";
import { Group } from "../records/groups";
import { JointId } from "../body/motions";
import { BodyPlace } from "../body/sites";
import { IntakeClearance } from "../records/athlete";
import { IntakeQuestion } from "../body/conditions";
import { PainKind, Place } from "../records/records";
import { Season } from "../records/training";

const Goal = z.object({
  skillId: z.string(),
  quality: z.enum(["clean", "passable"]),
  side: z.enum(["left", "right", "mid"]),
  inDays: z.int(),
});

const Ranges = z.record(
  z.string(),
  z.object({ start: z.array(z.number()).min(1), gain: z.array(z.number()).min(1) }),
);

/** The invented troupe as content: who they are, what they aim at, and where their ranges start and go. */
export const Cast = z.object({
  troupe: z.object({ name: z.string(), work: z.string() }),
  places: z.array(Place.omit({ kind: true })),
  groups: z.array(Group.omit({ kind: true })),
  /** Sessions of today for a group: the drills in their order, at the doses of a warm-up. */
  halls: z.array(
    z.object({
      id: z.string(),
      groupId: z.string(),
      budget: z.int(),
      drills: z.array(z.string()).min(1),
    }),
  ),
  testers: z.array(z.string()).min(1),
  performers: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      discipline: z.string(),
      age: z.int(),
      statureCm: z.number(),
      massKg: z.number(),
      dominantSide: z.enum(["left", "right"]),
      placeId: z.string(),
      aim: Goal,
      /** Aims beside the first, with later dates. */
      furtherAims: z.array(Goal),
      intake: z.object({
        yes: z.array(IntakeQuestion),
        beighton: z.int(),
        growthSpurt: z.boolean(),
        note: z.string(),
        where: z
          .array(z.object({ question: IntakeQuestion, places: z.array(BodyPlace) }))
          .default([]),
        clearances: z
          .array(
            IntakeClearance.omit({ on: true, until: true }).extend({
              /** Days from today; null where it does not run out. */
              untilDays: z.int().nullable().default(null),
            }),
          )
          .default([]),
      }),
      /** By protocol: the true value at the start (left, right; or the middle) and the gain over the ten weeks. */
      ranges: Ranges,
      /** The same for checks beside the aim, taken in the first and the last round only; `id/mode` names a mode. */
      also: Ranges,
      missedWeek: z.int().optional(),
      retimedWeek: z.int().optional(),
      /** In one week the first work on this place hurt. */
      flag: z
        .object({
          at: BodyPlace,
          week: z.int(),
          pain: z.int(),
          kind: PainKind,
          cleared: z.object({ afterDays: z.int(), who: z.string(), reason: z.string() }).optional(),
        })
        .optional(),
      /** Put into today's prep by hand, whatever the gate says of it. */
      kept: z.object({ drillId: z.string(), rungId: z.string() }).optional(),
      /** The training week, and a show soon. */
      season: Season.pick({ usual: true }).extend({
        ownTime: Season.shape.ownTime.optional(),
        mobility: Season.shape.mobility.optional(),
        show: z.object({ inDays: z.int().min(0), starts: z.string(), minutes: z.int() }).optional(),
      }),
      /** On the Monday of one week this joint was still sore from the Saturday before. */
      sore: z.object({ joint: JointId, week: z.int(), level: z.int() }).optional(),
    }),
  ),
});
export type Cast = z.infer<typeof Cast>;
export type Performer = Cast["performers"][number];
