import { keyOf, type AnyRecord, type Prep } from "#core/records/records";
import { library } from "#library/index";
import { newPrep, planned } from "#core/situation/planning";
import * as aims from "../storage/aims";
import * as athletes from "../storage/athletes";
import * as checks from "../storage/checks";
import * as days from "../storage/days";
import * as formats from "../storage/formats";
import * as logs from "../storage/logs";
import * as nextChosen from "../storage/next-chosen";
import * as preps from "../storage/preps";
import * as runs from "../storage/runs";
import * as season from "../storage/season";
import * as skills from "../storage/skills";
import { change, openNotebook } from "../store/open";
import { plusDays } from "#core/dates/days";
import { today } from "../clock";
import { athleteView, plainSettings } from "../view";
import type { WalkStep } from "./faults";
import { person } from "./person";

const who = "odalys";
const look = () => athleteView(who, new Request(`http://localhost/at/${who}/prep`));
const notebook = async () => (await openNotebook()).notebook;
const prepNow = async (): Promise<Prep> =>
  (await look()).preps.find(({ on }) => on === today()) ??
  planned(await look(), newPrep(await look(), today(), "prep-new")).prep;
const aimNow = async () => (await look()).aim!;
const seasonNow = async () => (await look()).season!;
const runNow = async () => (await look()).runs[0]!;

