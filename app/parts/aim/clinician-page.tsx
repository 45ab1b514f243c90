import { decimal, signed } from "#words/locale";
import { heightSaid } from "#words/names";
import { recordRows, type RecordRow, type RecordSide } from "#core/aim/record";
import { unitOf } from "#core/content/protocol";
import { mondayOf, plusDays } from "#core/dates/days";
import { ageOn } from "#core/records/athlete";
import { clearableBy } from "#core/safety/condition-table";
import { painsSince } from "#core/safety/pains";
import { shortDay, paperDay } from "#words/days";
import { exposureNames } from "#words/exposures";
import { instrumentNames } from "#words/names";
import { lockWords, painKinds } from "#words/pain";
import { placeWords } from "#words/places";
import { capital, listWords, many } from "#words/plain";
import { cautionText, cliniciansFirst } from "#words/safety";
import { slotName } from "#words/slots";
import type { AthleteView } from "../../view";
import { aimSentence, notch } from "../words";
import { askedOf } from "./asked";

/** How far back pains and changes are told, days. */
const toldDays = 56;
/** So many measured motions fit on one side of A4, and so many of each other list. */
const mostMeasured = 14;
const mostTold = 6;

/** What a clinician is told of an athlete, on one side of A4, and what is asked: the answer is written on it. */
export function ClinicianPage({ view, named }: { view: AthleteView; named: boolean }) {
  const { athlete, checks, logs, library, allGaps, today, cautions, locks } = view;
  const since = plusDays(today, -toldDays);
  const rows = recordRows({ athlete, checks, library, gaps: allGaps, on: today, since })
    .toSorted(
      (a, b) => Number(b.gap !== null) - Number(a.gap !== null) || b.lastOn.localeCompare(a.lastOn),
    )
    .slice(0, mostMeasured);
  const pains = painsSince(logs, checks, since, today).slice(0, mostTold);
  return (
    <article className="mx-auto max-w-4xl bg-paper text-[0.86rem] leading-snug text-ink">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
        <h1 className="text-2xl">
          {named ? athlete.name : "An athlete, unnamed"}
          <span className="ml-3 font-sans text-base font-normal max-sm:ml-0 max-sm:block">
            {ageOn(athlete, today)} years, {heightSaid(athlete)}
            {athlete.massKg ? `, ${athlete.massKg} kg` : ""},{" "}
            {athlete.discipline || "no discipline"}
          </span>
        </h1>
        <p className="figures">{paperDay(today)}</p>
      </header>
      <p className="mt-1">
        <b>Aim.</b> {capital(aimSentence(view))}. {cliniciansFirst}
      </p>
      <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2 print:grid-cols-2">
        <Part title="Health answers">
          {cautions.length === 0 ? <li>No answer yes.</li> : null}
          {cautions.map((caution) => (
            <li key={caution.id}>{cautionText(caution)}</li>
          ))}
          {athlete.intake?.note ? <li>{athlete.intake.note}</li> : null}
        </Part>
        <Part title="Stopped after pain">
          {locks.length === 0 ? <li>No place is stopped.</li> : null}
          {locks.slice(0, mostTold).map(({ place, because, since: from }) => (
            <li key={`${place?.site}/${place?.side}/${from}`}>
              {capital(place ? placeWords(place) : "a place nobody named")}, {lockWords(because)},
              since {shortDay(from)}
            </li>
          ))}
        </Part>
        <Part title={`Pain since ${shortDay(since)}`}>
          {pains.length === 0 ? <li>None was told.</li> : null}
          {pains.map(({ place, words, times, worst, kinds, last }) => (
            <li key={`${place?.site}/${place?.side}/${words}`}>
              {capital(place ? placeWords(place) : words || "a place nobody named")}:{" "}
              {many(times, "time")}, at most {worst}/10
              {kinds.length > 0 ? `, ${listWords(kinds.map((kind) => painKinds[kind]))}` : ""}, last{" "}
              {shortDay(last)}
            </li>
          ))}
        </Part>
        <Part title="Planned this week">
          {weekLines(view).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Part>
      </div>
      <Measured rows={rows} since={since} />
      <Asked view={view} />
    </article>
  );
}

const Part = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section>
    <h2 className="border-b border-ink text-base font-bold">{title}</h2>
    <ul>{children}</ul>
  </section>
);

