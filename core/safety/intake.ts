import type { MustNot } from "../drill/drill";
import { ageOn, type Athlete } from "../records/athlete";
import { type IntakeQuestion } from "../body/conditions";

/** The intake's questions. Any yes puts a caution on the plan until a clinician's clearance is recorded. */
export const intakeQuestions: Record<IntakeQuestion, string> = {
  "recent-injury": "Surgery, fracture, dislocation or sprain within 12 weeks?",
  "unstable-joint": "A joint that gives way, locks or swells?",
  "nerve-signs": "Numbness, tingling or weakness?",
  unwell: "Pain at night or at rest, fever, or unexplained loss of weight?",
  pregnancy: "Pregnant, or in the months after birth?",
  pressure: "A heart, blood-pressure, clotting or eye-pressure condition?",
  bone: "Osteoporosis?",
  connective: "A connective-tissue condition?",
  medicine: "Medicines or injections that affect tendons or the feeling of pain?",
};

/** The clinician-first line, said once where it matters. */
export const cliniciansFirst =
  "This coaches movement; it diagnoses and treats nothing. Clinicians, the athlete’s teacher and local rules come first.";

export type Caution = {
  id: IntakeQuestion | "no-intake" | "growing" | "loose";
  text: string;
  blocks: "inversions" | "end-range" | null;
};

/** Under 18, or in a growth spurt. */
export const isGrowing = (athlete: Athlete, on: string): boolean =>
  ageOn(athlete, on) < 18 || athlete.intake?.growthSpurt === true;

/**
 * Loose-jointed by the nine-point screen: 5 or more for adults. Before puberty the bar is 6; the
 * under-18 bar is used for all minors, since puberty is not recorded.
 */
export const isLooseJointed = (athlete: Athlete): boolean => (athlete.intake?.looseness ?? 0) >= 5;

/** What keeps drills away from an athlete on a day: answers that no clinician has cleared, growing, loose joints. */
export function barsOf(athlete: Athlete, on: string): MustNot[] {
  const { intake } = athlete;
  const cleared = new Set(intake?.clearances.map(({ question }) => question));
  return [
    ...(intake?.yes ?? []).filter((question) => !cleared.has(question)),
    ...(isGrowing(athlete, on) ? (["growing"] as const) : []),
    ...(isLooseJointed(athlete) ? (["loose-jointed"] as const) : []),
  ];
}

/** Cautions that stand on an athlete's plans on a day. */
export function cautionsOf(athlete: Athlete, on: string): Caution[] {
  const cautions: Caution[] = [];
  const { intake } = athlete;
  if (!intake)
    return [
      {
        id: "no-intake",
        text: "No intake yet: ask the health questions before the first prep.",
        blocks: null,
      },
    ];
  for (const question of intake.yes) {
    const clearance = intake.clearances.find((c) => c.question === question);
    const asked = intakeQuestions[question].replace(/\?$/, "").toLowerCase();
    if (clearance) {
      const limits = clearance.limits ? `: ${clearance.limits}` : "";
      cautions.push({
        id: question,
        text: `Cleared by ${clearance.who} on ${clearance.on}${limits} (${asked}).`,
        blocks: null,
      });
    } else
      cautions.push({
        id: question,
        text: `Answered yes: ${asked}. A clinician’s clearance comes first.`,
        blocks:
          question === "pressure" || question === "pregnancy"
            ? "inversions"
            : question === "connective"
              ? "end-range"
              : null,
      });
  }
  if (isGrowing(athlete, on))
    cautions.push({
      id: "growing",
      text: "Growing: no forced or partner-pushed stretching; wrist, heel, knee or low-back pain stops loading until seen.",
      blocks: null,
    });
  if (isLooseJointed(athlete))
    cautions.push({
      id: "loose",
      text: "Loose-jointed: active and steadying work replaces passive end range.",
      blocks: "end-range",
    });
  return cautions;
}
