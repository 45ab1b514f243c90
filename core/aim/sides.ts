import type { DemandGap } from "./margin";
import type { MotionId } from "../body/motions";
import type { Check } from "../records/records";
import type { Library } from "../content/library";
import { sideDifference, sidesByChance, type SideDifference } from "../measure/change";
import { discoveryBar } from "../measure/discoveries";
import type { Protocol } from "../content/protocol";
import { checksOf, valueOf, type Value } from "../measure/value";

/** Left against right of a demanded motion, by its latest comparable checks. */
export type Sides = { motion: MotionId; protocol: Protocol; difference: SideDifference };

type Pair = { motion: MotionId; protocol: Protocol; left: Value; right: Value };

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
    return [
      {
        motion: demand.motion,
        protocol,
        left: valueOf(left, protocol),
        right: valueOf(right, protocol),
      },
    ];
  });
  const pairs = [
    ...new Map(found.map((one) => [`${one.motion}/${one.protocol.id}`, one])).values(),
  ];
  const bar = discoveryBar(pairs.map(({ left, right }) => sidesByChance(left, right)));
  return pairs.map(({ motion, protocol, left, right }) => ({
    motion,
    protocol,
    difference: sideDifference(left, right, protocol, bar),
  }));
}