/** What hangs on this week, kind by kind; what was done of it in the last seven days where nothing hangs. */
function weekLines({ season, preps, today }: AthleteView): string[] {
  const monday = mondayOf(today);
  const slots = (season?.slots ?? []).filter(
    ({ on, kind }) => on >= monday && on <= plusDays(monday, 6) && kind !== "check",
  );
  if (slots.length === 0) {
    const own = preps.filter(({ on }) => on >= monday && on <= plusDays(monday, 6));
    return [own.length > 0 ? many(own.length, "prep") : "Nothing is planned."];
  }
  const kinds = new Map<string, { times: number; minutes: number }>();
  for (const slot of slots) {
    const name = slotName(slot);
    const known = kinds.get(name) ?? { times: 0, minutes: 0 };
    kinds.set(name, { times: known.times + 1, minutes: known.minutes + slot.minutes });
  }
  return [...kinds].map(
    ([name, { times, minutes }]) => `${capital(name)}: ${times} ×, ${minutes} min together`,
  );
}

const figure = (side: RecordSide | undefined, row: RecordRow): string =>
  side
    ? `${decimal(side.last.value.value, 0)}${unitOf(row.protocol)} ± ${decimal(side.last.value.se, 0)}`
    : "–";

/** Both sides as they read last, with error and date, and what has really changed. */
function Measured({ rows, since }: { rows: readonly RecordRow[]; since: string }) {
  if (rows.length === 0) return <p className="mt-2">Nothing was measured yet.</p>;
  return (
    <table className="mt-2 w-full text-left">
      <caption className="sr-only">Measured ranges</caption>
      <thead>
        <tr className="border-b border-ink">
          {[
            "Measured",
            "how",
            "left",
            "right",
            "needs",
            "last",
            `real change since ${shortDay(since)}`,
          ].map((head) => (
            <th key={head} className="label py-0.5 pr-3">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const of = (one: string) => row.sides.find(({ side }) => side === one);
          const mid = of("mid");
          const real = row.sides.filter(({ change }) => change?.real);
          const { instrument, temperature } = row.sides[0]!.last.check;
          return (
            <tr key={row.key} className="border-b border-ink/25">
              <td className="pr-3 font-semibold">{row.protocol.name}</td>
              <td className="pr-3">
                {row.mode}, {temperature}, {instrumentNames[instrument]}
              </td>
              {mid ? (
                <td className="figures pr-3" colSpan={2}>
                  {figure(mid, row)}
                </td>
              ) : (
                <>
                  <td className="figures pr-3">{figure(of("left"), row)}</td>
                  <td className="figures pr-3">{figure(of("right"), row)}</td>
                </>
              )}
              <td className="figures pr-3">{row.gap ? `${row.gap.need}°` : ""}</td>
              <td className="pr-3">{shortDay(row.lastOn)}</td>
              <td className="figures">
                {real
                  .map(
                    ({ side, change }) =>
                      `${side === "mid" ? "" : `${notch[side]} `}${signed(change!.delta, 0)}${unitOf(row.protocol)}`,
                  )
                  .join("  ") || "none"}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What is asked of the clinician, as a form to be filled in by hand: it is recorded under Aim as the clearance. */
function Asked({ view }: { view: AthleteView }) {
  const { open, sentence } = askedOf(view);
  const offered = [...new Set(open.flatMap(clearableBy))];
  return (
    <section className="mt-3 border-t-2 border-ink pt-1 print:break-inside-avoid">
      <h2 className="text-base font-bold">What is asked of you</h2>
      <p>
        {sentence}
        {open.length > 0 ? " Tick what may; what is not ticked is not done." : ""}
      </p>
      {offered.length > 0 ? (
        <ul className="mt-1 columns-2 sm:columns-4 print:columns-4">
          {offered.map((one) => (
            <li key={one} className="flex items-baseline gap-1.5">
              <span aria-hidden="true" className="inline-block size-3 shrink-0 border border-ink" />
              {exposureNames[one]}
            </li>
          ))}
        </ul>
      ) : null}
      <p className="mt-2 grid grid-cols-[2fr_1fr_1fr] gap-x-6">
        {["In your words", "On", "Until"].map((label) => (
          <span key={label} className="border-b border-ink pt-5 text-xs">
            {label}
          </span>
        ))}
      </p>
      <p className="mt-1 grid grid-cols-2 gap-x-6">
        {["Name and profession", "Signature"].map((label) => (
          <span key={label} className="border-b border-ink pt-5 text-xs">
            {label}
          </span>
        ))}
      </p>
    </section>
  );
}
