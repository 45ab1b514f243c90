import type { MotionId } from "../body/motions";
import { otherSide, type Side } from "../body/side";
import type { Athlete } from "../records/athlete";
import type { Aim, Check } from "../records/records";
import type { Library } from "../content/library";
import type { Protocol } from "../content/protocol";
import { normalBelow } from "../stats/normal";
import { angleOf, bodyOf, checksOf, ofOneJoint, valueOf, type Angle } from "../measure/value";
import { testerWidening, usualTester } from "../measure/tester";
import { isLooseJointed } from "../safety/intake";
import type { Demand, Skill } from "../content/skill";
import { judgedTogether } from "./together";
import {
  limiterOf,
  verdictOf,
  verdictRank,
  worstOf,
  type DemandGap,
  type SideMargin,
  type Verdict,
} from "./margin";

/** The sides on which a role is played when the aim is for one side, asked side first. */
export function sidesOfRole(demand: Demand, aimSide: Side): { side: Side; asked: boolean }[] {
  if (demand.role === "trunk") return [{ side: "mid", asked: true }];
  if (demand.role === "both-sides" || aimSide === "mid")
    return [
      { side: "left", asked: true },
      { side: "right", asked: true },
    ];
  const asked =
    demand.role === "front-leg" || demand.role === "working-side" ? aimSide : otherSide(aimSide);
  return [
    { side: "left", asked: asked === "left" },
    { side: "right", asked: asked === "right" },
  ];
}

export type GapInput = {
  athlete: Athlete;
  aim: Aim;
  skill: Skill;
  checks: readonly Check[];
  library: Library;
  on?: string;
};

/**
 * Every demand of an aim against the athlete's latest values, what limits most first.
 * An unmeasured demand is `unknown`: it has no margin, and is never counted as zero.
 */
export function gapOf(input: GapInput): DemandGap[] {
  const each = demandsOf(input.skill, input.aim).map((demand) => demandGap(demand, input));
  const { checks, library, athlete, on } = input;
  return judgedTogether(each, checks, library, athlete, on).sort(byLimit);
}

const byLimit = (a: DemandGap, b: DemandGap) =>
  verdictRank[a.verdict] - verdictRank[b.verdict] || b.limiter - a.limiter;

/** What a skill asks of this aim: the demands of the other choice of hips are left out. */
export const demandsOf = (
  skill: Pick<Skill, "demands">,
  { hips }: { hips?: Aim["hips"] },
): Demand[] => skill.demands.filter((demand) => !demand.hips || demand.hips === (hips ?? "square"));

function demandGap(demand: Demand, input: GapInput): DemandGap {
  const need = input.aim.quality === "clean" ? demand.clean : demand.passable;
  const protocol = protocolFor(demand, input);
  const sides = sidesOfRole(demand, input.aim.side).map(({ side, asked }): SideMargin => {
    const check =
      protocol &&
      checksOf(input.checks, {
        protocolId: protocol.id,
        side: protocol.sided ? side : "mid",
        mode: demand.mode,
        ...(input.on ? { on: input.on } : {}),
      })[0];
    const have =
      protocol &&
      check &&
      byUsualHands(
        ofOneJoint(angleOf(valueOf(check, protocol), protocol, bodyOf(input.athlete)), protocol),
        check,
        input,
      );
    if (!have) return unmeasured(side, asked, demand);
    return { ...marginOf(have, need), side, asked, have, checkedOn: check.on };
  });
  const asked = sides.filter((side) => side.asked);
  const known = asked.filter((side) => side.margin !== null);
  const shortage = known.length === 0 ? null : Math.max(0, ...known.map((side) => -side.margin!));
  const verdict = worstOf(sides);
  return {
    demand,
    need,
    sides,
    verdict,
    shortage,
    limiter: limiterOf(demand.weight, shortage ?? 0),
    block: null,
    protocolId: protocol?.id ?? null,
    passiveOnly:
      demand.mode === "passive" &&
      verdict === "clear" &&
      isLooseJointed(input.athlete, input.on ?? input.aim.by),
  };
}

/**
 * An angle as the athlete's usual hands would have it: what somebody else measured is less certain against what the
 * others say, and against the demand.
 */
function byUsualHands<One extends Pick<Angle, "se">>(
  angle: One | null,
  { protocolId, tester }: Check,
  { checks, on }: GapInput,
): One | null {
  if (!angle) return null;
  const testers = checks
    .filter((one) => one.protocolId === protocolId && (!on || one.on <= on))
    .map((one) => one.tester);
  return { ...angle, se: angle.se * testerWidening(tester, usualTester(testers)) };
}

/** The checks that can show what a demand asks: those it names, else those of its motion. */
export const answeringChecks = (
  demand: Demand,
  { protocols }: Pick<Library, "protocols">,
): Protocol[] =>
  (demand.by.length > 0
    ? demand.by.flatMap((id) => protocols.find((protocol) => protocol.id === id) ?? [])
    : protocols.filter(({ motion }) => motion === demand.motion)
  ).filter(({ modes }) => modes.includes(demand.mode));

/**
 * The check that answers a demand: of those that can, the one measured last, the first of them where none was.
 */
function protocolFor(demand: Demand, { checks, library, on }: GapInput): Protocol | null {
  const able = answeringChecks(demand, library);
  const lastOn = ({ id }: Protocol): string =>
    checks
      .filter(
        (check) => check.protocolId === id && check.mode === demand.mode && (!on || check.on <= on),
      )
      .reduce((last, check) => (check.on > last ? check.on : last), "");
  return able.reduce<Protocol | null>(
    (best, protocol) => (best && lastOn(best) >= lastOn(protocol) ? best : protocol),
    null,
  );
}

/**
 * margin = have − need, and Φ(margin / se), the probability that the joint really has it.
 * @example marginOf({ degrees: 158, se: 3 }, 180) // margin −22, short
 */
export function marginOf(
  have: Pick<Angle, "degrees" | "se"> & Partial<Pick<Angle, "atLeast">>,
  need: number,
): Pick<SideMargin, "margin" | "probability" | "verdict" | "why"> {
  const margin = have.degrees - need;
  const probability = have.atLeast && margin >= -1e-6 ? 1 : normalBelow(margin / have.se);
  return {
    margin,
    probability,
    verdict: verdictOf(probability),
    why: {
      rule: "margin",
      have: have.degrees,
      se: have.se,
      need,
      margin,
      probability,
    },
  };
}

function unmeasured(side: Side, asked: boolean, demand: Demand): SideMargin {
  return {
    side,
    asked,
    have: null,
    margin: null,
    probability: null,
    verdict: "unknown",
    checkedOn: null,
    why: { rule: "unmeasured", motion: demand.motion, mode: demand.mode },
  };
}

/** Motions of a gap that want a check: never measured, or too close to call. */
export const wantsCheck = (
  gaps: readonly DemandGap[],
): { motion: MotionId; protocolId: string; verdict: Verdict }[] =>
  gaps.flatMap(({ demand, protocolId, verdict }) =>
    protocolId && (verdict === "unknown" || verdict === "unsure")
      ? [{ motion: demand.motion, protocolId, verdict }]
      : [],
  );
