import { rungOf, type Drill } from "#core/drill/drill";
import type { PrepItem, Run } from "#core/records/records";
import { shutFor } from "#core/run/shut";
import { membersNow } from "#core/run/members";
import { isShut } from "#core/run/shut";
import { againstWords } from "#words/prep";
import { FloorPanel } from "./floor-panel";
import type { RunDesk } from "./use-run";

/** Everybody of the group on the present drill: a rung up or down for one alone, not there, there again. */
export function PeoplePanel({
  run,
  desk,
  item,
  drill,
  close,
}: {
  run: Run;
  desk: RunDesk;
  item: PrepItem;
  drill: Drill;
  close: () => void;
}) {
  const { state, tell, library } = desk;
  return (
    <FloorPanel title={drill.name} close={close}>
      <ul className="mt-2">
        {membersNow(run, state.items).map((member) => {
          const { athleteId: who, name, parts } = member;
          const part = parts.find(({ itemId }) => itemId === item.id);
          const at = part?.rungId ? drill.rungs.indexOf(rungOf(drill, part.rungId)) : -1;
          const hurt = isShut(item, shutFor(state, member, library), library);
          const away = part?.reason?.why === "away";
          const climb = (by: 1 | -1) =>
            tell({
              type: "member",
              who,
              then: { is: "on-rung", itemId: item.id, rungId: drill.rungs[at + by]!.id },
            });
          return (
            <li
              key={who}
              className="grid grid-cols-[1fr_auto] items-center gap-x-3 gap-y-1 border-b border-line py-1.5"
            >
              <span className="leading-tight">
                <span className="block font-semibold">{name}</span>
                <span className={`text-sm ${at >= 0 && !hurt ? "text-muted" : "text-clay"}`}>
                  {hurt
                    ? "sits out: it hurt"
                    : at >= 0
                      ? drill.rungs[at]!.name.toLowerCase()
                      : `sits out: ${part?.reason ? againstWords(part.reason) : "no reason is known"}`}
                </span>
              </span>
              <span className="flex gap-1.5">
                {at >= 0 && !hurt ? (
                  <>
                    <Key label={`Easier for ${name}`} off={at === 0} press={() => climb(-1)}>
                      Easier
                    </Key>
                    <Key
                      label={`Harder for ${name}`}
                      off={at === drill.rungs.length - 1}
                      press={() => climb(1)}
                    >
                      Harder
                    </Key>
                  </>
                ) : null}
                <Key
                  label={away ? `${name} is back` : `${name} is not there`}
                  press={() =>
                    tell({
                      type: "member",
                      who,
                      then: { is: away ? "back" : "away", itemId: item.id },
                    })
                  }
                >
                  {away ? "Back" : "Away"}
                </Key>
              </span>
            </li>
          );
        })}
      </ul>
      <button type="button" className="press press-main mt-4 min-h-12" onClick={close}>
        Go on
      </button>
    </FloorPanel>
  );
}

function Key({
  label,
  press,
  off = false,
  children,
}: {
  label: string;
  press: () => void;
  off?: boolean;
  children: string;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      className="press min-h-12"
      disabled={off}
      onClick={press}
    >
      {children}
    </button>
  );
}
