import { Download } from "lucide-react";
import { useMemo, useState } from "react";
import { motionOf } from "#core/body/motions";
import { sortedBy, squadOf } from "#core/hall/squad";
import { squadCsv } from "#core/hall/squad-csv";
import { sharedWords } from "#words/hall";
import { performSent } from "../acts/perform";
import { hallView } from "../hall";
import { NobodyHere } from "../parts/hall/nobody";
import { download } from "../parts/download";
import { Proposal } from "../parts/hall/proposal";
import { SquadTable } from "../parts/hall/squad-table";
import { reader, useReader } from "../parts/use-readings";
import type { Route } from "./+types/hall-table";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => hallView(params.groupId);
export const clientAction = ({ request }: Route.ClientActionArgs) => performSent(request);

const gapsOf = reader((view) => view.allGaps);

/** The squad's table: who is short of what, what they share, and who could train together today. */
export default function HallTable({ loaderData: hall }: Route.ComponentProps) {
  const { people } = hall;
  const [sort, setSort] = useState<string | null>(null);
  const [only, setOnly] = useState("");
  const readings = useReader(
    gapsOf,
    people.map(({ athlete, state }) => ({ athleteId: athlete.id, state })),
  );
  const rows = useMemo(
    () =>
      people.map(({ athlete }) => ({
        athleteId: athlete.id,
        athlete,
        gaps: readings.get(athlete.id) ?? [],
      })),
    [people, readings],
  );
  const columns = useMemo(() => squadOf(rows), [rows]);
  const filter = columns.find(({ key }) => key === only);
  const by = columns.find(({ key }) => key === sort);
  const kept = filter ? rows.filter(({ athleteId }) => filter.by.short.includes(athleteId)) : rows;
  const shown = by ? sortedBy(kept, by) : kept;
  const missing = people.length - readings.size;
  if (people.length === 0) return <NobodyHere groupId={hall.id} />;
  return (
    <>
      <p role="status" className="text-lg">
        {missing > 0
          ? `Reading the records: ${readings.size} of ${people.length} …`
          : columns.length === 0
            ? "Nobody here has an aim: give them one under “Group”."
            : sharedWords(columns, people.length)}
      </p>
      {columns.length > 0 ? (
        <>
          <div className="mt-2 mb-2 flex flex-wrap items-end gap-4">
            <label className="flex items-center gap-2 text-sm">
              Only who is short of
              <select
                className="field !min-h-9"
                value={only}
                onChange={(event) => setOnly(event.target.value)}
              >
                <option value="">anything or nothing</option>
                {columns
                  .filter(({ by: { short } }) => short.length > 0)
                  .map(({ key, motion, mode, by: { short } }) => (
                    <option key={key} value={key}>
                      {motionOf(motion).name.toLowerCase()}, {mode} ({short.length})
                    </option>
                  ))}
              </select>
            </label>
            <button
              type="button"
              className="quiet underlined"
              onClick={() =>
                download(
                  "squad",
                  squadCsv(
                    shown.map(({ athlete }) => athlete),
                    columns,
                  ),
                  hall.name,
                )
              }
            >
              <Download size={15} aria-hidden="true" /> Table (.csv)
            </button>
          </div>
          <SquadTable
            people={shown.map(({ athlete }) => athlete)}
            columns={columns}
            read={new Set(readings.keys())}
            sort={sort}
            setSort={setSort}
          />
          {missing === 0 ? <Proposal hall={hall} rows={rows} /> : null}
        </>
      ) : null}
    </>
  );
}
