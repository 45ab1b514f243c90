import { useState } from "react";
import { canLock, shortestPassphrase } from "../../store/locked";
import { screenLock, useScreenLock } from "../../store/screen-lock";

const waits = [2, 5, 15, 60] as const;

/** A lock before the screen, for a tablet that others use too. */
export function ScreenLockPart() {
  const lock = useScreenLock();
  if (!canLock()) return null;
  return (
    <section id="screen-lock" className="mt-4">
      <h3 className="font-semibold">Lock this screen, on a tablet that others use</h3>
      {lock === "none" ? <SetLock /> : <LockIsSet />}
    </section>
  );
}

function LockIsSet() {
  return (
    <p className="mt-1 flex flex-wrap items-center gap-3">
      <span>Locks after {screenLock.minutes()} minutes without a touch, but not in a run.</span>
      <button type="button" className="press" onClick={screenLock.shut}>
        Lock now
      </button>
      <button type="button" className="press" onClick={screenLock.takeOff}>
        Take the lock off
      </button>
    </p>
  );
}

function SetLock() {
  const [passphrase, setPassphrase] = useState("");
  const [minutes, setMinutes] = useState<number>(15);
  const [failed, setFailed] = useState(false);
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-x-6 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        screenLock.set(passphrase, minutes).catch(() => setFailed(true));
      }}
    >
      <label className="grid">
        <span className="label">Passphrase, {shortestPassphrase} letters or more</span>
        <input
          className="field w-72"
          autoComplete="off"
          spellCheck={false}
          value={passphrase}
          onChange={(event) => setPassphrase(event.target.value)}
        />
      </label>
      <label className="grid">
        <span className="label">Lock after</span>
        <select
          className="field"
          value={minutes}
          onChange={(event) => setMinutes(Number(event.target.value))}
        >
          {waits.map((wait) => (
            <option key={wait} value={wait}>
              {wait} minutes
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="press" disabled={passphrase.length < shortestPassphrase}>
        Set the lock
      </button>
      <p className="w-full text-sm text-muted">
        It hides the notebook and does not encrypt it. Forgotten, only deleting this browser’s data
        opens Yearling again, and that deletes the notebook. Export it first.
      </p>
      {failed ? (
        <p role="alert" className="w-full text-clay">
          This browser keeps nothing, so it can’t keep a lock.
        </p>
      ) : null}
    </form>
  );
}
