import { CalendarDays, Download, Printer } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { toCalendar, type CalendarReading } from "#core/exchange/calendar";
import type { CalendarReader } from "../../workers/calendar.worker";
import { timed } from "../../workers/timed";
import { mondayOf } from "#core/dates/days";
import { blockEnd } from "#core/schedule/block";
import {
  calendarChanges,
  seasonEvents,
  type CalendarChanges,
} from "#core/schedule/season-calendar";
import { TrainingKind } from "#core/records/training";
import { dosesCsv, forecastsCsv, planCsv } from "#core/season/season-csv";
import { dayMarks } from "#core/season/weeks";
import { moment } from "../../clock";
import type { AthleteView } from "../../view";
import { download } from "../download";
import { say } from "../say";
import { useAct } from "../use-act";
import { trainingWords } from "./slot-words";
import { many } from "#words/plain";
import { weekDay } from "#words/days";
import { useSeason } from "./use-season";
import { slotSummary, slotWords } from "#words/slots";
import { calendarRefusalWords } from "#words/file";

/** A calendar may take so long to be read, ms. */
const longest = 8_000;

/** So many entries of the calendar are shown before it is written. */
const nextShown = 5;

/** The zone this device's clock is in. */
const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";

/** Sheets to print, the calendar both ways, and the tables. */
export function OutDesk({ view }: { view: AthleteView }) {
  const { season, athlete, today } = view;
  const { questions, forecast, around } = useSeason(view);
  const at = `/at/${athlete.id}/season`;
  const csv = (kind: "plan" | "doses" | "forecasts", text: string) =>
    download(kind, text, athlete.name);
  return (
    <>
      <h1 className="text-3xl">Take the season along</h1>
      <section className="mt-4">
        <h2 className="text-xl">On paper</h2>
        <p className="mt-1 flex flex-wrap gap-3">
          <Link className="press" to={`${at}/sheet?of=week`}>
            <Printer size={16} /> The week
          </Link>
          <Link className="press" to={`${at}/sheet?of=season`}>
            <Printer size={16} /> The season, for the athlete
          </Link>
        </p>
      </section>
      {season && around ? (
        <CalendarPart view={view} />
      ) : (
        <p className="mt-6 text-muted">
          No weeks are laid out yet, so there is nothing for a calendar.{" "}
          <Link className="underlined" to={at}>
            Lay them out
          </Link>
        </p>
      )}
      <section className="mt-6">
        <h2 className="text-xl">As tables (CSV)</h2>
        <p className="mt-1 flex flex-wrap gap-3">
          <button
            type="button"
            className="press"
            disabled={!around}
            onClick={() => {
              if (!around || !season) return;
              const marks = dayMarks(view, season.since, blockEnd(season), today);
              csv(
                "plan",
                planCsv(around, {
                  names: slotWords,
                  aims: view.aims,
                  places: view.places,
                  library: view.library,
                  outcomes: new Map(
                    marks.flatMap(({ preps }) =>
                      preps.flatMap(({ prepId, outcome }) =>
                        prepId && outcome !== "open" ? [[prepId, outcome] as const] : [],
                      ),
                    ),
                  ),
                }),
              );
            }}
          >
            <Download size={16} /> The plan
          </button>
          <button
            type="button"
            className="press"
            onClick={() => {
              const start = view.logs.reduce((day, { on }) => (on < day ? on : day), today);
              csv("doses", dosesCsv(view.logs, view.library, start, today));
            }}
          >
            <Download size={16} /> The doses
          </button>
          <button
            type="button"
            className="press"
            disabled={forecast.status !== "ready" || questions.length === 0}
            onClick={() => csv("forecasts", forecastsCsv(questions, forecast.answers))}
          >
            <Download size={16} /> The forecasts
          </button>
        </p>
        {questions.length === 0 ? (
          <p className="mt-1 text-sm text-muted">
            No forecasts: nothing that an aim with a date asks was measured.
          </p>
        ) : null}
      </section>
    </>
  );
}

