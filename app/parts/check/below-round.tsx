import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { BodyMeasuresForm } from "./body-measures";
import { CheckPicker } from "./check-picker";
import { LastRound } from "./last-round";
import { PastChecks } from "./past-checks";
import type { RoundRows } from "./use-check-round";

/** What stands under a round: the last one, what else could be measured, the body's own measures, the rounds so far. */
export function BelowRound({
  view,
  plan,
  add,
}: {
  view: AthleteView;
  plan: RoundRows;
  add: (protocolId: string) => void;
}) {
  const { act } = useAct();
  return (
    <>
      <LastRound view={view} />
      {plan.resting.length > 0 ? (
        <details className="mt-3">
          <summary className="label min-h-9 py-2">
            Asked by the aims, not in this round ({plan.resting.length})
          </summary>
          <ul>
            {plan.resting.map(({ id, name }) => (
              <li key={id} className="flex items-baseline gap-3 border-b border-line">
                <button type="button" className="underlined min-h-9" onClick={() => add(id)}>
                  {name}
                </button>
                <span className="text-sm text-muted">{whyNot(plan, id)}</span>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
      <CheckPicker protocols={plan.others} add={({ id }) => add(id)} />
      <BodyMeasuresForm
        athlete={view.athlete}
        keep={(measures) => act("save-measures", { measures })}
      />
      <PastChecks view={view} />
    </>
  );
}

function whyNot({ proposal }: RoundRows, id: string): string {
  if (proposal.stopped.some(({ protocolId }) => protocolId === id))
    return "stopped by pain until a person clears it";
  if (proposal.unreadable.some(({ protocolId }) => protocolId === id))
    return "not read with the instrument that is chosen";
  if (proposal.left.some(({ protocolId }) => protocolId === id)) return "needs more minutes";
  return "measured lately and clear enough";
}
