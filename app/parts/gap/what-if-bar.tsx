import { useState } from "react";
import { motionOf } from "#core/body/motions";
import type { Aim } from "#core/records/records";
import { notch } from "../words";
import { shortDay } from "#words/days";
import type { WhatIf } from "./use-what-if";

/** What is imagined, in words; taken back, or kept as targets by a day. */
export function WhatIfBar({
  aim,
  edits,
  replace,
  keep,
}: {
  aim: Aim;
  edits: readonly WhatIf[];
  replace: (edits: WhatIf[]) => void;
  keep: (targets: Aim["targets"]) => void;
}) {
  const [by, setBy] = useState(aim.by);
  if (edits.length === 0)
    return aim.targets.length > 0 ? (
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4 text-sm">
        <span>
          <b>Targets:</b>{" "}
          {aim.targets
            .map(
              ({ motion, side, degrees, by: day }) =>
                `${motionOf(motion).name.toLowerCase()} ${notch[side]} ${degrees}° by ${shortDay(day)}`,
            )
            .join(", ")}
        </span>
        <button
          type="button"
          className="underlined"
          onClick={() =>
            replace(aim.targets.map(({ motion, side, degrees }) => ({ motion, side, degrees })))
          }
        >
          Show them
        </button>
        <button type="button" className="underlined" onClick={() => keep([])}>
          Drop them
        </button>
      </p>
    ) : null;
  return (
    <div
      className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-spruce bg-raised py-2 pl-3 text-sm"
      role="status"
    >
      <b>What if:</b>
      {edits.map((edit) => (
        <label
          key={`${edit.motion}/${edit.side}`}
          className="flex items-baseline gap-1.5 whitespace-nowrap"
        >
          {motionOf(edit.motion).name.toLowerCase()} {notch[edit.side]}
          <input
            type="number"
            className="field w-18"
            min={-60}
            max={240}
            value={edit.degrees}
            onChange={({ target }) => {
              const degrees = target.valueAsNumber;
              if (degrees >= -60 && degrees <= 240)
                replace(edits.map((one) => (one === edit ? { ...edit, degrees } : one)));
            }}
          />
          °
        </label>
      ))}
      <button type="button" className="underlined" onClick={() => replace([])}>
        Back to what is
      </button>
      <label className="flex items-baseline gap-2">
        by
        <input
          type="date"
          className="field"
          value={by}
          onChange={(event) => setBy(event.target.value)}
        />
      </label>
      <button
        type="button"
        className="underlined"
        disabled={by === ""}
        onClick={() => {
          keep(edits.map((edit) => ({ ...edit, by })));
          replace([]);
        }}
      >
        Keep as targets
      </button>
    </div>
  );
}
