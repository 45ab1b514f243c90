import type { SiteId } from "#core/body/sites";
import { siteNames } from "./places";
import { familyWords, partWords } from "./drill-way";
import { bandWords } from "./bands";
import { motionOf } from "#core/body/motions";
import type { Breach } from "#core/prep/order";
import { clock } from "#core/drill/dose";
import type { KitItem } from "#core/drill/kit";
import type { Need } from "#core/aim/priority";
import type { PlanNote } from "#core/prep/plan";
import type { Served } from "#core/prep/served";
import type { Advice } from "#core/content/schools";
import type { Against, Because } from "#core/records/reasons";
import { exposureNames } from "./exposures";
import { listWords } from "./plain";
import { placeWords } from "./places";
import { conditionNames, liftWords } from "./safety";
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
      return against.place
        ? `the ${placeWords(against.place)} is locked after pain`
        : "pain has locked what it works on; nobody said where it hurt";
    case "health":
      return healthWords(against);
    case "unstated":
      return "does not say what it does to a body";
    case "not-yet":
      return `comes after ${against.below.toLowerCase()} clean ${against.clean} times${against.weeks > 0 ? ` over ${against.weeks} weeks` : ""} (${against.done} so far)`;
    case "range":
      return `needs ${against.needs}° of ${motion(against.motion)}; ${against.has}° were measured`;
    case "too-long":
      return `no longer than ${against.seconds} s in one go`;
    case "not-warm":
      return `needs ${clock(against.seconds)} of warming up first, more than these minutes hold`;
    case "away":
      return "not there";
    case "unready":
      return "the drill that must come before it is left out";
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
      return `${against.format.toLowerCase()} needs it ${against.positions.join(" or ")}`;
    case "too-strong":
      return "too strong before training";
    case "before-only":
      return "belongs before training";
    case "kit":
      return `needs ${against.missing.join(", ")}, not at this place`;
    case "band":
      return `needs a ${bandWords(against.strength)} band${against.helps ? "; only thinner ones are here, and those help less" : "; only thicker ones are here"}`;
    case "weight":
      return `needs ${against.most} kg at most; every weight here is heavier`;
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
      return "another warm-up drill is in";
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

/** An answer, growing, loose joints or no intake, as what keeps a drill away. */
function healthWords({ by, does, place }: Extract<Against, { why: "health" }>): string {
  const who = `${conditionNames[by]}${place ? `, ${placeWords(place)}` : ""}`;
  return does ? `${who}: not ${exposureNames[does]}` : `${who}: not this`;
}

/** What would lift a refusal, and who may; empty where nothing has to be lifted. */
export function liftOf(against: Against): string {
  switch (against.why) {
    case "locked":
    case "unstated":
    case "not-yet":
    case "range":
    case "too-long":
    case "kit":
      return liftWords[against.why];
    case "health":
      return against.by === "growing" || against.by === "loose"
        ? liftWords.growing
        : against.by === "no-intake"
          ? liftWords["no-intake"]
          : liftWords.health;
    default:
      return "";
  }
}

/** A refusal on a screen: what refused it, and what would lift it and who may. */
export const notPermittedWords = (drill: string, reasons: readonly Against[]): string =>
  `${drill}: ${[...new Set(reasons.map((one) => `${againstWords(one)}. ${liftOf(one)}`.trim()))].join(" ")}`;

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
      return `${motion(because.motion)} ${Math.round(because.degrees)}° short${because.unsure ? ", not sure" : ""}${because.tighter ? `, ${because.tighter} tighter` : ""}`;
    case "found":
      return foundWords(because);
    case "keeps":
      return because.motion ? `keeps the ${motion(because.motion)}` : "keeps the range";
    case "followed":
      return {
        more: "a little more",
        "next-rung": "next level",
        "step-back": "a level down",
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
      return standInWords(because.wanted, because.used);
    case "takes-band":
      return `${bandWords(because.strength)} band${because.kg ? `, ${because.kg} kg` : ""}`;
    case "takes-weight":
      return `${because.kg} kg`;
    case "work-sets":
      return "the work sets";
    case "easier":
      return because.rungs === 1
        ? "one level easier"
        : `${because.rungs === 2 ? "two" : because.rungs} levels easier`;
    case "lighter":
      return "up to the work";
    case "typed":
      return "as written";
    case "was-worked":
      return "stretches what was worked";
    case "once-more":
      return "the first stretch once more";
    case "between-sets":
      return "in the rest between work sets";
    case "family":
      return `${partWords(because.name)}, this time`;
    case "told":
      return because.text;
  }
}

/** How a stand-in is set up, where it is not simply taken. */
const standInSetting: Partial<Record<`${KitItem}/${KitItem}`, string>> = {
  "box/chair": "against a wall",
  "chair/box": "as high as the knee",
  "strap/band": "held close, it gives",
  "strap/towel": "round the sole, both ends in the hands",
  "roller/ball": "one spot at a time",
  "roller/bottle": "full, wrapped in a cloth",
  "roller/half-roller": "it does not roll: move the body",
  "ball/bottle": "full, wrapped in a cloth",
  "block/books": "tied or taped together",
  "wedge/books": "under the heels, flat and even",
  "slope/books": "under the balls of the feet, flat and even",
  "weight/backpack": "packed tight, worn or held close",
  "weight/bottle": "a litre is a kilogram",
  "bar/rings": "at the same height, feet on the floor first",
  "mat/towel": "folded twice",
  "stick/broom": "bristles off",
};

