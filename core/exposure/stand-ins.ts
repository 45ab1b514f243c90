import { doesOf } from "./does";
import type { Drill, Rung } from "../drill/drill";
import type { KitItem } from "../drill/kit";

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

/** Things that can stand in for a piece of kit whatever it is for, the best first; empty where nothing does. */
export const substitutesOf = (item: KitItem): readonly KitItem[] => standIns[item] ?? [];

/**
 * What may stand in for a thing in this use, the best first. Nothing small and hard under the spine, no chair under
 * hands or feet that carry, no towel where the grip has to slide or the band to stretch, no bar for rings that turn.
 */
export function standInsFor(wanted: KitItem, drill: Drill, rung: Rung): readonly KitItem[] {
  if (rung.exact.includes(wanted)) return [];
  const { exposes, presses } = doesOf(drill, rung);
  const spine =
    presses.includes("thoracic") || presses.includes("lumbar") || presses.includes("neck");
  const carries =
    exposes.has("hands-part") ||
    exposes.has("hands-full") ||
    exposes.has("fall") ||
    exposes.has("one-leg") ||
    rung.picture.props.some(
      (prop) => prop.kind === "box" && ["toe", "ball", "heel"].includes(prop.at),
    );
  const stretches = drill.kind === "strength" || drill.kind === "dynamic";
  return substitutesOf(wanted).filter((one) => {
    if (spine && (one === "ball" || one === "bottle")) return false;
    if (carries && (one === "chair" || one === "books" || one === "bottle")) return false;
    if (stretches && (wanted === "band" || wanted === "loop-band") && one !== "band") return false;
    if (drill.kind === "dynamic" && one === "towel") return false;
    if (wanted === "rings" && (exposes.has("hang-behind") || exposes.has("shoulder-behind-loaded")))
      return false;
    return true;
  });
}

export type Fetched = { wanted: KitItem; used: KitItem };

/** What of a place's kit is used for one thing a rung asks for; null when it is missing and nothing stands in. */
export function standInOf(
  wanted: KitItem,
  has: readonly KitItem[],
  drill: Drill,
  rung: Rung,
): KitItem | null {
  return [wanted, ...standInsFor(wanted, drill, rung)].find((item) => has.includes(item)) ?? null;
}

/** What of a place's kit is used for what a rung asks for; null when a thing is missing and nothing stands in. */
export function fetched(drill: Drill, rung: Rung, has: readonly KitItem[]): Fetched[] | null {
  const found = rung.kit.map((wanted) => ({ wanted, used: standInOf(wanted, has, drill, rung) }));
  return found.every((one): one is Fetched => one.used !== null) ? found : null;
}
