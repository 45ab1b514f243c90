import { useState } from "react";
import { plusDays } from "#core/dates/days";
import type { Aim } from "#core/records/records";
import type { DoAct } from "../use-act";

/** The day of an aim is here or past: what became of it is asked, and whether it gets another day. */
export function Became({
  aim,
  days,
  today,
  act,
}: {
  aim: Aim;
  /** So long past. */
  days: number;
  today: string;
  act: DoAct;
}) {
  const [again, setAgain] = useState(false);
  const end = (outcome: NonNullable<Aim["outcome"]>) =>
    act("close-aim", { id: aim.id, closed: true, outcome });
  return (
    <section
      data-next="aim-due"
      aria-label="What became of it"
      className="mt-2 border-l-4 border-tape bg-raised px-4 py-2"
    >
      <p className="font-semibold">
        {days === 0 ? "Today is its day." : "Its day is past."} What became of it?
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <button type="button" className="press" onClick={() => end("reached")}>
          Reached
        </button>
        <button type="button" className="press" onClick={() => end("not-reached")}>
          Not reached
        </button>
        <button
          type="button"
          className="press"
          aria-expanded={again}
          onClick={() => setAgain(!again)}
        >
          Another day
        </button>
        <button type="button" className="quiet underlined" onClick={() => end("let-go")}>
          Let it go
        </button>
      </div>
      {again ? (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            const by = new FormData(event.currentTarget).get("by");
            const { id, athleteId, skillId, quality, side, hips } = aim;
            act("save-aim", { id, athleteId, skillId, quality, side, hips, by: by as string });
            setAgain(false);
          }}
        >
          <label className="grid">
            <span className="label">By</span>
            <input
              type="date"
              name="by"
              className="field"
              required
              autoFocus
              min={plusDays(today, 1)}
              defaultValue={plusDays(today, 42)}
            />
          </label>
          <button type="submit" className="press press-main">
            Save
          </button>
        </form>
      ) : null}
    </section>
  );
}
