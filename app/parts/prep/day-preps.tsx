import { ChevronLeft, ChevronRight } from "lucide-react";
import { Link } from "react-router";
import { plusDays } from "#core/dates/days";
import type { Prep } from "#core/records/records";
import { formatFor } from "#core/prep/format-for";
import { waitingOn } from "#core/situation/planning";
import { weekDay } from "#words/days";
import type { AthleteView } from "../../view";
import { slotName } from "#words/slots";

/** The day that is planned, with the days beside it, and what it holds: the preps that are made, and what hangs on it. */
export function DayPreps({
  view,
  on,
  prep,
}: {
  view: AthleteView;
  on: string;
  /** The one on the desk. */
  prep: Prep | null;
}) {
  const entries = entriesOf(view, on, prep);
  const dayOf = (day: string) => (day === view.today ? "" : `?day=${day}`);
  return (
    <nav
      aria-label="Preps of the day"
      className="no-print mb-1.5 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm"
    >
      <span className="flex items-center">
        <Link
          to={`.${dayOf(plusDays(on, -1))}`}
          className="quiet !min-h-7 !min-w-7"
          aria-label="The day before"
        >
          <ChevronLeft size={16} aria-hidden="true" />
        </Link>
        <b className={on === view.today ? "" : "text-clay"}>
          {on === view.today ? "Today" : weekDay(on)}
        </b>
        <Link
          to={`.${dayOf(plusDays(on, 1))}`}
          className="quiet !min-h-7 !min-w-7"
          aria-label="The day after"
        >
          <ChevronRight size={16} aria-hidden="true" />
        </Link>
      </span>
      {entries.length < 2
        ? null
        : entries.map(({ id, starts, name, minutes, note }) => (
            <Link
              key={id}
              to={`?prep=${id}${on === view.today ? "" : `&day=${on}`}`}
              replace
              aria-current={id === prep?.id ? "true" : undefined}
              className={`min-h-7 border-b-2 pt-1 ${id === prep?.id ? "border-ink font-semibold" : "border-transparent text-muted"}`}
            >
              <span className="figures">{starts}</span> {name}
              <span className="sr-only">, {minutes} minutes</span>
              {note ? <i> {note}</i> : null}
            </Link>
          ))}
    </nav>
  );
}

function entriesOf(view: AthleteView, on: string, prep: Prep | null) {
  const slots = view.season?.slots ?? [];
  const made = view.preps.filter((one) => one.on === on);
  const shown = prep === null || made.some(({ id }) => id === prep.id) ? made : [...made, prep];
  const waiting = on < view.today ? [] : waitingOn(view, on).filter(({ id }) => id !== prep?.id);
  return [
    ...shown.map((one) => {
      const slot = slots.find(({ id }) => id === one.id);
      return {
        id: one.id,
        starts: slot?.starts ?? "",
        name:
          slot && made.includes(one)
            ? slotName(slot)
            : formatFor(view.library, one).name.toLowerCase(),
        minutes: Math.round(one.budget / 60),
        note: view.logs.some(({ prepId }) => prepId === one.id) ? "logged" : "",
      };
    }),
    ...waiting.map((slot) => ({
      id: slot.id,
      starts: slot.starts,
      name: slotName(slot),
      minutes: slot.minutes,
      note: "",
    })),
  ].sort((a, b) => a.starts.localeCompare(b.starts));
}