/** Acts that the application's own functions do, one after another, from a name to an empty notebook. */
const acts: Record<string, () => Promise<unknown>> = {
  "add an athlete": () => athletes.saveAthlete(person),
  "edit an athlete": () => athletes.saveAthlete({ ...person, id: who, name: "Odalys B." }),
  archive: () => athletes.archiveAthlete({ id: "kaito", archived: true }),
  "bring back": () => athletes.archiveAthlete({ id: "kaito", archived: false }),
  place: () =>
    athletes.savePlace({
      id: null,
      name: "Loft",
      kit: ["mat"],
      space: "mat",
      silent: true,
      noFloor: false,
      note: "",
    }),
  "new aim": () =>
    aims.saveAim(who, {
      id: null,
      skillId: "deep-squat",
      quality: "clean",
      side: "mid",
      by: plusDays(today(), 90),
      hips: "square",
    }),
  "edit the aim": async () => {
    const { id, skillId, quality, side, hips } = await aimNow();
    return aims.saveAim(who, { id, skillId, quality, side, hips, by: plusDays(today(), 60) });
  },
  "weight by hand": async () =>
    aims.overrideWeight({
      id: (await aimNow()).id,
      motion: "hip.flexion",
      weight: 2,
      reason: "seen",
    }),
  "weight as computed": async () =>
    aims.overrideWeight({
      id: (await aimNow()).id,
      motion: "hip.flexion",
      weight: null,
      reason: "",
    }),
  "keep targets": async () =>
    aims.saveTargets({
      id: (await aimNow()).id,
      targets: [{ motion: "hip.flexion", side: "left", degrees: 120, by: plusDays(today(), 30) }],
    }),
  "drop targets": async () => aims.saveTargets({ id: (await aimNow()).id, targets: [] }),
  intake: () =>
    aims.saveIntake(who, {
      yes: ["pressure"],
      note: "",
      growthSpurt: false,
      looseness: 3,
      flagged: ["wrist"],
    }),
  "clear a question": () =>
    aims.clearQuestion(who, { question: "pressure", who: "Dr Example", limits: "no inversions" }),
  round: async () =>
    checks.saveRound(who, {
      length: "cm",
      checks: (await look()).checks.slice(0, 3),
    }),
  "remove a check": async () => checks.removeCheck({ id: (await look()).checks.at(-1)!.id }),
  finger: () => checks.saveFinger(who, { fingerCm: 1.8 }),
  measures: () => checks.saveMeasures(who, { measures: { shinCm: 40 } }),
  allowance: () => checks.saveAllowance(who, { pelvisCm: 4, legCm: 80 }),
  pointing: () => checks.savePointing({ pointing: 0.02 }),
  photo: () =>
    checks.savePhoto(who, {
      photo: { image: "data:image/jpeg;base64,AAAA", width: 4, height: 4, readings: [] },
    }),
  "remove a photo": async () => checks.removePhoto({ id: (await look()).photos[0]!.id }),
  "mark the day": () => days.markDay(who, { on: today(), sleep: 3, energy: 2 }),
  "clear the day": () =>
    days.markDay(who, { on: today(), sleep: null, energy: null, soreness: null, sore: [] }),
  skill: () => skills.saveSkill({ skill: { ...library.skills[0]!, id: "" } }),
  "remove a skill": async () =>
    skills.removeSkill({ id: (await notebook()).get("pack", "own")!.skills[0]!.id }),
  format: () =>
    formats.saveFormat({ format: { ...library.formats[0]!, id: "mine", name: "Mine" } }),
  "remove a format": async () =>
    formats.removeFormat({ formatId: (await notebook()).get("pack", "own")!.formats[0]!.id }),
  drill: () => formats.saveDrill({ drill: { ...library.drills[0]!, id: "" } }),
  "remove a drill": async () =>
    formats.removeDrill({ drillId: (await notebook()).get("pack", "own")!.drills[0]!.id }),
  "ways of working": () => formats.saveSchools({ athleteId: who, schools: {} }),
  "keep the prep": async () => preps.keepPreps({ preps: [await prepNow()] }),
  "plan again": async () =>
    preps.planAgain(await look(), { prep: await prepNow(), changes: { budget: 900 } }),
  "move a drill": async () =>
    preps.reorder(await look(), { prep: await prepNow(), from: 1, to: 2 }),
  "mend the order": async () => preps.repair(await look(), { prep: await prepNow() }),
  "lock a drill": async () =>
    preps.lockItem({ prep: await prepNow(), itemId: (await prepNow()).items[1]!.id }),
  "drop a drill": async () =>
    preps.dropItem(await look(), {
      prep: await prepNow(),
      itemId: (await prepNow()).items.at(-1)!.id,
    }),
  "fit the minutes": async () => preps.fillUp(await look(), { prep: await prepNow() }),
  "the proven plan": async () =>
    preps.takeProven({ prep: await prepNow(), items: (await prepNow()).items.slice(0, -1) }),
  "keep as own": async () => preps.keepAsOwn({ prep: await prepNow(), name: "Ours" }),
  "use own": async () =>
    preps.takeOwn(await look(), { prep: await prepNow(), ownId: (await look()).ownPreps[0]!.id }),
  "remove own": async () => preps.removeOwn({ ownId: (await look()).ownPreps[0]!.id }),
  "mend again": async () => preps.repair(await look(), { prep: await prepNow() }),
  "start a run": async () => {
    const along = [await athleteView("wren", new Request("http://localhost/at/wren/run"))];
    return preps.startRun(await look(), { prep: await prepNow() }, along);
  },
  beat: async () => runs.happened(await runNow(), { type: "next" }),
  pain: async () =>
    runs.happened(await runNow(), {
      type: "pain",
      level: 6,
      place: "left wrist",
      sharp: false,
      painKind: "ache",
      who: "",
    }),
  "another beat": async () => runs.happened(await runNow(), { type: "skip" }),
  "take back a slip": async () => runs.takeBack(await runNow()),
  "log the run": async () => runs.finishRun(await look(), (await runNow()).id, true),
  log: async () => logs.saveLog({ log: { ...(await look()).logs.at(-1)!, note: "felt light" } }),
  "clear a motion": async () => {
    const view = await look();
    const motion = view.locks[0]?.motion ?? "wrist.extension";
    return aims.clearMotion(who, view.locks, { motion, who: "Dr Example", reason: "seen" });
  },
  "pin what comes next": () =>
    nextChosen.chooseNext(who, {
      chosen: {
        drillId: library.drills[0]!.id,
        rungId: library.drills[0]!.rungs[0]!.id,
        dose: { type: "hold", sets: 2, seconds: 20, rest: 20 },
        how: "pinned",
        why: "",
      },
    }),
  "let the rules propose": () => nextChosen.letGo(who, { drillId: library.drills[0]!.id }),
  "remove a log": async () => logs.removeLog((await look()).logs.at(-1)!.id),
  "change the season": async () => season.setSeason(await look(), { changes: { fillers: 3 } }),
  "lighter week": async () => season.setLighter(await look(), { monday: "2026-11-30", on: true }),
  "move a session": async () => {
    const slot = (await seasonNow()).slots.find(({ kind }) => kind === "mobility")!;
    return season.moveSlot(await look(), { slotId: slot.id, on: plusDays(slot.on, 1) });
  },
  "take a session out": async () =>
    season.takeOutSlot(await look(), { slotId: (await seasonNow()).slots[0]!.id }),
  "days ill": async () =>
    season.setAbsence(await look(), {
      from: plusDays(today(), 3),
      to: plusDays(today(), 4),
      reason: "ill",
    }),
  "write the calendar": async () => season.noteWritten(await look(), { light: false }),
  settings: () => change("settings", [{ ...plainSettings, theme: "dark" }]),
};

