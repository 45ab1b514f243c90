import { emptyProgramme, programmeText, type Term } from "../stats/programme";
import { nearness, type PlaceModel } from "./place-model";

/**
 * The placing of a block as a mixed-integer programme. x is a session at a spot (0 or 1); n is two mobility sessions
 * so many days apart, and costs. Maximises Σ worth × x − nearness.
 */
export function placeProgramme({ spots, limits, days }: PlaceModel): string {
  const programme = emptyProgramme();
  const { goal, rules, bounds, binaries } = programme;
  spots.forEach(({ worth }, i) => {
    goal.push([worth, `x${i}`]);
    binaries.push(`x${i}`);
  });
  for (const { members, weights, most } of limits)
    rules.push({ terms: members.map((i, n): Term => [weights?.[n] ?? 1, `x${i}`]), most });
  nearness.forEach((cost, n) =>
    days.forEach(({ members, there }, d) => {
      const other = days[d + n + 1];
      if (!other || members.length + other.members.length === 0) return;
      const name = `n${n}_${d}`;
      goal.push([-cost, name]);
      bounds.push({ name, most: 2 });
      rules.push({
        terms: [...[...members, ...other.members].map((i): Term => [1, `x${i}`]), [-1, name]],
        most: 1 - there - other.there,
      });
    }),
  );
  return programmeText(programme);
}

/** The spots that a solver's columns choose. */
export const placesFrom = (
  { spots }: Pick<PlaceModel, "spots">,
  columns: Readonly<Record<string, number>>,
): Set<number> => new Set(spots.flatMap((_, i) => ((columns[`x${i}`] ?? 0) > 0.5 ? [i] : [])));
