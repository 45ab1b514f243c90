import { OutcomeBox } from "./outcome-box";
import { trainingsOn, weekTerms } from "#core/schedule/block";
import { aroundOf } from "#core/schedule/around-of";
import { mondayOf, plusDays } from "#core/dates/days";
import { dayMarks } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { aimSentence } from "../words";
import { longDay, shortDay } from "#words/days";
import { dayEntries } from "./day-entries";
import { emphasisWords, sentence, trainingWords, weekRemarks } from "./slot-words";

/** The week on one page: a row a day, trainings dark, preps with a box to tick, room for a word. Black and white. */
export function WeekSheet({ view, monday }: { view: AthleteView; monday: string }) {
  const { season } = view;
  const days = dayMarks(view, monday, plusDays(monday, 6), view.today);
  const terms = season ? weekTerms(aroundOf(view, season), mondayOf(monday)) : null;
  return (
    <article className="mx-auto max-w-5xl text-ink">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
        <h1 className="text-3xl">{view.athlete.name}</h1>
        <p className="font-display text-lg">{aimSentence(view)}</p>
        <p className="figures text-xl font-bold">
          {shortDay(monday)} – {shortDay(plusDays(monday, 6))}
        </p>
      </header>
      {terms && season ? (
        <p className="mt-1">
          {terms.index === null
            ? ""
            : `Week ${terms.index + 1} of ${season.weeks}: ${emphasisWords[terms.emphasis]}. `}
          {sentence(weekRemarks(terms))}
        </p>
      ) : null}
      <ol className="mt-2">
        {days.map((mark) => (
          <li
            key={mark.day}
            className="grid grid-cols-[8.5rem_1fr] gap-x-4 border-b border-ink/60 py-2 sm:grid-cols-[11rem_1fr_12rem] print:grid-cols-[11rem_1fr_12rem] print:break-inside-avoid"
          >
            <p className="font-display text-lg font-bold leading-tight">
              {longDay(mark.day)}
              <span className="block font-sans text-sm font-normal">
                {mark.absence
                  ? mark.absence.reason
                  : season
                    ? trainingsOn(season, mark.day)
                        .map(({ kind, starts }) =>
                          kind === "rest" || kind === "travel"
                            ? trainingWords[kind]
                            : `${trainingWords[kind]} ${starts}`,
                        )
                        .join(", ")
                    : ""}
              </span>
            </p>
            <ul className="grid content-start gap-1">
              {dayEntries(view, season, mark)
                .filter(({ training }) => training === null)
                .map(({ key, starts, minutes, full, outcome }) => (
                  <li key={key} className="flex items-baseline gap-3">
                    <OutcomeBox
                      outcome={outcome ?? ""}
                      className="h-4 w-2.5 shrink-0 translate-y-0.5"
                    />
                    <span className="figures w-14">{starts ?? ""}</span>
                    <span className="font-semibold">{full}</span>
                    <span className="figures text-sm">{minutes} min</span>
                  </li>
                ))}
            </ul>
            <p className="hidden self-end border-b border-dotted border-ink/60 text-xs sm:block print:block">
              loose at / felt
            </p>
          </li>
        ))}
      </ol>
      <p className="mt-3 text-sm">
        Never stretch cold. Up to 4/10 is fine; sharp, pinching or spreading pain, numbness: stop,
        and say so. A clinician, the teacher and the rules of the house come first.
      </p>
    </article>
  );
}
