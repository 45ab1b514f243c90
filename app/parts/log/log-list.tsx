import { memo } from "react";
import { Trash2 } from "lucide-react";
import { Link } from "react-router";
import { outcomeOf } from "#core/season/weeks";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { longDay } from "#words/days";
import { hurtWords } from "#words/pain";

/** The last logs, newest first; each opens, each can be removed and brought back by undo. */
export const LogList = memo(function LogList({
  view,
  shown,
}: {
  view: AthleteView;
  shown: string | null;
}) {
  const { act } = useAct();
  const recent = [...view.logs].sort((a, b) => b.on.localeCompare(a.on)).slice(0, 12);
  if (recent.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Logs so far</h2>
      <ul className="mt-1 border-t border-line">
        {recent.map((log) => {
          const stops = log.items.filter((item) => item.done === "stopped");
          return (
            <li
              key={log.id}
              className={`flex flex-wrap items-center gap-x-4 border-b border-line ${log.id === shown ? "bg-raised" : ""}`}
            >
              <Link className="min-h-9 py-1.5 hover:underline" to={`?log=${log.id}`}>
                {longDay(log.on)}
              </Link>
              <span className="figures text-sm">{log.minutes} min</span>
              <span className="text-sm text-muted">{outcomeOf(log)}</span>
              {stops.length > 0 ? (
                <span className="text-sm text-clay">
                  stopped:{" "}
                  {[
                    ...new Set(
                      stops.map((item) => hurtWords(item.painAt, item.painPlace) || "pain"),
                    ),
                  ].join(", ")}
                </span>
              ) : null}
              <span className="min-w-0 flex-1 truncate text-sm text-muted">{log.note}</span>
              <button
                type="button"
                className="quiet"
                aria-label={`Remove the log of ${longDay(log.on)}`}
                onClick={() => act("remove-log", { id: log.id })}
              >
                <Trash2 size={14} />
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
});
