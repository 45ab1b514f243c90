import { useState } from "react";
import { Link } from "react-router";
import { proposedGroups } from "#core/hall/propose";
import type { SquadRow } from "#core/hall/squad";
import { proposedPlaceWords, proposedGroupWords } from "#words/hall";
import type { HallView } from "../../hall";

/** Groups for today, by what is short, the kit and the places. */
export function Proposal({ hall, rows }: { hall: HallView; rows: readonly SquadRow[] }) {
  const [most, setMost] = useState(2);
  const { group, places, library } = hall;
  const where = group?.placeId ? places.filter(({ id }) => id === group.placeId) : places;
  const proposed = proposedGroups(rows, { most, places: where, library });
  const nameOf = (id: string) => hall.people.find(({ athlete }) => athlete.id === id)?.athlete.name;
  if (proposed.every(({ joint }) => joint === null)) return null;
  return (
    <section className="mt-6">
      <div className="flex flex-wrap items-end gap-x-6">
        <h2 className="text-xl">Groups for today</h2>
        <label className="flex items-center gap-2 text-sm">
          at most
          <select
            className="field !min-h-9"
            value={most}
            onChange={(event) => setMost(Number(event.target.value))}
          >
            {[1, 2, 3, 4, 5, 6].map((count) => (
              <option key={count}>{count}</option>
            ))}
          </select>
        </label>
      </div>
      <ul className="mt-1 border-t border-line">
        {proposed.map(({ joint, motions, members, placeId, drills }) => (
          <li
            key={joint ?? "none"}
            className="grid items-center gap-x-6 gap-y-1 border-b border-line py-2 sm:grid-cols-[18rem_1fr_auto]"
          >
            <span>
              <span className="block font-semibold">{proposedGroupWords({ joint, motions })}</span>
              <span className="text-sm text-muted">
                {joint
                  ? proposedPlaceWords(
                      drills,
                      places.find(({ id }) => id === placeId)?.name ?? null,
                    )
                  : ""}
              </span>
            </span>
            <span>{members.map(nameOf).join(", ")}</span>
            <Link
              className="press"
              to={`/hall/${hall.id}/session?who=${members.join(",")}${placeId ? `&place=${placeId}` : ""}`}
            >
              Session for {members.length}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
