import { motionOf } from "#core/body/motions";
import type { Contraindication } from "#core/drill/drill";
import type { Breach } from "#core/prep/order";
import { clock } from "#core/drill/dose";
import type { PlanNote } from "#core/prep/plan";
import type { Against, Because } from "#core/records/reasons";
import { intakeQuestions } from "./safety";
import { jointWords } from "./slots";

const motion = (id: Parameters<typeof motionOf>[0]): string => motionOf(id).name.toLowerCase();
const joint = jointWords;
const plain = (kind: string): string => kind.replace("-", " ");

/** Why a drill is not used, to stand behind its name. */
export function againstWords(against: Against): string {
  switch (against.why) {
    case "dropped":
      return "dropped by hand";
    case "not-in-prep":
      return "was not in the prep";
    case "not-in-library":
      return "not in the library any more";
    case "locked":
      return `${motion(against.motion)} is locked after pain`;
    case "caution":
      return cautionWords(against.id);
    case "barred":
      return barWords(against.bar);
    case "stopped":
      return `stopped after ${against.sharp ? "sharp pain" : `pain ${against.pain}/10`} last time`;
    case "school":
      return {
        "turn-in": "left out by the way of working chosen",
        "static-only": "the way of working chosen is static only",
        "contract-relax-only": "the way of working chosen is contract–relax only",
        "no-static-before": "no static holds before training, by the way of working chosen",
      }[against.of];
    case "other-skill":
      return "rehearses another skill";
    case "serves-none":
      return "serves no joint that this aim asks for";
    case "wind-down":
      return "winding down does not belong before training";
    case "no-segment":
      return `${against.format.toLowerCase()} has no place for ${plain(against.kind)} work${against.region ? ` of the ${against.region}` : ""}`;
    case "position":
      return `${against.format.toLowerCase()} wants it ${against.positions.join(" or ")}`;
    case "too-strong":
      return "too strong before training";
    case "before-only":
      return "belongs before training";
    case "inversion":
      return "no inversions before a clinician’s clearance";
    case "kit":
      return `needs ${against.missing.join(", ")}, not at this place`;
    case "no-floor":
      return "no floor to kneel or lie on here";
    case "loud":
      return "heard through the floor";
    case "room":
      return `needs more room than ${against.place} has`;
    case "others-give-more":
      return "other drills give more for these minutes";
    case "already-warm":
      return "already warm";
    case "another-raise":
      return "another raise is in";
    case "no-time":
      return "no time for it in these minutes";
    case "another-turn":
      return "another variant has its turn";
    case "nothing-here":
      return "nothing of it can be done here";
    case "told":
      return against.text;
  }
}

/** An uncleared answer, growing or loose joints, as what keeps a drill away. */
function cautionWords(id: Extract<Against, { why: "caution" }>["id"]): string {
  if (id === "no-intake") return "no intake yet";
  if (id === "growing") return "Growing: nothing forced";
  if (id === "loose") return "Loose-jointed: active and steadying work replaces passive end range.";
  return `Answered yes: ${intakeQuestions[id].replace(/\?$/, "").toLowerCase()}. A clinician’s clearance comes first.`;
}

function barWords(bar: Contraindication): string {
  if (bar === "growing") return "not while growing";
  if (bar === "loose-jointed") return "not for loose joints";
  return `not before a clinician has cleared: ${intakeQuestions[bar].replace(/\?$/, "").toLowerCase()}`;
}

/** Why a drill is in a prep, in a line. */
export const becauseLine = (list: readonly Because[]): string => list.map(becauseWords).join("; ");