/** The calendar: written with names that stay, read with what would change shown first. */
function CalendarPart({ view }: { view: AthleteView }) {
  const season = view.season!;
  const [alarm, setAlarm] = useState("none");
  const [light, setLight] = useState(false);
  const [read, setRead] = useState<{ name: string; changes: CalendarChanges } | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const zone = zoneHere();
  const { act } = useAct(`/at/${view.athlete.id}/season`);
  const events = seasonEvents(season, {
    today: view.today,
    light,
    places: view.places,
    summary: slotSummary,
  });
  const off = events.filter(({ calledOff }) => calledOff);
  const there = events.length - off.length;
  const choose = async (file: File | undefined) => {
    setRead(null);
    setRefused(null);
    if (!file) return;
    if (file.size > 20_000_000) return setRefused("The file is larger than 20 MB.");
    const text = await file.text();
    const span = { zone, from: mondayOf(view.today), to: blockEnd(season) };
    const reading = (await timed<CalendarReader, CalendarReading>(
      new Worker(new URL("../../workers/calendar.worker.ts", import.meta.url), { type: "module" }),
      (reader) => reader.fromCalendar(text, span),
      longest,
    )) ?? { refused: "too-long" as const };
    if ("refused" in reading) setRefused(calendarRefusalWords(reading.refused));
    else setRead({ name: file.name, changes: calendarChanges(reading, season, view.today) });
  };
  return (
    <section className="mt-6">
      <h2 className="text-xl">To and from a calendar</h2>
      <div className="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="grid">
          <span className="label">Alarm</span>
          <select
            className="field w-40"
            value={alarm}
            onChange={(event) => setAlarm(event.target.value)}
          >
            <option value="none">no alarms</option>
            <option value="5">5 minutes before</option>
            <option value="15">15 minutes before</option>
            <option value="60">an hour before</option>
          </select>
        </label>
        <label className="flex min-h-10 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={light}
            onChange={(event) => setLight(event.target.checked)}
          />
          circles and fillers too
        </label>
        <button
          type="button"
          className="press press-main"
          onClick={() => {
            download(
              "season",
              toCalendar(events, {
                zone,
                stamp: moment(),
                alarm: alarm === "none" ? null : Number(alarm),
                name: `${view.athlete.name}: preps`,
              }),
              view.athlete.name,
            );
            act("write-calendar", { light });
          }}
        >
          <CalendarDays size={16} /> Write the calendar
        </button>
      </div>
      <p className="mt-1 text-sm text-muted">
        {there} {there === 1 ? "entry" : "entries"} from today on, in the time of {zone}. Written
        again later, the same entries are brought up to date, not doubled, and what is gone is
        called off.
      </p>
      <ol className="mt-2 max-w-xl text-sm" aria-label="The next entries">
        {events
          .filter(({ calledOff }) => !calledOff)
          .slice(0, nextShown)
          .map(({ uid, on, starts, minutes, summary, location }) => (
            <li key={uid} className="flex gap-x-3 border-b sm:gap-x-4 border-line py-0.5">
              <span className="figures w-24 shrink-0 sm:w-28">{weekDay(on)}</span>
              <span className="figures w-12 shrink-0">{starts}</span>
              <span className="min-w-0 flex-1 break-words">{summary}</span>
              <span className="whitespace-nowrap text-muted">
                {minutes} min
                {location ? <span className="max-sm:hidden">, {location}</span> : null}
              </span>
            </li>
          ))}
        {there > nextShown ? (
          <li className="py-0.5 text-muted">and {there - nextShown} more</li>
        ) : null}
      </ol>
      {off.length > 0 ? (
        <p className="mt-1 text-sm">
          {many(off.length, "entry", "entries")} of the last calendar called off:{" "}
          {off
            .slice(0, 6)
            .map(({ summary, on }) => `${summary.toLowerCase()}, ${weekDay(on)}`)
            .join("; ")}
          {off.length > 6 ? ` and ${off.length - 6} more` : ""}.
        </p>
      ) : null}
      <label className="mt-3 block">
        <span className="label">Read a calendar (.ics)</span>
        <input
          type="file"
          accept=".ics,text/calendar"
          className="mt-1 block min-h-11 w-full file:mr-4 file:min-h-10 file:border file:border-ink file:bg-transparent file:px-4 file:font-semibold file:text-ink"
          onChange={(event) => void choose(event.target.files?.[0])}
        />
      </label>
      {refused ? (
        <p role="alert" className="mt-2 border-l-4 border-clay bg-raised px-4 py-2">
          Refused. {refused} Nothing was changed.
        </p>
      ) : null}
      {read ? (
        <CalendarPreview
          key={read.name}
          name={read.name}
          changes={read.changes}
          view={view}
          close={() => setRead(null)}
        />
      ) : null}
    </section>
  );
}

