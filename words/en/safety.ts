import type { IntakeQuestion } from "#core/body/conditions";
import type { Caution } from "#core/safety/intake";

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

/** A question as a thing that was answered yes to. */
const asked = (id: IntakeQuestion): string => intakeQuestions[id].replace(/\?$/, "").toLowerCase();

/** A caution that stands on the plan, in a sentence. */
export function cautionText(caution: Caution): string {
  switch (caution.state) {
    case "cleared": {
      const { who, on, limits } = caution.clearance;
      return `Cleared by ${who} on ${on}${limits ? `: ${limits}` : ""} (${asked(caution.id)}).`;
    }
    case "open":
      return `Answered yes: ${asked(caution.id)}. A clinician’s clearance comes first.`;
    case "stands":
      return {
        "no-intake": "No intake yet: ask the health questions before the first prep.",
        growing:
          "Growing: no forced or partner-pushed stretching; wrist, heel, knee or low-back pain stops loading until seen.",
        loose: "Loose-jointed: active and steadying work replaces passive end range.",
      }[caution.id];
  }
}
