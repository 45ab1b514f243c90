import { memo } from "react";
import { Log as LogSchema, type Log } from "#core/records/records";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { useDraft } from "../use-draft";
import { longDay } from "#words/days";
import { LogRow } from "./log-row";
import { allClean } from "#core/run/all-clean";
import { unplanned } from "./draft";
import { QuickFill } from "./quick-fill";
import { refusalWords } from "#words/acts";

/** A log to be completed: after a run, or written without one. */
export const LogForm = memo(function LogForm({
  view,
  start,
  isNew,
}: {
  view: AthleteView;
  start: Log;
  isNew: boolean;
}) {
  const name = isNew
    ? `log/${start.athleteId}/${start.on}/${start.prepId ?? "none"}`
    : `log/${start.id}`;
  const [log, setLog, drop] = useDraft<Log>(name, start, (kept) => {
    const read = LogSchema.safeParse(kept);
    return read.success && !view.logs.some(({ id }) => isNew && id === read.data.id)
      ? read.data
      : null;
  });
  const { act, refused, busy } = useAct<"save-log">();
  const regions = [...new Set(view.library.drills.map(({ region }) => region))].sort();
  const spare = view.library.drills.filter(
    (drill) => !log.items.some((item) => item.drillId === drill.id),
  );
  return (
    <form
      data-next="write-down"
      onSubmit={(event) => {
        event.preventDefault();
        act("save-log", { log });
        drop();
      }}
    >
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <label className="grid">
          <span className="label">Day</span>
          <input
            type="date"
            className="field"
            required
            max={view.today}
            value={log.on}
            onChange={(event) => setLog({ ...log, on: event.target.value })}
          />
        </label>
        <label className="grid">
          <span className="label">Minutes</span>
          <input
            type="number"
            className="field figures w-20 text-center"
            min="0"
            max="600"
            step="0.1"
            required
            value={log.minutes}
            onChange={(event) => setLog({ ...log, minutes: Number(event.target.value) })}
          />
        </label>
        {isNew ? (
          <QuickFill
            preps={view.ownPreps}
            logs={view.logs}
            fill={(items, minutes) => setLog({ ...log, items, minutes })}
          />
        ) : null}
        {log.items.length > 0 ? (
          <button
            type="button"
            className="press"
            onClick={() => {
              const clean = allClean(log);
              setLog(clean);
              act("save-log", { log: clean });
              drop();
            }}
          >
            All clean, keep
          </button>
        ) : null}
      </div>
      <ul className="mt-3 border-t border-ink md:[&>li:not(:first-child)>*>.label]:sr-only">
        {log.items.map((item, n) => (
          <LogRow
            key={`${n} ${item.drillId}`}
            item={item}
            library={view.library}
            remove={() => setLog({ ...log, items: log.items.filter((_, i) => i !== n) })}
            change={(changed) =>
              setLog({ ...log, items: log.items.map((other, i) => (i === n ? changed : other)) })
            }
          />
        ))}
      </ul>
      <div className="mt-2 grid gap-x-6 gap-y-2 md:grid-cols-[16rem_1fr]">
        {spare.length > 0 ? (
          <label className="grid">
            <span className="label">Add a drill that was done</span>
            <select
              className="field w-full min-w-0"
              value=""
              onChange={(event) => {
                const drill = spare.find(({ id }) => id === event.target.value);
                if (drill) setLog({ ...log, items: [...log.items, unplanned(drill)] });
              }}
            >
              <option value="">choose …</option>
              {regions.map((region) => (
                <optgroup key={region} label={region}>
                  {spare
                    .filter((drill) => drill.region === region)
                    .map(({ id, name }) => (
                      <option key={id} value={id}>
                        {name}
                      </option>
                    ))}
                </optgroup>
              ))}
            </select>
          </label>
        ) : null}
        <label className="grid">
          <span className="label">Note</span>
          <input
            className="field"
            value={log.note}
            onChange={(event) => setLog({ ...log, note: event.target.value })}
            placeholder="slept badly, hall cold, felt light …"
          />
        </label>
      </div>
      {refused ? (
        <p role="alert" className="mt-2 text-clay">
          Not kept yet. {refusalWords(refused)}
        </p>
      ) : null}
      <p className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="submit"
          className="press press-main"
          disabled={busy || log.items.length === 0}
        >
          {isNew ? "Save the log" : "Keep the changes"}
        </button>
        <span className="text-sm text-muted">
          {log.items.length === 0 ? "Add what was done." : longDay(log.on)}
        </span>
      </p>
    </form>
  );
});
