import { weakestPart, withWeakest } from "#core/prep/weakest-part";
import type { PrepItem } from "#core/records/records";
import type { AthleteView } from "../../view";

/** The part that was weakest last time, and one press that gives it a set more. Nothing is drawn where none is behind. */
export function WeakestLine({
  item,
  view,
  editable,
  take,
}: {
  item: PrepItem;
  view: AthleteView;
  editable: boolean;
  take: (item: PrepItem) => void;
}) {
  const weakest = weakestPart(view.logs, item.drillId, item.labels, view.day);
  if (!weakest) return null;
  const next = withWeakest(item, weakest);
  return (
    <p className="text-sm">
      Weakest last time: {weakest.label}, {weakest.done} of {weakest.best}.{" "}
      {editable && next !== item ? (
        <button type="button" className="underlined no-print" onClick={() => take(next)}>
          Once more of it
        </button>
      ) : null}
    </p>
  );
}
