import { useMemo } from "react";
import { drillOf } from "#core/content/library";
import { writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { alternativesTo } from "#core/prep/alternatives";
import type { PlanRequest } from "#core/prep/plan";
import type { PrepItem } from "#core/records/records";
import { swapWords } from "#words/swap";
import { PictureBeside } from "../figure/picture-beside";

/** What could stand in a drill's place, and what each swap costs in worth and seconds. */
export function SwapList({
  items,
  index,
  request,
  swap,
}: {
  items: readonly PrepItem[];
  index: number;
  request: PlanRequest;
  swap: (item: PrepItem) => void;
}) {
  const options = useMemo(() => alternativesTo(items, index, request), [items, index, request]);
  if (options.length === 0)
    return <p className="text-sm text-muted">Nothing else of this phase serves the needs here.</p>;
  return (
    <ul className="grid gap-x-4 sm:grid-cols-2">
      {options.map(({ item, worth, seconds }) => {
        const drill = drillOf(request.library, item.drillId)!;
        const rung = rungOf(drill, item.rungId);
        return (
          <li key={item.drillId}>
            <button
              type="button"
              className="grid min-h-12 w-full grid-cols-[4.5rem_1fr] items-center gap-2 border-b border-line py-1 text-left hover:bg-paper"
              onClick={() => swap(item)}
            >
              <PictureBeside picture={rung.picture} label="" small className="h-9 w-full" />
              <span className="text-sm leading-tight">
                <b>{drill.name}</b>
                <span className="block text-muted">
                  {writeDose(item.dose)} · {swapWords(worth, seconds)}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
