import { motionOf } from "../body/motions";
import type { DemandGap } from "./gap";
import type { Why } from "../stats/why";
import type { Skill } from "../content/skill";
import { z95 } from "../stats/confidence";

export type Headline = { title: string; rest: string; why: Why };

const round = (value: number): string => Math.abs(value).toFixed(0);
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const partOf = (gap: DemandGap): string => motionOf(gap.demand.motion).part;

/** What limits the skill, in one sentence, and the rest in another, with the why of it. No praise for noise. */
export function headlineOf(gaps: readonly DemandGap[], skill: Skill): Headline {
  return { ...wordsOf(gaps, skill), why: whyOf(gaps) };
}

/** Every demand's verdict and its limiter value: what the sentence was made of. */
const whyOf = (gaps: readonly DemandGap[]): Why => ({
  rule: "what is short is ranked by weight × shortage / need; the largest is named first. Unsure and unmeasured motions are named, never counted as short",
  inputs: Object.fromEntries(
    gaps.map(({ demand, need, shortage, limiter, verdict }) => [
      `${motionOf(demand.motion).name}, ${demand.mode}`,
      shortage === null
        ? `needs ${need}°, not measured`
        : `needs ${need}°, ${shortage.toFixed(0)}° short, weight ${demand.weight}: ${limiter.toFixed(2)}, ${verdict}`,
    ]),
  ),
  source: [...new Set(gaps.map(({ demand }) => demand.source))].join("; "),
});

function wordsOf(gaps: readonly DemandGap[], skill: Skill): Omit<Headline, "why"> {
  const by = (verdict: DemandGap["verdict"]) => gaps.filter((gap) => gap.verdict === verdict);
  const short = by("short").sort((a, b) => b.limiter - a.limiter);
  const rest = [
    ...short.slice(1).map((gap) => `${capital(partOf(gap))} next, ${round(gap.shortage!)}° short`),
    ...others(by("unsure"), by("unknown"), by("clear")),
  ];
  const first = short[0];
  if (first)
    return {
      title: `The ${partOf(first)} hold${partOf(first).endsWith("s") ? "" : "s"} it back: ${round(first.shortage!)}° short${sidesText(first)}.`,
      rest: joined(rest),
    };
  if (by("unknown").length === gaps.length)
    return {
      title: "Nothing is measured yet.",
      rest: `Three checks say what ${skill.phrase} lacks.`,
    };
  if (by("unknown").length > 0)
    return { title: "Not enough is measured to say.", rest: joined(rest) };
  if (by("unsure").length > 0) return { title: "Too close to call.", rest: joined(rest) };
  const passive = gaps.some((gap) => gap.passiveOnly);
  return passive
    ? {
        title: "The range is there, but only passively.",
        rest: "Loose joints need the strength to hold it before it counts as ready.",
      }
    : {
        title: `The range for ${skill.phrase} is there.`,
        rest: "What is left is strength, balance and practice.",
      };
}

function sidesText(gap: DemandGap): string {
  const asked = gap.sides.filter((side) => side.asked && side.margin !== null);
  if (asked.length < 2) return asked[0] && asked[0].side !== "mid" ? `, ${asked[0].side} side` : "";
  const [a, b] = asked as [(typeof asked)[0], (typeof asked)[0]];
  if (a.verdict === "short" && b.verdict === "short")
    return Math.abs(a.margin! - b.margin!) <= z95 * Math.hypot(a.have!.se, b.have!.se)
      ? ", both sides"
      : `, the ${a.margin! < b.margin! ? a.side : b.side} side more`;
  return `, ${a.verdict === "short" ? a.side : b.side} side`;
}

function others(
  unsure: readonly DemandGap[],
  unknown: readonly DemandGap[],
  clear: readonly DemandGap[],
): string[] {
  const names = (gaps: readonly DemandGap[]) =>
    capital(gaps.map((gap) => motionOf(gap.demand.motion).name.toLowerCase()).join(", "));
  return [
    ...(unsure.length > 0 ? [`${names(unsure)} too close to call`] : []),
    ...(unknown.length > 0 ? [`${names(unknown)} not measured`] : []),
    ...(clear.length > 0 ? [`${names(clear)} enough`] : []),
  ];
}

const joined = (parts: readonly string[]): string =>
  parts.length > 0 ? `${parts.join(". ")}.` : "";
