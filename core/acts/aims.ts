import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { Clearable } from "../body/conditions";
import { JointId, MotionId } from "../body/motions";
import { Day, Intake, PlaceClearance } from "../records/athlete";
import { Exposure } from "../body/exposures";
import { lockKey } from "../safety/pain";
import { Aim } from "../records/records";
import { does, gone, nothing, Of, rule, type Scene } from "./act";

/** An aim from today on, with nothing set by hand. */
export const newAim = (
  scene: Pick<Scene, "newId" | "today">,
  athleteId: string,
  { skillId, quality, side, by, hips }: Pick<Aim, "skillId" | "quality" | "side" | "by" | "hips">,
): Aim => ({
  kind: "aim",
  id: scene.newId("aim"),
  athleteId,
  skillId,
  quality,
  side,
  by,
  hips,
  since: scene.today,
  closedOn: null,
  outcome: null,
  overrides: [],
  targets: [],
});

/** Keeps a new aim, or an edited one. */
const saveAim = rule({
  sent: z.extend(Of, {
    ...z.pick(Aim, { skillId: true, quality: true, side: true, by: true, hips: true }).shape,
    id: z.nullable(z.string()),
  }),
  decide: (scene, { id, athleteId, ...fields }) => {
    const known = id ? scene.get("aim", id) : null;
    if (known) return does({ does: "edit-aim" }, [{ ...known, ...fields }]);
    if (fields.by < scene.today) return { refused: { why: "aim-in-the-past" } };
    const aim = newAim(scene, athleteId, fields);
    return does({ does: "new-aim" }, [aim]);
  },
});

/** Sets a motion's weight by hand, with the reason; without a weight the computed one counts again. */
const overrideWeight = rule({
  sent: z.object({
    id: z.string(),
    motion: MotionId,
    weight: z.nullable(z.number().check(z.minimum(0), z.maximum(10))),
    reason: z.string().check(z.trim()),
  }),
  decide: (scene, { id, motion, weight, reason }) => {
    const aim = scene.get("aim", id);
    if (!aim) return gone("aim");
    if (weight !== null && reason === "") return { refused: { why: "reason-missing" } };
    const others = aim.overrides.filter((one) => one.motion !== motion);
    return does({ does: weight === null ? "weight-as-computed" : "weight-by-hand" }, [
      { ...aim, overrides: weight === null ? others : [...others, { motion, weight, reason }] },
    ]);
  },
});

/** Keeps a what-if as targets: the degrees to have by a day. An empty list takes them away. */
const saveTargets = rule({
  sent: z.object({ id: z.string(), targets: withoutDefault(Aim.shape.targets) }),
  decide: (scene, { id, targets }) => {
    const aim = scene.get("aim", id);
    return aim
      ? does({ does: targets.length > 0 ? "keep-targets" : "drop-targets" }, [{ ...aim, targets }])
      : gone("aim");
  },
});

const closeAim = rule({
  sent: z.object({
    id: z.string(),
    closed: z.boolean(),
    /** What became of it, where somebody says so. */
    outcome: z._default(withoutDefault(Aim.shape.outcome), null),
  }),
  decide: (scene, { id, closed, outcome }) => {
    const aim = scene.get("aim", id);
    return aim
      ? does({ does: closed ? "close-aim" : "open-aim" }, [
          { ...aim, closedOn: closed ? scene.today : null, outcome: closed ? outcome : null },
        ])
      : gone("aim");
  },
});

/** Keeps the intake as answered today; clearances of questions still answered yes stay. */
const saveIntake = rule({
  sent: z.extend(Of, {
    ...z.pick(Intake, { yes: true, where: true, note: true, growthSpurt: true, beighton: true })
      .shape,
    flagged: z.optional(z.array(JointId)),
  }),
  decide: (scene, { athleteId, flagged, ...answers }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const clearances = (athlete.intake?.clearances ?? []).filter(
      ({ question }) =>
        question === "growing" || question === "loose" || answers.yes.includes(question),
    );
    return does({ does: "intake" }, [
      {
        ...athlete,
        flagged: flagged ?? athlete.flagged,
        intakeAsked: null,
        intake: { ...answers, on: scene.today, clearances },
      },
    ]);
  },
});

/** "Nothing of this applies": an intake with no answer yes, asked today. */
const nothingApplies = rule({
  sent: z.extend(Of, { said: z.literal("nothing of this applies") }),
  decide: (scene, { athleteId }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const known = athlete.intake;
    const intake: Intake = {
      yes: [],
      where: [],
      note: known?.note ?? "",
      growthSpurt: known?.growthSpurt ?? false,
      beighton: known?.beighton ?? null,
      on: scene.today,
      clearances: [],
    };
    return does({ does: "intake" }, [{ ...athlete, intake, intakeAsked: null }]);
  },
});

/** Records a clearance of one answer, of growing or of loose joints: who, from when until when, and what may be done again. */
const clearQuestion = rule({
  sent: z.extend(Of, {
    question: Clearable,
    who: z.string().check(z.trim(), z.minLength(1)),
    /** The day it was given; today where none is said. */
    on: z.optional(Day),
    until: z._default(z.nullable(Day), null),
    allows: z._default(z.array(Exposure), []),
    limits: z.string(),
  }),
  decide: (scene, { athleteId, question, who, on, until, allows, limits }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    if (!athlete.intake) return nothing;
    const others = athlete.intake.clearances.filter((clearance) => clearance.question !== question);
    const clearance = { question, who, on: on ?? scene.today, until, allows, limits };
    return does({ does: "clear-question" }, [
      { ...athlete, intake: { ...athlete.intake, clearances: [...others, clearance] } },
    ]);
  },
});

/** Lets a locked place back into plans, by a person, with a reason. */
const clearPlace = rule({
  sent: z.extend(Of, {
    ...z.pick(PlaceClearance, { who: true, reason: true }).shape,
    lock: z.string(),
  }),
  decide: (scene, { athleteId, lock: key, ...clearance }) => {
    const { athlete, locks } = scene.situation(athleteId);
    const lock = locks.find((one) => lockKey(one) === key);
    if (!lock) return nothing;
    const { place, causes: covers } = lock;
    return does({ does: "clear-place", place }, [
      {
        ...athlete,
        clearances: [...athlete.clearances, { ...clearance, place, on: scene.today, covers }],
      },
    ]);
  },
});

export const aimActs = {
  "save-aim": saveAim,
  "override-weight": overrideWeight,
  "save-targets": saveTargets,
  "close-aim": closeAim,
  "save-intake": saveIntake,
  "clear-question": clearQuestion,
  "nothing-applies": nothingApplies,
  "clear-place": clearPlace,
};
