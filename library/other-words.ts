import * as z from "zod/mini";
import { MotionId } from "../core/body/motions";
import { MuscleId } from "../core/body/muscles";
import { DrillKind } from "../core/drill/drill";
import { KitItem } from "../core/drill/kit";
import content from "./other-words.json";

const Words = z.array(z.string().check(z.minLength(1))).check(z.minLength(1));

/** What people call a motion, a muscle, kit, a way of working, a skill or a check when they look for it. */
const OtherWords = z.strictObject({
  motions: z.partialRecord(MotionId, Words),
  muscles: z.partialRecord(MuscleId, Words),
  kit: z.partialRecord(KitItem, Words),
  kinds: z.partialRecord(DrillKind, Words),
  /** By the identifier of the library's skill, and of its check. */
  skills: z.record(z.string(), Words),
  checks: z.record(z.string(), Words),
});
export const otherWords: z.infer<typeof OtherWords> = OtherWords.parse(content);
