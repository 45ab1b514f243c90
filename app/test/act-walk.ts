import { keyOf, type AnyRecord, type Prep } from "#core/records/records";
import { library } from "#library/index";
import { newPrep, planned } from "#core/situation/planning";
import { ownerOf } from "../store/layout";
import { openNotebook } from "../store/open";
import { plusDays } from "#core/dates/days";
import { today } from "../clock";
import { athleteView } from "../view";
import { plainSettings } from "#core/records/settings";
import type { ActName } from "#core/acts/decide";
import { lockKey } from "#core/safety/pain";
import { perform as performAct } from "../acts/perform";
import type { WalkStep } from "./faults";
import { person } from "./person";

/** Does an act, and throws where it is refused: a walk has only acts that can be done. */
async function perform(act: ActName, fields: object): Promise<void> {
  const came = await performAct({ act, ...fields } as Parameters<typeof performAct>[0]);
  if ("refused" in came) throw new Error(`${act}: ${JSON.stringify(came.refused)}`);
}
const of = ({ athlete }: { athlete: { id: string } }) => ({ athleteId: athlete.id });

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
  "add an athlete": () => perform("save-athlete", { ...person }),
  "edit an athlete": () => perform("save-athlete", { ...person, id: who, name: "Odalys B." }),
  archive: () => perform("archive-athlete", { id: "kaito", archived: true }),
  "bring back": () => perform("archive-athlete", { id: "kaito", archived: false }),
  place: () =>
    perform("save-place", {
      id: null,
      name: "Loft",
      kit: ["mat"],
      space: "mat",
      silent: true,
      noFloor: false,
      note: "",
    }),
  "new aim": () =>
    perform("save-aim", {
      athleteId: who,
      id: null,
      skillId: "deep-squat",
      quality: "clean",
      side: "mid",
      by: plusDays(today(), 90),
      hips: "square",
    }),
  "edit the aim": async () => {
    const { id, skillId, quality, side, hips } = await aimNow();
    return perform("save-aim", {
      athleteId: who,
      id,
      skillId,
      quality,
      side,
      hips,
      by: plusDays(today(), 60),
    });
  },
  "weight by hand": async () =>
    perform("override-weight", {
      id: (await aimNow()).id,
      motion: "hip.flexion",
      weight: 2,
      reason: "seen",
    }),
  "weight as computed": async () =>
    perform("override-weight", {
      id: (await aimNow()).id,
      motion: "hip.flexion",
      weight: null,
      reason: "",
    }),
  "keep targets": async () =>
    perform("save-targets", {
      id: (await aimNow()).id,
      targets: [{ motion: "hip.flexion", side: "left", degrees: 120, by: plusDays(today(), 30) }],
    }),
  "drop targets": async () => perform("save-targets", { id: (await aimNow()).id, targets: [] }),
  intake: () =>
    perform("save-intake", {
      athleteId: who,
      yes: ["pressure"],
      note: "",
      growthSpurt: false,
      beighton: 3,
      flagged: ["wrist"],
    }),
  "clear a question": () =>
    perform("clear-question", {
      athleteId: who,
      question: "pressure",
      who: "Dr Example",
      limits: "no inversions",
    }),
  round: async () =>
    perform("save-round", {
      athleteId: who,
      length: "cm",
      checks: (await look()).checks.slice(0, 3),
    }),
  "remove a check": async () => perform("remove-check", { id: (await look()).checks.at(-1)!.id }),
  finger: () => perform("save-finger", { athleteId: who, fingerCm: 1.8 }),
  measures: () => perform("save-measures", { athleteId: who, measures: { shinCm: 40 } }),
  allowance: () => perform("fit-model", { athleteId: who, pelvisCm: 4, legCm: 80 }),
  pointing: () => perform("save-pointing", { pointing: 0.02 }),
  photo: () =>
    perform("save-photo", {
      athleteId: who,
      photo: { image: "data:image/jpeg;base64,AAAA", width: 4, height: 4, readings: [] },
    }),
  "remove a photo": async () => perform("remove-photo", { id: (await look()).photos[0]!.id }),
  "mark the day": () => perform("mark-day", { athleteId: who, on: today(), sleep: 3, energy: 2 }),
  "clear the day": () =>
    perform("mark-day", {
      athleteId: who,
      on: today(),
      sleep: null,
      energy: null,
      soreness: null,
      sore: [],
    }),
  skill: () => perform("save-skill", { skill: { ...library.skills[0]!, id: "" } }),
  "remove a skill": async () =>
    perform("remove-skill", { id: (await notebook()).get("pack", "own")!.skills[0]!.id }),
  format: () =>
    perform("save-format", { format: { ...library.formats[0]!, id: "mine", name: "Mine" } }),
  "remove a format": async () =>
    perform("remove-format", { formatId: (await notebook()).get("pack", "own")!.formats[0]!.id }),
  drill: () => perform("save-drill", { drill: { ...library.drills[0]!, id: "" } }),
  "remove a drill": async () =>
    perform("remove-drill", { drillId: (await notebook()).get("pack", "own")!.drills[0]!.id }),
  "ways of working": () => perform("save-schools", { ofAthlete: who, schools: {} }),
  "keep the prep": async () => perform("keep-preps", { preps: [await prepNow()] }),
  "plan again": async () =>
    perform("plan-prep", { ...of(await look()), prep: await prepNow(), changes: { budget: 900 } }),
  "move a drill": async () =>
    perform("move-drill", { ...of(await look()), prep: await prepNow(), from: 1, to: 2 }),
  "mend the order": async () =>
    perform("mend-order", { ...of(await look()), prep: await prepNow() }),
  "lock a drill": async () =>
    perform("pin-drill", {
      athleteId: who,
      prep: await prepNow(),
      itemId: (await prepNow()).items[1]!.id,
    }),
  "drop a drill": async () =>
    perform("drop-drill", {
      ...of(await look()),
      prep: await prepNow(),
      itemId: (await prepNow()).items.at(-1)!.id,
    }),
  "fit the minutes": async () =>
    perform("fit-minutes", { ...of(await look()), prep: await prepNow() }),
  "the better plan": async () =>
    perform("take-better", {
      athleteId: who,
      prep: await prepNow(),
      items: (await prepNow()).items.slice(0, -1),
    }),
  "keep as own": async () =>
    perform("keep-own-prep", { athleteId: who, prep: await prepNow(), name: "Ours" }),
  "hang own": async () =>
    perform("hang-own-prep", {
      athleteId: who,
      ownId: (await look()).ownPreps[0]!.id,
      standing: { kind: "warm-up", weekdays: [] },
    }),
  "use own": async () =>
    perform("use-own-prep", {
      ...of(await look()),
      prep: await prepNow(),
      ownId: (await look()).ownPreps[0]!.id,
    }),
  "remove own": async () =>
    perform("remove-own-prep", { athleteId: who, ownId: (await look()).ownPreps[0]!.id }),
  "mend again": async () => perform("mend-order", { ...of(await look()), prep: await prepNow() }),
  "start a run": async () => {
    const along = [await athleteView("wren", new Request("http://localhost/at/wren/run"))];
    return perform("start-run", {
      ...of(await look()),
      along: along.map(({ athlete }) => athlete.id),
      prep: await prepNow(),
    });
  },
  beat: async () => perform("happen", { runId: (await runNow()).id, events: [{ type: "next" }] }),
  pain: async () =>
    perform("happen", {
      runId: (await runNow()).id,
      events: [
        {
          type: "pain",
          level: 6,
          place: "left wrist",
          sharp: false,
          painKind: "ache",
          who: "",
        },
      ],
    }),
  "another beat": async () =>
    perform("happen", { runId: (await runNow()).id, events: [{ type: "skip" }] }),
  "take back a slip": async () => perform("take-back", { runId: (await runNow()).id }),
  "log the run": async () => perform("finish-run", { ...of(await look()), clean: true }),
  log: async () =>
    perform("save-log", { log: { ...(await look()).logs.at(-1)!, note: "felt light" } }),
  "a log that hurt": async () => {
    const last = (await look()).logs.at(-1)!;
    const items = last.items.map((item, n) =>
      n === 0 ? { ...item, pain: 8, painAt: { site: "wrist", side: "left" } } : item,
    );
    return perform("save-log", { log: { ...last, items } });
  },
  "clear a place": async () => {
    const lock = lockKey((await look()).locks[0]!);
    return perform("clear-place", { athleteId: who, lock, who: "Dr Example", reason: "seen" });
  },
  "nothing of it applies": () =>
    perform("nothing-applies", { athleteId: who, said: "nothing of this applies" }),
  "pin what comes next": () =>
    perform("choose-next", {
      athleteId: who,
      chosen: {
        drillId: library.drills[0]!.id,
        rungId: library.drills[0]!.rungs[0]!.id,
        dose: { type: "hold", sets: 2, seconds: 20, rest: 20 },
        how: "pinned",
        why: "",
      },
    }),
  "let the rules propose": () =>
    perform("let-go-next", { athleteId: who, drillId: library.drills[0]!.id }),
  "remove a log": async () =>
    perform("remove-log", { athleteId: who, id: (await look()).logs.at(-1)!.id }),
  "change the season": async () =>
    perform("set-season", { ...of(await look()), changes: { fillers: 3 } }),
  "lighter week": async () =>
    perform("set-lighter", { ...of(await look()), monday: "2026-11-30", on: true }),
  "move a session": async () => {
    const slot = (await seasonNow()).slots.find(({ kind }) => kind === "mobility")!;
    return perform("move-session", {
      ...of(await look()),
      slotId: slot.id,
      on: plusDays(slot.on, 1),
    });
  },
  "take a session out": async () =>
    perform("take-session-out", { ...of(await look()), slotId: (await seasonNow()).slots[0]!.id }),
  "days ill": async () =>
    perform("set-absence", {
      ...of(await look()),
      from: plusDays(today(), 3),
      to: plusDays(today(), 4),
      reason: "ill",
    }),
  "write the calendar": async () =>
    perform("write-calendar", { ...of(await look()), light: false }),
  settings: () => perform("save-settings", { settings: { ...plainSettings, theme: "dark" } }),
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
          (record.kind !== "athlete" && ownerOf(record) === "") ||
          (people.has(ownerOf(record)) &&
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
    steps.push({ kind: "commit", label: "", put, remove, restore });
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
