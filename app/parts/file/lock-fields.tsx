import { canLock, shortestPassphrase } from "../../store/locked";

/** What a lock asks: whether, and by which passphrase. */
export type LockChoice = { on: boolean; passphrase: string };

/** Whether a file can be made with what is chosen. */
export const lockReady = ({ on, passphrase }: LockChoice): boolean =>
  !on || passphrase.length >= shortestPassphrase;

/** A file may be locked: by a passphrase that nobody can find again. */
export function LockFields({ lock, set }: { lock: LockChoice; set: (lock: LockChoice) => void }) {
  if (!canLock())
    return (
      <p className="text-sm text-muted">
        Files can’t be locked here: the page came without https. Open it over https, or on this
        computer itself.
      </p>
    );
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-1">
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--spruce)]"
          checked={lock.on}
          onChange={(event) => set({ ...lock, on: event.target.checked })}
        />
        lock it with a passphrase
      </label>
      {lock.on ? (
        <>
          <label className="grid">
            <span className="label">Passphrase, {shortestPassphrase} letters or more</span>
            <input
              className="field w-72"
              autoComplete="off"
              spellCheck={false}
              value={lock.passphrase}
              onChange={(event) => set({ ...lock, passphrase: event.target.value })}
            />
          </label>
          <p className="w-full text-sm text-muted">
            Tell it to them another way than the file. Forgotten, nobody can open the file again.
          </p>
        </>
      ) : null}
    </div>
  );
}
