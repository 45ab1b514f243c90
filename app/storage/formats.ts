import * as z from "zod";
import { Drill } from "#core/drill/drill";
import { Format } from "#core/content/format";
import { SomeSchools } from "#core/content/schools";
import { newId } from "../clock";
import { plainSettings } from "../view";
import { change, openNotebook } from "../store/open";
import { ownPack } from "./skills";

/** Keeps a format of the user's own in the pack that a file carries to others. A new one gets an identifier. */
export async function saveFormat(sent: unknown): Promise<{ formatId: string }> {
  const { format } = z.object({ format: Format }).parse(sent);
  const { notebook } = await openNotebook();
  const pack = notebook.get("pack", ownPack.id) ?? ownPack;
  const named = pack.formats.some(({ id }) => id === format.id)
    ? format
    : { ...format, id: newId("format") };
  await change(`keep the format ${named.name}`, [
    { ...pack, formats: [...pack.formats.filter(({ id }) => id !== named.id), named] },
  ]);
  return { formatId: named.id };
}

export async function removeFormat(sent: unknown): Promise<null> {
  const { formatId } = z.object({ formatId: z.string() }).parse(sent);
  const pack = (await openNotebook()).notebook.get("pack", ownPack.id);
  if (pack)
    await change("remove a format", [
      { ...pack, formats: pack.formats.filter(({ id }) => id !== formatId) },
    ]);
  return null;
}

const lines = (list: unknown): unknown =>
  Array.isArray(list)
    ? list.map((line) => String(line).trim()).filter((line) => line !== "")
    : list;

/** A drill as the form sends it, without the empty lines that a form leaves. */
function tidied(sent: unknown): unknown {
  if (typeof sent !== "object" || sent === null || !("rungs" in sent) || !Array.isArray(sent.rungs))
    return sent;
  const rungs = sent.rungs.map((rung: { steps?: unknown; gates?: { see: string }[] }) => ({
    ...rung,
    steps: lines(rung.steps),
    gates: rung.gates?.filter(({ see }) => see.trim() !== ""),
  }));
  return { ...sent, rungs, cautions: lines((sent as { cautions?: unknown }).cautions) };
}

/** What cannot be right in a drill, as a sentence. */
function problem(path: readonly PropertyKey[]): string {
  const [, field, rung, part] = path;
  if (field !== "rungs") return `The ${String(field)} cannot be right`;
  if (rung === undefined) return "A ladder has one rung at least";
  const number = Number(rung) + 1;
  if (part === "steps") return `Rung ${number} wants two steps, each on its own line`;
  if (part === "gates") return `Rung ${number} wants something to look at, and what to do then`;
  return `Rung ${number}: the ${String(part)} cannot be right`;
}

/** Keeps a drill of the user's own; it replaces the library's where it has its identifier. */
export async function saveDrill(
  sent: unknown,
): Promise<{ drillId: string } | { errors: string[] }> {
  const parsed = z.object({ drill: z.preprocess(tidied, Drill) }).safeParse(sent);
  if (!parsed.success)
    return { errors: [...new Set(parsed.error.issues.map(({ path }) => problem(path)))] };
  const { notebook } = await openNotebook();
  const pack = notebook.get("pack", ownPack.id) ?? ownPack;
  const drill = parsed.data.drill.id
    ? parsed.data.drill
    : { ...parsed.data.drill, id: newId("drill") };
  await change(`keep the drill ${drill.name}`, [
    { ...pack, drills: [...pack.drills.filter(({ id }) => id !== drill.id), drill] },
  ]);
  return { drillId: drill.id };
}

export async function removeDrill(sent: unknown): Promise<null> {
  const { drillId } = z.object({ drillId: z.string() }).parse(sent);
  const pack = (await openNotebook()).notebook.get("pack", ownPack.id);
  if (pack)
    await change("remove a drill", [
      { ...pack, drills: pack.drills.filter(({ id }) => id !== drillId) },
    ]);
  return null;
}

/** Ways of working: of one athlete, or of the coach for all who have no own. */
export async function saveSchools(sent: unknown): Promise<null> {
  const { athleteId, schools: changes } = z
    .object({ athleteId: z.string().nullable(), schools: z.record(z.string(), z.unknown()) })
    .parse(sent);
  const { notebook } = await openNotebook();
  const athlete = athleteId ? notebook.get("athlete", athleteId) : null;
  const kept = athlete ?? notebook.get("settings", "settings") ?? plainSettings;
  // Only what was changed is sent, over what is kept by now: two quick choices both count. Null is as usual.
  const schools = SomeSchools.parse(
    Object.fromEntries(
      Object.entries({ ...kept.schools, ...changes }).filter(([, value]) => value !== null),
    ),
  );
  await change("ways of working", [{ ...kept, schools }]);
  return null;
}
