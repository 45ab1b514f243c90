import type { Need } from "../aim/priority";
import { motionOf } from "../body/motions";
import { bothSides, otherSide, type LeftRight } from "../body/side";
import type { Dose } from "../drill/dose";
import { atRung, type Drill, type Rung } from "../drill/drill";
import type { PrepItem } from "../exchange/records";
import type { Eligible, Situation } from "./eligible";
import type { NextStep } from "../progress/next-step";
import { defaultSchools } from "./schools";

/** A chosen drill as a line of the prep, with the need it serves and why it is there. */
export function itemFrom(
  { drill, rung, segment, replaced }: Eligible,
  dose: Dose,
  situation: Situation,
): PrepItem {
  const { serves } = atRung(drill, rung);
  const share = (need: Need) => serves.find(({ motion }) => motion === need.motion)?.share ?? 0;
  const served = situation.needs
    .filter((need) => share(need) > 0)
    .sort((a, b) => b.weight * share(b) - a.weight * share(a));
  const main = served[0];
  return {
    id: drill.id,
    drillId: drill.id,
    rungId: rung.id,
    phase: segment.phase,
    segment: segment.name === segment.phase ? "" : segment.name,
    dose,
    boxed: false,
    sides: drill.sided ? sidesFirst(main?.shorter ?? null, situation) : [],
    extra: null,
    why: [reasonFor(drill, main, situation), followed(drill, rung, situation), replaced]
      .filter(Boolean)
      .join("; "),
    serves: served.map(({ motion }) => motion),
    locked: false,
  };
}

const changes: Partial<Record<NextStep["change"], string>> = {
  more: "a little more",
  "next-rung": "next rung",
  "step-back": "a rung down",
  less: "a third less, still sore",
  restart: "lower after the break",
};

/** What the log made of the drill since last time, where it stands on that rung. */
function followed(drill: Drill, rung: Rung, { nextSteps }: Situation): string | null {
  const next = nextSteps.get(drill.id);
  if (!next || next.rungId !== rung.id) return null;
  if (next.chosen === "pinned") return "pinned";
  return next.chosen === "changed" ? "as the coach said" : (changes[next.change] ?? null);
}

/** Which side goes first, by the way of working: the shorter one, the non-dominant one, or the left. */
export function sidesFirst(
  shorter: LeftRight | null,
  { schools = defaultSchools, dominant }: Situation,
): LeftRight[] {
  const first =
    schools.firstSide === "worse"
      ? shorter
      : schools.firstSide === "non-dominant" && dominant
        ? otherSide(dominant)
        : null;
  return first ? [first, otherSide(first)] : [...bothSides];
}

function reasonFor(
  drill: Drill,
  need: Need | undefined,
  { format, flagged = [] }: Situation,
): string {
  if (drill.phase === "raise") return "before any stretch";
  if (drill.phase === "settle") return "to end slow";
  const flag =
    format.kind === "issue"
      ? drill.serves.find(
          ({ motion, share }) => share >= 0.5 && flagged.includes(motionOf(motion).joint),
        )
      : undefined;
  if (flag) return `for the flagged ${motionOf(flag.motion).joint.replace("-", " ")}`;
  if (drill.preparesHands)
    return need?.shortage
      ? `${Math.round(need.shortage)}° short, and before weight on the hands`
      : "before weight on the hands";
  if (drill.kind === "skill") return "the skill itself, in parts";
  if (!need) return "keeps the range";
  const name = motionOf(need.motion).name.toLowerCase();
  if (need.verdict === "unknown") return `${name}, not measured yet`;
  if (need.shortage && need.shortage >= 0.5)
    return `${name} ${Math.round(need.shortage)}° short${need.shorter ? `, ${need.shorter} tighter` : ""}`;
  return `keeps the ${name}`;
}
