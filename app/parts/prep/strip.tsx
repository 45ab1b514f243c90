import { partWords } from "#words/drill-way";
import type { Segment } from "#core/content/format";
import { drillOf, type Library } from "#core/content/library";
import { atRung, rungOf, type Phase, type Position } from "#core/drill/drill";
import type { PrepItem } from "#core/records/records";
import { clock } from "#core/drill/dose";
import { secondsOf, timelineOf, type Step } from "#core/prep/timeline";
import type { LeftRight } from "#core/body/side";
import { notch } from "../words";

export type Span = { item: PrepItem; from: number; seconds: number; parts: Part[] };
/** A stretch inside a drill: getting there, or work on one side. */
export type Part = { side: LeftRight | null; working: boolean; seconds: number };

/** The seconds of each item, the transition before it included. */
export function itemSpans(items: readonly PrepItem[], library: Library): Span[] {
  const steps = timelineOf(items, library);
  let from = 0;
  return items.map((item, index) => {
    const own = steps.filter((step) => step.item === index);
    const seconds = secondsOf(own);
    from += seconds;
    return { item, from: from - seconds, seconds, parts: partsOf(own) };
  });
}

/** Steps of an item joined to its sides: what belongs to a side stays together, rests included. */
function partsOf(steps: readonly Step[]): Part[] {
  const parts: Part[] = [];
  for (const { kind, side, seconds } of steps) {
    const working = !["transition", "set-up", "side-change", "breath"].includes(kind);
    const last = parts.at(-1);
    if (last && last.side === side && last.working === working) last.seconds += seconds;
    else parts.push({ side, working, seconds });
  }
  return parts;
}

export const phaseTone: Record<Phase, string> = {
  raise: "var(--phase-raise)",
  loosen: "var(--phase-loosen)",
  open: "var(--phase-open)",
  own: "var(--phase-own)",
  use: "var(--phase-use)",
  settle: "var(--phase-settle)",
};

type Run = { name: string; from: number; seconds: number };

/** Neighbours of one name joined to one stretch. */
function runs(spans: readonly Span[], nameOf: (item: PrepItem) => string): Run[] {
  const found: Run[] = [];
  for (const { item, from, seconds } of spans) {
    const name = nameOf(item);
    const last = found.at(-1);
    if (last && last.name === name) last.seconds += seconds;
    else found.push({ name, from, seconds });
  }
  return found;
}

/** The session to scale: each drill as long as it takes, its sides beside one another, under its phase, over its position and a rule of minutes. */
export function PrepStrip({
  items,
  library,
  budget,
  handOver,
  notes,
  picked,
  pick,
}: {
  items: readonly PrepItem[];
  library: Library;
  budget: number;
  handOver: number;
  /** The parts of the format, for what each is for. */
  notes: readonly Pick<Segment, "name" | "note">[];
  picked: string | null;
  pick: (id: string) => void;
}) {
  const spans = itemSpans(items, library);
  const worked = spans.reduce((sum, span) => sum + span.seconds, 0);
  const total = Math.max(budget, worked + handOver);
  const share = (seconds: number) => `${(100 * seconds) / total}%`;
  const positionOf = ({ drillId, rungId }: PrepItem): Position | "" => {
    const drill = drillOf(library, drillId);
    return drill ? atRung(drill, rungOf(drill, rungId)).position : "";
  };
  const named = runs(spans, (item) => partWords(item.segment || item.phase));
  const places = runs(spans, positionOf);
  const every = total > 2400 ? 600 : total > 900 ? 300 : total > 420 ? 180 : 60;
  return (
    <div className="print:break-inside-avoid">
      <div className="relative h-5 text-sm leading-5 font-semibold" aria-hidden="true">
        {named.map(({ name, from, seconds }) => (
          <span
            key={`${name}${from}`}
            className="absolute truncate font-display"
            title={[name, notes.find((part) => part.name === name)?.note]
              .filter(Boolean)
              .join(": ")}
            style={{ left: share(from), width: `calc(${share(seconds)} - 4px)` }}
          >
            {seconds / total > 0.045 ? name : ""}
          </span>
        ))}
      </div>
      <div className="flex h-9 border border-ink">
        {spans.map(({ item, seconds, parts }) => (
          <button
            key={item.id}
            type="button"
            // The rows below are the same drills, large enough for a thumb, and walked by Tab.
            tabIndex={-1}
            onClick={() => pick(item.id)}
            style={{ width: share(seconds), background: phaseTone[item.phase] }}
            className={`flex h-full min-w-0 border-r border-ink last:border-r-0 ${picked === item.id ? "outline-2 -outline-offset-4 outline-[var(--clay)]" : ""}`}
            aria-label={`${drillOf(library, item.drillId)?.name ?? item.drillId}, ${clock(seconds)}`}
          >
            {parts.map((part, i) => (
              <span
                key={i}
                className={`flex h-full items-center justify-center overflow-hidden text-xs ${part.working ? "" : "opacity-40 [background:repeating-linear-gradient(90deg,transparent_0_2px,var(--ink)_2px_3px)]"} ${i > 0 && part.working ? "border-l border-dashed border-ink/50" : ""}`}
                style={{ width: `${(100 * part.seconds) / seconds}%` }}
                aria-hidden="true"
              >
                {part.working && part.side && part.seconds / total > 0.02 ? notch[part.side] : ""}
              </span>
            ))}
          </button>
        ))}
        {worked + handOver < total ? (
          <span
            className="h-full"
            style={{ width: share(total - worked - handOver) }}
            title="free"
            aria-hidden="true"
          />
        ) : null}
        {handOver > 0 ? (
          <span
            className="flex h-full items-center justify-center overflow-hidden border-l border-ink bg-tape text-xs"
            style={{ width: share(handOver) }}
          >
            hand over
          </span>
        ) : null}
      </div>
      <div className="relative h-4 text-xs text-muted" aria-hidden="true">
        {places.map(({ name, from, seconds }) => (
          <span
            key={from}
            className="absolute top-0 truncate border-t border-hair leading-4"
            style={{ left: share(from), width: `calc(${share(seconds)} - 3px)` }}
          >
            {seconds / total > 0.05 ? name : ""}
          </span>
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
