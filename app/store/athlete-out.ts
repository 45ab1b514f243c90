import {
  handedOver,
  handedPrep,
  newsOf,
  sentBackOf,
  type HandedParts,
} from "#core/exchange/hand-over";
import { toFile, type Handed } from "#core/exchange/file";
import { kinds, type AnyRecord } from "#core/records/records";
import { moment, today } from "../clock";
import { deviceName } from "./device";
import type { HandedHere } from "./meta";
import type { Notebook } from "./notebook";

/** Every record of an athlete beside his own. */
async function ownOf(notebook: Notebook, athleteId: string): Promise<AnyRecord[]> {
  await notebook.openAthletes([athleteId]);
  return kinds
    .filter((kind) => kind !== "athlete")
    .flatMap((kind) => notebook.all(kind, athleteId) as AnyRecord[]);
}

/** What an athlete's file is made of; null where there is no such athlete. */
async function fromOf(notebook: Notebook, athleteId: string) {
  const athlete = notebook.get("athlete", athleteId);
  if (!athlete) return null;
  return {
    athlete,
    own: await ownOf(notebook, athleteId),
    places: notebook.all("place"),
    packs: notebook.all("pack"),
  };
}

const blobOf = (records: readonly AnyRecord[], handed: Handed): Blob =>
  new Blob([JSON.stringify(toFile(records, moment(), [], handed))], { type: "application/json" });

/** Who hands over: the coach, as checks name who measured. */
const handing = async (notebook: Notebook, athleteId: string): Promise<Handed> => ({
  athleteId,
  by: notebook.get("settings", "settings")?.tester ?? "",
  device: await deviceName(),
  back: false,
});

/** One athlete's file for another device; null where there is no such athlete. */
export async function athleteFile(
  notebook: Notebook,
  athleteId: string,
  parts: HandedParts,
): Promise<{ name: string; file: Blob } | null> {
  const from = await fromOf(notebook, athleteId);
  if (!from) return null;
  const records = handedOver(from.athlete, from, parts, today());
  return {
    name: from.athlete.name,
    file: blobOf(records, await handing(notebook, athleteId)),
  };
}

/** One prep for the athlete's phone; null where there is none. */
export async function prepFile(
  notebook: Notebook,
  athleteId: string,
  prepId: string,
): Promise<Blob | null> {
  const from = await fromOf(notebook, athleteId);
  if (!from?.own.some(({ kind, id }) => kind === "prep" && id === prepId)) return null;
  const records = handedPrep(from.athlete, from, prepId, today());
  return blobOf(records, await handing(notebook, athleteId));
}

/** What is new of an athlete that a coach has handed to this device. */
export async function newsFor(notebook: Notebook, { athleteId, known }: HandedHere) {
  const from = await fromOf(notebook, athleteId);
  if (!from) return [];
  return newsOf([from.athlete, ...from.own], await deviceName(), known);
}

/** The file that goes back to the coach; null where there is no such athlete. */
export async function backFile(
  notebook: Notebook,
  handed: HandedHere,
  health: boolean,
): Promise<Blob | null> {
  const from = await fromOf(notebook, handed.athleteId);
  if (!from) return null;
  const news = newsOf([from.athlete, ...from.own], await deviceName(), handed.known);
  return blobOf(sentBackOf(from.athlete, news, from, health), {
    athleteId: handed.athleteId,
    by: from.athlete.name,
    device: await deviceName(),
    back: true,
  });
}

/** How many records of each kind are about an athlete. */
export async function countsOf(notebook: Notebook, athleteId: string) {
  const counts = new Map<AnyRecord["kind"], number>();
  for (const { kind } of await ownOf(notebook, athleteId))
    if (kind !== "gone") counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts];
}
