/**
 * What nothing in a file is larger than, whatever its own field allows: texts in letters, lists inside a record in
 * entries, pictures in letters of their data URL, and the records of one kind.
 */
export const door = { text: 20_000, list: 10_000, picture: 12_000_000, records: 1_000_000 };

const isPicture = (text: string): boolean => /^data:image\//.test(text);

/** The first place inside a value that is larger than anything may be, as a path; null where nothing is. */
export function beyondDoor(found: unknown): string | null {
  if (typeof found === "string")
    return found.length > (isPicture(found) ? door.picture : door.text) ? "" : null;
  if (typeof found !== "object" || found === null) return null;
  if (Array.isArray(found) && found.length > door.list) return "";
  for (const [name, value] of Object.entries(found)) {
    const inside = beyondDoor(value);
    if (inside !== null) return inside === "" ? name : `${name} → ${inside}`;
  }
  return null;
}
