import type { CautionId, IntakeQuestion } from "#core/body/conditions";
import type { SafetySource } from "#core/safety/condition-table";

/** The intake's questions, the gravest first. Any yes bars what could harm until a clinician has cleared it. */
export const intakeQuestions: Record<IntakeQuestion, string> = {
  saddle: "Loss of bladder or bowel control, or numbness between the legs?",
  "heart-effort": "Chest pain, fainting, or breathlessness with effort?",
  concussion: "A blow to the head, or a concussion not yet over?",
  unwell: "Pain at night or at rest, fever, or unexplained loss of weight?",
  "nerve-signs": "Numbness, tingling or weakness?",
  "recent-injury": "Surgery, fracture, dislocation or sprain within 12 weeks?",
  "unstable-joint": "A joint that gives way, locks or swells?",
  spine: "A disc problem, or surgery of the spine?",
  replacement: "A joint replacement?",
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

/** Why a condition keeps away what it does, for the page of cautions. */
export const conditionReasons: Record<CautionId, string> = {
  saddle: "Nerves at the end of the spine may be pressed: hours count.",
  "heart-effort": "Effort is not safe until the heart has been looked at.",
  concussion: "A hurt head must not take another knock, strain or time upside down.",
  unwell: "Training can hide or worsen what a doctor should find first.",
  "nerve-signs": "Stretch, load and pressure go on hurting a nerve that is already complaining.",
  "recent-injury": "Healing tissue gives way without warning.",
  "unstable-joint": "It gives way at the end of the range, and under load there.",
  spine: "A disc or a repair copes worst with bending, arching and turning under load.",
  replacement: "A new joint can be pushed out of its socket; a fall can break the bone around it.",
  hernia: "Straining with the breath held pushes on the weak spot.",
  pregnancy: "Joints are looser and balance shifts; nobody should lie on the back or the belly.",
  pressure:
    "Head down, straining and holding the breath raise the pressure in eye, heart and vessels.",
  bone: "Bending, turning and landing break thin bones, in the spine first.",
  connective: "Passive end range loosens what is too loose already.",
  energy: "Bones and tendons do not mend on too little food.",
  thinners: "Bleeding after a fall or hard pressure lasts longer.",
  steroids: "They thin bone and tendon over the months.",
  medicine: "Tendons may tear, or pain may not warn.",
  "older-new": "Tendons and balance need months, not weeks, to get used to load.",
  growing: "Growing bone is softer at its ends than the tendon that pulls on it.",
  loose: "Loose joints are steadied, not stretched.",
  "no-intake": "The health questions have not been asked.",
};

/** Where a rule of the table comes from. */
export const sourceNames: Record<SafetySource, string> = {
  working: "working figure",
  "malfait-2017": "Malfait et al. 2017, Am J Med Genet C 175:8–26",
  "mountjoy-2023": "Mountjoy et al. 2023, Br J Sports Med 57:1073–1098",
  "patricios-2023": "Patricios et al. 2023, Br J Sports Med 57:695–711",
  "acog-2020": "ACOG Committee Opinion 804, 2020",
  "sinaki-1984": "Sinaki & Mikkelsen 1984, Arch Phys Med Rehabil 65:593–596",
};
