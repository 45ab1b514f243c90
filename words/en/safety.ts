import type { CautionId } from "#core/body/conditions";
import type { Caution } from "#core/safety/intake";
import { shortDay } from "./days";
import { exposureNames } from "./exposures";
import { capital, listWords } from "./plain";
import { placeWords } from "./places";

/** A condition, to stand in a sentence. */
export const conditionNames: Record<CautionId, string> = {
  saddle: "loss of bladder or bowel control, or numbness between the legs",
  "heart-effort": "chest pain, fainting or breathlessness",
  concussion: "a blow to the head",
  unwell: "pain at rest, fever or loss of weight",
  "nerve-signs": "numbness, tingling or weakness",
  "recent-injury": "a recent injury",
  "unstable-joint": "a joint that gives way",
  spine: "a disc or the spine",
  replacement: "a replaced joint",
  hernia: "a hernia or prolapse",
  pregnancy: "pregnancy or the months after",
  pressure: "heart, blood or eye pressure",
  bone: "osteoporosis",
  connective: "connective tissue",
  energy: "too little food for the training",
  thinners: "blood thinners",
  steroids: "steroids over a long time",
  medicine: "medicines for tendons or pain",
  "older-new": "over fifty and new to loading",
  growing: "growing",
  loose: "loose joints",
  "no-intake": "no health answers",
};

/** The clinician-first line, said once where it matters. */
export const cliniciansFirst =
  "Yearling coaches movement; it does not diagnose or treat. Clinicians, the athlete’s teacher and local rules come first.";

/** A skill that nobody this young is prepared for. */
export const tooYoung = (fromAge: number): string =>
  `Not before about ${fromAge}: none of it is practised until then.`;

/** Said at once where everything but rest stops. */
export const stopWords = {
  urgent: "Stop. Have this seen by a doctor today. Nothing but rest is planned.",
  "until-seen": "Nothing but rest is planned until a clinician has seen it.",
} as const;

/** A caution that stands on the plan, in a sentence. */
export function cautionText(caution: Caution): string {
  const { id, clearance, places } = caution;
  const at = places.length > 0 ? `, ${listWords(places.map(placeWords))}` : "";
  if (caution.stops) return `Answered yes: ${conditionNames[id]}. ${stopWords[caution.stops]}`;
  if (clearance) {
    const until = clearance.until ? ` until ${shortDay(clearance.until)}` : "";
    const again =
      clearance.allows.length > 0
        ? `Allowed again: ${listWords(clearance.allows.map((one) => exposureNames[one]))}.`
        : "Nothing was named as allowed again.";
    const said = clearance.limits ? ` ${clearance.limits.replace(/\.$/, "")}.` : "";
    return `${capital(conditionNames[id])}${at}: cleared by ${clearance.who} on ${shortDay(clearance.on)}${until}. ${again}${said}`;
  }
  switch (id) {
    case "no-intake":
      return "No health answers yet: only what is harmless to nearly everybody is planned.";
    case "growing":
      return "Growing: nothing is pushed, and no hold is over a minute. Pain at the wrist, heel, knee or low back stops loading until it has been seen.";
    case "loose":
      return "Loose joints: active and steadying work replaces passive holds at the end of the range.";
    default:
      return `Answered yes: ${conditionNames[id]}${at}. What could harm it waits for a clinician’s clearance.`;
  }
}

/** What would lift a refusal, and who may. */
export const liftWords = {
  locked: "A clinician looks at it first. Whoever then clears it says why, under Aim.",
  health: "A clinician’s clearance that names it, under Aim.",
  growing: "A clinician or the club’s teacher can allow it by name, under Aim.",
  "no-intake": "Answer the health questions under Aim; “nothing of this applies” is one press.",
  unstated: "Say in the drill what it does to the body.",
  "not-yet": "Log that clean first, or say in Log that it is done already.",
  range: "Measure it again when it has grown.",
  "too-long": "A shorter stay.",
  kit: "Another place, or bring it.",
} as const;
