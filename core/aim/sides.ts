import type { DemandGap } from "./margin";
import type { MotionId } from "../body/motions";
import type { Check } from "../records/records";
import type { Library } from "../content/library";
import { sideDifferencesOf, type SideDifference, type SidePairOf } from "../measure/change";
import type { Protocol } from "../content/protocol";
import { checksOf, valueOf } from "../measure/value";

/** Left against right of a demanded motion, by its latest comparable checks. */
export type Sides = { motion: MotionId; protocol: Protocol; difference: SideDifference };

type Pair = SidePairOf & { motion: MotionId };

/** Left against right of every motion that is asked, all judged together: only where both were measured at one temperature. */
export function sideDifferences(
  gaps: readonly Pick<DemandGap, "demand" | "protocolId">[],
  checks: readonly Check[],
  library: Pick<Library, "protocols">,
  on: string,
): Sides[] {
  const found = gaps.flatMap(({ demand, protocolId }): Pair[] => {
    const protocol = library.protocols.find(({ id }) => id === protocolId);
    if (!protocol?.sided) return [];
    const [left, right] = (["left", "right"] as const).map(
      (side) => checksOf(checks, { protocolId: protocol.id, side, mode: demand.mode, on })[0],
    );
    if (!left || !right || left.temperature !== right.temperature) return [];
    const of = (check: Check) => ({ value: valueOf(check, protocol), tester: check.tester });
    return [{ motion: demand.motion, protocol, left: of(left), right: of(right) }];
  });
  const pairs = [
    ...new Map(found.map((one) => [`${one.motion}/${one.protocol.id}`, one])).values(),
  ];
  const differences = sideDifferencesOf(pairs);
  return pairs.map(({ motion, protocol }, n) => ({
    motion,
    protocol,
    difference: differences[n]!,
  }));
}
