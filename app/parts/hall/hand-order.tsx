import { closestCenter, DndContext } from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical } from "lucide-react";
import type { Athlete } from "#core/records/athlete";
import { useAct } from "../use-act";
import { useCarrying } from "../use-carrying";

type Named = Pick<Athlete, "id" | "name">;

/** The order by hand: names that are dragged, or carried by the keyboard. */
export function HandOrder({ people }: { people: readonly Named[] }) {
  const { act } = useAct("/?index");
  const sensors = useCarrying();
  const ids = people.map(({ id }) => id);
  return (
    <details className="text-sm open:w-full">
      <summary className="inline-flex min-h-9 items-center text-muted">put in order</summary>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (!over || over.id === active.id) return;
          const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over.id))];
          act("order-athletes", { by: "hand", hand: arrayMove(ids, from, to) });
        }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol className="max-w-sm border-t border-line">
            {people.map((one) => (
              <HandRow key={one.id} {...one} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </details>
  );
}

function HandRow({ id, name }: Named) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="flex items-center gap-2 border-b border-line bg-paper"
    >
      <button
        type="button"
        className="quiet cursor-grab touch-none"
        aria-label={`Move ${name}`}
        {...attributes}
        {...listeners}
      >
        <GripVertical size={15} aria-hidden="true" />
      </button>
      {name}
    </li>
  );
}
