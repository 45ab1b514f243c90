import type { JointId } from "#core/body/motions";
import type { Slot, SlotKind } from "#core/records/training";
import { capital } from "./plain";

/** How each kind of slot is called in a sentence. */
export const slotWords: Record<SlotKind, string> = {
  "warm-up": "warm-up",
  issue: "issue prep",
  mobility: "mobility session",
  circles: "daily circles",
  conditioning: "conditioning set",
  fillers: "fillers",
  check: "round of checks",
};

/** A slot in a few words: a session by the joint that it holds. @example "hip session" */
export const slotName = ({ kind, focus }: Pick<Slot, "kind" | "focus">): string =>
  focus ? `${jointWords(focus)} session` : slotWords[kind];

/** A slot as it stands in a calendar. @example "Hip session" */
export const slotSummary = (slot: Pick<Slot, "kind" | "focus">): string => capital(slotName(slot));

/** Joints as a coach calls them. */
export const jointNames: Record<JointId, string> = {
  neck: "neck",
  shoulder: "shoulder",
  elbow: "elbow",
  forearm: "forearm",
  wrist: "wrist",
  fingers: "fingers",
  thoracic: "upper back",
  lumbar: "low back",
  hip: "hip",
  knee: "knee",
  ankle: "ankle",
  toes: "toes",
};

export const jointWords = (joint: JointId): string => jointNames[joint];
