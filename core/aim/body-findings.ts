import { motionOf, type JointId, MotionId } from "../body/motions";
import { sportRows, type SportId } from "../body/sports";
import type { Library } from "../content/library";
import type { Mode, Protocol } from "../content/protocol";
import { checksOf, valueOf, type Value } from "../measure/value";
import { sideDifferencesOf } from "../measure/change";
import { z95 } from "../stats/confidence";
import type { Check } from "../records/records";
import type { Need } from "./priority";
import { complaintRows } from "../body/complaints";
import { motionsAt, type SiteId } from "../body/sites";
import { faultRows } from "./faults";
import { profileAsks, type OwnProfile } from "../body/profiles";
import type { BodyFinding, SideOf } from "./body-finding";

/** What each kind of finding weighs; an aim's limiter that is wholly missing weighs 1. Working figures. */
const weighs = {
  belowUsual: 0.6,
  screen: 0.4,
  sides: 0.25,
  seen: 0.3,
  active: 0.3,
  area: 0.4,
  flagged: 0.25,
  hurt: 0.25,
  weakPart: 0.15,
  sport: 0.06,
};

/** Active range is much less than passive from here on, degrees, where it is beyond both errors. */
const muchLess = 15;

type Read = { protocol: Protocol; side: SideOf; mode: Mode; check: Check; value: Value };

/** The latest reading of every check that was ever done, by side and mode. */
function readings(
  checks: readonly Check[],
  { protocols }: Pick<Library, "protocols">,
  on: string,
): Read[] {
  const done = new Set(checks.map(({ protocolId }) => protocolId));
  return protocols
    .filter(({ id }) => done.has(id))
    .flatMap((protocol) =>
      (protocol.sided ? (["left", "right"] as const) : (["mid"] as const)).flatMap((side) =>
        protocol.modes.flatMap((mode): Read[] => {
          const [check] = checksOf(checks, { protocolId: protocol.id, side, mode, on });
          return check && check.trials.length > 0
            ? [{ protocol, side, mode, check, value: valueOf(check, protocol) }]
            : [];
        }),
      ),
    );
}

/** The motions that a check speaks of: its own, or each that a screen involves. */
const motionsOf = ({ motion, involves }: Protocol): readonly MotionId[] =>
  motion ? [motion] : involves;

/** How far below the usual range a reading is, as a share of that range; 0 where it is in it or its error reaches it. */
function shareBelow({ protocol, value }: Read): number {
  const [low, high] = protocol.usual;
  const short = protocol.better === "more" ? low - value.value : value.value - high;
  const width = Math.max(1e-6, high - low, 0.1 * Math.abs(high));
  return short > z95 * value.se || (protocol.reading === "count" && short > 0)
    ? Math.min(1, short / width)
    : 0;
}

function fromReading(read: Read): BodyFinding[] {
  const { protocol, side, value, check } = read;
  const share = shareBelow(read);
  const usual = protocol.better === "more" ? protocol.usual[0] : protocol.usual[1];
  const screen = protocol.motion === null;
  const of = motionsOf(protocol);
  const below = of.flatMap((motion): BodyFinding[] =>
    share > 0
      ? [
          {
            found: "below-usual",
            motion,
            weight:
              ((screen ? weighs.screen : weighs.belowUsual) * (0.4 + 0.6 * share)) /
              (screen ? Math.sqrt(of.length) : 1),
            protocolId: protocol.id,
            value: value.value,
            usual,
            side,
          },
        ]
      : [],
  );
  const seen = check.seen.flatMap((fault) =>
    (faultRows[fault] ?? [])
      .filter((motion) => protocol.involves.includes(motion) || protocol.motion === null)
      .map((motion): BodyFinding => ({
        found: "seen",
        motion,
        weight: weighs.seen,
        protocolId: protocol.id,
        fault,
      })),
  );
  return [...below, ...seen];
}

/** Left against right, all judged together, only where the difference is real and worth acting on. */
function fromSides(all: readonly Read[]): BodyFinding[] {
  const pairs = all.flatMap((left) => {
    const right = all.find(
      (one) => one.protocol === left.protocol && one.mode === left.mode && one.side === "right",
    );
    const { motion } = left.protocol;
    return left.side === "left" &&
      right &&
      motion &&
      left.check.temperature === right.check.temperature
      ? [{ left, right, motion }]
      : [];
  });
  const of = ({ value, check }: Read) => ({ value, tester: check.tester });
  const differences = sideDifferencesOf(
    pairs.map(({ left, right }) => ({
      protocol: left.protocol,
      left: of(left),
      right: of(right),
    })),
  );
  return pairs.flatMap(({ left, motion }, n): BodyFinding[] => {
    const { worthActing, shorter, difference } = differences[n]!;
    return worthActing
      ? [
          {
            found: "sides",
            motion,
            weight: weighs.sides,
            protocolId: left.protocol.id,
            shorter,
            difference: Math.abs(difference),
          },
        ]
      : [];
  });
}

