import * as z from "zod";
import { Athlete } from "#core/records/athlete";
import { Place } from "#core/records/records";
import { newId } from "../clock";
import { change, openNotebook } from "../store/open";

export type FormErrors = Record<string, string>;

const problems = (error: z.ZodError): FormErrors =>
  Object.fromEntries(error.issues.map((issue) => [issue.path.join("."), issue.message]));

const AthleteSent = Athlete.pick({
  name: true,
  discipline: true,
  bornOn: true,
  statureCm: true,
  massKg: true,
  dominantSide: true,
  placeId: true,
}).extend({ id: z.string().nullable() });

/** Keeps a new athlete, or what was edited of one. Answers with the sentence for each field that cannot be right. */
export async function saveAthlete(sent: unknown): Promise<{ id: string } | { errors: FormErrors }> {
  const parsed = AthleteSent.safeParse(sent);
  if (!parsed.success) return { errors: problems(parsed.error) };
  const { notebook } = await openNotebook();
  const { id, ...fields } = parsed.data;
  const known = id ? notebook.get("athlete", id) : null;
  const athlete: Athlete = known
    ? { ...known, ...fields }
    : {
        kind: "athlete",
        id: newId("athlete"),
        ...fields,
        measures: {},
        note: "",
        intake: null,
        clearances: [],
        absences: [],
        archived: false,
        schools: {},
        flagged: [],
        nextChosen: [],
      };
  await change(known ? `edit ${athlete.name}` : `add ${athlete.name}`, [athlete]);
  return { id: athlete.id };
}

export async function archiveAthlete(sent: unknown): Promise<null> {
  const { id, archived } = z.object({ id: z.string(), archived: z.boolean() }).parse(sent);
  const athlete = (await openNotebook()).notebook.get("athlete", id);
  if (athlete)
    await change(archived ? `archive ${athlete.name}` : `bring ${athlete.name} back`, [
      { ...athlete, archived },
    ]);
  return null;
}

export async function savePlace(sent: unknown): Promise<{ errors: FormErrors } | null> {
  const parsed = Place.omit({ kind: true, id: true })
    .extend({ id: z.string().nullable() })
    .safeParse(sent);
  if (!parsed.success) return { errors: problems(parsed.error) };
  const { id, ...fields } = parsed.data;
  await change(`place ${fields.name}`, [{ kind: "place", id: id ?? newId("place"), ...fields }]);
  return null;
}