/** The acts of the walk and the notebook they begin with: made by the application's own functions on the demo. */
export async function walkedActs(): Promise<{ start: AnyRecord[]; steps: WalkStep[] }> {
  const open = await notebook();
  // Two people and a few weeks of them are enough: what is not touched is not at risk.
  const people = new Set([who, "wren", "kaito"]);
  const start: AnyRecord[] = [];
  for await (const records of open.everything())
    start.push(
      ...records.filter(
        (record) =>
          (record.kind === "athlete" && people.has(record.id)) ||
          (record.kind !== "athlete" && !("athleteId" in record)) ||
          ("athleteId" in record &&
            people.has(record.athleteId) &&
            (!("on" in record) || record.on > plusDays(today(), -21))),
      ),
    );
  await open.rebuild(
    "start",
    async (add) => {
      for (const record of start) await add(record);
    },
    false,
  );
  const steps: WalkStep[] = [];
  const [commit, jot] = [open.commit.bind(open), open.jot.bind(open)];
  open.commit = (label, put, remove = [], restore = []) => {
    steps.push({ kind: "commit", label, put, remove, restore });
    return commit(label, put, remove, restore);
  };
  open.jot = (put, fromAction) => {
    steps.push({ kind: "jot", label: "jot", put, remove: [], restore: [] });
    return jot(put, fromAction);
  };
  for (const [name, task] of Object.entries(acts)) {
    const before = steps.length;
    await task();
    await open.settled();
    if (steps.length === before) throw new Error(`“${name}” did nothing`);
    const step = steps.at(-1)!;
    steps[steps.length - 1] = { ...step, label: name };
    if (open.status !== "saved") throw new Error(`“${name}” was not saved`);
  }
  open.commit = commit;
  open.jot = jot;
  const imported = start.filter((record) => record.kind === "athlete" && record.id === "wren");
  const touched = new Set(
    steps.flatMap((step) =>
      "put" in step ? [...step.put.map(keyOf), ...step.remove, ...step.restore.map(keyOf)] : [],
    ),
  );
  return {
    // What no act of the walk touches is at no risk; a little of it stays.
    start: start.filter(
      (record, n) => n % 40 === 0 || record.kind === "athlete" || touched.has(keyOf(record)),
    ),
    steps: [
      ...steps,
      { kind: "undo", label: "undo" },
      { kind: "undo", label: "undo again" },
      { kind: "redo", label: "redo" },
      { kind: "rebuild", label: "import a file", records: [...imported] },
      { kind: "undo", label: "undo the import" },
      { kind: "redo", label: "redo the import" },
      { kind: "rebuild", label: "empty the notebook", records: [] },
    ],
  };
}
