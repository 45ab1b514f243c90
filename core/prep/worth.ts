import { workSeconds } from "../drill/dose";
import { atRung, rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { benefit } from "./benefit";
import { phaseWorth } from "./model-of";
import type { PlanRequest } from "./plan";

/**
 * What a list of items gives the needs: Σ need × benefit of the seconds on each motion and phase. To compare
 * two lists of one request; the unit is seconds of a need of weight 1.
 */
export function prepWorth(
  items: readonly PrepItem[],
  {
    needs,
    library,
    format,
    emphasis,
  }: Pick<PlanRequest, "needs" | "library" | "format" | "emphasis">,
): number {
  const cells = new Map<string, { weight: number; seconds: number }>();
  for (const item of items) {
    const drill = drillOf(library, item.drillId);
    if (!drill) continue;
    for (const { motion, share } of atRung(drill, rungOf(drill, item.rungId)).serves) {
      const weight = needs.find((need) => need.motion === motion)?.weight ?? 0;
      if (weight === 0) continue;
      const key = `${motion}/${item.phase}`;
      const cell = cells.get(key) ?? {
        weight: weight * phaseWorth(format.doses, item.phase, emphasis),
        seconds: 0,
      };
      cell.seconds += share * workSeconds(item.dose);
      cells.set(key, cell);
    }
  }
  return [...cells.values()].reduce(
    (sum, { weight, seconds }) => sum + weight * benefit(seconds),
    0,
  );
}
