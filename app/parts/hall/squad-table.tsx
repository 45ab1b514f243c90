import { Link } from "react-router";
import { motionOf, type MotionId } from "#core/body/motions";
import type { SquadColumn } from "#core/hall/squad";
import type { Athlete } from "#core/records/athlete";
import { MarginMark, readingsOf } from "../margin-mark/margin-mark";

type Named = Pick<Athlete, "id" | "name">;

/** Athletes × motions of their aims as margin marks; a motion's head puts who is shortest first. */
export function SquadTable({
  people,
  columns,
  read,
  sort,
  setSort,
}: {
  people: readonly Named[];
  columns: readonly SquadColumn[];
  /** Whose record was read already. */
  read: ReadonlySet<string>;
  sort: string | null;
  setSort: (key: string | null) => void;
}) {
  const both = askedBothWays(columns);
  return (
    <div
      className="overflow-auto border-y border-ink"
      tabIndex={0}
      role="region"
      aria-label="Squad and joints"
    >
      <table className="text-left">
        <thead>
          <tr className="align-bottom">
            <th className="label sticky left-0 z-10 min-w-36 bg-paper py-2 pr-4">
              <button type="button" className="underlined" onClick={() => setSort(null)}>
                Athlete
              </button>
            </th>
            {columns.map(({ key, motion, mode, by, gaps }) => (
              <th
                key={key}
                className="min-w-[8.8rem] border-l border-line px-2 py-2 font-normal"
                aria-sort={sort === key ? "ascending" : undefined}
              >
                <button
                  type="button"
                  className="text-left leading-tight"
                  onClick={() => setSort(sort === key ? null : key)}
                  title="Shortest first"
                >
                  <span
                    className={`block font-display font-bold ${sort === key ? "underline" : ""}`}
                  >
                    {motionOf(motion).name}
                    {both.has(motion) ? <span className="font-normal">, {mode}</span> : null}
                  </span>
                  <span className={`text-sm ${by.short.length > 0 ? "text-clay" : "text-muted"}`}>
                    {by.short.length} of {gaps.size} short
                  </span>
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map(({ id, name }) => (
            <tr key={id} className="border-t border-line">
              <th className="sticky left-0 z-10 bg-paper py-1 pr-4 font-display font-bold">
                <Link to={`/at/${id}/gap`} className="hover:underline">
                  {name}
                </Link>
              </th>
              {columns.map(({ key, gaps }) => {
                const gap = gaps.get(id);
                return (
                  <td key={key} className="border-l border-line px-2 py-1">
                    {gap ? (
                      gap.verdict === "unknown" ? (
                        <span className="text-sm text-muted">not measured</span>
                      ) : (
                        <MarginMark readings={readingsOf(gap)} width={124} height={34} span={30} />
                      )
                    ) : (
                      <span className="text-muted">{read.has(id) ? "" : "…"}</span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Motions that are asked passive and active: their columns say which. */
const askedBothWays = (columns: readonly SquadColumn[]): Set<MotionId> =>
  new Set(
    columns
      .filter(({ motion, key }) =>
        columns.some((other) => other.motion === motion && other.key !== key),
      )
      .map(({ motion }) => motion),
  );
