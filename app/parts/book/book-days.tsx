import { TaughtRun } from "../frame/taught";
import { hurtWords } from "#words/pain";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { drillOf } from "#core/content/library";
import { stiffDays } from "#core/progress/stiff";
import { outcomeOf } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { longDay, weekDay } from "#words/days";
import { hasWords, markWords } from "./book-words";

/** So many days are shown at once; more on demand. */
const page = 30;

type Line = {
  on: string;
  logId: string | null;
  minutes: number | null;
  outcome: string;
  drills: string[];
  marks: string;
  stiff: string[];
  stops: string[];
  note: string;
};

/** Every day with a log or a mark, latest first. */
function linesOf(view: AthleteView): Line[] {
  const name = (id: string) => drillOf(view.library, id)?.name ?? id;
  const notes = new Map(view.days.map((day) => [day.on, day]));
  const stiff = stiffDays(view.logs);
  const logs = view.logs.map((log): Line => ({
    on: log.on,
    logId: log.id,
    minutes: log.minutes,
    outcome: outcomeOf(log),
    drills: log.items.filter(({ done }) => done !== "skipped").map(({ drillId }) => name(drillId)),
    marks: markWords(notes.get(log.on)),
    stiff: stiff
      .filter((one) => one.on === log.on)
      .map(({ drillId, looseAt, usual }) => `${name(drillId)} at ${looseAt}, usually ${usual}`),
    stops: log.items
      .filter(({ done, pain }) => done === "stopped" || pain > 5)
      .map((item) =>
        `${name(item.drillId)}, ${item.pain}/10 ${hurtWords(item.painAt, item.painPlace)}`.trim(),
      ),
    note: log.note,
  }));
  const logged = new Set(view.logs.map(({ on }) => on));
  const marked = view.days
    .filter(({ on }) => !logged.has(on))
    .map((day): Line => ({
      on: day.on,
      logId: null,
      minutes: null,
      outcome: "",
      drills: [],
      marks: markWords(day),
      stiff: [],
      stops: [],
      note: "",
    }));
  return [...logs, ...marked].sort((a, b) => b.on.localeCompare(a.on));
}

/** The book by day: what was done, how the day was, what was stiff, what stopped. */
export function BookDays({ view, search }: { view: AthleteView; search: string }) {
  const [shown, setShown] = useState(page);
  const lines = useMemo(() => linesOf(view), [view]);
  const found = lines.filter((line) =>
    hasWords(search, [
      longDay(line.on),
      line.on,
      ...line.drills,
      line.marks,
      ...line.stiff,
      line.stiff.length > 0 ? "stiff" : "",
      ...line.stops,
      line.stops.length > 0 ? "stopped" : "",
      line.note,
      line.outcome,
    ]),
  );
  if (lines.length === 0)
    return (
      <div className="mt-8">
        <TaughtRun library={view.library} athleteId={view.athlete.id} />
      </div>
    );
  return (
    <>
      <p className="mt-3 text-sm text-muted" role="status">
        {found.length === lines.length
          ? `${lines.length} days`
          : `${found.length} of ${lines.length} days`}
        , latest first. A stiff day is one and a half times the usual until loose.
      </p>
      <ul className="mt-1 border-t border-ink">
        {found.slice(0, shown).map((line) => (
          <li
            key={line.logId ?? line.on}
            className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[6.5rem_4.8rem_5rem_1fr]"
          >
            {line.logId ? (
              <Link
                className="font-semibold hover:underline"
                to={`/at/${view.athlete.id}/log?log=${line.logId}`}
              >
                {weekDay(line.on)}
              </Link>
            ) : (
              <Link
                className="text-muted hover:underline"
                to={`/at/${view.athlete.id}/log?log=new&day=${line.on}`}
              >
                {weekDay(line.on)}
              </Link>
            )}
            <span className="figures whitespace-nowrap text-sm">
              {line.minutes === null ? "" : `${Math.round(line.minutes)} min`}
            </span>
            <span className="text-sm text-muted">{line.outcome}</span>
            <span className="min-w-0 text-sm">
              {line.drills.length > 0 ? (
                <span className="text-muted">{line.drills.join(", ")}</span>
              ) : null}
              {line.marks ? <span className="block">{line.marks}</span> : null}
              {line.stiff.map((text) => (
                <span key={text} className="block">
                  <b className="label mr-2 bg-tape px-1 text-tape-ink">stiff</b>
                  {text}
                </span>
              ))}
              {line.stops.map((text) => (
                <span key={text} className="block text-clay">
                  stopped: {text}
                </span>
              ))}
              {line.note ? <i className="block">{line.note}</i> : null}
            </span>
          </li>
        ))}
      </ul>
      {found.length > shown ? (
        <button type="button" className="press mt-3" onClick={() => setShown(shown + 2 * page)}>
          Show more
        </button>
      ) : null}
      {found.length === 0 ? <p className="mt-3">Nothing in the book has these words.</p> : null}
    </>
  );
}
