import { drillOf, type Library } from "#core/library";
import { phases, type Phase } from "#core/drill/drill";
import type { PrepItem } from "#core/exchange/records";
import { clock } from "#core/drill/dose";
import { secondsOf, timelineOf } from "#core/prep/timeline";

/** The seconds of each item, the transition before it included. */
export function itemSpans(
  items: readonly PrepItem[],
  library: Library,
): { item: PrepItem; from: number; seconds: number }[] {
  const steps = timelineOf(items, library);
  let from = 0;
  return items.map((item, index) => {
    const seconds = secondsOf(steps.filter((step) => step.item === index));
    from += seconds;
    return { item, from: from - seconds, seconds };
  });
}

const tone: Record<Phase, string> = {
  raise: "var(--phase-raise)",
  loosen: "var(--phase-loosen)",
  open: "var(--phase-open)",
  own: "var(--phase-own)",
  use: "var(--phase-use)",
  settle: "var(--phase-settle)",
};

/** The session to scale: each drill as long as it takes, under its phase, over a rule of minutes. */
export function PrepStrip({
  items,
  library,
  budget,
  picked,
  pick,
}: {
  items: readonly PrepItem[];
  library: Library;
  budget: number;
  picked: string | null;
  pick: (id: string) => void;
}) {
  const spans = itemSpans(items, library);
  const total = Math.max(
    budget,
    spans.reduce((sum, span) => sum + span.seconds, 0),
  );
  const share = (seconds: number) => `${(100 * seconds) / total}%`;
  const named = phases.flatMap((phase) => {
    const first = spans.find(({ item }) => item.phase === phase);
    return first ? [{ phase, from: first.from }] : [];
  });
  const every = total > 2400 ? 600 : total > 900 ? 300 : total > 420 ? 180 : 60;
  return (
    <div className="print:break-inside-avoid">
      <div className="relative h-6 text-sm font-semibold" aria-hidden="true">
        {named.map(({ phase, from }) => (
          <span key={phase} className="absolute font-display" style={{ left: share(from) }}>
            {phase}
          </span>
        ))}
      </div>
      <div className="flex h-9 border border-ink">
        {spans.map(({ item, seconds }) => (
          <button
            key={item.id}
            type="button"
            onClick={() => pick(item.id)}
            style={{ width: share(seconds), background: tone[item.phase] }}
            className={`h-full min-w-0 border-r border-ink last:border-r-0 ${picked === item.id ? "outline-2 -outline-offset-4 outline-[var(--clay)]" : ""}`}
            aria-label={`${drillOf(library, item.drillId)?.name ?? item.drillId}, ${clock(seconds)}`}
          />
        ))}
      </div>
      <div className="relative h-5" aria-hidden="true">
        {Array.from({ length: Math.floor(total / 60) + 1 }, (_, minute) => (
          <span
            key={minute}
            className="absolute top-0 w-px bg-ink"
            style={{
              left: `min(calc(100% - 1px), ${share(minute * 60)})`,
              height: (minute * 60) % every === 0 ? 7 : 4,
            }}
          />
        ))}
        {Array.from({ length: Math.floor(total / every) + 1 }, (_, i) => (
          <span
            key={i}
            className={`figures absolute top-1.5 text-xs ${i === 0 ? "" : i * every >= total - 30 ? "-translate-x-full" : "-translate-x-1/2"}`}
            style={{ left: share(i * every) }}
          >
            {clock(i * every)}
          </span>
        ))}
      </div>
    </div>
  );
}
