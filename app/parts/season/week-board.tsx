import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { Check, CircleSlash, Diamond, Flag } from "lucide-react";
import { useEffect, useRef } from "react";
import type { Slot } from "#core/records/training";
import type { DayMark, PrepOutcome } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { longDay, weekDay } from "#words/days";
import { dayEntries, movable, removable, type DayEntry } from "./day-entries";
import { slotFill } from "./slot-words";

type BoardProps = {
  view: AthleteView;
  days: readonly DayMark[];
  picked: string | null;
  pick: (key: string | null) => void;
  move: (slot: Slot, on: string, starts?: string) => void;
  /** Slots that break a rule. */
  broken: ReadonlySet<string>;
  /** A slot that was just moved keeps the keyboard. */
  follow: string | null;
  /** The day to come that the tape was pressed on. */
  looked: string | null;
  takeOut: (slot: Slot) => void;
  /** From where the slot is by now, so that quick presses of a key add up. */
  moveBy: (slot: Slot, by: { days?: number; minutes?: number }) => void;
};

/** The seven days side by side, or one below the other on a phone: what is trained, and what hangs on it. */
export function WeekBoard({
  view,
  days,
  picked,
  pick,
  move,
  broken,
  follow,
  looked,
  takeOut,
  moveBy,
}: BoardProps) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 6 } }),
  );
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={({ active, over }) => {
        const slot = view.season?.slots.find(({ id }) => id === active.id);
        if (slot && over && over.id !== slot.on) move(slot, String(over.id));
      }}
    >
      <ol
        className="mt-3 grid border-t border-ink sm:grid-cols-7"
        aria-label="The days of the week"
      >
        {days.map((mark) => (
          <Day
            key={mark.day}
            mark={mark}
            today={view.today}
            looked={mark.day === looked}
            entries={dayEntries(view, view.season, mark)}
            picked={picked}
            pick={pick}
            moveBy={moveBy}
            broken={broken}
            follow={follow}
            takeOut={(slot) => {
              if (removable(view, slot)) takeOut(slot);
            }}
          />
        ))}
      </ol>
    </DndContext>
  );
}

function Day({
  mark,
  today,
  looked,
  entries,
  ...rest
}: {
  mark: DayMark;
  today: string;
  looked: boolean;
  entries: DayEntry[];
} & Pick<BoardProps, "picked" | "pick" | "moveBy" | "broken" | "follow" | "takeOut">) {
  const { setNodeRef, isOver } = useDroppable({ id: mark.day, disabled: mark.day < today });
  const now = mark.day === today;
  return (
    <li
      ref={setNodeRef}
      aria-label={longDay(mark.day)}
      className={`grid grid-cols-[3.6rem_1fr] gap-x-2 border-b border-line px-1 py-1.5 sm:block sm:min-h-56 sm:border-b-0 sm:border-r sm:px-1.5 sm:last:border-r-0 ${isOver || looked ? "bg-tape/50" : now ? "bg-raised" : ""}`}
    >
      <p className="flex flex-wrap content-start items-baseline gap-x-1.5 text-sm sm:mb-1">
        <span className={`figures sm:whitespace-nowrap ${now ? "font-bold" : "text-muted"}`}>
          {weekDay(mark.day)}
        </span>
        {now ? <span className="label">today</span> : null}
        {mark.absence ? <i className="text-clay">{mark.absence.reason}</i> : null}
        {mark.aims.length > 0 ? (
          <Flag size={14} className="text-spruce" aria-label="the aim’s day" />
        ) : null}
        {mark.checks > 0 ? (
          <span className="inline-flex items-center gap-0.5 text-xs text-spruce">
            <Diamond size={10} fill="currentColor" aria-hidden="true" /> {mark.checks} checks
          </span>
        ) : null}
      </p>
      <ul className="grid content-start gap-1">
        {entries.map((entry) =>
          entry.slot && movable(entry.slot) && mark.day >= today ? (
            <Movable key={entry.key} entry={entry} slot={entry.slot} {...rest} />
          ) : (
            <li key={entry.key}>
              <Entry entry={entry} {...rest} />
            </li>
          ),
        )}
      </ul>
    </li>
  );
}

