import * as z from "zod";
import { JointId } from "#core/body/motions";
import { Intake, MotionClearance } from "#core/records/athlete";
import { IntakeQuestion } from "#core/body/conditions";
import { MotionId } from "#core/body/motions";
import { Aim } from "#core/records/records";
import type { MotionLock } from "#core/safety/pain";
import { newId, today } from "../clock";
import { change, openNotebook } from "../store/open";

const AimSent = Aim.pick({ skillId: true, quality: true, side: true, by: true, hips: true }).extend(
  {
    id: z.string().nullable(),
  },
);

/** Keeps a new aim, or an edited one. */
export async function saveAim(athleteId: string, sent: unknown): Promise<{ error: string } | null> {
  const parsed = AimSent.safeParse(sent);
  if (!parsed.success) return { error: "An aim needs a skill and a date." };
  const { id, ...fields } = parsed.data;
  if (!id && fields.by < today()) return { error: "The date of an aim lies ahead." };
  const known = id ? (await openNotebook()).notebook.get("aim", id) : null;
  const aim: Aim = known
    ? { ...known, ...fields }
    : {
        kind: "aim",
        id: newId("aim"),
        athleteId,
        ...fields,
        since: today(),
        closedOn: null,
        overrides: [],
        targets: [],
      };
  await change(known ? "edit the aim" : "new aim", [aim]);
  return null;
}

/** Sets a motion's weight by hand, with the reason; without a weight the computed one counts again. */
export async function overrideWeight(sent: unknown): Promise<null> {
  const { id, motion, weight, reason } = z
    .object({
      id: z.string(),
      motion: MotionId,
      weight: z.number().min(0).max(10).nullable(),
      reason: z.string().trim(),
    })
    .parse(sent);
  const aim = (await openNotebook()).notebook.get("aim", id);
  if (!aim || (weight !== null && reason === "")) return null;
  const others = aim.overrides.filter((one) => one.motion !== motion);
  await change(weight === null ? "weight as computed" : "weight by hand", [
    { ...aim, overrides: weight === null ? others : [...others, { motion, weight, reason }] },
  ]);
  return null;
}

/** Keeps a what-if as targets: the degrees to have by a day. An empty list takes them away. */
export async function saveTargets(sent: unknown): Promise<null> {
  const { id, targets } = z
    .object({ id: z.string(), targets: Aim.shape.targets.unwrap() })
    .parse(sent);
  const aim = (await openNotebook()).notebook.get("aim", id);
  if (aim)
    await change(targets.length > 0 ? "keep the targets" : "drop the targets", [
      { ...aim, targets },
    ]);
  return null;
}

export async function closeAim(sent: unknown): Promise<null> {
  const { id, closed } = z.object({ id: z.string(), closed: z.boolean() }).parse(sent);
  const aim = (await openNotebook()).notebook.get("aim", id);
  if (aim)
    await change(closed ? "close the aim" : "open the aim again", [
      { ...aim, closedOn: closed ? today() : null },
    ]);
  return null;
}

const athleteNow = async (id: string) => {
  const athlete = (await openNotebook()).notebook.get("athlete", id);
  if (!athlete) throw new Response("This athlete is no longer in the notebook.", { status: 404 });
  return athlete;
};

/** Keeps the intake as answered today; clearances of questions still answered yes stay. */
export async function saveIntake(athleteId: string, sent: unknown): Promise<null> {
  const answers = Intake.pick({ yes: true, note: true, growthSpurt: true, looseness: true }).parse(
    sent,
  );
  const { flagged } = z.object({ flagged: z.array(JointId).optional() }).parse(sent);
  const athlete = await athleteNow(athleteId);
  const clearances = (athlete.intake?.clearances ?? []).filter(({ question }) =>
    answers.yes.includes(question),
  );
  await change("intake", [
    {
      ...athlete,
      flagged: flagged ?? athlete.flagged,
      intake: { ...answers, on: today(), clearances },
    },
  ]);
  return null;
}

/** Records a clinician's clearance of one answer: who, when, limits. */
export async function clearQuestion(athleteId: string, sent: unknown): Promise<null> {
  const { question, who, limits } = z
    .object({ question: IntakeQuestion, who: z.string().trim().min(1), limits: z.string() })
    .parse(sent);
  const athlete = await athleteNow(athleteId);
  if (!athlete.intake) return null;
  const others = athlete.intake.clearances.filter((clearance) => clearance.question !== question);
  await change("record a clearance", [
    {
      ...athlete,
      intake: {
        ...athlete.intake,
        clearances: [...others, { question, who, on: today(), limits }],
      },
    },
  ]);
  return null;
}

/** Lets a locked motion back into plans, by a person, with a reason. */
export async function clearMotion(
  athleteId: string,
  locks: readonly MotionLock[],
  sent: unknown,
): Promise<null> {
  const clearance = MotionClearance.omit({ on: true, covers: true }).parse(sent);
  const covers = locks.find(({ motion }) => motion === clearance.motion)?.causes ?? [];
  const athlete = await athleteNow(athleteId);
  await change(`clear ${clearance.motion}`, [
    { ...athlete, clearances: [...athlete.clearances, { ...clearance, on: today(), covers }] },
  ]);
  return null;
}
