import type { Log, LogItem, Prep } from "#core/records/records";
import { logItemOf } from "#core/doses/log-item";
import { shortDay } from "#words/days";
import { sameAgain } from "./draft";

/** A log written without a run, filled in one go: as an own prep, or as a session before. */
export function QuickFill({
  preps,
  logs,
  fill,
}: {
  preps: readonly Prep[];
  logs: readonly Log[];
  fill: (items: LogItem[], minutes: number) => void;
}) {
  const recent = [...logs].sort((a, b) => b.on.localeCompare(a.on)).slice(0, 8);
  if (preps.length + recent.length === 0) return null;
  return (
    <label className="grid">
      <span className="label">The same as</span>
      <select
        className="field max-w-56"
        value=""
        onChange={(event) => {
          const [kind, id] = event.target.value.split("|");
          const prep = kind === "prep" ? preps.find((one) => one.id === id) : undefined;
          const log = kind === "log" ? recent.find((one) => one.id === id) : undefined;
          if (prep) fill(prep.items.map(logItemOf), Math.round(prep.budget / 60));
          if (log) fill(sameAgain(log), log.minutes);
        }}
      >
        <option value="">choose …</option>
        {preps.map(({ id, own }) => (
          <option key={id} value={`prep|${id}`}>
            {own}
          </option>
        ))}
        {recent.map(({ id, on, items }) => (
          <option key={id} value={`log|${id}`}>
            {shortDay(on)}: {items.length} drills
          </option>
        ))}
      </select>
    </label>
  );
}
