import type { Check } from "../records/records";
import type { Athlete } from "../records/athlete";
import type { Library } from "../content/library";
import type { Protocol } from "../content/protocol";
import type { LeftRight, Side } from "../body/side";
import { angleOf, bodyOf, checksOf, valueOf, type Angle } from "../measure/value";
import { normalBelow } from "../stats/normal";
import {
  limiterOf,
  verdictOf,
  worstOf,
  type DemandGap,
  type SideMargin,
  type TogetherWhy,
} from "./margin";

type Part = { gap: DemandGap; side: Side; own: SideMargin };
type Given = { degrees: number; se: number };

/** Open hips let the back leg go a third of what its inner thigh gives further. The split's shape says the same. */
const innerThighHelps = 1 / 3;

/**
 * Gaps with the readings that two joints make together brought in: what one joint has more, the other needs less.
 *
 * A tape of 0 cm shows a flat split whatever the joints say one by one. With both joints read, the difference between
 * their sum and the tape is laid on them by their variances; with one read, the other gives the rest; with none, a
 * split that is down is down, and of one that is not nothing more is known than its gap. Joint readings that are
 * both younger than the tape stand as they are.
 */
export function judgedTogether(
  gaps: DemandGap[],
  checks: readonly Check[],
  library: Library,
  athlete: Athlete,
  on: string | undefined,
): DemandGap[] {
  return library.protocols.reduce(
    (all, protocol) => judgedBy(protocol, all, checks, athlete, on),
    gaps,
  );
}

function judgedBy(
  protocol: Protocol,
  gaps: DemandGap[],
  checks: readonly Check[],
  athlete: Athlete,
  on: string | undefined,
): DemandGap[] {
  const front = partOf(gaps, protocol, "front-leg");
  const back = partOf(gaps, protocol, "back-leg");
  if (!front || !back) return gaps;
  const check = checksOf(checks, {
    protocolId: protocol.id,
    side: front.side,
    mode: front.gap.demand.mode,
    ...(on ? { on } : {}),
  })[0];
  if (!check || (newer(front, check) === true && newer(back, check) === true)) return gaps;
  const sum = angleOf(valueOf(check, protocol), protocol, bodyOf(athlete));
  if (!sum) return gaps;
  const inner = gaps.find(
    ({ demand }) => demand.motion === "hip.abduction" && demand.role === "back-leg",
  );
  const need = Math.min(
    180,
    front.gap.need + back.gap.need + (inner ? inner.need * innerThighHelps : 0),
  );
  const given = shares(front, back, sum, need);
  if (!given) return gaps;
  const judge = (part: Part, gives: Given, other: Given) =>
    judged(part, gives, other, { sum, need, protocol, on: check.on });
  const replaced = new Map([
    [front.gap, judge(front, given.front, given.back)],
    [back.gap, judge(back, given.back, given.front)],
  ]);
  return gaps.map((gap) => replaced.get(gap) ?? gap);
}

function partOf(
  gaps: readonly DemandGap[],
  protocol: Protocol,
  leg: "front-leg" | "back-leg",
): Part | null {
  const entry = protocol.together.find((one) => one.leg === leg);
  const gap =
    entry &&
    gaps.find(
      ({ demand }) =>
        demand.role === leg && demand.motion === entry.motion && demand.mode === "passive",
    );
  const own = gap?.sides.find(({ asked }) => asked);
  return gap && own ? { gap, own, side: own.side as LeftRight } : null;
}

const newer = ({ own }: Part, check: Check): boolean =>
  own.checkedOn !== null && own.checkedOn > check.on;

/** What each joint gives of the sum; null where neither was read and the sum falls short: it is not known where. */
function shares(
  front: Part,
  back: Part,
  sum: Angle,
  need: number,
): { front: Given; back: Given } | null {
  const [f, b] = [front.own.have, back.own.have];
  if (f && b) {
    const rest = sum.degrees - f.degrees - b.degrees;
    const [vf, vb] = [f.se ** 2, b.se ** 2];
    const se = Math.sqrt((vf * vb) / (vf + vb));
    return {
      front: { degrees: f.degrees + (rest * vf) / (vf + vb), se },
      back: { degrees: b.degrees + (rest * vb) / (vf + vb), se },
    };
  }
  const less = (known: Given): Given => ({
    degrees: sum.degrees - known.degrees,
    se: Math.hypot(sum.se, known.se),
  });
  if (f) return { front: f, back: less(f) };
  if (b) return { front: less(b), back: b };
  const over = sum.degrees - need;
  if (over < 0) return null;
  return {
    front: { degrees: front.gap.need + over / 2, se: sum.se },
    back: { degrees: back.gap.need + over / 2, se: sum.se },
  };
}

type Reading = { sum: Angle; need: number; protocol: Protocol; on: string };

/** A joint against what it needs once the other gives what it gives. */
function judged(part: Part, gives: Given, other: Given, reading: Reading): DemandGap {
  const { sum, need: whole, protocol, on } = reading;
  const own = part.gap.need;
  const traded = whole - other.degrees;
  const need = Math.min(own, traded);
  const margin = gives.degrees - need;
  const se = traded < own ? sum.se : gives.se;
  const probability = sum.atLeast && margin >= -1e-6 ? 1 : normalBelow(margin / se);
  const verdict = verdictOf(probability);
  const why: TogetherWhy = {
    rule: "together",
    protocolId: protocol.id,
    sum: sum.degrees,
    se: sum.se,
    need: whole,
    atLeast: sum.atLeast,
    gives: gives.degrees,
    other: other.degrees,
  };
  const sides = part.gap.sides.map((side): SideMargin =>
    side === part.own
      ? { ...side, have: gives, margin, probability, verdict, checkedOn: on, why }
      : side,
  );
  const shortage = Math.max(0, -margin);
  return {
    ...part.gap,
    need,
    sides,
    verdict: worstOf(sides),
    shortage,
    limiter: limiterOf(part.gap.demand.weight, shortage),
  };
}
