import { Link } from "react-router";
import type { Prep } from "#core/records/records";
import { formatFor } from "#core/prep/request";
import { waitingOn } from "#core/situation/planning";
import type { AthleteView } from "../../view";
import { slotName } from "#words/slots";

/** What else the day holds: the preps that are made, and what hangs on it; the one on the desk is marked. */
export function DayPreps({ view, prep }: { view: AthleteView; prep: Prep }) {
  const made = view.preps.filter(({ on }) => on === prep.on);
  const waiting = waitingOn(view, prep.on).filter(({ id }) => id !== prep.id);
  const slots = view.season?.slots ?? [];
  const entries = [
    ...made.map((one) => {
      const slot = slots.find(({ id }) => id === one.id);
      const logged = view.logs.some(({ prepId }) => prepId === one.id);
      return {
        id: one.id,
        starts: slot?.starts ?? "",
        name: slot ? slotName(slot) : formatFor(view.library, one).name.toLowerCase(),
        minutes: Math.round(one.budget / 60),
        note: logged ? "logged" : "",
      };
    }),
    ...(made.some(({ id }) => id === prep.id)
      ? []
      : [
          {
            id: prep.id,
            starts: slots.find(({ id }) => id === prep.id)?.starts ?? "",
            name: formatFor(view.library, prep).name.toLowerCase(),
            minutes: Math.round(prep.budget / 60),
            note: "",
          },
        ]),
    ...(prep.on === view.today
      ? waiting.map((slot) => ({
          id: slot.id,
          starts: slot.starts,
          name: slotName(slot),
          minutes: slot.minutes,
          note: "",
        }))
      : []),
  ].sort((a, b) => a.starts.localeCompare(b.starts));
  if (entries.length < 2) return null;
  const day = prep.on === view.today ? "" : `&day=${prep.on}`;
  return (
    <nav
      aria-label="Preps of the day"
      className="no-print mb-1.5 flex flex-wrap gap-x-4 gap-y-1 text-sm"
    >
      {entries.map(({ id, starts, name, minutes, note }) => (
        <Link
          key={id}
          to={`?prep=${id}${day}`}
          replace
          aria-current={id === prep.id ? "true" : undefined}
          className={`min-h-7 border-b-2 pt-1 ${id === prep.id ? "border-ink font-semibold" : "border-transparent text-muted"}`}
        >
          <span className="figures">{starts}</span> {name}{" "}
          <span className="figures">{minutes}′</span>
          {note ? <i> {note}</i> : null}
        </Link>
      ))}
    </nav>
  );
}
