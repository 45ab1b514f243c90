import type { Run, RunEvent } from "../records/records";

/** What a slip of the thumb can do, and be taken back. Pain is never taken back here. */
const slips: readonly RunEvent["type"][] = [
  "next",
  "skip",
  "longer",
  "loose",
  "form",
  "plan",
  "member",
];

/** The last event that can be taken back; -1 when there is none since the last pain or start. */
export const lastSlip = ({ events }: Run): number => {
  const at = events.findLastIndex(({ type }) => slips.includes(type));
  const wall = events.findLastIndex(({ type }) => type === "pain" || type === "start");
  return at > wall ? at : -1;
};
