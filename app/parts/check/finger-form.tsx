import { decimal } from "#words/locale";
import { useState } from "react";
import { fingerWidth } from "#core/content/units";
import { readNumber } from "../words";

/** Calibrates the athlete's own finger once: several fingers side by side along a tape. */
export function FingerForm({
  keep,
  close,
}: {
  keep: (fingerCm: number) => void;
  close: () => void;
}) {
  const [fingers, setFingers] = useState("4");
  const [cm, setCm] = useState("");
  const width = fingerWidth(readNumber(cm), readNumber(fingers));
  const usable = width >= 1 && width <= 3;
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2 border-y border-line py-3">
      <p className="w-full text-sm text-muted">
        Lay the fingers that will do the measuring side by side, closed, across a tape.
      </p>
      <label className="grid">
        <span className="label">Fingers laid</span>
        <input
          className="field figures w-20"
          inputMode="numeric"
          value={fingers}
          onChange={(event) => setFingers(event.target.value)}
        />
      </label>
      <label className="grid">
        <span className="label">Centimetres across</span>
        <input
          className="field figures w-24"
          inputMode="decimal"
          value={cm}
          onChange={(event) => setCm(event.target.value)}
        />
      </label>
      <span className="figures min-w-32 pb-2" role="status">
        {usable
          ? `${decimal(width, 2)} cm a finger`
          : cm === ""
            ? ""
            : "a finger is 1 to 3 cm wide"}
      </span>
      <button
        type="button"
        className="press"
        disabled={!usable}
        onClick={() => keep(Math.round(width * 100) / 100)}
      >
        Save the width
      </button>
      <button type="button" className="quiet" onClick={close}>
        Not now
      </button>
    </div>
  );
}
