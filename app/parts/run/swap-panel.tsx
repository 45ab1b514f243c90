import type { PlanRequest } from "#core/prep/plan";
import type { PrepItem } from "#core/records/records";
import { SwapList } from "../prep/swap-list";
import { FloorPanel } from "./floor-panel";

/** Another drill in the place of the present one. */
export function SwapPanel({
  items,
  index,
  request,
  close,
  swap,
}: {
  items: readonly PrepItem[];
  index: number;
  request: PlanRequest;
  close: () => void;
  swap: (item: PrepItem) => void;
}) {
  return (
    <FloorPanel title="What instead?" close={close}>
      <div className="mt-3">
        <SwapList items={items} index={index} request={request} swap={swap} />
      </div>
      <p className="mt-3">
        <button type="button" className="press" onClick={close}>
          Keep it
        </button>
      </p>
    </FloorPanel>
  );
}
