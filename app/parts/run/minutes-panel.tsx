import { useState } from "react";
import { minutesNow, type MinutesNow } from "#core/run/minutes-now";
import type { RunState } from "#core/run/state";
import type { PlanRequest } from "#core/prep/plan";
import { RetimePreview } from "../prep/retime-preview";
import { FloorPanel } from "./floor-panel";

const offers = [3, 5, 8, 10, 12, 15, 20, 30];

/** "We have so many minutes now": what goes, what stays; taken or left. */
export function MinutesPanel({
  state,
  request,
  close,
  take,
}: {
  state: RunState;
  request: PlanRequest;
  close: () => void;
  take: (now: MinutesNow) => void;
}) {
  const [asked, setAsked] = useState<{ minutes: number; next: MinutesNow } | null>(null);
  const minutes = asked?.minutes ?? null;
  const ask = (wanted: number) =>
    setAsked({ minutes: wanted, next: minutesNow(state, wanted, request) });
  const left = Math.ceil(state.left);
  return (
    <FloorPanel title="How many minutes are there now?" close={close}>
      <div className="mt-3 grid grid-cols-4 gap-1.5 sm:grid-cols-8">
        {offers.map((offer) => (
          <button
            key={offer}
            type="button"
            aria-pressed={minutes === offer}
            onClick={() => ask(offer)}
            className={`figures min-h-14 border-2 text-xl font-bold ${minutes === offer ? "border-ink bg-ink text-paper" : "border-hair"}`}
          >
            {offer}
          </button>
        ))}
      </div>
      <label className="mt-3 flex items-center gap-3">
        <span className="label">or</span>
        <input
          type="number"
          className="field figures w-20 text-center"
          min={1}
          max={120}
          aria-label="Minutes from now"
          value={minutes ?? ""}
          onChange={(event) => {
            const value = Number(event.target.value);
            if (value >= 1 && value <= 120) ask(value);
            else setAsked(null);
          }}
        />
        minutes
      </label>
      {asked ? (
        <>
          {asked.next.endsPresent ? (
            <p className="mt-3 text-sm">
              The present drill ends here: it would take too much of them.
            </p>
          ) : null}
          <RetimePreview
            from={left}
            to={asked.minutes * 60}
            next={asked.next}
            library={request.library}
            take={() => take(minutesNow(state, asked.minutes, request))}
            leave={close}
          />
        </>
      ) : (
        <p className="mt-3">
          <button type="button" className="press" onClick={close}>
            Keep the plan
          </button>
        </p>
      )}
    </FloorPanel>
  );
}
