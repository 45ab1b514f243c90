/** A word of the field or of Yearling's own, and what it means here. */
export type GlossaryTerm = {
  id: string;
  name: string;
  /** What others call it. */
  also: readonly string[];
  means: string;
};

/** Every word that is not plain English, or means something of its own here. */
export const glossary: readonly GlossaryTerm[] = [
  {
    id: "active",
    name: "Active range",
    also: ["active flexibility"],
    means: "As far as the athlete’s own muscles move the joint.",
  },
  {
    id: "aim",
    name: "Aim",
    also: ["goal", "target skill"],
    means: "A skill, how well it should be done, and a date.",
  },
  {
    id: "ankle-bend",
    name: "Ankle bend",
    also: ["dorsiflexion"],
    means: "The shin comes forward over the foot.",
  },
  {
    id: "ankle-point",
    name: "Ankle point",
    also: ["plantarflexion", "pointe"],
    means: "The foot points away from the shin.",
  },
  {
    id: "cap",
    name: "Weekly cap",
    also: ["limit"],
    means: "The most stretching one joint gets in a week, so that it can recover.",
  },
  {
    id: "check",
    name: "Check",
    also: ["test", "measurement"],
    means: "One motion measured the same way each time, two trials a side.",
  },
  {
    id: "clean",
    name: "Clean",
    also: ["full line"],
    means: "The skill as it should look. The degrees asked for are higher than for passable.",
  },
  {
    id: "clearance",
    name: "Clearance",
    also: ["sign-off"],
    means: "A clinician or teacher allows something again, by name and with a reason.",
  },
  {
    id: "contract-relax",
    name: "Contract–relax",
    also: ["PNF", "hold–relax", "press and deepen"],
    means: "Press against the stretch for a few seconds, let go, then go a little further.",
  },
  {
    id: "dose",
    name: "Dose",
    also: ["sets and reps", "volume"],
    means: "How much of a drill: sets, and repetitions or seconds.",
  },
  {
    id: "drill",
    name: "Drill",
    also: ["exercise"],
    means: "One piece of work, in levels from easy to hard.",
  },
  {
    id: "error",
    name: "± Error",
    also: ["SEM", "measurement error"],
    means: "How far a reading may be off. The true value lies within it in about 2 of 3 cases.",
  },
  {
    id: "gap",
    name: "Gap",
    also: ["deficit", "shortage"],
    means: "What the skill needs, less what was measured.",
  },
  {
    id: "hard-day",
    name: "Hard day",
    also: [],
    means: "A day with ten minutes or more of stretching for one joint.",
  },
  {
    id: "inward-rotation",
    name: "Inward rotation",
    also: ["internal rotation"],
    means: "The limb turns toward the middle of the body.",
  },
  {
    id: "ladder",
    name: "Ladder",
    also: ["progression"],
    means: "The levels of one drill, in order.",
  },
  {
    id: "level",
    name: "Level",
    also: ["progression step"],
    means: "One step of a drill’s ladder. “Level 2 of 4” has one easier and two harder.",
  },
  {
    id: "line",
    name: "Line",
    also: ["line score"],
    means: "How close the body comes to the skill’s clean shape, 0 to 100.",
  },
  {
    id: "margin",
    name: "Margin",
    also: ["spare", "short"],
    means: "Measured less needed. Left of the middle is short, right of it is spare.",
  },
  {
    id: "outward-rotation",
    name: "Outward rotation",
    also: ["external rotation"],
    means: "The limb turns away from the middle of the body.",
  },
  {
    id: "passable",
    name: "Passable",
    also: ["good enough"],
    means: "The skill works, with small faults a coach would let pass.",
  },
  {
    id: "passive",
    name: "Passive range",
    also: ["passive flexibility"],
    means: "As far as the joint goes when something else moves it.",
  },
  {
    id: "phase",
    name: "Phase",
    also: ["part of a session"],
    means: "Warm up, loosen, stretch, strengthen, skill, wind down: always in this order.",
  },
  {
    id: "plateau",
    name: "Plateau",
    also: ["stuck"],
    means: "A joint was worked for weeks and its readings no longer change.",
  },
  {
    id: "prep",
    name: "Prep",
    also: ["session", "mobility work", "warm-up"],
    means: "The drills of one session, planned into its minutes.",
  },
  {
    id: "range-80",
    name: "80 % range",
    also: ["forecast", "prediction interval"],
    means: "In 8 of 10 cases like this, the result falls inside it.",
  },
  {
    id: "real",
    name: "Real change",
    also: ["significant change"],
    means: "More than errors and ordinary days explain.",
  },
  { id: "round", name: "Round", also: ["test battery"], means: "Several checks done in one go." },
  {
    id: "soft-tissue",
    name: "Soft tissue",
    also: ["foam rolling", "massage"],
    means: "Rolling or pressing on muscles to loosen them.",
  },
  { id: "taper", name: "Taper", also: [], means: "The lighter days before a show or contest." },
  {
    id: "trial",
    name: "Trial",
    also: ["attempt"],
    means: "One reading of a check. Two or three make a value.",
  },
  {
    id: "turnout",
    name: "Turnout",
    also: ["turn-out", "external rotation"],
    means: "Legs turned outward from the hips, as dancers stand.",
  },
  {
    id: "unsure",
    name: "Unsure",
    also: ["too close to call"],
    means: "The reading is too close to what is needed to say enough or short.",
  },
  {
    id: "weight",
    name: "Weight of a demand",
    also: ["priority"],
    means: "How much a joint matters for the skill.",
  },
];

/** A name as it is looked up: without the sign before it. */
const lookedUp = (name: string): string => name.replace(/^[^\p{L}\d]+/u, "");

/** The words by the alphabet, as they are looked up. */
export const glossaryInOrder: readonly GlossaryTerm[] = glossary.toSorted((a, b) =>
  lookedUp(a.name).localeCompare(lookedUp(b.name)),
);

export const termOf = (id: string): GlossaryTerm => {
  const found = glossary.find((term) => term.id === id);
  if (!found) throw new Error(`no term called ${id}`);
  return found;
};
