import { secondsOf } from "#core/prep/timeline";
import type { RunState } from "#core/run/state";

/** The prep as a strip to scale; what is behind is lit, what was stopped is struck. */
export function RunStrip({ state }: { state: RunState }) {
  const { items, steps, at } = state;
  const total = Math.max(1, secondsOf(steps));
  const present = steps[at]?.item ?? items.length;
  return (
    <div
      className="flex gap-[3px]"
      role="img"
      aria-label={`Drill ${Math.min(present + 1, items.length)} of ${items.length}`}
    >
      {items.map((item, index) => {
        const own = steps.flatMap((step, i) => (step.item === index ? [{ step, i }] : []));
        const seconds = secondsOf(own.map(({ step }) => step));
        const passed =
          secondsOf(own.filter(({ i }) => i < at).map(({ step }) => step)) +
          (steps[at]?.item === index ? Math.min(state.into, steps[at].seconds) : 0);
        const ended = state.entries.findLast(({ itemId }) => itemId === item.id)?.ended ?? null;
        if (seconds === 0) return null;
        return (
          <div
            key={item.id}
            className="relative h-3.5 overflow-hidden bg-[#3a4142]"
            style={{ width: `${(100 * seconds) / total}%` }}
          >
            <div
              className={`h-full ${ended ? "bg-[#8d7f5a]" : "bg-[#e9d9a6]"}`}
              style={{ width: `${(100 * passed) / seconds}%` }}
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
