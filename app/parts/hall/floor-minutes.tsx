import { useState } from "react";
import { clock } from "#core/drill/dose";
import type { HallNow } from "#core/hall/clock";
import { roundsLeft } from "#core/hall/on-the-floor";
import type { Hall } from "#core/records/records";
import { many } from "#words/plain";
import { FloorPanel } from "../run/floor-panel";
import { useAct } from "../use-act";
import { readNumber } from "../words";

/** "We have so many minutes now": this round is finished, the rest is laid anew. What it comes to is shown first. */
export function FloorMinutes({
  hall,
  now,
  round,
  close,
}: {
  hall: Hall;
  now: HallNow;
  round: number;
  close: () => void;
}) {
  const { act } = useAct();
  const [minutes, setMinutes] = useState(String(Math.max(1, Math.round(now.whole / 60))));
  // What comes before the rounds that are laid anew: the span that is on, and those of the start after it.
  const before = now.spans
    .slice(now.at + 1)
    .filter((span) => span.kind === "start" || span.round <= round)
    .reduce((sum, { seconds }) => sum + seconds, now.left);
  const seconds = Math.round(readNumber(minutes) * 60 - before);
  const rounds = seconds > 0 ? roundsLeft(seconds, hall.laid) : [];
  return (
    <FloorPanel title="How many minutes are left?" close={close}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          act("change-floor", {
            id: hall.id,
            round,
            change: { do: "minutes", seconds: Math.max(0, seconds) },
          });
          close();
        }}
      >
        <input
          className="field figures mt-2 w-28 text-3xl"
          inputMode="decimal"
          autoFocus
          aria-label="Minutes from now"
          value={minutes}
          onChange={(event) => setMinutes(event.target.value)}
        />
        <p role="status" className="mt-3">
          {rounds.length === 0
            ? "This round is the last one."
            : `${many(rounds.length, "round")} more, ${clock(rounds[0]!.work)} each.`}
        </p>
        <button type="submit" className="press press-main mt-4 min-h-12">
          Take it
        </button>
      </form>
    </FloorPanel>
  );
}
