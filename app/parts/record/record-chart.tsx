import { useRef } from "react";
import { Download } from "lucide-react";
import { checksCsv } from "#core/exchange/checks-csv";
import type { RecordRow } from "#core/aim/record";
import { angleUnit } from "#core/measure/value";
import { historyOf } from "#core/forecast/history";
import { plusDays } from "#core/dates/days";
import type { AthleteView } from "../../view";
import { download } from "../download";
import { shortDay } from "#words/days";
import { CheckChart, type ChartNote } from "./check-chart";
import { pngOf, standaloneSvg } from "./chart-file";
import { BothNames } from "../both-names";

/** One motion over time: error band, demand line, preps and notes beneath; out as a picture or a table. */
export function RecordChart({ view, row }: { view: AthleteView; row: RecordRow }) {
  const frame = useRef<HTMLDivElement>(null);
  const { protocol, mode, gap } = row;
  const { temperature } = row.sides[0]!.last.check;
  const own = view.checks.filter(
    (check) =>
      check.protocolId === protocol.id &&
      check.mode === mode &&
      check.temperature === temperature &&
      check.on <= view.day,
  );
  const lines = historyOf(own, protocol, view.athlete);
  const first = own.reduce((day, { on }) => (on < day ? on : day), view.day);
  const from = first === view.day ? plusDays(view.day, -14) : first;
  const notes = notesOf(own, protocol);
  const preps = view.logs.filter(({ on }) => on >= from && on <= view.day).map(({ on }) => on);
  const title = `${view.athlete.name}: ${protocol.name}, ${mode}, ${temperature}`;
  const of = `${protocol.id}-${mode}`;
  const svg = (): string => standaloneSvg(frame.current!.querySelector("svg")!, title);
  return (
    <section className="mt-6" aria-label={title}>
      <h2 className="text-xl">
        <BothNames motion={protocol.motion} plain={protocol.name} />{" "}
        <span className="font-sans text-sm font-normal text-muted">
          {mode}, {temperature}
        </span>
      </h2>
      <div ref={frame}>
        <CheckChart
          name={`${protocol.name} over time`}
          lines={lines}
          need={gap?.need ?? null}
          from={from}
          to={view.day}
          unit={angleUnit(protocol)}
          preps={preps}
          notes={notes}
          height={230}
        />
      </div>
      <p className="text-xs text-muted">
        The band is the error of a value; strokes along the foot are days with a prep
        {notes.length > 0 ? ", figures are the notes below" : ""}. Checks taken{" "}
        {temperature === "warm" ? "cold" : "warm"} or in the other mode are not joined.
      </p>
      {notes.length > 0 ? (
        <ol className="mt-1 list-decimal pl-6 text-sm marker:font-bold marker:text-spruce">
          {notes.map(({ on, text }) => (
            <li key={on}>
              {shortDay(on)}: {text}
            </li>
          ))}
        </ol>
      ) : null}
      <p className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          onClick={() => download("chart", svg(), view.athlete.name, { of })}
        >
          <Download size={16} aria-hidden="true" /> Chart as SVG
        </button>
        <button
          type="button"
          className="press"
          onClick={() =>
            void pngOf(svg()).then((png) => download("picture", png, view.athlete.name, { of }))
          }
        >
          <Download size={16} aria-hidden="true" /> as PNG
        </button>
        <button
          type="button"
          className="press"
          onClick={() =>
            download("checks", checksCsv(own, [view.athlete], view.library), view.athlete.name, {
              of,
            })
          }
        >
          <Download size={16} aria-hidden="true" /> its checks as CSV
        </button>
      </p>
    </section>
  );
}

/** Pain, what was seen and what was noted, a line a day. */
function notesOf(checks: AthleteView["checks"], protocol: RecordRow["protocol"]): ChartNote[] {
  const byDay = new Map<string, string[]>();
  for (const check of checks) {
    const seen = check.seen.map(
      (id) => protocol.compensations.find((one) => one.id === id)?.text.toLowerCase() ?? id,
    );
    const parts = [check.pain > 0 ? `pain ${check.pain}/10` : "", ...seen, check.note].filter(
      (text) => text !== "",
    );
    if (parts.length === 0) continue;
    const side = check.side === "mid" ? "" : `${check.side}: `;
    byDay.set(check.on, [...(byDay.get(check.on) ?? []), side + parts.join(", ")]);
  }
  return [...byDay]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([on, texts]) => ({ on, text: texts.join("; ") }));
}
