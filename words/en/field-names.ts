import type { MotionId } from "#core/body/motions";

/** The field's own word for a motion, where the plain name does not hold it. */
const fieldNames: Partial<Record<MotionId, string>> = {
  "neck.rotation": "cervical rotation",
  "neck.lateral-flexion": "cervical side flexion",
  "shoulder.external-rotation": "external rotation",
  "shoulder.internal-rotation": "internal rotation",
  "shoulder.horizontal-abduction": "horizontal abduction",
  "forearm.supination": "supination",
  "forearm.pronation": "pronation",
  "wrist.radial-deviation": "radial deviation",
  "wrist.ulnar-deviation": "ulnar deviation",
  "thoracic.extension": "thoracic extension",
  "thoracic.rotation": "thoracic rotation",
  "lumbar.lateral-flexion": "lateral flexion",
  "lumbar.extension": "lumbar extension",
  "hip.external-rotation": "external rotation",
  "hip.internal-rotation": "internal rotation",
  "ankle.dorsiflexion": "dorsiflexion",
  "ankle.plantarflexion": "plantarflexion",
  "ankle.inversion": "inversion",
  "ankle.eversion": "eversion",
};

/** A motion's plain name and the field's word, the one that goes first as the title; the other may be missing. */
export function bothNames(
  motion: MotionId | null,
  plain: string,
  first: "plain" | "field",
): { title: string; beside: string } {
  const field = motion ? (fieldNames[motion] ?? "") : "";
  if (field === "" || first === "plain") return { title: plain, beside: field };
  return { title: field.charAt(0).toUpperCase() + field.slice(1), beside: plain.toLowerCase() };
}

export const wordsFirstNames = { plain: "plain words", field: "the field’s words" } as const;
