import * as z from "zod/mini";
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
  z.object({
    start: z.array(z.number()).check(z.minLength(1)),
    gain: z.array(z.number()).check(z.minLength(1)),
  }),
);

/** The invented troupe as content: who they are, what they aim at, and where their ranges start and go. */
export const Cast = z.object({
  troupe: z.object({ name: z.string(), work: z.string() }),
  places: z.array(z.omit(Place, { kind: true })),
  groups: z.array(z.omit(Group, { kind: true })),
  /** Sessions of today for a group: the drills in their order, at the doses of a warm-up. */
  halls: z.array(
    z.object({
      id: z.string(),
      groupId: z.string(),
      budget: z.int(),
      drills: z.array(z.string()).check(z.minLength(1)),
    }),
  ),
  testers: z.array(z.string()).check(z.minLength(1)),
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
        where: z._default(
          z.array(z.object({ question: IntakeQuestion, places: z.array(BodyPlace) })),
          [],
        ),
        clearances: z._default(
          z.array(
            z.extend(z.omit(IntakeClearance, { on: true, until: true }), {
              /** Days from today; null where it does not run out. */
              untilDays: z._default(z.nullable(z.int()), null),
            }),
          ),
          [],
        ),
      }),
      /** By protocol: the true value at the start (left, right; or the middle) and the gain over the ten weeks. */
      ranges: Ranges,
      /** The same for checks beside the aim, taken in the first and the last round only; `id/mode` names a mode. */
      also: Ranges,
      missedWeek: z.optional(z.int()),
      retimedWeek: z.optional(z.int()),
      /** In one week the first work on this place hurt. */
      flag: z.optional(
        z.object({
          at: BodyPlace,
          week: z.int(),
          pain: z.int(),
          kind: PainKind,
          cleared: z.optional(
            z.object({ afterDays: z.int(), who: z.string(), reason: z.string() }),
          ),
        }),
      ),
      /** Put into today's prep by hand, whatever the gate says of it. */
      kept: z.optional(z.object({ drillId: z.string(), rungId: z.string() })),
      /** The training week, and a show soon. */
      season: z.extend(z.pick(Season, { usual: true }), {
        ownTime: z.optional(Season.shape.ownTime),
        mobility: z.optional(Season.shape.mobility),
        show: z.optional(
          z.object({ inDays: z.int().check(z.minimum(0)), starts: z.string(), minutes: z.int() }),
        ),
      }),
      /** On the Monday of one week this joint was still sore from the Saturday before. */
      sore: z.optional(z.object({ joint: JointId, week: z.int(), level: z.int() })),
    }),
  ),
});
export type Cast = z.infer<typeof Cast>;
export type Performer = Cast["performers"][number];
