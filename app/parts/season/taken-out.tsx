import { mondayOf } from "#core/dates/days";
import { slotWords } from "#words/slots";
import type { Season } from "#core/records/training";
import { weekDay } from "#words/days";

/** What was taken out of the shown week by hand, each with its way back. */
export function TakenOut({
  season,
  monday,
  today,
  putBack,
}: {
  season: Season;
  monday: string;
  today: string;
  putBack: (mark: Season["out"][number]) => void;
}) {
  const own = season.out.filter(({ on }) => on >= today && mondayOf(on) === monday);
  if (own.length === 0) return null;
  return (
    <p className="no-print mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
      <span className="label">Taken out</span>
      {own.map((mark) => (
        <span key={`${mark.on}-${mark.kind}-${mark.starts}`}>
          {slotWords[mark.kind]}, {weekDay(mark.on)}{" "}
          <button type="button" className="underlined" onClick={() => putBack(mark)}>
            Put it back
            <span className="sr-only">
              : {slotWords[mark.kind]}, {weekDay(mark.on)}
            </span>
          </button>
        </span>
      ))}
    </p>
  );
}