/** Where the joint goes much further than the muscles take it: that asks for strength at the end, not for stretching. */
function fromModes(all: readonly Read[]): BodyFinding[] {
  return all.flatMap((passive): BodyFinding[] => {
    const { protocol, side, value } = passive;
    const active = all.find(
      (one) => one.protocol === protocol && one.side === side && one.mode === "active",
    );
    if (passive.mode !== "passive" || !active || !protocol.motion || protocol.reading !== "degrees")
      return [];
    const difference = value.value - active.value.value;
    return difference >= muchLess && difference > z95 * Math.hypot(value.se, active.value.se)
      ? [{ found: "active-less", motion: protocol.motion, weight: weighs.active, difference, side }]
      : [];
  });
}

/** What a body lives with, as the coach has said it. */
export type Lives = {
  areas: readonly JointId[];
  profiles: readonly string[];
  /** Joints with an old injury or a niggle. */
  flagged?: readonly JointId[];
  /** Places that hurt lately, and how much at most. */
  hurt?: readonly { site: SiteId; pain: number }[];
  /** Positions that were behind the others, with the motions that their drill serves. */
  weakParts?: readonly { drillId: string; label: string; motions: readonly MotionId[] }[];
  /** The profiles that the coach has said himself. */
  own?: readonly OwnProfile[];
  sports: readonly SportId[];
};

function fromLife(lives: Lives): BodyFinding[] {
  const { areas, profiles, sports, own = [], flagged = [], hurt = [], weakParts = [] } = lives;
  return [
    ...flagged.flatMap((joint) =>
      complaintRows[joint].tissues.map((motion): BodyFinding => ({
        found: "flagged",
        motion,
        weight: weighs.flagged,
        joint,
      })),
    ),
    ...hurt.flatMap(({ site, pain }) =>
      motionsAt(site).map((motion): BodyFinding => ({
        found: "hurt",
        motion,
        weight: weighs.hurt,
        site,
        pain,
      })),
    ),
    ...weakParts.flatMap(({ drillId, label, motions }) =>
      motions.map((motion): BodyFinding => ({
        found: "weak-part",
        motion,
        weight: weighs.weakPart,
        drillId,
        label,
      })),
    ),
    ...areas.flatMap((joint) =>
      MotionId.options
        .filter((motion) => motionOf(motion).joint === joint)
        .map((motion): BodyFinding => ({ found: "area", motion, weight: weighs.area, joint })),
    ),
    ...profiles.flatMap((profile) =>
      profileAsks(profile, own).map((row): BodyFinding => ({ found: "profile", ...row, profile })),
    ),
    ...sports.flatMap((sport) =>
      sportRows[sport].asks.map((motion): BodyFinding => ({
        found: "sport",
        motion,
        weight: weighs.sport,
        sport,
      })),
    ),
  ];
}

/** Everything that was found of a body on a day, the weightiest first: checks, ticked faults, sides, modes, how it lives. */
export function bodyFindings(
  checks: readonly Check[],
  library: Pick<Library, "protocols">,
  on: string,
  lives: Lives,
): BodyFinding[] {
  const all = readings(checks, library, on);
  return [
    ...all.flatMap(fromReading),
    ...fromSides(all),
    ...fromModes(all),
    ...fromLife(lives),
  ].sort((a, b) => b.weight - a.weight);
}

/** What an aim's own gap says already: how much there is of a motion, and how the sides differ in it. */
const isOfGap = ({ found }: BodyFinding): boolean => found === "below-usual" || found === "sides";

/** The weightiest finding of every motion, without what the aim's own gaps say already. */
export function chiefFindings(
  needs: readonly Need[],
  findings: readonly BodyFinding[],
): BodyFinding[] {
  const asked = new Set(needs.map(({ motion }) => motion));
  const chief = new Map<MotionId, BodyFinding>();
  for (const finding of findings)
    if (
      !(isOfGap(finding) && asked.has(finding.motion)) &&
      (chief.get(finding.motion)?.weight ?? 0) < finding.weight
    )
      chief.set(finding.motion, finding);
  return [...chief.values()].sort((a, b) => b.weight - a.weight);
}

/**
 * An aim's needs with what was found beside them. Each motion's weightiest finding counts, added to what the aim asks of
 * it; a motion that no aim asks becomes a need of its own.
 */
export function withFindings(needs: readonly Need[], findings: readonly BodyFinding[]): Need[] {
  const chief = chiefFindings(needs, findings);
  const known = needs.map((need): Need => {
    const finding = chief.find(({ motion }) => motion === need.motion);
    return finding ? { ...need, weight: need.weight + finding.weight, finding } : need;
  });
  const own = chief
    .filter(({ motion }) => !needs.some((need) => need.motion === motion))
    .map((finding): Need => ({
      motion: finding.motion,
      weight: finding.weight,
      terms: { limiter: 0, timePressure: 1, sideDifference: 0, unmeasured: 0, keeping: 0 },
      shorter: finding.found === "sides" ? finding.shorter : null,
      override: null,
      shortage: null,
      verdict: "unknown",
      finding,
    }));
  return [...known, ...own].sort((a, b) => b.weight - a.weight);
}
