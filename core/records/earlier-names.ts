import { readAsk } from "../drill/gate";

type Loose = Record<string, unknown>;

const isLoose = (value: unknown): value is Loose =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** What motions were called up to version 3, by the field's own terms of today. */
const motions: Readonly<Record<string, string>> = {
  "neck.side-bend": "neck.lateral-flexion",
  "shoulder.rotation-out": "shoulder.external-rotation",
  "shoulder.rotation-in": "shoulder.internal-rotation",
  "shoulder.horizontal-reach": "shoulder.horizontal-abduction",
  "forearm.palm-up": "forearm.supination",
  "forearm.palm-down": "forearm.pronation",
  "wrist.thumb": "wrist.radial-deviation",
  "wrist.little-finger": "wrist.ulnar-deviation",
  "upper-back.extension": "thoracic.extension",
  "upper-back.rotation": "thoracic.rotation",
  "trunk.side-bend": "lumbar.lateral-flexion",
  "low-back.extension": "lumbar.extension",
  "hip.rotation-out": "hip.external-rotation",
  "hip.rotation-in": "hip.internal-rotation",
};

const joints: Readonly<Record<string, string>> = { "upper-back": "thoracic", "low-back": "lumbar" };

/** Fields that hold a joint, or a list of them. Elsewhere the same letters are somebody's own words. */
const jointFields = new Set(["joint", "at", "focus", "flagged", "sore"]);

/** Fields that have another name today. */
const fields: Readonly<Record<string, string>> = {
  looseness: "beighton",
  mustNot: "contraindications",
};

/** A motion by its name of today; anything else as it came. */
export const motionNow = (name: unknown): unknown =>
  typeof name === "string" ? (motions[name] ?? name) : name;

const jointNow = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(jointNow)
    : typeof value === "string"
      ? (joints[value] ?? value)
      : value;

/** An item of a prep said "locked" of what is pinned now; a lock is what pain does. */
const isPrepItem = (value: Loose): boolean => "drillId" in value && "dose" in value;

/** A corrective between work sets was known by the name of its part; today it is a fact. */
const withItsReason = (item: Loose): Loose => ({
  ...item,
  why: [...(Array.isArray(item.why) ? (item.why as unknown[]) : []), { why: "between-sets" }],
});

/** A gate says by itself today what it asks for. */
const isGate = (value: Loose): boolean =>
  Object.keys(value).length === 2 &&
  typeof value.see === "string" &&
  typeof value.then === "string";

/** A value with the names of today throughout. */
export function withNamesOfToday(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withNamesOfToday);
  if (!isLoose(value)) return motionNow(value);
  if (isGate(value)) return { ...value, ask: readAsk(value.then as string) };
  const item = isPrepItem(value);
  const now = item && value.segment === "between sets" ? withItsReason(value) : value;
  return Object.fromEntries(
    Object.entries(now).map(([name, found]) => [
      item && name === "locked" ? "pinned" : (fields[name] ?? name),
      jointFields.has(name) && !isLoose(found) && !listOfThings(found)
        ? motionNow(jointNow(found))
        : withNamesOfToday(found),
    ]),
  );
}

const listOfThings = (found: unknown): boolean => Array.isArray(found) && found.some(isLoose);
