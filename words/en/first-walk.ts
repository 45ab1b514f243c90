/** The first walk: where each of its steps is, under an athlete's address or of its own, and what is said there. */
export const walkSteps: readonly { at: string | null; says: string }[] = [
  { at: null, says: "Everybody at a glance: each line says what holds the skill back. Pick one." },
  { at: "aim", says: "A skill and a date. The skill says which degrees each joint needs." },
  { at: "check", says: "Measure the same way each time. Yearling says when a change is real." },
  {
    at: "gap",
    says: "What is needed against what is there: short on the left, spare on the right.",
  },
  {
    at: "prep",
    says: "Drills that fit the minutes, the kit and the body. Run starts the clock; Log fills itself.",
  },
  { at: "season", says: "The weeks toward the date, and how likely it is to be ready." },
];

export const walkInvites = "New here? Six steps show how it works.";
export const walkCount = (step: number): string => `Step ${step + 1} of ${walkSteps.length}`;
