import { longDay, shortDay } from "#words/days";
import { lazy, memo, Suspense, useEffect, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { daysBetween, mondayOf, plusDays, type DayText } from "#core/dates/days";
import { dayMarks, type DayMark } from "#core/season/weeks";
import type { AthleteView } from "../../view";

const TapeZoom = lazy(() => import("./tape-zoom"));

/** How near the tape is looked at: by day, by week, or the whole block. */
const zooms = ["days", "weeks", "block"] as const;
type Zoom = (typeof zooms)[number];

const back = 70;
const height = 44;
/** Width of the whole strip in its own units; a day takes its share. */
const width = 1224;

/** The span of the tape: ten weeks back, three ahead, or up to the aim when it is within fourteen. */
export function tapeSpan(today: DayText, aimBy: DayText | null): { from: DayText; to: DayText } {
  const ahead = aimBy ? Math.min(98, Math.max(21, daysBetween(today, aimBy) + 4)) : 21;
  return { from: mondayOf(plusDays(today, -back)), to: plusDays(today, ahead) };
}

/** The tape: a strip of weeks with checks, preps, stops, absences and aim dates. Arrow keys or a press choose the day looked at. */
export const Tape = memo(function Tape({ view }: { view: AthleteView }) {
  const { today, day, aim } = view;
  const { from, to } = tapeSpan(today, aim?.by ?? null);
  const marks = dayMarks(view, from, to, today);
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const strip = useRef<HTMLDivElement>(null);
  const step = width / marks.length;
  const seen = daysBetween(from, day) / marks.length;
  useEffect(() => {
    const node = strip.current;
    if (node) node.scrollLeft = seen * node.scrollWidth - node.clientWidth * 0.7;
  }, [seen]);
  const [zoom, setZoom] = useState<Zoom>("weeks");
  const look = (wanted: DayText) => {
    if (wanted > today) return void navigate(`/at/${view.athlete.id}/season?week=${wanted}`);
    const next = new URLSearchParams(params);
    const bounded = wanted < from ? from : wanted;
    if (bounded === today) next.delete("day");
    else next.set("day", bounded);
    void navigate({ search: next.toString() }, { replace: true, preventScrollReset: true });
  };
  const at = daysBetween(from, day);
  return (
    <div className="no-print relative overflow-hidden border-b border-ink bg-tape text-tape-ink">
      <ZoomChoice zoom={zoom} set={setZoom} />
      {zoom === "weeks" ? null : (
        <Suspense fallback={<div style={{ height }} />}>
          <TapeZoom zoom={zoom} view={view} look={look} />
        </Suspense>
      )}
      <div
        ref={strip}
        role="slider"
        tabIndex={0}
        aria-label="Day looked at"
        aria-valuemin={0}
        aria-valuemax={daysBetween(from, today)}
        aria-valuenow={at}
        aria-valuetext={spoken(marks[at], day === today)}
        hidden={zoom !== "weeks"}
        className="mr-15 cursor-pointer overflow-x-auto px-4 focus-visible:outline-offset-[-3px] lg:px-7"
        onClick={(event) => {
          const svg = strip.current?.querySelector("svg")?.getBoundingClientRect();
          if (svg)
            look(
              plusDays(from, Math.floor(((event.clientX - svg.left) / svg.width) * marks.length)),
            );
        }}
        onKeyDown={(event) => {
          const days = {
            ArrowLeft: -1,
            ArrowRight: 1,
            ArrowUp: 7,
            ArrowDown: -7,
            PageUp: 28,
            PageDown: -28,
          }[event.key];
          if (days === undefined && event.key !== "Home" && event.key !== "End") return;
          event.preventDefault();
          const to =
            event.key === "Home" ? from : event.key === "End" ? today : plusDays(day, days!);
          look(to > today ? today : to);
        }}
      >
        <svg
          viewBox={`0 0 ${width} ${height}`}
          className="block w-full min-w-[56rem]"
          aria-hidden="true"
        >
          {marks.map((mark, i) => (
            <TapeDay key={mark.day} mark={mark} x={i * step} step={step} monday={i % 7 === 0} />
          ))}
          {absences(marks).map(({ from: x, days, reason }) => (
            <text
              key={x}
              x={(x + days / 2) * step}
              y="19"
              fontSize="10.5"
              fontStyle="italic"
              textAnchor="middle"
              fill="currentColor"
            >
              {reason}
            </text>
          ))}
          <rect
            x={daysBetween(from, today) * step + step / 2 - 0.8}
            y="0"
            width="1.6"
            height={height}
            fill="var(--clay)"
          />
          {day !== today ? (
            <rect
              x={at * step}
              y="0"
              width={step}
              height={height}
              fill="currentColor"
              opacity="0.22"
            />
          ) : null}
        </svg>
      </div>
      {day !== today ? (
        <p
          className="flex flex-wrap gap-x-4 border-t border-ink bg-raised px-4 py-1 text-sm max-sm:pr-28 text-ink lg:px-7"
          role="status"
        >
          Looking at {longDay(day)}: what was known then.
          <button type="button" className="underlined font-semibold" onClick={() => look(today)}>
            Back to today
          </button>
        </p>
      ) : null}
    </div>
  );
});

/** Nearer and farther, in three steps. */
function ZoomChoice({ zoom, set }: { zoom: Zoom; set: (zoom: Zoom) => void }) {
  const at = zooms.indexOf(zoom);
  const step = (by: number, name: string, sign: string) => (
    <button
      type="button"
      aria-label={`${name}: the tape by ${zooms[at + by] ?? zoom}`}
      disabled={!zooms[at + by]}
      onClick={() => set(zooms[at + by]!)}
      className="grid size-7 place-items-center text-lg font-bold disabled:opacity-35"
    >
      <span aria-hidden="true">{sign}</span>
    </button>
  );
  return (
    <div
      role="group"
      aria-label={`The tape, by ${zoom}`}
      className="absolute inset-y-0 right-0 z-10 flex items-center border-l border-tape-ink/60 bg-tape px-0.5"
    >
      {step(-1, "Nearer", "+")}
      {step(1, "Farther", "−")}
    </div>
  );
}

function spoken(mark: DayMark | undefined, isToday: boolean): string {
  if (!mark) return "";
  const parts = [longDay(mark.day), isToday ? "today" : ""];
  for (const prep of mark.preps)
    parts.push(`prep ${prep.outcome}${prep.stopped ? ", an item stopped" : ""}`);
  if (mark.checks > 0) parts.push(`${mark.checks} checks`);
  if (mark.absence) parts.push(mark.absence.reason);
  return parts.filter(Boolean).join(", ");
}

function TapeDay({
  mark,
  x,
  step,
  monday,
}: {
  mark: DayMark;
  x: number;
  step: number;
  monday: boolean;
}) {
  const middle = x + step / 2;
  return (
    <g fill="currentColor">
      <rect
        x={x}
        y={monday ? 26 : 37}
        width={monday ? 1.2 : 0.7}
        height={monday ? 18 : 7}
        opacity={monday ? 1 : 0.65}
      />
      {monday ? (
        <text x={x + 4} y="36" fontSize="9" className="figures">
          {shortDay(mark.day)}
        </text>
      ) : null}
      {mark.preps.map((prep, i) => {
        const tall = Math.min(16, 5 + prep.minutes / 3);
        const y = 22 - tall;
        if (prep.outcome === "away") return null;
        const done = prep.outcome === "done" || prep.outcome === "partly";
        return (
          <g key={i}>
            <rect
              x={middle - 2.4}
              y={y}
              width="4.8"
              height={tall}
              fill={done ? "currentColor" : "none"}
              stroke="currentColor"
              strokeWidth="0.9"
              strokeDasharray={prep.outcome === "open" ? "1.5 1.5" : undefined}
            />
            {prep.outcome === "partly" ? (
              <rect x={middle - 1.6} y={y + 1} width="3.2" height={tall / 2} fill="var(--tape)" />
            ) : null}
            {prep.stopped ? (
              <path
                d={`M${middle - 3.5} 1.5l7 7m0 -7l-7 7`}
                stroke="var(--clay)"
                strokeWidth="1.9"
                fill="none"
              />
            ) : null}
          </g>
        );
      })}
      {mark.checks > 0 || mark.toMeasure ? (
        <path
          d={`M${middle} 2.5l4 4.5l-4 4.5l-4 -4.5z`}
          fill={mark.checks > 0 ? "var(--spruce)" : "none"}
          stroke="var(--spruce)"
        />
      ) : null}
      {mark.aims.length > 0 ? (
        <path
          d={`M${middle} 3v22M${middle} 3h14l-4 4.5l4 4.5h-14z`}
          fill="var(--spruce)"
          stroke="var(--spruce)"
          strokeWidth="1.2"
        />
      ) : null}
    </g>
  );
}

/** Runs of absent days with their reason, as they are written on the tape. */
function absences(marks: readonly DayMark[]): { from: number; days: number; reason: string }[] {
  const runs: { from: number; days: number; reason: string }[] = [];
  marks.forEach(({ absence }, i) => {
    if (!absence) return;
    const last = runs.at(-1);
    if (last && last.from + last.days === i) last.days += 1;
    else runs.push({ from: i, days: 1, reason: absence.reason });
  });
  return runs;
}
