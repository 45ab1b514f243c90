import * as z from "zod/mini";
import type { MotionId } from "./motions";

export const sportIds = [
  "climbing",
  "gymnastics",
  "hand-balance",
  "dance",
  "calisthenics",
  "throwing",
  "desk",
] as const;
export const SportId = z.enum(sportIds);
export type SportId = z.infer<typeof SportId>;

type SportRow = {
  /** Words in a discipline that mean it. */
  words: readonly string[];
  /** The hands are prepared before every training, whatever the aim. */
  hands: boolean;
  /** What it leaves short or overworked: each a need of its own, beside the aim's. */
  asks: readonly MotionId[];
};

/** What a sport does to a body, and asks of its warm-up. Working table. */
export const sportRows: Record<SportId, SportRow> = {
  climbing: {
    words: ["climb", "boulder", "wall"],
    hands: true,
    asks: ["wrist.extension", "fingers.extension", "shoulder.flexion", "hip.abduction"],
  },
  gymnastics: {
    words: ["gymnast", "tumbl", "acrobat"],
    hands: true,
    asks: ["shoulder.flexion", "wrist.extension", "hip.extension"],
  },
  "hand-balance": {
    words: ["hand-balanc", "hand balanc", "handstand"],
    hands: true,
    asks: ["wrist.extension", "shoulder.flexion", "thoracic.extension"],
  },
  dance: {
    words: ["danc", "ballet", "pointe"],
    hands: false,
    asks: ["hip.external-rotation", "ankle.plantarflexion", "ankle.dorsiflexion"],
  },
  calisthenics: {
    words: ["calisthenic", "bodyweight", "street"],
    hands: true,
    asks: ["shoulder.extension", "wrist.extension", "elbow.extension"],
  },
  throwing: {
    words: ["throw", "tennis", "volleyball", "swim"],
    hands: false,
    asks: ["shoulder.internal-rotation", "thoracic.rotation"],
  },
  desk: {
    words: ["desk", "office", "sits"],
    hands: false,
    asks: ["hip.extension", "thoracic.extension", "shoulder.flexion"],
  },
};

/** The sports that a discipline names, in any words. */
export function sportsIn(discipline: string): SportId[] {
  const written = discipline.toLowerCase();
  return sportIds.filter((id) => sportRows[id].words.some((word) => written.includes(word)));
}