export function becauseWords(because: Because): string {
  switch (because.why) {
    case "raise":
      return "before any stretch";
    case "settle":
      return "to end slow";
    case "flagged":
      return `for the flagged ${joint(because.joint)}`;
    case "hands":
      return because.short === null
        ? "before weight on the hands"
        : `${Math.round(because.short)}° short, and before weight on the hands`;
    case "skill":
      return "the skill itself, in parts";
    case "unmeasured":
      return `${motion(because.motion)}, not measured yet`;
    case "short":
      return `${motion(because.motion)} ${Math.round(because.degrees)}° short${because.tighter ? `, ${because.tighter} tighter` : ""}`;
    case "keeps":
      return because.motion ? `keeps the ${motion(because.motion)}` : "keeps the range";
    case "followed":
      return {
        more: "a little more",
        "next-rung": "next rung",
        "step-back": "a rung down",
        less: "a third less, still sore",
        restart: "lower after the break",
      }[because.change];
    case "pinned":
      return "pinned";
    case "as-said":
      return "as the coach said";
    case "instead":
      return insteadWords(because.drill, because.against);
    case "stand-in":
      return `${because.used} for the ${because.wanted}`;
    case "work-sets":
      return "the work sets";
    case "easier":
      return because.rungs === 1
        ? "one rung easier"
        : `${because.rungs === 2 ? "two" : because.rungs} rungs easier`;
    case "once-more":
      return "the first stretch once more";
    case "between-sets":
      return "in the rest between work sets";
    case "family":
      return `${because.name}, this time`;
    case "told":
      return because.text;
  }
}

/** Why it is another rung, short enough for a row. */
function insteadWords(drill: string, against: Against): string {
  if (against.why === "kit") return `no ${against.missing.join(", ")} here`;
  if (against.why === "too-strong") return "lighter before training";
  return `${drill}: ${againstWords(against)}`;
}

/** A rule that a prep breaks, as a sentence. */
export function breachWords({ rule, drill, other }: Breach): string {
  switch (rule.why) {
    case "not-permitted":
      return rule.against.why === "locked"
        ? `${drill} works on ${motion(rule.against.motion)}, which is locked after pain until somebody clears it.`
        : `${drill}: ${againstWords(rule.against)}.`;
    case "cold":
      return `${drill} would come before the temperature is up. Cold tissue is not stretched.`;
    case "wrists-first":
      return `${drill} puts weight on the hands: the wrists go first.`;
    case "after-wind-down":
      return `${drill} would come after the wind-down.`;
    case "order":
      return `${drill} comes before ${other}: ${orderWords[rule.principle]}.`;
    case "no-release":
      return `${drill}: let go for at least ${rule.seconds} s between repeats of a stretch.`;
    case "held-long":
      return `${drill} is held longer than ${rule.seconds} s before training.`;
    case "held-last":
      return `${drill} is held last: before training, movement follows a hold.`;
  }
}

const orderWords = {
  "soft-tissue-first": "soft tissue before stretching",
  "loosen-first": "circles and swings before the end of the range",
  "stretch-then-use": "stretch, then use the new range",
  "easy-first": "easy before loaded",
  "general-first": "general before specific",
} as const;

/** What has to be said of a plan. */
export function noteWords(note: PlanNote): string {
  switch (note.note) {
    case "over":
      return `What is locked and what safety asks for takes ${note.seconds} s more than there is.`;
    case "too-short": {
      const parts = [
        ...(note.wrists ? ["wrist work"] : []),
        ...note.parts.map((part) => part.replace(":", "’s")),
      ];
      const skip = note.wrists ? "skip the hands today" : "leave a joint out today";
      return `${clock(note.budget)} cannot hold a raise and ${parts.join(", ")}: ${clock(note.wants)} can, or ${skip}.`;
    }
    case "left":
      return `${note.seconds} s are left: nothing safe is left to add. Rest, or end early.`;
    case "no-variant":
      return `Nothing at this place for ${note.families.join(", ")}: those boxes are left out.`;
    case "nothing-between":
      return "Nothing safe fits between the sets here.";
    case "over-clock":
      return `${clock(note.seconds)} by the clock is more than ${clock(note.budget)}: fewer families, rounds or seconds.`;
  }
}
