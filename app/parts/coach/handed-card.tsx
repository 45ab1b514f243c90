import { CircleCheck, ClipboardPen, HeartPulse, Play } from "lucide-react";
import { Link } from "react-router";
import { markOf } from "#core/exchange/file";
import type { AnyRecord, Prep, RecordOf } from "#core/records/records";
import { longDay, shortDay } from "#words/days";
import { many } from "#words/plain";
import type { HandedHere } from "../../store/meta";
import { SendBack } from "./send-back";

/** What a coach has handed over of one athlete. */
export function HandedCard({
  handed,
  athlete,
  preps,
  news,
  underWay,
  today,
}: {
  handed: HandedHere;
  athlete: RecordOf<"athlete">;
  preps: readonly { prep: Prep; logged: boolean }[];
  news: readonly AnyRecord[];
  underWay: boolean;
  today: string;
}) {
  const asked = !athlete.intake || Boolean(athlete.intakeAsked);
  const at = `/at/${athlete.id}`;
  return (
    <section className="mt-5 border-t border-ink pt-3" aria-label={athlete.name}>
      <h2 className="text-2xl">{athlete.name}</h2>
      <p className="text-muted">
        From {handed.by || "a coach"}, {shortDay(handed.on)}.
      </p>
      {asked ? (
        <p className="mt-3 border-l-4 border-tape bg-raised px-4 py-2">
          {athlete.intake
            ? "Your coach asks the health questions anew."
            : "The health questions come before the first run."}
          <Link className="press press-main mt-2 min-h-12 w-full" to={`${at}/aim#intake`}>
            <HeartPulse size={18} aria-hidden="true" /> Answer them
          </Link>
        </p>
      ) : null}
      <ul className="mt-3">
        {preps.map(({ prep, logged }) => (
          <li key={prep.id} className="border-b border-line py-2">
            <p>
              <b>{prep.on === today ? "Today" : longDay(prep.on)}</b>
              <span className="text-muted">
                {" "}
                · {many(Math.round(prep.budget / 60), "minute")}, {many(prep.items.length, "drill")}
              </span>
            </p>
            {logged ? (
              <p className="flex items-center gap-2 text-spruce">
                <CircleCheck size={16} aria-hidden="true" /> Done and logged
              </p>
            ) : prep.on === today ? (
              <p className="mt-1 grid grid-cols-2 gap-2">
                {athlete.intake ? (
                  <Link className="press press-main min-h-12" to={`${at}/run`}>
                    <Play size={18} aria-hidden="true" /> {underWay ? "Go on" : "Run it"}
                  </Link>
                ) : null}
                <Link className="press min-h-12" to={`${at}/prep?prep=${prep.id}`}>
                  Look it over
                </Link>
              </p>
            ) : (
              <Link className="underlined" to={`${at}/prep?day=${prep.on}&prep=${prep.id}`}>
                Look it over
              </Link>
            )}
          </li>
        ))}
      </ul>
      {preps.length === 0 ? <p>No prep of today or later came along.</p> : null}
      <p className="mt-3">
        <Link className="press min-h-12" to={`${at}/log`}>
          <ClipboardPen size={18} aria-hidden="true" /> Log something else
        </Link>
      </p>
      <SendBack
        key={news.map((record) => markOf(record)).join()}
        handed={handed}
        athlete={athlete}
        news={news}
      />
    </section>
  );
}
