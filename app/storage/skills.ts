import * as z from "zod";
import { Skill } from "#core/content/skill";
import type { Pack } from "#core/records/records";
import { newId } from "../clock";
import { change, openNotebook } from "../store/open";

/** The pack that holds what a user makes himself. */
export const ownPack: Pack = {
  kind: "pack",
  id: "own",
  name: "My own",
  skills: [],
  protocols: [],
  drills: [],
  formats: [],
};

/** Keeps a skill of the user's own; a new one gets an identifier. Answers with what cannot be right, by field. */
export async function saveSkill(
  sent: unknown,
): Promise<{ id: string } | { errors: Record<string, string> }> {
  const { skill } = z.object({ skill: z.looseObject({ id: z.string() }) }).parse(sent);
  const pack = (await openNotebook()).notebook.get("pack", "own") ?? ownPack;
  const id = pack.skills.some((one) => one.id === skill.id) ? skill.id : newId("own");
  const parsed = Skill.safeParse({ ...skill, id });
  if (!parsed.success)
    return {
      errors: Object.fromEntries(
        parsed.error.issues.map(({ path, message }) => [path.join("."), message]),
      ),
    };
  const wrong = parsed.data.demands.findIndex(({ clean, passable }) => clean <= passable);
  if (wrong >= 0)
    return {
      errors: { [`demands.${wrong}.clean`]: "A clean skill asks more than a passable one." },
    };
  await change(`skill ${parsed.data.name}`, [
    { ...pack, skills: [...pack.skills.filter((one) => one.id !== id), parsed.data] },
  ]);
  return { id };
}

/** Takes an own skill away, unless an aim still stands on it. */
export async function removeSkill(sent: unknown): Promise<{ refused: string } | null> {
  const { id } = z.object({ id: z.string() }).parse(sent);
  const { notebook } = await openNotebook();
  const people = await notebook.people();
  const pack = notebook.get("pack", "own");
  if (!pack) return null;
  if (people.some(({ aims }) => aims.some(({ skillId }) => skillId === id)))
    return { refused: "An aim still asks this skill; close or change it first." };
  await change("remove a skill", [{ ...pack, skills: pack.skills.filter((one) => one.id !== id) }]);
  return null;
}
