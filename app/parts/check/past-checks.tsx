import { Trash2 } from "lucide-react";
import { protocolOf, type Library } from "#core/content/library";
import { unitOf } from "#core/content/protocol";
import { valueOf } from "#core/measure/value";
import type { Check } from "#core/records/records";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { notch } from "../words";
import { longDay } from "#words/days";

/** The last rounds, by day, each check removable (and undone again). */
export function PastChecks({ view }: { view: AthleteView }) {
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
      {days.map((day) => {
        const checks = view.checks.filter((check) => check.on === day);
        return (
          <details key={day} className="border-b border-line">
            <summary className="min-h-9 py-1.5">
              {longDay(day)}{" "}
              <span className="text-muted">
                · {checks.length} check{checks.length === 1 ? "" : "s"}
                {testersOf(checks)}
              </span>
            </summary>
            <ul className="pb-2 pl-4 text-sm">
              {checks.map((check) => (
                <PastCheck key={check.id} check={check} library={view.library} />
              ))}
            </ul>
          </details>
        );
      })}
    </section>
  );
}

function testersOf(checks: readonly Check[]): string {
  const names = [...new Set(checks.map(({ tester }) => tester).filter((name) => name !== ""))];
  return names.length > 0 ? `, by ${names.join(" and ")}` : "";
}

function PastCheck({ check, library }: { check: Check; library: Library }) {
  const { act } = useAct();
  const protocol = protocolOf(library, check.protocolId);
  const value = protocol && check.trials.length > 0 ? valueOf(check, protocol) : null;
  const remarks = [
    check.mode,
    check.temperature,
    check.typed ? `typed as ${check.typed.trials.join(", ")} ${check.typed.unit}` : "",
    check.pain > 0 ? `pain ${check.pain}/10` : "",
    ...check.seen.map((id) => protocol?.compensations.find((one) => one.id === id)?.text ?? id),
    check.read,
    check.note,
  ].filter((text) => text !== "");
  return (
    <li className="flex items-center gap-3">
      <span className="w-44 shrink-0">{protocol?.name ?? check.protocolId}</span>
      <span className="figures shrink-0">
        {notch[check.side]} {check.trials.join(", ") || "no reading"}{" "}
        {protocol && value ? unitOf(protocol).trim() : ""}{" "}
        {value ? `(± ${value.se.toFixed(1)})` : ""}
      </span>
      <span className="min-w-0 text-muted">{remarks.join(", ")}</span>
      <button
        type="button"
        className="quiet ml-auto"
        aria-label={`Remove ${protocol?.name ?? "check"}, ${check.side}, ${check.on}`}
        onClick={() => act("remove-check", { id: check.id })}
      >
        <Trash2 size={14} />
      </button>
    </li>
  );
}
