import { useMemo } from "react";
import { emptyParts } from "#core/prep/empty-parts";
import type { PlanRequest } from "#core/prep/plan";
import type { Prep } from "#core/records/records";
import type { DoAct } from "../use-act";

/** Parts of the session in which nothing stands, each with what may be put there. */
export function EmptyPartLines({
  prep,
  request,
  act,
}: {
  prep: Prep;
  request: PlanRequest;
  act: DoAct;
}) {
  const empty = useMemo(() => emptyParts(prep.items, request), [prep.items, request]);
  if (empty.length === 0) return null;
  return (
    <ul className="no-print text-sm" aria-label="Empty parts">
      {empty.map(({ name, fillers }) => (
        <li key={name} className="flex flex-wrap items-center gap-x-3">
          Nothing stands in “{name}”{fillers.length === 0 ? ", and nothing here may." : "."}
          {fillers.length > 0 ? (
            <label className="flex items-center gap-2">
              <span className="sr-only">Put into {name}</span>
              <select
                className="field !min-h-9 max-w-60 sm:!min-h-7 sm:!py-0"
                value=""
                onChange={(event) =>
                  act("add-drill", { prep, drillId: event.target.value, part: name })
                }
              >
                <option value="">put in …</option>
                {fillers.map(({ id, name: drill }) => (
                  <option key={id} value={id}>
                    {drill}
                  </option>
                ))}
              </select>
            </label>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
