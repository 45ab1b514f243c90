import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical } from "lucide-react";
import { useId, useState, type ReactNode } from "react";
import type { Drill } from "#core/drill/drill";

/** A line of a typed session that is carried to another place: by its handle, or Alt with the arrow keys. */
export function CarriedLine({
  row,
  name,
  carries,
  move,
  children,
}: {
  /** The line of the text that it stands on. */
  row: number;
  name: string;
  /** The first of its rounds has the handle. */
  carries: boolean;
  move: (from: number, to: number) => void;
  children: ReactNode;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: String(row),
    disabled: !carries,
  });
  return (
    <li
      ref={carries ? setNodeRef : undefined}
      style={carries ? { transform: CSS.Transform.toString(transform), transition } : undefined}
      className={`grid grid-cols-[1.5rem_1fr_auto] items-center gap-x-3 border-b border-line bg-raised py-0.5 ${isDragging ? "relative z-10 border-y border-ink" : ""}`}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
        event.preventDefault();
        move(row, row + (event.key === "ArrowUp" ? -1 : 1));
      }}
    >
      {carries ? (
        <button
          type="button"
          className="quiet !min-w-[24px] cursor-grab touch-none"
          {...attributes}
          {...listeners}
          aria-label={`Move ${name}: drag, or Alt with the arrow keys`}
        >
          <GripVertical size={16} />
        </button>
      ) : (
        <span />
      )}
      {children}
    </li>
  );
}

/** Puts a drill of the library at the end of the session: its name is typed, the rest is chosen. */
export function AddLine({
  drills,
  add,
}: {
  drills: readonly Drill[];
  add: (name: string) => void;
}) {
  const [typed, setTyped] = useState("");
  const list = useId();
  const known = drills.find(({ name }) => name.toLowerCase() === typed.trim().toLowerCase());
  const put = () => {
    if (typed.trim() === "") return;
    add(known?.name ?? typed.trim());
    setTyped("");
  };
  return (
    <p className="mt-2 flex items-end gap-2">
      <label className="grid flex-1">
        <span className="label">Add a drill</span>
        <input
          className="field w-full"
          list={list}
          value={typed}
          maxLength={120}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            put();
          }}
        />
      </label>
      <datalist id={list}>
        {drills.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
      <button type="button" className="press" disabled={typed.trim() === ""} onClick={put}>
        Add
      </button>
    </p>
  );
}
