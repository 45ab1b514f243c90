import { handedOver, type HandedParts } from "#core/exchange/hand-over";
import { toFile } from "#core/exchange/file";
import { kinds, type AnyRecord } from "#core/records/records";
import { moment, today } from "../clock";
import type { Notebook } from "./notebook";

/** Every record of an athlete beside his own. */
async function ownOf(notebook: Notebook, athleteId: string): Promise<AnyRecord[]> {
  await notebook.openAthletes([athleteId]);
  return kinds
    .filter((kind) => kind !== "athlete")
    .flatMap((kind) => notebook.all(kind, athleteId) as AnyRecord[]);
}

/** One athlete's file for another device; null where there is no such athlete. */
export async function athleteFile(
  notebook: Notebook,
  athleteId: string,
  parts: HandedParts,
): Promise<{ name: string; file: Blob } | null> {
  const athlete = notebook.get("athlete", athleteId);
  if (!athlete) return null;
  const from = {
    own: await ownOf(notebook, athleteId),
    places: notebook.all("place"),
    packs: notebook.all("pack"),
  };
  const file = toFile(handedOver(athlete, from, parts, today()), moment());
  return { name: athlete.name, file: new Blob([JSON.stringify(file)]) };
}

/** How many records of each kind are about an athlete. */
export async function countsOf(notebook: Notebook, athleteId: string) {
  const counts = new Map<AnyRecord["kind"], number>();
  for (const { kind } of await ownOf(notebook, athleteId))
    if (kind !== "gone") counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts];
}
