import { markLegend } from "#words/margin";
import { Meaning } from "../meaning";
import type { Reading } from "./geometry";
import { MarginMark } from "./margin-mark";

/** Two sides as an example: one short, one spare. */
const example: readonly Reading[] = [
  { side: "left", margin: -12, se: 3, verdict: "short", asked: true },
  { side: "right", margin: 6, se: 3, verdict: "clear", asked: true },
];

/** The mark and what it says, for whoever sees it for the first time. */
export const MarkLegend = () => (
  <p className="mt-4 flex flex-wrap items-center gap-x-4 text-sm text-muted">
    <span aria-hidden="true">
      <MarginMark readings={example} width={140} height={32} span={27} />
    </span>
    <span className="min-w-0 flex-1 basis-72">
      {markLegend} <Meaning of="margin" />
    </span>
  </p>
);
