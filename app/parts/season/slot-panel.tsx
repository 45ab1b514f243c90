import { placeOf } from "#core/records/places";
import { ArrowLeft, ArrowRight, Pin, PinOff } from "lucide-react";
import { Link } from "react-router";
import { skillOf } from "#core/content/library";
import { plusDays } from "#core/dates/days";
import { movable, removable } from "./day-entries";
import type { Slot } from "#core/records/training";
import type { PlanBreach } from "#core/schedule/plan-rules";
import type { AthleteView } from "../../view";
import { longDay, weekDay } from "#words/days";
import { planBreachWords } from "#words/season";
import { slotName, jointWords } from "#words/slots";

/** What was pressed in the week: what it is and why it is there, and the ways to move it without dragging. */
export function SlotPanel({
  view,
  slot,
  breaches,
  move,
  letGo,
  takeOut,
}: {
  view: AthleteView;
  slot: Slot;
  breaches: readonly PlanBreach[];
  move: (on: string, starts?: string) => void;
  letGo: () => void;
  takeOut: () => void;
}) {
  const aim = view.aims.find(({ id }) => id === slot.aimId);
  const skill = aim ? skillOf(view.library, aim.skillId) : null;
  const place = placeOf(view.places, slot.placeId);
  const free = movable(slot) && slot.on >= view.today;
  return (
    <section
      aria-label={`${slotName(slot)}, ${longDay(slot.on)}`}
      className="mt-2 border-l-4 border-spruce bg-raised px-4 py-2"
    >
      <p>
        <b className="inline-block first-letter:uppercase">{slotName(slot)}</b>, {longDay(slot.on)}{" "}
        at <span className="figures">{slot.starts}</span>, {slot.minutes} min
        {place ? `, ${place.name}` : ""}
        {skill ? `; for the ${skill.name.toLowerCase()}` : ""}. {why(slot)}
        {slot.movedFrom ? ` Moved from ${weekDay(slot.movedFrom)}.` : ""}
      </p>
      {breaches.map(planBreachWords).map((says) => (
        <p key={says} className="text-clay">
          {says}
        </p>
      ))}
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        {free ? (
          <>
            <button
              type="button"
              className="press"
              disabled={slot.on <= view.today}
              onClick={() => move(plusDays(slot.on, -1))}
            >
              <ArrowLeft size={15} /> {weekDay(plusDays(slot.on, -1))}
            </button>
            <button type="button" className="press" onClick={() => move(plusDays(slot.on, 1))}>
              {weekDay(plusDays(slot.on, 1))} <ArrowRight size={15} />
            </button>
            <label className="flex items-center gap-2">
              <span className="label">at</span>
              <input
                key={slot.starts}
                type="time"
                className="field w-28"
                defaultValue={slot.starts}
                onBlur={(event) => {
                  if (event.target.value && event.target.value !== slot.starts)
                    move(slot.on, event.target.value);
                }}
              />
            </label>
          </>
        ) : null}
        {removable(view, slot) ? (
          <button type="button" className="underlined" onClick={takeOut}>
            Take it out
          </button>
        ) : null}
        {slot.kind !== "check" && slot.pinned ? (
          <button type="button" className="underlined" onClick={letGo}>
            <PinOff size={14} className="inline" /> Let it be placed again
          </button>
        ) : null}
        {slot.kind === "check" && slot.on === view.today ? (
          <Link className="underlined" to={`/at/${view.athlete.id}/check`}>
            Measure now
          </Link>
        ) : null}
        {slot.on >= view.today && slot.kind !== "check" ? (
          <Link
            className="underlined"
            to={`/at/${view.athlete.id}/prep?prep=${slot.id}${slot.on > view.today ? `&day=${slot.on}` : ""}`}
          >
            Plan it drill by drill
          </Link>
        ) : null}
        {slot.pinned && slot.kind !== "check" ? (
          <span className="text-muted">
            <Pin size={13} className="inline" /> put here by hand
          </span>
        ) : null}
      </div>
    </section>
  );
}

/** Why a kind of slot is where it is. */
function why({ kind, focus }: Slot): string {
  switch (kind) {
    case "warm-up":
      return "It hangs on the training and ends when that begins.";
    case "issue":
      return "Before the warm-up, for the flagged joint.";
    case "circles":
      return "Slow circles of every joint, each morning; not counted.";
    case "fillers":
      return "Between the work sets of the training; not counted.";
    case "conditioning":
      return "Strength and endurance, with a day of rest between sets.";
    case "check":
      return "The day on which a change can next be told from the error.";
    case "mobility":
      return focus
        ? `The long stretches of the ${jointWords(focus)}: none on the day before or after.`
        : "";
  }
}
