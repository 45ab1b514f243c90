import { JointId } from "#core/body/motions";
import type { BreathMode } from "#core/drill/breathing";
import { Phase } from "#core/drill/drill";
import { MoveFamily } from "#core/drill/families";
import type { PrepItem } from "#core/records/records";
import { phaseNames } from "./names";
import { jointWords } from "./slots";

/** How to breathe, as it is shown. */
export const breathingWords: Record<BreathMode, string> = {
  belly: "breathe into the belly",
  "upper-ribs": "breathe into the upper ribs",
  "out-on-effort": "out on the effort",
};

export const paceWords: Record<NonNullable<PrepItem["pace"]>, string> = {
  brisk: "brisk",
  slow: "slow",
};

/** A family of movement as a coach calls it. @example familyWords("neck-and-shoulders") // "neck and shoulders" */
export function familyWords(family: MoveFamily): string {
  const joint = JointId.safeParse(family);
  return joint.success ? jointWords(joint.data) : family.replaceAll("-", " ");
}

/** The part of a prep as it is called: its own name, or that of a family with its number. @example partWords("seated-hips 2") // "seated hips 2" */
export function partWords(segment: string): string {
  const phase = Phase.safeParse(segment);
  if (phase.success) return phaseNames[phase.data];
  const [, name = segment, number = ""] = /^(.*?)( \d+)?$/.exec(segment) ?? [];
  const family = MoveFamily.safeParse(name);
  return family.success ? `${familyWords(family.data)}${number}` : segment;
}
