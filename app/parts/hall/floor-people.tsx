import type { Hall } from "#core/records/records";
import type { HallView } from "../../hall";
import { FloorPanel } from "../run/floor-panel";
import { useAct } from "../use-act";

/** Who is there: late, gone, back, or somebody who was not planned for. Who is where is laid anew from the next round on. */
export function FloorPeople({
  view,
  hall,
  round,
  close,
}: {
  view: HallView;
  hall: Hall;
  round: number;
  close: () => void;
}) {
  const { act } = useAct();
  const next = round + 1;
  const set = (athleteId: string, from: number, until: number | null) =>
    act("change-floor", {
      id: hall.id,
      round,
      change: { do: "person", athleteId, from, until },
    });
  const others = view.everybody.filter(
    ({ id }) => !hall.people.some(({ athleteId }) => athleteId === id),
  );
  return (
    <FloorPanel title="Who is there" close={close}>
      <ul className="mt-2">
        {hall.people.map(({ athleteId, name, from, until }) => {
          const gone = until !== null && until < next;
          const late = from > next;
          return (
            <li
              key={athleteId}
              className="flex flex-wrap items-center gap-x-3 border-b border-line py-1"
            >
              <span className="w-48 font-semibold">{name}</span>
              <span className="text-sm text-muted">
                {gone ? "gone" : late ? `from round ${from + 1}` : ""}
              </span>
              <button
                type="button"
                className="press ml-auto min-h-11"
                onClick={() =>
                  set(
                    athleteId,
                    gone || late ? Math.min(from, next) : from,
                    gone || late ? null : round,
                  )
                }
              >
                {gone ? "Back" : late ? "Here now" : round < 0 ? "Not there" : "Gone"}
              </button>
              {!gone && !late && round < hall.rounds.length - 2 ? (
                <button
                  type="button"
                  className="press min-h-11"
                  onClick={() => set(athleteId, next + 1, null)}
                >
                  A round late
                </button>
              ) : null}
            </li>
          );
        })}
      </ul>
      {others.length > 0 ? (
        <label className="mt-3 grid">
          <span className="label">Somebody else comes</span>
          <select
            className="field min-h-12"
            value=""
            onChange={(event) =>
              event.target.value && set(event.target.value, Math.max(0, next), null)
            }
          >
            <option value="">choose</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      <button type="button" className="press press-main mt-4 min-h-12" onClick={close}>
        Go on
      </button>
    </FloorPanel>
  );
}
