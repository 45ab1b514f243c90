import type { CautionId, IntakeQuestion } from "#core/body/conditions";
import type { Caution } from "#core/safety/intake";
import type { SafetySource } from "#core/safety/condition-table";
import { shortDay } from "./days";
import { exposureNames } from "./exposures";
import { capital, listWords } from "./plain";
import { placeWords } from "./places";

/** The intake's questions, the gravest first. Any yes bars what could harm until a clinician has cleared it. */
export const intakeQuestions: Record<IntakeQuestion, string> = {
  saddle: "Loss of bladder or bowel control, or numbness in the saddle?",
  "heart-effort": "Chest pain, fainting, or breathlessness with effort?",
  concussion: "A blow to the head, or a concussion not yet over?",
  unwell: "Pain at night or at rest, fever, or unexplained loss of weight?",
  "nerve-signs": "Numbness, tingling or weakness?",
  "recent-injury": "Surgery, fracture, dislocation or sprain within 12 weeks?",
  "unstable-joint": "A joint that gives way, locks or swells?",
  spine: "A disc problem, or surgery of the spine?",
  replacement: "A joint replaced?",
  hernia: "A hernia or a prolapse?",
  pregnancy: "Pregnant, or in the months after birth?",
  pressure: "A heart, blood-pressure, clotting or eye-pressure condition?",
  bone: "Osteoporosis?",
  connective: "A connective-tissue condition?",
  energy: "Missed periods, or eating too little for the training?",
  thinners: "Blood thinners?",
  steroids: "Steroids over a long time?",
  medicine: "Other medicines or injections that affect tendons or the feeling of pain?",
  "older-new": "Over fifty and new to loading?",
};

/** A condition, to stand in a sentence. */
export const conditionNames: Record<CautionId, string> = {
  saddle: "loss of control or numbness in the saddle",
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
  steroids: "long steroids",
  medicine: "medicines for tendons or pain",
  "older-new": "over fifty and new to loading",
  growing: "growing",
  loose: "loose joints",
  "no-intake": "no intake",
};

/** Why a condition keeps away what it does, for the page of cautions. */
export const conditionReasons: Record<CautionId, string> = {
  saddle: "Nerves at the end of the spine may be pressed: hours count.",
  "heart-effort": "Effort is not safe until the heart has been looked at.",
  concussion: "A head that is hurt does not take a second knock, strain or being upside down.",
  unwell: "Training hides, and may feed, what a doctor should find first.",
  "nerve-signs": "Stretch, load and pressure go on hurting a nerve that is already complaining.",
  "recent-injury": "Tissue that is healing gives way before it warns.",
  "unstable-joint": "The end of the range and a load there are where it gives way.",
  spine: "Bending, arching and turning under load are what a disc or a repair takes least.",
  replacement: "A new joint can be pushed out of its seat, and a fall can break around it.",
  hernia: "Pressing with the breath held pushes through what is weak.",
  pregnancy: "Joints are looser, balance shifts, and the back and the belly are no place to lie.",
  pressure:
    "Head down, straining and holding the breath raise the pressure in eye, heart and vessels.",
  bone: "Bending, turning and landing break thin bones, in the spine first.",
  connective: "Passive end range loosens what is too loose already.",
  energy: "Bones and tendons do not mend on too little food.",
  thinners: "A fall or hard pressure bleeds on.",
  steroids: "They thin bone and tendon over the months.",
  medicine: "Tendons may tear, or pain may not warn.",
  "older-new": "Tendons and balance need months, not weeks, to get used to load.",
  growing: "Growing bone is softer at its ends than the tendon that pulls on it.",
  loose: "What is loose is steadied, not stretched.",
  "no-intake": "Nobody has been asked.",
};

/** The clinician-first line, said once where it matters. */
export const cliniciansFirst =
  "This coaches movement; it diagnoses and treats nothing. Clinicians, the athlete’s teacher and local rules come first.";

/** Where a rule of the table comes from. */
export const sourceNames: Record<SafetySource, string> = {
  working: "working figure",
  "malfait-2017": "Malfait et al. 2017, Am J Med Genet C 175:8–26",
  "mountjoy-2023": "Mountjoy et al. 2023, Br J Sports Med 57:1073–1098",
  "patricios-2023": "Patricios et al. 2023, Br J Sports Med 57:695–711",
  "acog-2020": "ACOG Committee Opinion 804, 2020",
  "sinaki-1984": "Sinaki & Mikkelsen 1984, Arch Phys Med Rehabil 65:593–596",
};

/** A skill that nobody this young is prepared for. */
export const tooYoung = (fromAge: number): string =>
  `Not before about ${fromAge}: nothing of it is rehearsed until then.`;

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
      return "No intake yet: only what is harmless to nearly everybody is planned.";
    case "growing":
      return "Growing: nothing pushed, no stay over a minute, and wrist, heel, knee or low-back pain stops loading until it has been seen.";
    case "loose":
      return "Loose-jointed: active and steadying work replaces passive end range.";
    default:
      return `Answered yes: ${conditionNames[id]}${at}. What could harm it waits for a clinician’s clearance.`;
  }
}

/** What would lift a refusal, and who may. */
export const liftWords = {
  locked: "A clinician looks at it; then whoever clears it says why, under Aim.",
  health: "A clinician’s clearance that names it, under Aim.",
  growing: "A clinician or the club’s teacher can allow it by name, under Aim.",
  "no-intake": "Answer the health questions under Aim; “nothing of this applies” is one press.",
  unstated: "Say in the drill what it does to a body.",
  "not-yet": "Log the rung below clean, or the coach says in Log that it is done already.",
  range: "Measure it again when it has grown.",
  "too-long": "A shorter stay.",
  kit: "Another place, or bring it.",
} as const;
