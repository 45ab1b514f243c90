import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { Format } from "../content/format";
import { SomeSchools } from "../content/schools";
import { Skill } from "../content/skill";
import { Drill } from "../drill/drill";
import { Settings, type Pack } from "../records/records";
import { plainSettings } from "../records/settings";
import { does, nothing, rule, type Outcome, type Scene } from "./act";
import { fieldProblems } from "../records/field-problem";

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

const packIn = (scene: Scene): Pack => scene.get("pack", ownPack.id) ?? ownPack;
const withOne = <T extends { id: string }>(list: readonly T[], one: T): T[] => [
  ...list.filter(({ id }) => id !== one.id),
  one,
];
const without = <T extends { id: string }>(list: readonly T[], gone: string): T[] =>
  list.filter(({ id }) => id !== gone);

/** Keeps a skill of the user's own; a new one gets an identifier. */
const saveSkill = rule({
  sent: z.object({ skill: z.looseObject({ id: z.string() }) }),
  decide: (scene, { skill }): Outcome<{ id: string }> => {
    const pack = packIn(scene);
    const id = pack.skills.some((one) => one.id === skill.id) ? skill.id : scene.newId("own");
    const read = Skill.safeParse({ ...skill, id });
    if (!read.success) return { refused: { why: "invalid", fields: fieldProblems(read.error) } };
    const wrong = read.data.demands.findIndex(({ clean, passable }) => clean <= passable);
    if (wrong >= 0) return { refused: { why: "clean-not-above", demand: wrong } };
    return {
      does: { does: "skill", name: read.data.name },
      put: [{ ...pack, skills: withOne(pack.skills, read.data) }],
      answer: { id },
    };
  },
});

/** Takes an own skill away, unless an aim still stands on it. */
const removeSkill = rule({
  sent: z.object({ id: z.string() }),
  needsAskedSkills: true,
  decide: (scene, { id }) => {
    const pack = scene.get("pack", ownPack.id);
    if (!pack) return nothing;
    if (scene.askedSkills.has(id)) return { refused: { why: "skill-in-use" } };
    return does({ does: "remove-skill" }, [{ ...pack, skills: without(pack.skills, id) }]);
  },
});

/** Keeps a format of the user's own in the pack that a file carries to others. A new one gets an identifier. */
const saveFormat = rule({
  sent: z.object({ format: Format }),
  decide: (scene, { format }): Outcome<{ formatId: string }> => {
    const pack = packIn(scene);
    const named = pack.formats.some(({ id }) => id === format.id)
      ? format
      : { ...format, id: scene.newId("format") };
    return {
      does: { does: "format", name: named.name },
      put: [{ ...pack, formats: withOne(pack.formats, named) }],
      answer: { formatId: named.id },
    };
  },
});

const removeFormat = rule({
  sent: z.object({ formatId: z.string() }),
  decide: (scene, { formatId }) => {
    const pack = scene.get("pack", ownPack.id);
    return pack
      ? does({ does: "remove-format" }, [{ ...pack, formats: without(pack.formats, formatId) }])
      : nothing;
  },
});

const lines = (list: unknown): unknown =>
  Array.isArray(list)
    ? list.map((line) => String(line).trim()).filter((line) => line !== "")
    : list;

/** A drill as a form sends it, without the empty lines that a form leaves. */
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

/** A drill of somebody's own says what it does to a body, if only "none of it": the gate asks. */
const OwnDrill = z.extend(Drill, { does: withoutDefault(Drill.shape.does)._zod.def.innerType });

/** Keeps a drill of the user's own; it replaces the library's where it has its identifier. */
const saveDrill = rule({
  sent: z.object({ drill: z.pipe(z.transform(tidied), OwnDrill) }),
  decide: (scene, { drill: sent }): Outcome<{ drillId: string }> => {
    const pack = packIn(scene);
    const drill = sent.id ? sent : { ...sent, id: scene.newId("drill") };
    return {
      does: { does: "drill", name: drill.name },
      put: [{ ...pack, drills: withOne(pack.drills, drill) }],
      answer: { drillId: drill.id },
    };
  },
});

const removeDrill = rule({
  sent: z.object({ drillId: z.string() }),
  decide: (scene, { drillId }) => {
    const pack = scene.get("pack", ownPack.id);
    return pack
      ? does({ does: "remove-drill" }, [{ ...pack, drills: without(pack.drills, drillId) }])
      : nothing;
  },
});

/**
 * Ways of working: of one athlete, or of the coach for all who have no own. Only what was changed is sent, over what
 * is kept by now, so that two quick choices both count. Null is as usual.
 */
const saveSchools = rule({
  sent: z.object({ ofAthlete: z.nullable(z.string()), schools: z.record(z.string(), z.unknown()) }),
  decide: (scene, { ofAthlete, schools: changes }) => {
    const athlete = ofAthlete ? scene.get("athlete", ofAthlete) : null;
    const kept = athlete ?? scene.get("settings", "settings") ?? plainSettings;
    const read = SomeSchools.safeParse(
      Object.fromEntries(
        Object.entries({ ...kept.schools, ...changes }).filter(([, value]) => value !== null),
      ),
    );
    if (!read.success) return { refused: { why: "invalid", fields: fieldProblems(read.error) } };
    return does({ does: "schools" }, [{ ...kept, schools: read.data }]);
  },
});

const saveSettings = rule({
  sent: z.object({ settings: Settings }),
  decide: (_, { settings }) => does({ does: "settings" }, [settings]),
});

/** What is heard of a run: no step of undo. */
const hear = rule({
  sent: z.object({ sound: z.optional(z.boolean()), voice: z.optional(z.boolean()) }),
  decide: (scene, { sound, voice }): Outcome<null> => {
    const settings = scene.get("settings", "settings") ?? plainSettings;
    return {
      does: null,
      put: [{ ...settings, sound: sound ?? settings.sound, voice: voice ?? settings.voice }],
      answer: null,
    };
  },
});

export const libraryActs = {
  "save-skill": saveSkill,
  "remove-skill": removeSkill,
  "save-format": saveFormat,
  "remove-format": removeFormat,
  "save-drill": saveDrill,
  "remove-drill": removeDrill,
  "save-schools": saveSchools,
  "save-settings": saveSettings,
  hear,
};
