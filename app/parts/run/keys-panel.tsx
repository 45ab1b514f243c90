import type { FloorAct } from "./floor-keys";
import { FloorPanel } from "./floor-panel";

const always: readonly (readonly [string, string])[] = [
  ["Space", "pause, go on"],
  ["Enter", "what a tap does: done, or pause"],
  ["→  PageDown", "next; a remote’s one key"],
  ["←  PageUp", "back; a remote’s other key"],
  ["p", "it hurts"],
];

/** The keys of a run, on one sheet. */
export function KeysPanel({ acts, close }: { acts: readonly FloorAct[]; close: () => void }) {
  const lines = [
    ...always,
    ...acts.map(({ key, label }) => [key, label.toLowerCase()] as const),
    ["?", "these keys"] as const,
  ];
  return (
    <FloorPanel title="Keys on the floor" close={close}>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 sm:grid-cols-[auto_1fr_auto_1fr]">
        {lines.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="figures whitespace-nowrap">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="press mt-5" onClick={close}>
        Close
      </button>
    </FloorPanel>
  );
}
