import { decimal } from "./locale";
import type { BlockWorth, DemandGap } from "#core/aim/margin";
import type { Headline, ShortOn } from "#core/aim/headline";
import type { CleanStep } from "#core/limit/clean-set";
import type { BodyLine } from "#core/aim/record";
import type { Proposed } from "#core/aim/round";
import type { AimConflict } from "#core/aim/shared";
import type { Aim } from "#core/records/records";
import { motionOf } from "#core/body/motions";
import type { Skill } from "#core/content/skill";
import { agoWords, capital, type WhyWords } from "./plain";

const round = (value: number): string => decimal(Math.abs(value), 0);
const partOf = (gap: DemandGap): string => motionOf(gap.demand.motion).part;

/** What limits the skill, in one sentence, and the rest in another. */
export function headlineWords(
  { verdict, by }: Headline,
  skill: Pick<Skill, "phrase">,
): { title: string; rest: string } {
  const all = [...by.short, ...by.unsure, ...by.unknown, ...by.clear];
  const short = (gap: DemandGap, next = "") =>
    `${capital(partOf(gap))}${ownOf(gap, all)}${next} ${round(gap.shortage!)}° short`;
  const others = [
    ...listed(by.unsure, all, "too close to call"),
    ...listed(by.unknown, all, "not measured"),
    ...listed(by.clear, all, "enough"),
  ];
  const rest = joined([...by.short.slice(1).map((gap) => short(gap, " next,")), ...others]);
  const everything = () => joined([...by.short.map((gap) => short(gap)), ...others]);
  switch (verdict.says) {
    case "short": {
      const part = partOf(verdict.gap);
      return {
        title: `The ${part} hold${part.endsWith("s") ? "" : "s"} it back: ${round(verdict.gap.shortage!)}° short${sidesText(verdict.sides)}.`,
        rest,
      };
    }
    case "either": {
      const parts = [...new Set(verdict.gaps.map(partOf))];
      return parts.length > 1
        ? { title: `Too close to say what holds it back: ${either(parts)}.`, rest: everything() }
        : {
            title: `The ${parts[0]!} hold${parts[0]!.endsWith("s") ? "" : "s"} it back.`,
            rest: everything(),
          };
    }
    case "nothing-measured":
      return {
        title: `Nothing that ${skill.phrase} asks is measured yet.`,
        rest: `Three checks say what ${skill.phrase} lacks.`,
      };
    case "too-little-measured":
      return { title: "Not enough is measured to say.", rest };
    case "too-close":
      return { title: "Too close to call.", rest };
    case "passive-only":
      return {
        title: "The range is there, but only passively.",
        rest: "Loose joints need the strength to hold it before it counts as ready.",
      };
    case "there":
      return {
        title: `The range for ${skill.phrase} is there.`,
        rest: "What is left is strength, balance and practice.",
      };
  }
}

function sidesText(sides: ShortOn): string {
  switch (sides.on) {
    case "middle":
      return "";
    case "both":
      return ", both sides";
    case "one":
      return `, ${sides.side} side`;
    case "more":
      return `, the ${sides.side} side more`;
  }
}

/** Said where a skill asks a motion both ways: carried there, and by its own muscles. */
const ownOf = ({ demand }: DemandGap, all: readonly DemandGap[]): string =>
  demand.mode === "active" &&
  all.some((other) => other.demand.motion === demand.motion && other.demand.mode === "passive")
    ? " by own strength"
    : "";

/** A demand by its motion, told apart where the skill asks the motion both ways. */
export const demandTitle = (gap: DemandGap, all: readonly DemandGap[]): string =>
  `${motionOf(gap.demand.motion).name}${ownOf(gap, all)}`;

const listed = (gaps: readonly DemandGap[], all: readonly DemandGap[], how: string): string[] =>
  gaps.length === 0
    ? []
    : [
        `${capital(
          gaps
            .map((gap) => `${motionOf(gap.demand.motion).name.toLowerCase()}${ownOf(gap, all)}`)
            .join(", "),
        )} ${how}`,
      ];

const either = (parts: readonly string[]): string =>
  parts.length > 1 ? `${parts.slice(0, -1).join(", ")} or ${parts.at(-1)}` : (parts[0] ?? "");

