import { useEffect, useRef } from "react";
import { mondayOf, plusDays, type DayText } from "#core/dates/days";
import { blockEnd, blockMondays, trainingsOn, weekTerms } from "#core/schedule/block";
import { aroundOf } from "#core/schedule/around-of";
import { counted } from "#core/records/training";
import { dayMarks, weekSummaries, type DayMark, type PrepOutcome } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { emphasisFill, emphasisWords, slotShort, trainingWords } from "../season/slot-words";
import { shortDay, weekDay } from "#words/days";

/** Days before and after the one looked at. */
const [daysBack, daysAhead] = [4, 9];

type ZoomProps = { view: AthleteView; look: (day: DayText) => void };

/** The tape close up: a column a day, with what was done and what hangs on it in words. */
export function TapeDays({ view, look }: ZoomProps) {
  const { day, today, season } = view;
  const marks = dayMarks(view, plusDays(day, -daysBack), plusDays(day, daysAhead), today);
  return (
    <Strip at={0.1}>
      {marks.map((mark) => {
        const trainings = season ? trainingsOn(season, mark.day) : [];
        return (
          <button
            key={mark.day}
            type="button"
            onClick={() => look(mark.day)}
            aria-current={mark.day === day ? "date" : undefined}
            className={`relative min-w-26 flex-1 border-l border-tape-ink/50 px-1.5 pb-1 text-left align-top text-xs leading-tight ${mark.day === day ? "bg-tape-ink/15" : ""} ${mark.day === today ? "border-l-2 border-l-clay" : ""}`}
          >
            <span className="sr-only">{spokenDay(mark)}</span>
            <span aria-hidden="true" className="contents">
              {" "}
              <span className="figures block whitespace-nowrap font-semibold">
                {weekDay(mark.day)}
              </span>
              {mark.absence ? <i className="block">{mark.absence.reason}</i> : null}
              {trainings.length > 0 ? (
                <span className="block">
                  {trainings.map(({ kind }) => trainingWords[kind]).join(", ")}
                </span>
              ) : null}
              {wordsOf(mark).map(({ key, outcome, text }) => (
                <span key={key} className="flex items-center gap-1">
                  <Box outcome={outcome} />
                  <span className="truncate">{text}</span>
                </span>
              ))}
              {mark.checks > 0 ? <span className="block">◆ {mark.checks} checks</span> : null}
              {mark.toMeasure ? <span className="block">◇ measure</span> : null}
              {mark.aims.length > 0 ? <span className="block font-semibold">⚑ the aim</span> : null}
            </span>
          </button>
        );
      })}
    </Strip>
  );
}

/** What a day's preps are called: by their slot where they have one. */
function wordsOf(mark: DayMark): { key: string; outcome: PrepOutcome; text: string }[] {
  return mark.preps
    .filter(({ outcome }) => outcome !== "away")
    .map(({ prepId, outcome, minutes, moved }, n) => {
      const slot = mark.slots.find(({ id, kind }) => id === prepId && counted(kind));
      return {
        key: prepId ?? String(n),
        outcome,
        text: `${slot ? slotShort(slot) : "prep"} ${minutes}′${moved ? " moved" : ""}`,
      };
    });
}

function spokenDay(mark: DayMark): string {
  const preps = wordsOf(mark).map(({ outcome, text }) => `${text} ${outcome}`);
  return [weekDay(mark.day), mark.absence?.reason ?? "", ...preps].filter(Boolean).join(", ");
}

/** Planned and done at a glance: a filled, a half, an empty and a dotted box. */
function Box({ outcome }: { outcome: PrepOutcome }) {
  return (
    <span
      aria-hidden="true"
      className={`inline-block size-2.5 shrink-0 border border-current ${outcome === "open" ? "border-dotted" : ""}`}
      style={{
        background:
          outcome === "done"
            ? "currentColor"
            : outcome === "partly"
              ? "linear-gradient(to top, currentColor 50%, transparent 50%)"
              : undefined,
      }}
    />
  );
}

/** The tape from afar: a column a week of the block, its emphasis, planned against done. */
export function TapeBlock({ view, look }: ZoomProps) {
  const { season, today, day } = view;
  if (!season)
    return (
      <p className="px-4 py-2 text-sm lg:px-7">No block is laid out yet: Season lays one out.</p>
    );
  const around = aroundOf(view, season);
  const mondays = blockMondays(season);
  const summaries = new Map(
    weekSummaries(view, season.since, blockEnd(season), today).map((week) => [week.monday, week]),
  );
  return (
    <Strip at={mondays.indexOf(mondayOf(day)) / mondays.length}>
      {mondays.map((monday, n) => {
        const terms = weekTerms(around, monday);
        const week = summaries.get(monday);
        const all = week ? week.done + week.partly + week.missed + week.open : 0;
        const done = week ? week.done + week.partly : 0;
        const remark =
          week?.absence ??
          (terms.taper
            ? terms.taper <= plusDays(monday, 6)
              ? "show"
              : "before it"
            : terms.lighter
              ? "lighter"
              : "");
        return (
          <button
            key={monday}
            type="button"
            onClick={() => look(monday)}
            aria-current={monday === mondayOf(day) ? "date" : undefined}
            className={`relative min-w-16 flex-1 border-l border-tape-ink/50 px-1.5 pb-1 text-left text-xs leading-tight ${monday === mondayOf(day) ? "bg-tape-ink/15" : ""} ${monday === mondayOf(today) ? "border-l-2 border-l-clay" : ""}`}
          >
            <span className="sr-only">{`Week ${n + 1}, from ${shortDay(monday)}: ${emphasisWords[terms.emphasis]}${remark ? `, ${remark}` : ""}, ${done} of ${all} preps done`}</span>
            <span aria-hidden="true" className="contents">
              {" "}
              <span className="figures flex items-center gap-1 whitespace-nowrap font-semibold">
                <span
                  aria-hidden="true"
                  className="inline-block size-2.5 border border-current"
                  style={{ background: emphasisFill[terms.emphasis] }}
                />
                {shortDay(monday)}
              </span>
              <span className="mt-0.5 block h-2 border border-current" aria-hidden="true">
                <span
                  className="block h-full bg-current"
                  style={{ width: `${all > 0 ? (100 * done) / all : 0}%` }}
                />
              </span>
              <span className="figures block">
                {done}/{all}
              </span>
              <i className="block min-h-3.5">{remark}</i>
            </span>
          </button>
        );
      })}
    </Strip>
  );
}

/** A row of columns that scrolls to where one looks. */
function Strip({ at, children }: { at: number; children: React.ReactNode }) {
  const strip = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const node = strip.current;
    if (node) node.scrollLeft = at * node.scrollWidth - node.clientWidth * 0.3;
  }, [at]);
  return (
    <div ref={strip} className="mr-15 flex overflow-x-auto px-4 pt-1 lg:px-7">
      {children}
    </div>
  );
}

/** Which of the two is shown. */
export default function TapeZoom({ zoom, ...rest }: ZoomProps & { zoom: "days" | "block" }) {
  return zoom === "days" ? <TapeDays {...rest} /> : <TapeBlock {...rest} />;
}
