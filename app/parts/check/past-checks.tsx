import { trialsWords } from "#words/measure";
import { decimal } from "#words/locale";
import { Trash2 } from "lucide-react";
import { protocolOf } from "#core/content/library";
import { unitOf } from "#core/content/protocol";
import { valueOf } from "#core/measure/value";
import type { Check, CheckWas } from "#core/records/records";
import type { AthleteView } from "../../view";
import { Folded } from "../folded";
import { useAct } from "../use-act";
import { notch } from "../words";
import { longDay } from "#words/days";
import { MendCheck } from "./mend-check";

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
          <Folded
            key={day}
            className="border-b border-line"
            summary={
              <summary className="min-h-9 py-1.5">
                {longDay(day)}{" "}
                <span className="text-muted">
                  · {checks.length} check{checks.length === 1 ? "" : "s"}
                  {testersOf(checks)}
                </span>
              </summary>
            }
          >
            {() => (
              <ul className="pb-2 pl-4 text-sm">
                {checks.map((check) => (
                  <PastCheck key={check.id} check={check} view={view} />
                ))}
              </ul>
            )}
          </Folded>
        );
      })}
    </section>
  );
}

function testersOf(checks: readonly Check[]): string {
  const names = [...new Set(checks.map(({ tester }) => tester).filter((name) => name !== ""))];
  return names.length > 0 ? `, by ${names.join(" and ")}` : "";
}

function PastCheck({ check, view }: { check: Check; view: AthleteView }) {
  const { library } = view;
  const { act } = useAct();
  const protocol = protocolOf(library, check.protocolId);
  const value = protocol && check.trials.length > 0 ? valueOf(check, protocol) : null;
  const remarks = [
    check.mode,
    check.temperature,
    check.typed ? `typed as ${trialsWords(check.typed.trials)} ${check.typed.unit}` : "",
    check.pain > 0 ? `pain ${check.pain}/10` : "",
    ...check.seen.map((id) => protocol?.compensations.find((one) => one.id === id)?.text ?? id),
    check.read,
    check.note,
    ...(check.was ?? []).map((was) => wasWords(was, check, view)),
  ].filter((text) => text !== "");
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      <span className="w-44 shrink-0">{protocol?.name ?? check.protocolId}</span>
      <span className="figures shrink-0">
        {notch[check.side]} {trialsWords(check.trials) || "no reading"}{" "}
        {protocol && value ? unitOf(protocol).trim() : ""}{" "}
        {value ? `(± ${decimal(value.se, 1)})` : ""}
      </span>
      <span className="min-w-0 text-muted">{remarks.join(", ")}</span>
      <span className="ml-auto" />
      <MendCheck check={check} library={library} people={[view.athlete, ...view.others]} />
      <button
        type="button"
        className="quiet"
        aria-label={`Remove ${protocol?.name ?? "check"}, ${check.side}, ${check.on}`}
        onClick={() => act("remove-check", { id: check.id })}
      >
        <Trash2 size={14} />
      </button>
    </li>
  );
}

/** What a check was before it was mended, in a few words. */
function wasWords(was: CheckWas, check: Check, view: AthleteView): string {
  const whose = view.others.find(({ id }) => id === was.athleteId)?.name;
  return [
    "was",
    was.side === check.side ? "" : was.side,
    trialsWords(was.trials) || "no reading",
    was.athleteId === check.athleteId ? "" : `of ${whose ?? "somebody else"}`,
  ]
    .filter((text) => text !== "")
    .join(" ");
}
