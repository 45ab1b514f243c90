import * as z from "zod";
import { Athlete } from "#core/records/athlete";
import { Check, Photo, Settings } from "#core/records/records";
import { moment, newId, today } from "../clock";
import { change, openNotebook } from "../store/open";
import { plainSettings } from "../view";

const Sent = Check.omit({ kind: true, id: true, athleteId: true, on: true, at: true });

/** Keeps a round of checks as one change, dated today; remembers who measured and in which unit lengths were typed. */
export async function saveRound(athleteId: string, sent: unknown): Promise<{ kept: number }> {
  const { checks, length } = z
    .object({ checks: z.array(Sent).min(1), length: Settings.shape.length })
    .parse(sent);
  const { notebook } = await openNotebook();
  const settings = notebook.get("settings", "settings") ?? plainSettings;
  const { tester } = checks[0]!;
  const same = tester === settings.tester && length === settings.length;
  await change(`${checks.length} check${checks.length > 1 ? "s" : ""}`, [
    ...checks.map((check): Check => ({
      kind: "check",
      id: newId("check"),
      athleteId,
      on: today(),
      at: moment(),
      ...check,
    })),
    ...(same ? [] : [{ ...settings, tester, length }]),
  ]);
  return { kept: checks.length };
}

export async function removeCheck(sent: unknown): Promise<null> {
  const { id } = z.object({ id: z.string() }).parse(sent);
  await change("remove a check", [], [`check/${id}`]);
  return null;
}

/** Keeps the width of the athlete's own finger. */
export async function saveFinger(athleteId: string, sent: unknown): Promise<null> {
  const { fingerCm } = z.object({ fingerCm: z.number().min(1).max(3) }).parse(sent);
  const athlete = (await openNotebook()).notebook.get("athlete", athleteId);
  if (athlete)
    await change("calibrate finger widths", [
      Athlete.parse({ ...athlete, measures: { ...athlete.measures, fingerCm } }),
    ]);
  return null;
}

/** Keeps the athlete's own segment lengths, cm; what is left out goes back to the proportions of the stature. */
export async function saveMeasures(athleteId: string, sent: unknown): Promise<null> {
  const { measures } = z.object({ measures: Athlete.shape.measures }).parse(sent);
  const athlete = (await openNotebook()).notebook.get("athlete", athleteId);
  if (athlete) await change("own measures", [{ ...athlete, measures }]);
  return null;
}

/** Keeps the allowance and leg length that fit the split's model to the tape, cm; null takes them away. */
export async function saveAllowance(athleteId: string, sent: unknown): Promise<null> {
  const { pelvisCm, legCm } = z
    .object({
      pelvisCm: z.number().min(-40).max(40).nullable(),
      legCm: z.number().min(40).max(130).nullable(),
    })
    .parse(sent);
  const athlete = (await openNotebook()).notebook.get("athlete", athleteId);
  if (!athlete) return null;
  const measures = { ...athlete.measures };
  delete measures.pelvisCm;
  delete measures.fittedLegCm;
  await change("fit the model", [
    {
      ...athlete,
      measures: {
        ...measures,
        ...(pelvisCm === null ? {} : { pelvisCm }),
        ...(legCm === null ? {} : { fittedLegCm: legCm }),
      },
    },
  ]);
  return null;
}

/** Keeps the user's own pointing error on photographs; null goes back to the usual one. */
export async function savePointing(sent: unknown): Promise<null> {
  const { pointing } = z.object({ pointing: Settings.shape.pointing.unwrap() }).parse(sent);
  const settings = (await openNotebook()).notebook.get("settings", "settings") ?? plainSettings;
  await change("use my pointing error", [{ ...settings, pointing }]);
  return null;
}

/** Keeps a photograph that angles were read from, because the user said so. */
export async function savePhoto(athleteId: string, sent: unknown): Promise<null> {
  const { photo } = z
    .object({ photo: Photo.omit({ kind: true, id: true, athleteId: true, on: true }) })
    .parse(sent);
  await change("keep a photograph", [
    { kind: "photo", id: newId("photo"), athleteId, on: today(), ...photo },
  ]);
  return null;
}

export async function removePhoto(sent: unknown): Promise<null> {
  const { id } = z.object({ id: z.string() }).parse(sent);
  await change("remove a photograph", [], [`photo/${id}`]);
  return null;
}
