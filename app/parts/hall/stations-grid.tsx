import { RefreshCw } from "lucide-react";
import { clock, writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { drillOf, type Library } from "#core/content/library";
import type { HallMember } from "#core/hall/member";
import type { Hall } from "#core/records/records";
import { againstWords } from "#words/prep";
import { PosePicture } from "../figure/pose-picture";
import { shortNames } from "../words";

/** The stations with their kit, and round by round who is where. */
export function StationsGrid({
  hall,
  library,
  members,
  another,
}: {
  hall: Hall;
  library: Library;
  members: ReadonlyMap<string, HallMember>;
  another: ((drillId: string) => void) | null;
}) {
  const short = shortNames(hall.people);
  const nameOf = (id: string) =>
    short(hall.people.find(({ athleteId }) => athleteId === id)?.name ?? id);
  return (
    <>
      <ol className="mt-2 grid gap-x-6 border-t border-ink sm:grid-cols-2 lg:grid-cols-3">
        {hall.stations.map(({ id, drillId, most }, n) => {
          const drill = drillOf(library, drillId);
          if (!drill) return null;
          const rungs = hall.seats.filter(({ stationId }) => stationId === id);
          const kit = [...new Set(rungs.flatMap(({ rungId }) => rungOf(drill, rungId).kit))];
          return (
            <li
              key={id}
              className="grid grid-cols-[1.6rem_5.5rem_1fr_auto] items-center gap-x-2 border-b border-line py-1.5"
            >
              <span className="figures text-xl font-bold">{n + 1}</span>
              <PosePicture
                picture={rungOf(drill, rungs[0]?.rungId ?? "").picture}
                label=""
                small
                className="h-14 w-full"
              />
              <span>
                <span className="block font-display leading-tight font-bold">{drill.name}</span>
                <span className="text-sm text-muted">
                  {[kit.join(", "), `at most ${most}`].filter(Boolean).join(" · ")}
                </span>
              </span>
              {another ? (
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Another station instead of ${drill.name}`}
                  title="Another instead"
                  onClick={() => another(drill.id)}
                >
                  <RefreshCw size={15} />
                </button>
              ) : null}
            </li>
          );
        })}
      </ol>
      <div
        className="mt-4 overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label="Who is where in each round"
      >
        <table className="text-left">
          <thead>
            <tr className="border-b border-ink">
              <th className="label py-1 pr-4">Round</th>
              {hall.rounds.map(({ work }, round) => (
                <th key={round} className="figures px-2 py-1 text-sm">
                  {round + 1}
                  <span className="block text-xs font-normal text-muted">{clock(work)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {hall.people.map(({ athleteId, from, until }) => (
              <tr key={athleteId} className="border-b border-line">
                <th className="py-1 pr-4 font-display font-bold whitespace-nowrap">
                  {nameOf(athleteId)}
                </th>
                {hall.rounds.map((_, round) => {
                  const seat = hall.seats.find(
                    (one) => one.athleteId === athleteId && one.round === round,
                  );
                  const there = round >= from && (until === null || round <= until);
                  const at = seat && hall.stations.findIndex(({ id }) => id === seat.stationId);
                  const drill = seat && drillOf(library, hall.stations[at!]?.drillId ?? "");
                  const barred = members.get(athleteId)?.barred.get(round);
                  return (
                    <td
                      key={round}
                      className={`figures px-2 py-1 text-center ${barred ? "text-clay line-through" : ""}`}
                      title={
                        barred
                          ? againstWords(barred)
                          : seat && drill
                            ? `${drill.name}, ${rungOf(drill, seat.rungId).name.toLowerCase()}, ${writeDose(seat.dose)}`
                            : undefined
                      }
                    >
                      {seat ? at! + 1 : there ? <span className="text-muted">·</span> : "–"}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-1 text-sm text-muted">
          A figure is the station; · rests, or works on their own; – is not there.
        </p>
      </div>
    </>
  );
}
