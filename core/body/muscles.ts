import * as z from "zod/mini";
import type { MotionId } from "./motions";
import type { SiteId } from "./sites";

type MuscleRow = {
  site: SiteId;
  /** Motions it makes. What is opposite to them, or `stretchedBy`, lengthens it. */
  makes: readonly MotionId[];
  stretchedBy: readonly MotionId[];
};

/**
 * The muscles and groups that a coach plans by, with the motions that shorten and lengthen them. A small map: what is
 * worked and stretched together stands in one row.
 */
export const muscleRows = {
  "finger-flexors": {
    site: "forearm",
    makes: [],
    stretchedBy: ["fingers.extension", "wrist.extension"],
  },
  "finger-extensors": {
    site: "forearm",
    makes: ["fingers.extension"],
    stretchedBy: ["wrist.flexion"],
  },
  "wrist-flexors": { site: "forearm", makes: ["wrist.flexion"], stretchedBy: ["wrist.extension"] },
  "wrist-extensors": {
    site: "forearm",
    makes: ["wrist.extension"],
    stretchedBy: ["wrist.flexion"],
  },
  "wrist-thumb-side": {
    site: "forearm",
    makes: ["wrist.radial-deviation"],
    stretchedBy: ["wrist.ulnar-deviation"],
  },
  "wrist-little-finger-side": {
    site: "forearm",
    makes: ["wrist.ulnar-deviation"],
    stretchedBy: ["wrist.radial-deviation"],
  },
  pronators: { site: "forearm", makes: ["forearm.pronation"], stretchedBy: ["forearm.supination"] },
  supinators: {
    site: "forearm",
    makes: ["forearm.supination"],
    stretchedBy: ["forearm.pronation"],
  },
  biceps: {
    site: "elbow",
    makes: ["forearm.supination"],
    stretchedBy: ["elbow.extension", "shoulder.extension"],
  },
  triceps: { site: "elbow", makes: ["elbow.extension"], stretchedBy: ["shoulder.flexion"] },
  "front-deltoid": {
    site: "shoulder",
    makes: ["shoulder.flexion"],
    stretchedBy: ["shoulder.extension"],
  },
  "middle-deltoid": { site: "shoulder", makes: ["shoulder.flexion"], stretchedBy: [] },
  "rear-deltoid": {
    site: "shoulder",
    makes: ["shoulder.horizontal-abduction", "shoulder.extension"],
    stretchedBy: [],
  },
  "outward-rotators": {
    site: "shoulder",
    makes: ["shoulder.external-rotation"],
    stretchedBy: ["shoulder.internal-rotation"],
  },
  "inward-rotators": {
    site: "shoulder",
    makes: ["shoulder.internal-rotation"],
    stretchedBy: ["shoulder.external-rotation"],
  },
  chest: {
    site: "shoulder",
    makes: ["shoulder.internal-rotation"],
    stretchedBy: ["shoulder.horizontal-abduction", "shoulder.flexion"],
  },
  "small-chest": { site: "shoulder", makes: [], stretchedBy: ["shoulder.horizontal-abduction"] },
  lats: { site: "shoulder", makes: ["shoulder.extension"], stretchedBy: ["shoulder.flexion"] },
  "lower-trapezius": {
    site: "thoracic",
    makes: ["shoulder.flexion", "thoracic.extension"],
    stretchedBy: [],
  },
  rhomboids: { site: "thoracic", makes: ["shoulder.horizontal-abduction"], stretchedBy: [] },
  serratus: { site: "ribs", makes: ["shoulder.flexion"], stretchedBy: [] },
  "upper-trapezius": {
    site: "neck",
    makes: ["neck.lateral-flexion"],
    stretchedBy: ["neck.lateral-flexion"],
  },
  "neck-rotators": { site: "neck", makes: ["neck.rotation"], stretchedBy: ["neck.rotation"] },
  "upper-back-extensors": { site: "thoracic", makes: ["thoracic.extension"], stretchedBy: [] },
  "trunk-rotators": {
    site: "ribs",
    makes: ["thoracic.rotation"],
    stretchedBy: ["thoracic.rotation"],
  },
  "low-back-extensors": { site: "lumbar", makes: ["lumbar.extension"], stretchedBy: [] },
  "side-of-the-trunk": {
    site: "ribs",
    makes: ["lumbar.lateral-flexion"],
    stretchedBy: ["lumbar.lateral-flexion"],
  },
  abdominals: {
    site: "abdomen",
    makes: [],
    stretchedBy: ["lumbar.extension", "thoracic.extension"],
  },
  "hip-flexors": {
    site: "hip",
    makes: ["hip.flexion", "hip.flexion-straight"],
    stretchedBy: ["hip.extension"],
  },
  "front-of-the-thigh": {
    site: "thigh",
    makes: ["knee.extension"],
    stretchedBy: ["knee.flexion", "hip.extension"],
  },
  "large-seat": { site: "seat", makes: ["hip.extension"], stretchedBy: ["hip.flexion"] },
  "side-of-the-seat": {
    site: "seat",
    makes: ["hip.abduction", "hip.internal-rotation"],
    stretchedBy: [],
  },
  "deep-rotators": {
    site: "seat",
    makes: ["hip.external-rotation"],
    stretchedBy: ["hip.internal-rotation"],
  },
  hamstrings: {
    site: "hamstring",
    makes: ["knee.flexion", "hip.extension"],
    stretchedBy: ["hip.flexion-straight"],
  },
  "short-adductors": {
    site: "groin",
    makes: [],
    stretchedBy: ["hip.abduction", "hip.external-rotation"],
  },
  "long-adductors": { site: "groin", makes: [], stretchedBy: ["hip.straddle"] },
  "calf-long": {
    site: "calf",
    makes: ["ankle.plantarflexion"],
    stretchedBy: ["ankle.dorsiflexion"],
  },
  "calf-deep": {
    site: "calf",
    makes: ["ankle.plantarflexion"],
    stretchedBy: ["ankle.dorsiflexion"],
  },
  "front-of-the-shin": {
    site: "shin",
    makes: ["ankle.dorsiflexion"],
    stretchedBy: ["ankle.plantarflexion"],
  },
  "outer-shin": { site: "shin", makes: ["ankle.eversion"], stretchedBy: ["ankle.inversion"] },
  "inner-shin": { site: "shin", makes: ["ankle.inversion"], stretchedBy: ["ankle.eversion"] },
  "toe-extensors": {
    site: "foot",
    makes: ["toes.extension"],
    stretchedBy: ["ankle.plantarflexion"],
  },
  "sole-of-the-foot": { site: "foot", makes: [], stretchedBy: ["toes.extension"] },
} as const satisfies Record<string, MuscleRow>;

export type MuscleId = keyof typeof muscleRows;
export const muscleIds = Object.keys(muscleRows) as [MuscleId, ...MuscleId[]];
export const MuscleId = z.enum(muscleIds);
/** What a muscle does and what lengthens it. */
export const muscleOf = (id: MuscleId): MuscleRow => muscleRows[id];
