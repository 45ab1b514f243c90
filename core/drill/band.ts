import * as z from "zod/mini";

/** Bands from the one that gives most to the one that gives least. */
export const bandStrengths = ["very-thin", "thin", "medium", "thick", "very-thick"] as const;
export const BandStrength = z.enum(bandStrengths);
export type BandStrength = z.infer<typeof BandStrength>;

/** A band that a place has: its strength, and where it is known its pull at twice its length, kg. */
export const Band = z.object({
  strength: BandStrength,
  kg: z._default(z.nullable(z.number().check(z.positive(), z.maximum(150))), null),
});
export type Band = z.infer<typeof Band>;

/** What a rung asks of a band: how strong, and whether it helps (a thicker one is easier) or is worked against. */
export const BandUse = z.object({ strength: BandStrength, helps: z._default(z.boolean(), false) });
export type BandUse = z.infer<typeof BandUse>;

const rank = (strength: BandStrength): number => bandStrengths.indexOf(strength);

/**
 * The strength of a band by its pull at twice its length. Working figures: makers do not agree.
 * @example strengthOf(9) // "medium"
 */
export function strengthOf(kg: number): BandStrength {
  if (kg < 3) return "very-thin";
  if (kg < 7) return "thin";
  if (kg < 14) return "medium";
  return kg < 25 ? "thick" : "very-thick";
}

/**
 * The band of a place that a rung is done with: the one asked for, else the nearest on the easy side. Thicker where it
 * helps, thinner where it is worked against; null where there are only harder ones.
 */
export function bandFor({ strength, helps }: BandUse, owned: readonly Band[]): Band | null {
  const easier = (band: Band): number =>
    helps ? rank(band.strength) - rank(strength) : rank(strength) - rank(band.strength);
  return (
    owned
      .filter((band) => easier(band) >= 0)
      .sort((a, b) => easier(a) - easier(b) || (a.kg ?? 0) - (b.kg ?? 0))[0] ?? null
  );
}

/** Kilograms that a rung is held with: from where it begins to where it ends. */
type Kilograms = { from: number; to: number };

/**
 * The weight of a place that is taken for a rung: what was last held, else the heaviest that is not above where the
 * rung begins, else the lightest there is. Null where even that is above where it ends.
 */
export function weightFor(
  { from, to }: Kilograms,
  owned: readonly number[],
  last: number | null,
): number | null {
  const fit = owned.filter((kg) => kg <= to).sort((a, b) => a - b);
  const begun = last !== null && fit.includes(last) ? last : null;
  return begun ?? fit.filter((kg) => kg <= (last ?? from)).at(-1) ?? fit[0] ?? null;
}

/** The next heavier weight of a place inside a rung's range; null at its end. @example nextWeight({ from: 2, to: 8 }, [2, 4, 6, 10], 4) // 6 */
export const nextWeight = (
  { to }: Kilograms,
  owned: readonly number[],
  last: number,
): number | null => owned.filter((kg) => kg > last && kg <= to).sort((a, b) => a - b)[0] ?? null;
