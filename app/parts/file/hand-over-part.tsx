import { Download, Share2 } from "lucide-react";
import { useState } from "react";
import type { HandedParts } from "#core/exchange/hand-over";
import { athleteFile } from "../../store/athlete-out";
import { canLock, locked } from "../../store/locked";
import { openNotebook } from "../../store/open";
import { download } from "../download";
import { shareable, shareFile, sharesFiles } from "../send/share-file";
import { LockFields, lockReady, type LockChoice } from "./lock-fields";

const partNames: Record<keyof HandedParts, string> = {
  checks: "checks",
  preps: "preps and weeks",
  log: "log and day marks",
  photos: "photographs",
  health: "health answers",
};

/** One athlete's file, for a phone or a colleague: chosen parts, and health only where it is ticked. */
export function HandOverPart({ people }: { people: readonly { id: string; name: string }[] }) {
  const [who, setWho] = useState(people[0]?.id ?? "");
  const [parts, setParts] = useState<HandedParts>({
    checks: true,
    preps: true,
    log: true,
    photos: false,
    health: false,
  });
  const [lock, setLock] = useState<LockChoice>({ on: false, passphrase: "" });
  const [saved, setSaved] = useState<string | null>(null);
  const make = async () => {
    const { notebook } = await openNotebook();
    const made = await athleteFile(notebook, who, parts);
    if (!made) return null;
    return { ...made, file: lock.on ? await locked(made.file, lock.passphrase) : made.file };
  };
  const save = async () => {
    const made = await make();
    if (!made) return;
    download("athlete", made.file, made.name);
    setSaved(made.name);
  };
  const share = async () => {
    const made = await make();
    const file = made && shareable(made.file, made.name);
    if (file) shareFile(file, made.name);
  };
  if (people.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-2xl">Hand over one athlete</h2>
      <p className="text-sm text-muted">
        For their own phone, or a colleague. Open it there, and open here what comes back: only what
        differs is asked about.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        <label className="grid">
          <span className="label">Athlete</span>
          <select
            className="field min-w-48"
            value={who}
            onChange={(event) => {
              setWho(event.target.value);
              setSaved(null);
            }}
          >
            {people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <fieldset className="flex flex-wrap gap-x-5">
          <legend className="label">What goes along, beside aims and body lengths</legend>
          {(Object.keys(partNames) as (keyof HandedParts)[]).map((part) => (
            <label key={part} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-[var(--spruce)]"
                checked={parts[part]}
                onChange={(event) => {
                  setParts({ ...parts, [part]: event.target.checked });
                  // Health goes locked unless somebody says otherwise.
                  if (part === "health" && canLock())
                    setLock({ ...lock, on: event.target.checked });
                }}
              />
              {partNames[part]}
            </label>
          ))}
        </fieldset>
        <button
          type="button"
          className="press"
          disabled={!lockReady(lock)}
          onClick={() => void save()}
        >
          <Download size={16} aria-hidden="true" /> Save the file
        </button>
        {sharesFiles() ? (
          <button
            type="button"
            className="press"
            disabled={!lockReady(lock)}
            onClick={() => void share()}
          >
            <Share2 size={16} aria-hidden="true" /> Share it
          </button>
        ) : null}
      </div>
      <LockFields lock={lock} set={setLock} />
      {parts.log && parts.checks ? null : (
        <p className="mt-1 text-sm text-clay">
          Without log and checks, places stopped by pain are not known there.
        </p>
      )}
      {saved ? (
        <p role="status" className="mt-2 text-sm">
          The file of <bdi>{saved}</bdi> is in the downloads of this device.
        </p>
      ) : null}
    </section>
  );
}
