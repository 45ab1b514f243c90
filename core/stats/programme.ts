/** A coefficient and the variable it stands before. */
export type Term = readonly [coefficient: number, name: string];

/** A mixed-integer programme: maximise the goal under rules, each a sum that is at most so much. */
export type Programme = {
  goal: Term[];
  rules: { terms: Term[]; most: number }[];
  /** Variables from nothing up to their most. */
  bounds: { name: string; most: number }[];
  /** Variables that are taken or not. */
  binaries: string[];
};

export const emptyProgramme = (): Programme => ({ goal: [], rules: [], bounds: [], binaries: [] });

/** Six places, without the zeros behind: what a solver reads is what was meant. */
const decimal = (value: number): string => value.toFixed(6).replace(/\.?0+$/, "");

const sum = (terms: readonly Term[], between: string): string =>
  terms
    .filter(([coefficient]) => coefficient !== 0)
    .map(([coefficient, name]) => {
      const size = Math.abs(coefficient);
      return `${coefficient < 0 ? "-" : "+"} ${size === 1 ? "" : `${decimal(size)} `}${name}`;
    })
    .join(between) || "0";

/** A programme in the LP file format, for any solver that reads it. */
export function programmeText({ goal, rules, bounds, binaries }: Programme): string {
  return [
    "Maximize",
    ` obj: ${sum(goal, "\n  ")}`,
    "Subject To",
    ...rules.map(({ terms, most }, n) => ` r${n}: ${sum(terms, " ")} <= ${decimal(most)}`),
    "Bounds",
    ...bounds.map(({ name, most }) => ` 0 <= ${name} <= ${decimal(most)}`),
    "Binaries",
    ` ${binaries.join("\n ")}`,
    "End",
  ].join("\n");
}
