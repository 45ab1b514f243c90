import { Trash2 } from "lucide-react";
import { unitOf } from "#core/measure/protocol";
import { protocolOf } from "#core/library";
import { valueOf } from "#core/measure/value";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { longDay, notch } from "../words";

/** The last rounds, by day, each check removable (and undone again). */
export function PastChecks({ view }: { view: AthleteView }) {
  const { act } = useAct();
  const days = [
    ...new Set(view.checks.filter((check) => check.on <= view.day).map((check) => check.on)),
  ]
    .sort()
    .reverse()
    .slice(0, 6);
  if (days.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Rounds so far</h2>
      {days.map((day) => (
        <details key={day} className="border-b border-line">
          <summary className="min-h-9 py-1.5">
            {longDay(day)}{" "}
            <span className="text-muted">
              · {view.checks.filter((check) => check.on === day).length} checks
            </span>
          </summary>
          <ul className="pb-2 pl-4 text-sm">
            {view.checks
              .filter((check) => check.on === day)
              .map((check) => {
                const protocol = protocolOf(view.library, check.protocolId);
                const value = protocol ? valueOf(check.trials, protocol) : null;
                return (
                  <li key={check.id} className="flex items-center gap-3">
                    <span className="w-48">{protocol?.name ?? check.protocolId}</span>
                    <span className="figures">
                      {notch[check.side]} {check.trials.join(", ")}{" "}
                      {protocol ? unitOf(protocol).trim() : ""}{" "}
                      {value ? `(± ${value.se.toFixed(1)})` : ""}
                    </span>
                    <span className="text-muted">
                      {check.mode}, {check.temperature}
                      {check.pain > 0 ? `, pain ${check.pain}/10` : ""}
                    </span>
                    <button
                      type="button"
                      className="quiet ml-auto"
                      aria-label={`Remove ${protocol?.name ?? "check"}, ${check.side}, ${day}`}
                      onClick={() => act("remove", { id: check.id })}
                    >
                      <Trash2 size={14} />
                    </button>
                  </li>
                );
              })}
          </ul>
        </details>
      ))}
    </section>
  );
}