type EntryProps = { entry: DayEntry } & Pick<BoardProps, "picked" | "pick" | "broken" | "takeOut">;

function Movable({
  entry,
  slot,
  moveBy,
  follow,
  ...rest
}: EntryProps & { slot: Slot } & Pick<BoardProps, "moveBy" | "follow">) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: slot.id });
  const ref = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (follow === slot.id) ref.current?.querySelector("button")?.focus();
  }, [follow, slot.id, slot.on]);
  return (
    <li
      ref={(node) => {
        ref.current = node;
        setNodeRef(node);
      }}
      {...listeners}
      className={`cursor-grab touch-manipulation ${isDragging ? "relative z-20 opacity-90" : ""}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      onKeyDown={(event) => {
        if (!event.altKey) return;
        const days = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        const minutes = { ArrowUp: -15, ArrowDown: 15 }[event.key];
        if (days === undefined && minutes === undefined) return;
        event.preventDefault();
        moveBy(slot, days ? { days } : { minutes: minutes! });
      }}
    >
      <Entry entry={entry} {...rest} />
    </li>
  );
}

const outcomeWords: Partial<Record<PrepOutcome, string>> = {
  done: "done",
  partly: "partly done",
  missed: "missed",
  away: "away",
};

function Entry({ entry, picked, pick, broken, takeOut }: EntryProps) {
  const { slot, training, outcome, starts, minutes, short, full } = entry;
  const bad = slot !== null && broken.has(slot.id);
  const light = slot?.kind === "circles" || slot?.kind === "fillers";
  if (training)
    return (
      <p
        className="border-l-[3px] border-ink px-1.5 py-0.5 text-sm font-semibold"
        style={{ background: "var(--line)" }}
      >
        {short}
        {starts ? <span className="figures ml-1.5 font-normal">{starts}</span> : null}
      </p>
    );
  return (
    <button
      type="button"
      aria-pressed={picked === entry.key}
      onKeyDown={({ key, currentTarget }) => {
        if (key !== "Delete" || !slot) return;
        const buttons = [...(currentTarget.closest("ol")?.querySelectorAll("button") ?? [])];
        buttons[buttons.indexOf(currentTarget) + 1]?.focus();
        takeOut(slot);
      }}
      onClick={() => pick(picked === entry.key ? null : entry.key)}
      className={`relative flex min-h-8 w-full items-center gap-1.5 border px-1.5 py-0.5 text-left text-sm leading-tight ${bad ? "border-2 border-clay" : light ? "border-dotted border-hair" : slot?.kind === "check" ? "border-spruce" : "border-ink"} ${picked === entry.key ? "outline-2 outline-offset-1 outline-spruce" : ""} ${outcome === "missed" || outcome === "away" ? "border-dashed text-muted" : ""}`}
      style={{
        background:
          outcome === "missed" ? "transparent" : slot ? slotFill[slot.kind] : "transparent",
      }}
    >
      <span className="sr-only">{`${full}${starts ? ` at ${starts}` : ""}, ${minutes} minutes${outcome && outcomeWords[outcome] ? `, ${outcomeWords[outcome]}` : ""}${slot?.pinned && slot.kind !== "check" ? ", put here by hand" : ""}${bad ? ", breaks a rule" : ""}`}</span>
      <OutcomeMark outcome={outcome} check={slot?.kind === "check"} />
      <span aria-hidden="true" className="flex min-w-0 flex-1 justify-between gap-x-2 sm:block">
        <span className="block break-words">{short}</span>
        <span className="figures block whitespace-nowrap text-xs max-sm:self-center">
          {starts ?? ""} {minutes}′{slot?.pinned && slot.kind !== "check" ? " ⚲" : ""}
        </span>
      </span>
    </button>
  );
}

function OutcomeMark({ outcome, check }: { outcome: PrepOutcome | null; check: boolean }) {
  if (check) return <Diamond size={12} className="shrink-0 text-spruce" aria-hidden="true" />;
  if (outcome === "done" || outcome === "partly")
    return (
      <Check
        size={14}
        strokeWidth={outcome === "done" ? 3 : 1.5}
        className="shrink-0"
        aria-hidden="true"
      />
    );
  if (outcome === "missed")
    return <CircleSlash size={13} className="shrink-0" aria-hidden="true" />;
  return null;
}
