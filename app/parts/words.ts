import type { Side } from "#core/body/side";
import type { Skill } from "#core/content/skill";
import { shortDay } from "#words/days";
import type { Aim } from "#core/records/records";

/** The aim in a line: quality, skill, side, date. */
export function aimSentence({ aim, skill }: { aim: Aim | null; skill: Skill | null }): string {
  if (!aim || !skill) return "no aim yet";
  const side = skill.sided ? `, ${aim.side} ${skill.sideMeans}` : "";
  return `${aim.quality} ${skill.name.toLowerCase()}${side} by ${shortDay(aim.by)}`;
}

/** The notch of a side, as it stands before a number. */
export const notch: Record<Side, string> = { left: "◂", right: "▸", mid: "◆" };

/** Reads a number as people type it: comma or point, and degrees with their sign ("85,5", "85°", "−3.5"). NaN where it is none. */
export function readNumber(text: string): number {
  const bare = text
    .trim()
    .replace(/\s*(°|degrees)$/u, "")
    .replace(/^[−–]/u, "-")
    .replace(",", ".");
  return bare === "" ? Number.NaN : Number(bare);
}

/** Reads minutes: "8", "7,5", "12:30", "15 min". NaN where they are none. */
export function readMinutes(text: string): number {
  const clock = /^(\d+):([0-5]\d)$/.exec(text.trim());
  if (clock) return Number(clock[1]) + Number(clock[2]) / 60;
  return readNumber(text.trim().replace(/\s*(min(utes)?|′)$/u, ""));
}

export const firstName = (name: string): string => name.split(" ")[0]!;

/** First names, and the whole name where two have the same. */
export function shortNames(people: readonly { name: string }[]): (name: string) => string {
  const counts = new Map<string, number>();
  for (const { name } of people)
    counts.set(firstName(name), (counts.get(firstName(name)) ?? 0) + 1);
  return (name) => (counts.get(firstName(name)) === 1 ? firstName(name) : name);
}
