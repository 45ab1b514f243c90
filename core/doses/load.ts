import type { BandStrength } from "../drill/band";
import type { PrepItem } from "../records/records";
import type { Because } from "../records/reasons";

/** The weight and the band that a line of a prep is done with; null where none is said. */
export type Load = { kg: number | null; band: BandStrength | null };

/** What a drill is planned to be done with. It stands among the reasons, which say what is taken of a place's kit. */
export function loadOf(why: readonly Because[]): Load {
  const weight = why.find((one) => one.why === "takes-weight");
  const band = why.find((one) => one.why === "takes-band");
  return {
    kg: weight?.why === "takes-weight" ? weight.kg : null,
    band: band?.why === "takes-band" ? band.strength : null,
  };
}

/** A line with another weight or band; what is not named stays. */
export function withLoad(item: PrepItem, load: Partial<Load>): PrepItem {
  const next = { ...loadOf(item.why), ...load };
  const others = item.why.filter(
    ({ why }) =>
      !(why === "takes-weight" && load.kg !== undefined) &&
      !(why === "takes-band" && load.band !== undefined),
  );
  return {
    ...item,
    why: [
      ...others,
      ...(load.kg !== undefined && next.kg !== null
        ? [{ why: "takes-weight" as const, kg: next.kg }]
        : []),
      ...(load.band !== undefined && next.band !== null
        ? [{ why: "takes-band" as const, strength: next.band, kg: null }]
        : []),
    ],
  };
}
