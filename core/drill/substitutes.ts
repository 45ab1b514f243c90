import type { KitItem } from "./kit";

/** What stands in for a thing that is not there, the best first. */
const standIns: Partial<Record<KitItem, readonly KitItem[]>> = {
  mat: ["towel"],
  box: ["chair"],
  chair: ["box"],
  stick: ["broom"],
  roller: ["half-roller", "ball", "bottle"],
  "half-roller": ["roller", "towel"],
  ball: ["bottle"],
  strap: ["band", "towel"],
  band: ["strap", "towel"],
  "loop-band": ["band"],
  block: ["books"],
  wedge: ["slope", "books"],
  slope: ["wedge", "books"],
  weight: ["backpack", "bottle"],
  bar: ["rings"],
  rings: ["bar"],
};

/** Things that can stand in for a piece of kit, the best first; empty where nothing safe does. */
export const substitutesOf = (item: KitItem): readonly KitItem[] => standIns[item] ?? [];

export type Fetched = { wanted: KitItem; used: KitItem };

/**
 * What of a place's kit is used for what a rung asks for; null when a thing is missing and nothing stands in.
 * @param exact a thing that must be itself: a band that has to stretch is not replaced by a towel
 * @example fetched(["roller"], ["bottle"], []) // [{ wanted: "roller", used: "bottle" }]
 */
export function fetched(
  asked: readonly KitItem[],
  has: readonly KitItem[],
  exact: readonly KitItem[],
): Fetched[] | null {
  const found: Fetched[] = [];
  for (const wanted of asked) {
    const options = exact.includes(wanted) ? [wanted] : [wanted, ...substitutesOf(wanted)];
    const used = options.find((item) => has.includes(item));
    if (!used) return null;
    found.push({ wanted, used });
  }
  return found;
}
