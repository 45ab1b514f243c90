import { LockKeyhole } from "lucide-react";
import { lockKey, type PainLock } from "#core/safety/pain";
import { useAct } from "../use-act";
import { shortDay } from "#words/days";
import { lockWords } from "#words/pain";
import { placeWords } from "#words/places";
import { capital } from "#words/plain";
import { textOf } from "../form-text";

/** Places locked out of plans after pain; a person lets them back in, with a reason. */
export function Locks({ locks }: { locks: readonly PainLock[] }) {
  const { act } = useAct();
  if (locks.length === 0) return null;
  return (
    <section aria-label="Locked places" className="border-l-4 border-clay bg-raised px-4 py-2">
      {locks.map((lock) => (
        <form
          key={lockKey(lock)}
          className="grid items-end gap-x-4 gap-y-1 py-1 sm:grid-cols-[1fr_9rem_1fr_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            const form = new FormData(event.currentTarget);
            act("clear-place", {
              lock: lockKey(lock),
              who: textOf(form, "who"),
              reason: textOf(form, "reason"),
            });
          }}
        >
          <p className="flex gap-2 text-sm">
            <LockKeyhole size={16} className="mt-0.5 shrink-0 text-clay" aria-hidden="true" />
            <span>
              <b>{lock.place ? capital(placeWords(lock.place)) : "A place nobody named"}</b> is out
              of plans since {shortDay(lock.since)}: {lockWords(lock.because)}. A licensed clinician
              should look at it first.
            </span>
          </p>
          <label className="grid">
            <span className="label">Who clears it</span>
            <input name="who" className="field" required />
          </label>
          <label className="grid">
            <span className="label">Reason</span>
            <input name="reason" className="field" required />
          </label>
          <button type="submit" className="press">
            Clear
          </button>
        </form>
      ))}
    </section>
  );
}
