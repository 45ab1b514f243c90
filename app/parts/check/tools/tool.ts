import type { Side } from "#core/body/side";
import type { Protocol } from "#core/content/protocol";
import type { RoundRow, ToolReading } from "../round";

/** The instruments that the application brings itself. */
export const toolNames = ["photo", "level", "sensor-log"] as const;
export type ToolName = (typeof toolNames)[number];

/** Which of them a check allows. */
export const toolsOf = (protocol: Protocol): ToolName[] =>
  toolNames.filter((tool) => protocol.instruments.some(({ id }) => id === tool));

/** One place a reading may go: a check, its mode, a side. */
export type Target = { row: RoundRow; side: Side };

/** What an open instrument is given: where it was opened, where else a reading may go, and what to do with one. */
export type ToolProps = {
  target: Target;
  targets: readonly Target[];
  onReading: (target: Target, reading: ToolReading) => void;
  close: () => void;
};
