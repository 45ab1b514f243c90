import { decimal } from "#words/locale";
import { X } from "lucide-react";
import { useMemo, useState } from "react";
import { drillOf } from "#core/content/library";
import { dailyPull, pullAhead, pullPush, pullsADay, pullsToAPush } from "#core/doses/pull-push";
import type { Lift } from "#core/records/athlete";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { readNumber } from "../words";

/** Pulling and pushing side by side: what was done, this week as it will come out, and what is lifted elsewhere. */
export function PullPush({ view }: { view: AthleteView }) {
  const { lifts } = view.athlete;
  const spans = [7, 28].map((days) => ({
    days,
    ...pullPush(view.logs, view.library, view.day, days, lifts),
  }));
  return (
    <section aria-label="Pull and push" className="mt-4">
      <h2 className="text-xl">Pull : push</h2>
      <dl className="mt-1 grid grid-cols-[6rem_1fr] items-center gap-x-4 gap-y-1 text-sm">
        {spans.map(({ days, pull, push }) => (
          <div key={days} className="contents">
            <dt>last {days} days</dt>
            <dd className="flex items-center gap-3">
              {pull + push === 0 ? (
                <span className="text-muted">no counted pulling or pushing</span>
              ) : (
                <>
                  <span
                    className="flex h-4 w-40 max-w-[45vw] border border-ink"
                    role="img"
                    aria-label={`${pull} pulls, ${push} pushes`}
                  >
                    <span
                      className="bg-ink"
                      style={{ width: `${(100 * pull) / (pull + push)}%` }}
                    />
                  </span>
                  <span className="figures">
                    {pull} : {push}
                    {push > 0 && pull > 0 ? `  =  ${decimal(pull / push, 1)} : 1` : ""}
                  </span>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <Ahead view={view} />
      <Lifts view={view} />
      <p className="text-sm text-muted">
        Repetitions, both sides. One-sided and front-dominant sports keep near {pullsToAPush} : 1.
      </p>
    </section>
  );
}

/** This week to its end, and the pulls that would even it out. */
function Ahead({ view }: { view: AthleteView }) {
  const { act } = useAct();
  const week = useMemo(() => pullAhead(view, view.athlete.lifts, view.today), [view]);
  const { all, done, planned, elsewhere, missing } = week;
  if (all.pull + all.push === 0) return null;
  const drill = drillOf(view.library, dailyPull.drillId);
  const aDay = pullsADay(week);
  const has = view.athlete.quotas.some(({ drillId }) => drillId === dailyPull.drillId);
  return (
    <p className="mt-2 text-sm">
      This week will be{" "}
      <b className="figures">
        {all.pull} : {all.push}
      </b>
      : done {done.pull} : {done.push}, planned {planned.pull} : {planned.push}
      {elsewhere.pull + elsewhere.push > 0
        ? `, elsewhere ${elsewhere.pull} : ${elsewhere.push}`
        : ""}
      .{" "}
      {missing > 0
        ? `${missing} pulls more make it ${pullsToAPush} : 1.`
        : "That is enough pulling."}{" "}
      {missing > 0 && drill && !has ? (
        <button
          type="button"
          className="underlined no-print"
          onClick={() => act("set-quota", { drillId: drill.id, reps: aDay })}
        >
          Plan {aDay} a day of {drill.name.toLowerCase()}
        </button>
      ) : null}
    </p>
  );
}

/** What is lifted in other trainings, by the usual week: it counts with the rest. */
function Lifts({ view }: { view: AthleteView }) {
  const { act } = useAct();
  const { lifts } = view.athlete;
  const [name, setName] = useState("");
  const [force, setForce] = useState<Lift["force"]>("push");
  const [reps, setReps] = useState("");
  const count = Math.round(readNumber(reps));
  const save = (next: Lift[]) => act("set-lifts", { lifts: next });
  return (
    <details className="no-print mt-1 text-sm">
      <summary className="min-h-9 py-1.5">
        {lifts.length === 0 ? "Lifts elsewhere count too" : `Lifts elsewhere: ${lifts.length}`}
      </summary>
      <ul>
        {lifts.map((lift, at) => (
          <li key={at} className="flex items-center gap-2">
            {lift.name}: {lift.reps} {lift.force === "pull" ? "pulls" : "pushes"} a week
            <button
              type="button"
              className="quiet"
              aria-label={`Take out ${lift.name}`}
              onClick={() => save(lifts.filter((_, i) => i !== at))}
            >
              <X size={14} />
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-1 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!name.trim() || !(count > 0)) return;
          save([...lifts, { name: name.trim(), force, reps: Math.min(5000, count) }]);
          setName("");
          setReps("");
        }}
      >
        <label className="grid">
          <span className="label">Lift</span>
          <input
            className="field w-40"
            value={name}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <label className="grid">
          <span className="label">It is a</span>
          <select
            className="field"
            value={force}
            onChange={(event) => setForce(event.target.value === "pull" ? "pull" : "push")}
          >
            <option value="push">push</option>
            <option value="pull">pull</option>
          </select>
        </label>
        <label className="grid">
          <span className="label">Times a week</span>
          <input
            className="field figures w-20"
            inputMode="numeric"
            value={reps}
            onChange={(event) => setReps(event.target.value)}
          />
        </label>
        <button type="submit" className="press" disabled={!name.trim() || !(count > 0)}>
          Add
        </button>
      </form>
    </details>
  );
}
