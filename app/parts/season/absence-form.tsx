import { Absence as AbsenceSchema, type Absence } from "#core/records/athlete";
import { useDraft } from "../use-draft";
import { shortDay } from "#words/days";

/** Days ill, away or resting: what hung on them goes, and what follows is planned anew and begins lower. */
export function AbsenceForm({
  athleteId,
  absences,
  from,
  keep,
  remove,
  error,
}: {
  athleteId: string;
  absences: readonly Absence[];
  from: string;
  keep: (absence: Absence) => void;
  remove: (absence: Absence) => void;
  error: string | null;
}) {
  const [draft, setDraft, drop] = useDraft<Absence>(
    `absence/${athleteId}`,
    { from, to: from, reason: "ill" },
    (kept) => AbsenceSchema.safeParse(kept).data ?? null,
  );
  return (
    <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-2">
      <form
        className="flex flex-wrap items-end gap-x-4 gap-y-2"
        onSubmit={(event) => {
          event.preventDefault();
          keep(draft);
          drop();
        }}
      >
        <label className="grid">
          <span className="label">From</span>
          <input
            type="date"
            required
            className="field w-36"
            value={draft.from}
            onChange={(event) => setDraft({ ...draft, from: event.target.value })}
          />
        </label>
        <label className="grid">
          <span className="label">To</span>
          <input
            type="date"
            required
            className="field w-36"
            value={draft.to}
            onChange={(event) => setDraft({ ...draft, to: event.target.value })}
          />
        </label>
        <label className="grid">
          <span className="label">Why</span>
          <select
            className="field w-28"
            value={draft.reason}
            onChange={(event) =>
              setDraft({ ...draft, reason: event.target.value as Absence["reason"] })
            }
          >
            <option value="ill">ill</option>
            <option value="away">away</option>
            <option value="rest">resting</option>
          </select>
        </label>
        <button type="submit" className="press">
          Note the days
        </button>
        {error ? (
          <p role="alert" className="text-sm text-clay">
            {error}
          </p>
        ) : null}
      </form>
      {absences.length > 0 ? (
        <ul className="mt-2 text-sm" aria-label="Days noted">
          {[...absences].reverse().map((absence) => (
            <li key={`${absence.from}/${absence.to}/${absence.reason}`}>
              {shortDay(absence.from)} to {shortDay(absence.to)}, {absence.reason}.{" "}
              <button type="button" className="underlined" onClick={() => remove(absence)}>
                Take it back
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}