/** How a thing is set up that stands in for another; empty where it is simply taken. */
export const standInHow = (wanted: KitItem, used: KitItem): string =>
  standInSetting[`${wanted}/${used}`] ?? "";

/** What stands in for a thing, and how it is set up then. */
function standInWords(wanted: KitItem, used: KitItem): string {
  const setting = standInHow(wanted, used);
  return `${used} for the ${wanted}${setting ? ` (${setting})` : ""}`;
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
      return `${drill}: ${againstWords(rule.against)}. ${liftOf(rule.against)}`.trim();
    case "cold":
      return `${drill} needs ${clock(rule.seconds)} of warming up before it. Cold tissue is not stretched.`;
    case "wrists-first":
      return `${drill} puts weight on the hands: more work for the ${listWords(rule.parts.map((part) => handsWords[part]))} goes first.`;
    case "hands-week":
      return `${drill}: somebody growing has ${clock(rule.seconds)} of weight on the hands left this week.`;
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

const handsWords = { wrist: "wrists", forearm: "forearms", fingers: "fingers" } as const;

const orderWords = {
  "soft-tissue-first": "soft tissue before stretching",
  "loosen-first": "circles and swings before the end of the range",
  "easy-first": "easy before loaded",
  "general-first": "general before specific",
} as const;

/** A piece of advice in a few words, where it is not about two drills. */
export const adviceWords: Record<Advice, string> = {
  ...orderWords,
  "after-wind-down": "nothing after the wind-down",
  "no-release": "a strong stretch is let go between repeats",
  "held-long": "short holds before training",
  "held-last": "movement follows a hold before training",
};

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
      return `${clock(note.budget)} cannot hold a warm-up and ${parts.join(", ")}: ${clock(note.wants)} can, or ${skip}.`;
    }
    case "left":
      return `${note.seconds} s are left: nothing safe is left to add. Rest, or end early.`;
    case "not-warm":
      return note.longest === null
        ? `Too few minutes to sweat before deep splits, bridges or hanging: none of it today. ${clock(note.wants)} would do.`
        : `Too few minutes to be warm for long stretches: none over ${note.longest} s. ${clock(note.wants)} would do.`;
    case "no-variant":
      return `Nothing at this place for ${note.families.map(familyWords).join(", ")}: those boxes are left out.`;
    case "nothing-between":
      return "Nothing safe fits between the sets here.";
    case "over-clock":
      return `${clock(note.seconds)} by the clock is more than ${clock(note.budget)}: fewer families, rounds or seconds.`;
  }
}

const profileNames: Record<string, string> = {
  sits: "sits all day",
  "one-sided": "one-sided and front-dominant",
  throws: "throws",
  "on-the-hands": "much on the hands",
};
export const profileWords = (profile: string): string => profileNames[profile] ?? profile;

/** What was found beside the aim, in a line. */
function foundWords({ found, motion: id, by, figure }: Extract<Because, { why: "found" }>): string {
  const what = motion(id);
  switch (found) {
    case "below-usual":
      return `${what} under the usual, ${Math.round(figure ?? 0)} in “${by.toLowerCase()}”`;
    case "sides":
      return `${what}: the sides differ, ${Math.round(figure ?? 0)} in “${by.toLowerCase()}”`;
    case "seen":
      return `${what}: seen in “${by.toLowerCase()}”`;
    case "active-less":
      return `${what}: own strength takes it ${Math.round(figure ?? 0)}° less than it goes`;
    case "area":
      return `for the ${joint(by as Parameters<typeof joint>[0])}`;
    case "flagged":
      return `${what}: for the flagged ${joint(by as Parameters<typeof joint>[0])}`;
    case "hurt":
      return `${what}: the ${siteNames[by as SiteId] ?? by} hurt lately, ${Math.round(figure ?? 0)}/10`;
    case "weak-part":
      return `${what}: “${by}” was the weakest part`;
    case "profile":
      return `${what}: ${profileWords(by)}`;
    case "sport":
      return `${what}: asked by ${by.replace("-", " ")}`;
  }
}

/** So many names, the first ones said. */
const said = 4;

/** What of all that is needed waits for other minutes; nothing where all of it is worked on. What is, each drill says. */
export function servedWords({ works, waits }: Served): string {
  if (waits.length === 0) return "";
  const all = works.length + waits.length;
  const name = ({ motion: id, shortage, verdict }: Need): string =>
    `${motion(id)}${shortage && shortage >= 0.5 ? ` (${Math.round(shortage)}° short${verdict === "unsure" ? ", not sure" : ""})` : ""}`;
  const some = (list: readonly Need[]) =>
    `${list.slice(0, said).map(name).join(", ")}${list.length > said ? ` and ${list.length - said} more` : ""}`;
  return works.length === 0
    ? `${all} things to work on; these minutes work on none of them.`
    : `Waits: ${some(waits)}.`;
}
