import { ChevronLeft, ChevronRight } from "lucide-react";
import { useCallback, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { daysBetween, mondayOf, plusDays } from "#core/dates/days";
import { blockEnd, blockFor, trainingsOf, weekTerms } from "#core/schedule/block";
import { freedFor } from "#core/schedule/plan-rules";
import { aimShares } from "#core/schedule/shares";
import { counted, type Season, type Slot } from "#core/records/training";
import type { Warning } from "#core/season/warnings";
import { dayMarks } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { say } from "../say";
import { useAct, type FieldsSent } from "../use-act";
import { shortDay } from "#words/days";
import { AbsenceForm } from "./absence-form";
import { AimShares } from "./aim-shares";
import { BlockStrip } from "./block-strip";
import { dateVerdict, readyCaveat, verdictDetail, verdictHeadline } from "./date-words";
import { SeasonDoses } from "./season-doses";
import { SlotPanel } from "./slot-panel";
import { TakenOut } from "./taken-out";
import { emphasisWords, sentence, weekRemarks } from "./slot-words";
import { many } from "#words/plain";
import { TrainingWeekForm } from "./training-week-form";
import { usePlaces } from "./use-places";
import { useSeason } from "./use-season";
import { WarningList } from "./warning-list";
import { WeekBoard } from "./week-board";
import { WeekTable } from "./week-table";
import { WeekTaught } from "./week-taught";
import { refusalWords } from "#words/acts";
import { Meaning } from "../meaning";

/** Acts after which the sessions are placed anew. */
type Placing =
  | "set-season"
  | "set-week"
  | "set-lighter"
  | "let-session-go"
  | "place-sessions"
  | "put-session-back"
  | "set-absence"
  | "remove-absence";

type Open = "setup" | "week" | "away" | null;

/** The weeks: what happens in this one, what is wrong with it, and what comes. */
export function WeekDesk({ view }: { view: AthleteView }) {
  const [query, setQuery] = useSearchParams();
  const { act, refused } = useAct();
  const error = refused ? refusalWords(refused) : null;
  const navigate = useNavigate();
  const [open, setOpen] = useState<Open>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const [follow, setFollow] = useState<string | null>(null);
  const [asked, setAsked] = useState(0);
  const { season } = view;
  const found = useSeason(view);
  const { around, breaches, summaries, questions, forecast, by } = found;
  const measureOn = found.measure?.on ?? null;
  const places = usePlaces(view, asked, (from, slots) =>
    act("take-places", { from: [...from], slots: [...slots] }),
  );
  const want = query.get("week");
  const looked = want && want > view.today ? want : null;
  const monday = mondayOf(want && /^\d{4}-\d{2}-\d{2}$/.test(want) ? want : view.today);
  const show = (next: string) => {
    query.set("week", mondayOf(next));
    setQuery(query, { replace: true, preventScrollReset: true });
  };
  const placing = useCallback(
    <One extends Placing>(name: One, fields: Omit<FieldsSent<One>, "measure">) => {
      act(name, { measure: measureOn, ...fields } as unknown as FieldsSent<One>);
      setAsked((count) => count + 1);
    },
    [act, measureOn],
  );
  const move = (slot: Slot, on: string, starts?: string) => {
    if (on < view.today) return say("What is past stays where it was.");
    act("move-session", { slotId: slot.id, on, ...(starts ? { starts } : {}) });
    setFollow(slot.id);
    if (mondayOf(on) !== monday) show(on);
  };
  const moveBy = (slot: Slot, by: { days?: number; minutes?: number }) => {
    const on = plusDays(slot.on, by.days ?? 0);
    if (on < view.today) return say("What is past stays where it was.");
    act("move-session", { slotId: slot.id, ...by });
    setFollow(slot.id);
    if (mondayOf(on) !== monday) show(on);
  };
  const takeOut = (slot: Slot) => {
    if (slot.kind === "check") act("set-check-day", { on: slot.on, there: false });
    else act("take-session-out", { slotId: slot.id });
    setPicked(null);
  };
  const repair = useCallback(
    ({ repair: what }: Warning) => {
      if (what.do === "place")
        placing("place-sessions", { freed: freedFor(breaches, season?.slots ?? []) });
      else if (what.do === "see") void navigate(`/at/${view.athlete.id}/${what.at}`);
      else if (what.do === "lighter") placing("set-lighter", { monday: what.monday, on: true });
      else if (what.do === "measure") act("set-check-day", { on: what.on, there: true });
      else if (what.do === "fewer" && season)
        placing("set-season", {
          changes: { mobility: { ...season.mobility, perWeek: what.perWeek } },
        });
      else if (what.do === "pull" && season)
        placing("set-season", {
          changes: {
            conditioning: {
              ...season.conditioning,
              perWeek: Math.min(3, season.conditioning.perWeek + 1),
            },
          },
        });
    },
    [act, placing, breaches, season, navigate, view.athlete.id],
  );
  if (!season || !around)
    return (
      <NoSeason
        view={view}
        keep={(usual) => placing("set-season", { changes: { usual } })}
        error={error}
        summaries={summaries}
      />
    );
  const days = dayMarks(view, monday, plusDays(monday, 6), view.today);
  const terms = weekTerms(around, monday);
  const slot = season.slots.find(({ id }) => id === picked) ?? null;
  const broken = new Set(breaches.flatMap(({ slots }) => slots));
  const verdict = dateVerdict(questions, forecast.answers);
  const unmeasured = view.gaps.filter(({ verdict: known }) => known === "unknown").length;
  const past = summaries.filter((week) => week.monday <= view.today);
  return (
    <>
      <h1 className="text-3xl">{headline(season, monday, view.today, days)}</h1>
      <p className="mt-1">
        {terms.index === null
          ? "Outside the block."
          : `Week ${terms.index + 1} of ${season.weeks}: ${emphasisWords[terms.emphasis]}.`}{" "}
        {sentence(weekRemarks(terms))} {terms.taper ? <Meaning of="taper" /> : null}
      </p>
      <p
        // Two lines are kept for the verdict while it is worked out, so that nothing below moves.
        className={`mt-1 text-muted ${questions.length > 0 ? "min-h-[2lh]" : ""}`}
        aria-live="polite"
      >
        {by === null ? (
          view.aim ? (
            "The aim’s day is past."
          ) : (
            "No aim: no date to look toward."
          )
        ) : questions.length === 0 ? (
          "Nothing that the aim asks is measured yet: the date cannot be told."
        ) : verdict ? (
          <>
            {verdictHeadline(verdict, by, unmeasured)} {verdictDetail(verdict, view.today)}{" "}
            {readyCaveat(view)}{" "}
            <Link className="underlined" to={`/at/${view.athlete.id}/season/date`}>
              The date
            </Link>
          </>
        ) : (
          "Working out the date …"
        )}
      </p>
      <BlockEnd view={view} season={season} set={(changes) => placing("set-season", { changes })} />
      <WarningList warnings={found.warnings} repair={repair} />
      <div className="no-print mt-4 flex flex-wrap items-center gap-x-2 gap-y-1">
        <button
          type="button"
          className="quiet"
          aria-label="The week before"
          onClick={() => show(plusDays(monday, -7))}
        >
          <ChevronLeft size={18} />
        </button>
        <h2 className="text-xl">
          {shortDay(monday)} – {shortDay(plusDays(monday, 6))}
        </h2>
        <button
          type="button"
          className="quiet"
          aria-label="The week after"
          onClick={() => show(plusDays(monday, 7))}
        >
          <ChevronRight size={18} />
        </button>
        {monday === mondayOf(view.today) ? null : (
          <button type="button" className="underlined text-sm" onClick={() => show(view.today)}>
            This week
          </button>
        )}
        <span className="flex-1" />
        <button
          type="button"
          aria-pressed={season.lighter.includes(monday)}
          className="underlined text-sm"
          onClick={() => placing("set-lighter", { monday, on: !season.lighter.includes(monday) })}
        >
          {season.lighter.includes(monday) ? "A full week after all" : "Make it lighter"}
        </button>
        <button
          type="button"
          aria-expanded={open === "week"}
          className="underlined text-sm"
          onClick={() => setOpen(open === "week" ? null : "week")}
        >
          This week differs
        </button>
        <button
          type="button"
          aria-expanded={open === "away"}
          className="underlined text-sm"
          onClick={() => setOpen(open === "away" ? null : "away")}
        >
          Days ill or away
        </button>
        <button
          type="button"
          aria-expanded={open === "setup"}
          className="underlined text-sm"
          onClick={() => setOpen(open === "setup" ? null : "setup")}
        >
          The block and its doses
        </button>
      </div>
      {open === "week" ? (
        <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-2">
          <TrainingWeekForm
            skills={view.library.skills}
            athleteId={view.athlete.id}
            key={monday}
            label={`Trainings of the week of ${shortDay(monday)}`}
            trainings={trainingsOf(season, monday)}
            places={view.places}
            keep={(trainings) => placing("set-week", { monday, trainings })}
            close={() => setOpen(null)}
            error={error}
          />
          {season.others.some((other) => other.monday === monday) ? (
            <button
              type="button"
              className="underlined mt-1 text-sm"
              onClick={() => placing("set-week", { monday, trainings: null })}
            >
              Back to the usual week
            </button>
          ) : null}
        </div>
      ) : open === "away" ? (
        <AbsenceForm
          athleteId={view.athlete.id}
          absences={view.athlete.absences}
          from={monday > view.today ? monday : view.today}
          keep={(absence) => placing("set-absence", absence)}
          remove={(absence) => placing("remove-absence", absence)}
          error={error}
        />
      ) : open === "setup" ? (
        <div className="mt-2 grid gap-4 border-l-4 border-tape bg-raised px-4 py-3">
          <SeasonDoses season={season} set={(changes) => placing("set-season", { changes })} />
          <div>
            <h3 className="text-lg">The usual training week</h3>
            <TrainingWeekForm
              skills={view.library.skills}
              athleteId={view.athlete.id}
              key={JSON.stringify(season.usual)}
              label="The usual training week"
              trainings={season.usual}
              places={view.places}
              keep={(usual) => placing("set-season", { changes: { usual } })}
              error={error}
            />
          </div>
          <AimShares
            shares={aimShares(view.openAims, season.shares, view.today)}
            season={season}
            set={(shares) => placing("set-season", { changes: { shares } })}
          />
        </div>
      ) : null}
      <WeekBoard
        view={view}
        days={days}
        picked={picked}
        pick={setPicked}
        move={move}
        broken={broken}
        follow={follow}
        looked={looked}
        takeOut={takeOut}
        moveBy={moveBy}
      />
      <TakenOut
        season={season}
        monday={monday}
        today={view.today}
        putBack={(mark) => placing("put-session-back", { mark })}
      />
      {slot ? (
        <SlotPanel
          view={view}
          slot={slot}
          breaches={breaches.filter(({ slots }) => slots.includes(slot.id))}
          move={(on, starts) => move(slot, on, starts)}
          letGo={() => placing("let-session-go", { slotId: slot.id })}
          takeOut={() => takeOut(slot)}
        />
      ) : (
        <PrepLine view={view} picked={picked} />
      )}
      <p
        className="no-print mt-2 flex flex-wrap items-center gap-x-4 text-sm text-muted"
        role="status"
      >
        <span>
          Drag a session to another day. Or by keys: Alt with ← → a day, with ↑ ↓ a quarter of an
          hour. Delete takes it out. What hangs on a training moves with the training.
        </span>
        {places.state === "looking" ? (
          <span>
            Placed; looking for a better placing.{" "}
            <button type="button" className="underlined" onClick={places.stop}>
              Enough
            </button>
          </span>
        ) : places.state === "proven" ? (
          <span>Placed: no other placing is better by more than 1 %.</span>
        ) : places.state === "failed" ? (
          <span>Placed, not proven: the solver gave no answer.</span>
        ) : (
          <button
            type="button"
            className="underlined"
            onClick={() => placing("place-sessions", {})}
          >
            Place everything anew
          </button>
        )}
      </p>
      <h2 className="mt-6 text-xl">The block</h2>
      <BlockStrip around={around} summaries={summaries} shown={monday} show={show} />
      {past.some((week) => week.planned + week.done + week.partly + week.checks > 0) ? (
        <>
          <h2 className="mt-6 text-xl">{keptLine(past)}</h2>
          <p className="text-sm text-muted">
            Missed while ill or away is not counted as missed; circles and fillers are not counted.
          </p>
          <WeekTable weeks={past} athleteId={view.athlete.id} today={view.today} />
        </>
      ) : null}
    </>
  );
}

/** The block is over, or ends before the aim’s day: the way on. */
function BlockEnd({
  view,
  season,
  set,
}: {
  view: AthleteView;
  season: Season;
  set: (changes: Partial<Season>) => void;
}) {
  const end = blockEnd(season);
  const by = view.aim && view.aim.by > view.today ? view.aim.by : null;
  const over = end < view.today;
  const reach = by ? Math.floor(daysBetween(season.since, by) / 7) + 1 : 0;
  if (!over && (by === null || by <= end || season.weeks === 16)) return null;
  return (
    <p className="no-print mt-3 flex flex-wrap items-center gap-x-4 border-l-4 border-tape bg-raised px-4 py-2">
      {over
        ? `The block ended on ${shortDay(end)}.`
        : `The block ends on ${shortDay(end)}, before the aim’s day.`}
      <button
        type="button"
        className="underlined"
        onClick={() => set(over || reach > 16 ? blockFor(view.today, by) : { weeks: reach })}
      >
        {over ? "Begin a new one" : "Bring it up to the day"}
      </button>
    </p>
  );
}

/** What hangs on the shown week, as the headline. */
function headline(
  season: Season,
  monday: string,
  today: string,
  days: ReturnType<typeof dayMarks>,
): string {
  const slots = days.flatMap((day) => day.slots);
  const count = (kind: Slot["kind"]) => slots.filter((slot) => slot.kind === kind).length;
  const sessions = count("mobility");
  const parts = [
    sessions > 0 ? many(sessions, "mobility session") : "",
    count("conditioning") > 0 ? many(count("conditioning"), "conditioning set") : "",
    count("warm-up") > 0 ? many(count("warm-up"), "warm-up") : "",
  ].filter(Boolean);
  const which =
    monday === mondayOf(today)
      ? "This week"
      : daysBetween(mondayOf(today), monday) === 7
        ? "Next week"
        : `Week of ${shortDay(monday)}`;
  if (parts.length > 0) return `${which}: ${parts.join(", ")}.`;
  const made = days.flatMap((day) => day.preps);
  const done = made.filter(({ outcome }) => outcome === "done" || outcome === "partly").length;
  if (made.length > 0) return `${which}: ${done} of ${many(made.length, "prep")} done.`;
  return slots.some(({ kind }) => counted(kind) || kind === "circles")
    ? `${which}: circles only.`
    : `${which}: nothing hangs on it.`;
}

/** Adherence of the weeks behind, as a heading. */
function keptLine(past: ReturnType<typeof useSeason>["summaries"]): string {
  const planned = past.reduce((sum, week) => sum + week.done + week.partly + week.missed, 0);
  const done = past.reduce((sum, week) => sum + week.done + week.partly, 0);
  return planned > 0
    ? `${done} of ${planned} preps done in ${past.length} week${past.length === 1 ? "" : "s"}`
    : "The weeks behind";
}

/** A prep that was made, pressed in the week: the way to it. */
function PrepLine({ view, picked }: { view: AthleteView; picked: string | null }) {
  const prep = view.preps.find(({ id }) => id === picked);
  if (!prep) return null;
  const log = view.logs.find(({ prepId }) => prepId === prep.id);
  const at = `/at/${view.athlete.id}`;
  return (
    <p className="mt-2 border-l-4 border-spruce bg-raised px-4 py-2">
      {shortDay(prep.on)}: {prep.items.length} drills in {prep.budget / 60} minutes.{" "}
      {prep.on <= view.today ? (
        <Link className="underlined" to={`${at}/prep?prep=${prep.id}&day=${prep.on}`}>
          See the prep
        </Link>
      ) : null}{" "}
      {log ? (
        <Link className="underlined" to={`${at}/log?log=${log.id}&day=${prep.on}`}>
          See the log
        </Link>
      ) : null}
    </p>
  );
}

/** Before any week is laid out: the training week is asked for, and what is behind is shown. */
function NoSeason({
  view,
  keep,
  error,
  summaries,
}: {
  view: AthleteView;
  keep: (usual: Season["usual"]) => void;
  error: string | null;
  summaries: ReturnType<typeof useSeason>["summaries"];
}) {
  const seen = summaries.some((week) => week.planned + week.done + week.partly + week.checks > 0);
  return (
    <>
      <h1 className="text-3xl">{seen ? `${keptLine(summaries)}.` : "No weeks behind you yet."}</h1>
      <p className="mt-1 text-muted">
        Say when there is training: warm-ups hang on it. Sessions of their own are placed around it,
        spaced as the joints need it{view.aim ? `, up to ${shortDay(view.aim.by)}` : ""}.
      </p>
      <WeekTaught />
      <div className="mt-3 border-l-4 border-tape bg-raised px-4 py-3">
        <TrainingWeekForm
          skills={view.library.skills}
          athleteId={view.athlete.id}
          label="The usual training week"
          trainings={[]}
          places={view.places}
          keep={keep}
          error={error}
        />
        <p className="mt-2 text-sm text-muted">
          No training at all is fine too: keep it empty, and the sessions stand at a time of their
          own.
        </p>
      </div>
      {seen ? (
        <div className="mt-4">
          <WeekTable weeks={summaries} athleteId={view.athlete.id} today={view.today} />
        </div>
      ) : null}
    </>
  );
}
