import * as z from "zod/mini";
import { bothSides, type LeftRight } from "./side";
import { motionOf, MotionId } from "./motions";

type SiteRow = {
  sided: boolean;
  /** Motions that the place makes, or that stretch it. */
  motions: readonly MotionId[];
};

/** Places of the body that can hurt, be loaded, pressed or stretched: joints and tissues. A new one is a row. */
const rows = {
  head: { sided: false, motions: [] },
  neck: { sided: false, motions: ["neck.rotation", "neck.lateral-flexion"] },
  shoulder: {
    sided: true,
    motions: [
      "shoulder.flexion",
      "shoulder.extension",
      "shoulder.external-rotation",
      "shoulder.internal-rotation",
      "shoulder.horizontal-abduction",
    ],
  },
  elbow: { sided: true, motions: ["elbow.extension"] },
  forearm: { sided: true, motions: ["forearm.supination", "forearm.pronation"] },
  wrist: {
    sided: true,
    motions: [
      "wrist.extension",
      "wrist.flexion",
      "wrist.radial-deviation",
      "wrist.ulnar-deviation",
    ],
  },
  fingers: { sided: true, motions: ["fingers.extension"] },
  thoracic: { sided: false, motions: ["thoracic.extension", "thoracic.rotation"] },
  ribs: { sided: true, motions: ["thoracic.rotation", "lumbar.lateral-flexion"] },
  lumbar: { sided: false, motions: ["lumbar.lateral-flexion", "lumbar.extension"] },
  abdomen: { sided: false, motions: ["lumbar.extension"] },
  hip: {
    sided: true,
    motions: [
      "hip.flexion",
      "hip.flexion-straight",
      "hip.extension",
      "hip.abduction",
      "hip.straddle",
      "hip.external-rotation",
      "hip.internal-rotation",
    ],
  },
  groin: { sided: true, motions: ["hip.abduction", "hip.straddle"] },
  seat: { sided: true, motions: ["hip.flexion", "hip.internal-rotation"] },
  hamstring: { sided: true, motions: ["hip.flexion-straight", "hip.straddle"] },
  thigh: { sided: true, motions: ["knee.flexion", "hip.extension"] },
  knee: { sided: true, motions: ["knee.flexion", "knee.extension"] },
  shin: { sided: true, motions: ["ankle.plantarflexion"] },
  calf: { sided: true, motions: ["ankle.dorsiflexion"] },
  ankle: {
    sided: true,
    motions: ["ankle.dorsiflexion", "ankle.plantarflexion", "ankle.inversion", "ankle.eversion"],
  },
  heel: {
    sided: true,
    motions: ["ankle.dorsiflexion", "ankle.plantarflexion", "ankle.inversion", "ankle.eversion"],
  },
  foot: { sided: true, motions: ["ankle.inversion", "ankle.eversion", "toes.extension"] },
  toes: { sided: true, motions: ["toes.extension"] },
} as const satisfies Record<string, SiteRow>;

export type SiteId = keyof typeof rows;
export const siteIds = Object.keys(rows) as [SiteId, ...SiteId[]];
export const SiteId = z.enum(siteIds);

/** A place of the body and its side; null where it has none, or where both are meant. */
export const BodyPlace = z.object({
  site: SiteId,
  side: z.nullable(z.enum(["left", "right"])),
});
export type BodyPlace = z.infer<typeof BodyPlace>;

export const siteIsSided = (site: SiteId): boolean => rows[site].sided;
/** Motions that the place makes, or that stretch it. */
export const motionsAt = (site: SiteId): readonly MotionId[] => rows[site].motions;

/** The joint a motion is of, as a place. */
export const siteOfMotion = (motion: MotionId): SiteId => motionOf(motion).joint;

/** Places whose motions a motion is. @example sitesMoving("hip.straddle") // hip, groin, hamstring */
export const sitesMoving = (motion: MotionId): SiteId[] =>
  siteIds.filter((site) => (rows[site].motions as readonly MotionId[]).includes(motion));

/** Every place on the figure, a sided one once a side. */
export const bodyPlaces: readonly BodyPlace[] = siteIds.flatMap((site): BodyPlace[] =>
  rows[site].sided ? bothSides.map((side: LeftRight) => ({ site, side })) : [{ site, side: null }],
);

/** Whether two places are one; a place with no side said is both. */
export const samePlace = (a: BodyPlace, b: BodyPlace): boolean =>
  a.site === b.site && (a.side === null || b.side === null || a.side === b.side);
