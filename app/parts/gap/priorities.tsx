import { decimal } from "#words/locale";
import { useState } from "react";
import { motionOf } from "#core/body/motions";
import type { Need } from "#core/aim/priority";
import { readNumber } from "../words";

const figure = (value: number): string => decimal(value, 2);

/** What the minutes go to: every term of every motion's weight, and a weight by hand with its reason. */
export function Priorities({
  needs,
  override,
}: {
  needs: readonly Need[];
  override: (motion: Need["motion"], weight: number | null, reason: string) => void;
}) {
  const [editing, setEditing] = useState<Need["motion"] | null>(null);
  if (needs.length === 0) return null;
  return (
    <details className="mt-6">
      <summary className="min-h-9 py-1.5">
        <h2 className="inline text-xl">What the minutes go to</h2>{" "}
        <span className="text-sm text-muted">
          {needs
            .slice(0, 3)
            .map(({ motion }) => motionOf(motion).part)
            .join(", then ")}
        </span>
      </summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Weights">
        <table className="w-full text-left text-sm">
          <thead>
            <tr className="border-b border-ink">
              {[
                "Motion",
                "Limiter",
                "× date",
                "+ side",
                "+ unmeasured",
                "+ keeping",
                "= weight",
                "",
              ].map((head) => (
                <th key={head} scope="col" className="label py-1 pr-3">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {needs.map(({ motion, terms, weight, override: by }) => (
              <tr key={motion} className="border-b border-line align-baseline">
                <td className="py-1.5 pr-3 font-semibold">{motionOf(motion).name}</td>
                {[
                  terms.limiter,
                  terms.timePressure,
                  terms.sideDifference,
                  terms.unmeasured,
                  terms.keeping,
                ].map((term, i) => (
                  <td key={i} className="figures py-1.5 pr-3">
                    {figure(term)}
                  </td>
                ))}
                <td className="py-1.5 pr-3">
                  <b className="figures">{figure(weight)}</b>
                  {by ? (
                    <span className="block text-xs text-muted">
                      by hand, computed {figure(by.computed)}: {by.reason}
                    </span>
                  ) : null}
                </td>
                <td className="py-1.5">
                  {editing === motion ? (
                    <WeightForm
                      weight={weight}
                      keep={(value, reason) => {
                        override(motion, value, reason);
                        setEditing(null);
                      }}
                      close={() => setEditing(null)}
                    />
                  ) : (
                    <span className="flex gap-3">
                      <button
                        type="button"
                        className="underlined"
                        aria-label={`Set the weight of ${motionOf(motion).name} by hand`}
                        onClick={() => setEditing(motion)}
                      >
                        by hand
                      </button>
                      {by ? (
                        <button
                          type="button"
                          className="underlined"
                          onClick={() => override(motion, null, "")}
                        >
                          as computed
                        </button>
                      ) : null}
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

function WeightForm({
  weight,
  keep,
  close,
}: {
  weight: number;
  keep: (weight: number, reason: string) => void;
  close: () => void;
}) {
  const [text, setText] = useState(weight.toFixed(2));
  const [reason, setReason] = useState("");
  const value = readNumber(text);
  const usable = value >= 0 && value <= 10 && reason.trim() !== "";
  return (
    <span className="flex flex-wrap items-center gap-2">
      <input
        className="field figures w-16"
        aria-label="Weight, 0 to 10"
        inputMode="decimal"
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <input
        className="field w-36"
        aria-label="Reason"
        placeholder="reason"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <button
        type="button"
        className="underlined"
        disabled={!usable}
        onClick={() => keep(value, reason.trim())}
      >
        keep
      </button>
      <button type="button" className="underlined" onClick={close}>
        leave
      </button>
    </span>
  );
}
