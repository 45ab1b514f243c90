import { nearness, type PlaceModel } from "./place-model";

/**
 * The placing of a block as a mixed-integer programme in the LP file format. x is a session at a spot (0 or 1);
 * n is two mobility sessions so many days apart, and costs. Maximises Σ worth × x − nearness.
 */
export function placeProgramme({ spots, limits, days }: PlaceModel): string {
  const goal = spots.map(({ worth }, i) => `+ ${worth.toFixed(3)} x${i}`);
  const rules = limits.map(
    ({ members, weights, most }) =>
      `${members.map((i, n) => `+ ${weights?.[n] ?? 1} x${i}`).join(" ")} <= ${most}`,
  );
  const bounds: string[] = [];
  nearness.forEach((cost, n) =>
    days.forEach(({ members, there }, d) => {
      const other = days[d + n + 1];
      if (!other || members.length + other.members.length === 0) return;
      const name = `n${n}_${d}`;
      goal.push(`- ${cost} ${name}`);
      bounds.push(`0 <= ${name} <= 2`);
      const both = [...members, ...other.members].map((i) => `+ x${i}`).join(" ");
      rules.push(`${both} - ${name} <= ${1 - there - other.there}`);
    }),
  );
  return [
    "Maximize",
    ` obj: ${goal.length > 0 ? goal.join("\n  ") : "0"}`,
    "Subject To",
    ...rules.map((rule, n) => ` r${n}: ${rule}`),
    "Bounds",
    ...bounds.map((bound) => ` ${bound}`),
    "Binaries",
    ` ${spots.map((_, i) => `x${i}`).join("\n ")}`,
    "End",
  ].join("\n");
}

/** The spots that a solver's columns choose. */
export const placesFrom = (
  { spots }: Pick<PlaceModel, "spots">,
  columns: Readonly<Record<string, number>>,
): Set<number> => new Set(spots.flatMap((_, i) => ((columns[`x${i}`] ?? 0) > 0.5 ? [i] : [])));
