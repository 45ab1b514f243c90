import { decimal } from "#words/locale";
import { motionOf } from "#core/body/motions";
import { blockMondays, showDays, weekTerms } from "#core/schedule/block";
import { aroundOf } from "#core/schedule/around-of";
import { plusDays } from "#core/dates/days";
import type { AthleteView } from "../../view";
import { aimSentence, notch } from "../words";
import { paperDay, shortDay } from "#words/days";
import { dateVerdict, readyCaveat, verdictDetail, verdictHeadline } from "./date-words";
import { emphasisWords, sentence, weekRemarks } from "./slot-words";
import { many } from "#words/plain";
import { useSeason } from "./use-season";
import { z95 } from "#core/stats/confidence";
import { jointWords } from "#words/slots";

/** The season for the athlete: where it goes, what each week is for, what to have by when. No health notes. */
export function SeasonSheet({ view }: { view: AthleteView }) {
  const { season } = view;
  const { by, questions, forecast } = useSeason(view);
  const verdict = by ? dateVerdict(questions, forecast.answers) : null;
  const unmeasured = view.gaps.filter((gap) => gap.verdict === "unknown").length;
  if (!season) return <h1 className="mt-4 text-2xl">No weeks are laid out yet.</h1>;
  const around = aroundOf(view, season);
  const shows = showDays(around);
  return (
    <article className="mx-auto max-w-5xl text-ink">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
        <h1 className="text-3xl">{view.athlete.name}</h1>
        <p className="font-display text-lg">{aimSentence(view)}</p>
        <p className="figures">{paperDay(view.today)}</p>
      </header>
      {verdict && by ? (
        <p className="mt-2 text-lg">
          {verdictHeadline(verdict, by, unmeasured)} {verdictDetail(verdict, view.today)}{" "}
          {readyCaveat(view)}
        </p>
      ) : null}
      <table className="mt-3 w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            {["It asks", "Need", "Last check"].map((head) => (
              <th key={head} className="label py-1">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {view.gaps.map((gap) => (
            <tr
              key={`${gap.demand.motion}/${gap.demand.mode}/${gap.demand.role}`}
              className="border-b border-ink/30"
            >
              <td className="py-1">
                {motionOf(gap.demand.motion).name} <span className="text-sm">{gap.demand.how}</span>
              </td>
              <td className="figures py-1">{gap.need}°</td>
              <td className="figures py-1">
                {gap.sides
                  .filter(({ asked }) => asked)
                  .map(({ side, have }) =>
                    have
                      ? `${side === "mid" ? "" : `${notch[side]} `}${decimal(have.degrees, 0)}° ± ${decimal(z95 * have.se, 0)}`
                      : "not measured",
                  )
                  .join("   ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ol className="mt-4">
        {blockMondays(season).map((monday) => {
          const terms = weekTerms(around, monday);
          const slots = season.slots.filter(({ on }) => on >= monday && on <= plusDays(monday, 6));
          const joints = [
            ...new Set(slots.flatMap(({ focus }) => (focus ? [jointWords(focus)] : []))),
          ];
          const sessions = slots.filter(({ kind }) => kind === "mobility").length;
          const checks = slots.filter(({ kind }) => kind === "check");
          const shown = shows.filter((day) => day >= monday && day <= plusDays(monday, 6));
          return (
            <li
              key={monday}
              className={`grid grid-cols-[5rem_9rem_1fr] gap-x-4 border-b border-ink/40 py-1 print:break-inside-avoid ${plusDays(monday, 6) < view.today ? "text-muted" : ""}`}
            >
              <span className="figures font-bold">{shortDay(monday)}</span>
              <span className="font-display font-bold">{emphasisWords[terms.emphasis]}</span>
              <span>
                {sessions > 0
                  ? `${many(sessions, "session")} (${joints.join(", ")}). `
                  : plusDays(monday, 6) < view.today
                    ? ""
                    : "No sessions. "}
                {checks.map(({ on }) => `Measure on ${shortDay(on)}. `)}
                {shown.map((day) => `Shown on ${shortDay(day)}. `)}
                <i>{sentence(weekRemarks(terms))}</i>
              </span>
            </li>
          );
        })}
      </ol>
      <p className="mt-3 text-sm">
        Dates are likelihoods, not promises; they change with every check. A clinician, the teacher
        and the rules of the house come first.
      </p>
    </article>
  );
}
