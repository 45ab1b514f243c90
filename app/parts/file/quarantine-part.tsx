import { presentNotebook } from "../../storage/open";
import type { Quarantined } from "../../storage/notebook";
import { download } from "../download";

/** Records that could not be read: shown, to be saved, and only then let go. */
export function QuarantinePart({ quarantined }: { quarantined: readonly Quarantined[] }) {
  if (quarantined.length === 0) return null;
  return (
    <section id="quarantine" className="mt-8 border-l-4 border-clay pl-4">
      <h2 className="text-2xl">Set aside</h2>
      <p className="text-muted">
        These records could not be read and take no part in anything. They are kept until you let
        them go.
      </p>
      <ul className="mt-2 text-sm">
        {quarantined.map(({ key, why, found }) => (
          <li key={key} className="border-b border-line py-1">
            <b>{key.split("@")[0]}</b> <span className="text-muted">{why}</span>
            <details>
              <summary>what was found</summary>
              <pre className="figures max-h-40 overflow-auto text-xs">
                {JSON.stringify(found, null, 1)}
              </pre>
            </details>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex gap-3">
        <button
          type="button"
          className="press"
          onClick={() =>
            download(
              "yearling-set-aside.json",
              JSON.stringify(quarantined, null, 1),
              "application/json",
            )
          }
        >
          Save them to a file
        </button>
        <button
          type="button"
          className="press"
          onClick={() => void presentNotebook()?.notebook.emptyQuarantine()}
        >
          Let them go
        </button>
      </p>
    </section>
  );
}
