import type { PrepItem } from "#core/exchange/records";
import { secondsOf } from "#core/prep/timeline";
import type { RunState } from "#core/run/run";

/** The prep as a strip to scale; what is behind is lit, what was stopped is struck. */
export function RunStrip({ state, items }: { state: RunState; items: readonly PrepItem[] }) {
  const total = Math.max(1, secondsOf(state.steps));
  const present = state.steps[state.at]?.item ?? items.length;
  return (
    <div
      className="flex gap-[3px]"
      role="img"
      aria-label={`Drill ${Math.min(present + 1, items.length)} of ${items.length}`}
    >
      {items.map((item, index) => {
        const steps = state.steps.filter((step) => step.item === index);
        const seconds = secondsOf(steps);
        const first = state.steps.findIndex((step) => step.item === index);
        const passed =
          index < present
            ? seconds
            : index > present
              ? 0
              : secondsOf(state.steps.slice(first, state.at)) + state.into;
        const { ended } = state.items[index]!;
        return (
          <div
            key={item.id}
            className="relative h-3.5 overflow-hidden bg-[#3a4142]"
            style={{ width: `${(100 * seconds) / total}%` }}
          >
            <div
              className={`h-full ${ended ? "bg-[#8d7f5a]" : "bg-[#e9d9a6]"}`}
              style={{ width: `${seconds > 0 ? (100 * passed) / seconds : 0}%` }}
            />
            {ended === "stopped" ? (
              <div className="absolute inset-x-0 top-1/2 h-0.5 bg-[#e0764a]" />
            ) : null}
          </div>
        );
      })}
    </div>
  );
}