const joined = (parts: readonly string[]): string =>
  parts.length > 0 ? `${parts.join(". ")}.` : "";

/** Why a check is in a round. */
export function proposedWords({ reason, age }: Pick<Proposed, "reason" | "age">): string {
  switch (reason) {
    case "never":
      return "not measured yet";
    case "unsure":
      return `too close to call ${agoWords(age!)}`;
    case "due":
      return `last ${agoWords(age!)}`;
  }
}

/** A motion of a joint on the body's picture, as a line to read. */
export function bodyLineWords(line: BodyLine): string {
  switch (line.of) {
    case "demand": {
      const { name } = motionOf(line.motion);
      return line.margin === null
        ? `${name}: not measured, ${line.need}° asked`
        : `${name}: ${round(line.margin)}° ${line.margin < 0 ? "short" : "spare"}, ${line.verdict}`;
    }
    case "check":
      return `${line.protocol.name}, ${line.mode}: ${decimal(line.value, 0)}`;
  }
}

/** Two aims that ask one motion and pull apart in time. */
export const conflictWords = ({ first, last }: AimConflict): string =>
  `${first.name} is due first with ${first.need}°; ${last.name} goes on to ${last.need}°`;

/** What the headline of a gap was made of: every demand's verdict and its limiter value. */
export function headlineWhy({ by }: Headline): WhyWords {
  const gaps: DemandGap[] = [...by.short, ...by.unsure, ...by.unknown, ...by.clear];
  return {
    rule: `The limit is the joint where six weeks of training would help most: ${gaps.some(({ block }) => block?.unit === "points") ? "in points of the line, for the degrees this athlete can expect to gain" : "degrees short × weight, as this skill’s line is not solved"}. The ranking is repeated with readings a little off, as real readings are. One joint is named alone if it comes first 8 times in 10`,
    inputs: Object.fromEntries(
      gaps.map(({ demand, need, shortage, block, verdict }) => [
        `${motionOf(demand.motion).name}, ${demand.mode}`,
        shortage === null
          ? `needs ${need}°, not measured`
          : `needs ${need}°, ${decimal(shortage, 0)}° short, ${verdict}${block ? `: ${blockWords(block)}` : ""}`,
      ]),
    ),
    source: [...new Set(gaps.map(({ demand }) => demand.source))].join("; "),
  };
}

/** Degrees to gain, as a line to read. */
export const cleanStepWords = ({
  motion,
  mode,
  degrees,
  sides,
  drawn,
  assumed,
}: CleanStep): string =>
  `${motionOf(motion).name.toLowerCase()}${mode === "active" && !drawn ? " by own strength" : ""} +${degrees}°${sides.length === 1 && sides[0] !== "mid" ? ` ${sides[0]}` : ""}${assumed ? " if it is as usual: measure it" : ""}`;

/** What the figures beside the rows say. */
export const rankedWords = (gaps: readonly DemandGap[]): string =>
  gaps.some(({ block }) => block?.unit === "points")
    ? "Gain in six weeks: points of the line that training should add."
    : gaps.some(({ block }) => block)
      ? "Gain in six weeks: degrees short × weight, and what training should add."
      : "";

/** What a block is worth, short: points of the line, or weighted degrees. */
export const blockFigure = ({ worth, unit }: BlockWorth): string =>
  unit === "points" ? `+${decimal(worth, 1)}` : decimal(worth, 0);

/** What a block is worth, with how often it comes first. */
const blockWords = ({ worth, unit, gain, first }: BlockWorth): string =>
  unit === "points"
    ? `about +${decimal(gain, 0)}° in six weeks would gain ${decimal(worth, 1)} points; first in ${tenths(first)} of 10`
    : `${decimal(worth, 1)} weighted degrees; first in ${tenths(first)} of 10`;

const tenths = (share: number): string => decimal(10 * share, 0);

/** What became of an aim that was closed, before the day. */
export const outcomeWords = (outcome: Aim["outcome"]): string =>
  outcome === null
    ? "closed"
    : { reached: "reached,", "not-reached": "not reached,", "let-go": "let go," }[outcome];