/** What a calendar would change, before it does: sessions moved in it, and its own entries as trainings. */
function CalendarPreview({
  name,
  changes,
  view,
  close,
}: {
  name: string;
  changes: CalendarChanges;
  view: AthleteView;
  close: () => void;
}) {
  const { act } = useAct(`/at/${view.athlete.id}/season`);
  const [kinds, setKinds] = useState<Record<string, TrainingKind | "">>({});
  const { moves, gone, strangers } = changes;
  const [taken, setTaken] = useState<readonly string[]>([]);
  const titles = [...new Set(strangers.map(({ summary }) => summary))].slice(0, 40);
  if (moves.length + gone.length + strangers.length === 0)
    return (
      <p role="status" className="mt-2 border-l-4 border-lichen bg-raised px-4 py-2">
        “{name}” says what the season says: nothing to change.
      </p>
    );
  const trainings = strangers.flatMap(({ on, starts, minutes, summary }) => {
    const kind = kinds[summary];
    return kind ? [{ on, starts, minutes, kind, placeId: view.athlete.placeId }] : [];
  });
  return (
    <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-2">
      {moves.length > 0 ? (
        <>
          <p className="font-semibold">{many(moves.length, "session")} moved in the calendar:</p>
          <ul className="text-sm">
            {moves.map(({ slotId, on, starts, summary }) => (
              <li key={slotId}>
                {summary} to {weekDay(on)} at {starts}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {gone.length > 0 ? (
        <fieldset className="mt-2">
          <legend className="font-semibold">
            No longer in the calendar. Which of them are to be taken out here too?
          </legend>
          <ul className="mt-1 text-sm">
            {gone.slice(0, 40).map(({ slotId, on, starts, ...slot }) => (
              <li key={slotId}>
                <label className="flex min-h-8 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--spruce)]"
                    checked={taken.includes(slotId)}
                    onChange={(event) =>
                      setTaken(
                        event.target.checked
                          ? [...taken, slotId]
                          : taken.filter((one) => one !== slotId),
                      )
                    }
                  />
                  {slotSummary(slot)}, {weekDay(on)} at {starts}
                </label>
              </li>
            ))}
          </ul>
          {gone.length > 40 ? (
            <p className="text-sm text-muted">and {gone.length - 40} more, left as they are</p>
          ) : null}
        </fieldset>
      ) : null}
      {titles.length > 0 ? (
        <>
          <p className="mt-2 font-semibold">
            What else it has between now and the end of the block. Which of it is training?
          </p>
          <ul className="mt-1 grid gap-1 text-sm">
            {titles.map((title) => (
              <li key={title} className="flex flex-wrap items-center gap-x-3">
                <label className="flex items-center gap-2">
                  <select
                    className="field w-32"
                    value={kinds[title] ?? ""}
                    onChange={(event) =>
                      setKinds({ ...kinds, [title]: event.target.value as TrainingKind | "" })
                    }
                  >
                    <option value="">leave it out</option>
                    {TrainingKind.options
                      .filter((kind) => kind !== "rest" && kind !== "travel")
                      .map((kind) => (
                        <option key={kind} value={kind}>
                          {trainingWords[kind]}
                        </option>
                      ))}
                  </select>
                  <span>{title || "(no title)"}</span>
                </label>
                <span className="text-muted">
                  {many(strangers.filter(({ summary }) => summary === title).length, "time")}
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <button
          type="button"
          className="press press-main"
          disabled={moves.length + taken.length + trainings.length === 0}
          onClick={() => {
            act("read-calendar", {
              moves: moves.map(({ slotId, on, starts }) => ({ slotId, on, starts })),
              gone: [...taken],
              trainings,
            });
            say("The calendar was read; what it breaks is shown under The weeks.");
            close();
          }}
        >
          Take it over
        </button>
        <button type="button" className="underlined text-sm" onClick={close}>
          Cancel
        </button>
      </div>
    </div>
  );
}
