import type { Dice } from "../stats/dice";
import { goneOf, isGone } from "../merge/gone";
import { mergeKey } from "../merge/keys";
import { seenBy, stamped, type Stamped } from "../records/stamp";

/** What somebody did to one thing, and everything done before that he knew of; kept apart from any stamp. */
type Deed = {
  id: number;
  key: string;
  /** What was written; empty for a taking away. */
  writes: Record<string, unknown>;
  /** Names put into or taken out of a list. */
  added: string[];
  removed: string[];
  takesAway: boolean;
  knew: ReadonlySet<number>;
};

type Device = {
  name: string;
  skew: number;
  notebook: Map<string, Stamped>;
  /** What this device knows of each thing. */
  known: Map<string, Set<number>>;
};

export type History = {
  diverged: boolean;
  /** What should stand and doesn't, in words. */
  lost: string[];
  deeds: number;
  merges: number;
  differences: number;
};

const things = ["athlete/a", "check/c", "log/l", "pack/own"] as const;
const plainFields: Record<string, readonly string[]> = {
  athlete: ["name", "note", "discipline"],
  check: ["trials", "note", "seen"],
  log: ["items", "note"],
  pack: ["name"],
};
const intake = (yes: string[]) => ({
  on: "2026-11-24",
  yes,
  where: [],
  note: "",
  growthSpurt: false,
  beighton: null,
  clearances: [],
});

/**
 * Three devices with clocks that go wrong write, take away, bring back and exchange files in any order; then all of them
 * exchange until nothing changes. Judged by what each deed knew, told apart from the stamps.
 */
export function mergedHistory(dice: Dice, steps: number): History {
  const any = <T>(list: readonly T[]): T => list[Math.floor(dice.unit() * list.length)]!;
  const devices: Device[] = ["ab1", "cd2", "ef3"].map((name) => ({
    name,
    skew: Math.floor(600_000 * (dice.unit() - 0.5)),
    notebook: new Map(),
    known: new Map(things.map((key) => [key, new Set<number>()])),
  }));
  const deeds: Deed[] = [];
  const told = new Set<string>();
  let [time, merges, differences, token] = [1_764_000_000_000, 0, 0, 0];
  const now = (device: Device) => ({ ms: time + device.skew, device: device.name });
  const valueOf = (value: unknown) => JSON.stringify(value);

  const note = (device: Device, key: string, deed: Partial<Deed>) => {
    const known = device.known.get(key)!;
    const id = deeds.length;
    deeds.push({
      id,
      key,
      writes: {},
      added: [],
      removed: [],
      takesAway: false,
      knew: new Set(known),
      ...deed,
    });
    known.add(id);
  };

  const put = (device: Device, key: string, change: Record<string, unknown>) => {
    const [kind, id] = key.split("/") as [string, string];
    const found = device.notebook.get(key) ?? null;
    const gone = found && isGone(found) ? found : null;
    const before = gone ? null : found;
    const start = gone ? (gone.was as Stamped | null) : before;
    const after = { ...(start ?? fresh(kind)), kind, id, ...change } as Stamped;
    device.notebook.set(
      key,
      stamped(before, after, now(device), gone ? seenBy(gone.stamp) : undefined),
    );
    return before === null ? (after as unknown as Record<string, unknown>) : change;
  };

  const write = (device: Device) => {
    const key = any(things);
    const kind = key.split("/")[0]!;
    const present = device.notebook.get(key);
    const there =
      present && !isGone(present) ? (present as unknown as Record<string, unknown>) : null;
    const name = `t${(token += 1)}`;
    const roll = dice.unit();
    if (there && roll < 0.12) {
      device.notebook.set(key, goneOf(present!, now(device)));
      note(device, key, { takesAway: true });
      return;
    }
    if (kind === "athlete" && roll < 0.45) {
      const yes = (there?.intake as { yes: string[] } | null | undefined)?.yes ?? [];
      const less = yes.length > 0 && dice.unit() < 0.2;
      const next = less ? yes.slice(1) : [...yes, name];
      const writes = put(device, key, { intake: intake(next) });
      return note(device, key, {
        writes: without(writes, "intake"),
        added: less ? [] : [name],
        removed: less ? yes.slice(0, 1) : [],
      });
    }
    if (kind === "pack" && roll < 0.7) {
      const drills = (there?.drills as { id: string }[] | undefined) ?? [];
      const less = drills.length > 0 && dice.unit() < 0.2;
      const next = less ? drills.slice(1) : [...drills, { id: name }];
      const writes = put(device, key, { drills: next });
      return note(device, key, {
        writes: without(writes, "drills"),
        added: less ? [] : [name],
        removed: less ? [drills[0]!.id] : [],
      });
    }
    const field = any(plainFields[kind]!);
    note(device, key, { writes: bare(put(device, key, { [field]: name })) });
  };

  const exchange = (from: Device, to: Device, keys: readonly string[]): boolean => {
    let changed = false;
    for (const key of keys) {
      const theirs = from.notebook.get(key);
      if (!theirs) continue;
      const ours = to.notebook.get(key);
      const settled = ours ? mergeKey(ours, theirs, now(to)) : { record: theirs, differences: [] };
      merges += 1;
      differences += settled.differences.length;
      for (const one of settled.differences)
        for (const side of [one.ours, one.theirs])
          for (const [name, value] of Object.entries(side))
            told.add(`${key}/${name}/${valueOf(value)}`);
      if (valueOf(ours) !== valueOf(settled.record)) changed = true;
      to.notebook.set(key, structuredClone(settled.record));
      for (const id of from.known.get(key)!) to.known.get(key)!.add(id);
    }
    return changed;
  };

  for (let n = 0; n < steps; n += 1) {
    time += Math.floor(90_000 * dice.unit());
    if (dice.unit() < 0.62) write(any(devices));
    else {
      const from = any(devices);
      const to = any(devices.filter((one) => one !== from));
      exchange(from, to, dice.unit() < 0.5 ? things : [any(things)]);
    }
  }
  for (let round = 0, quiet = false; !quiet && round < 12; round += 1) {
    quiet = true;
    time += 60_000;
    for (const from of devices)
      for (const to of devices) if (from !== to && exchange(from, to, things)) quiet = false;
  }
  return {
    diverged: things.some(
      (key) => new Set(devices.map(({ notebook }) => seenOf(notebook.get(key)))).size > 1,
    ),
    lost: things.flatMap((key) => lostOf(key, devices[0]!.notebook.get(key), deeds, told)),
    deeds: deeds.length,
    merges,
    differences,
  };
}

const without = (writes: Record<string, unknown>, field: string) =>
  bare(Object.fromEntries(Object.entries(writes).filter(([name]) => name !== field)));
const bare = (writes: Record<string, unknown>) =>
  Object.fromEntries(
    Object.entries(writes).filter(
      ([name]) => !["kind", "id", "stamp", "intake", "drills"].includes(name),
    ),
  );

const fresh = (kind: string): Record<string, unknown> => ({
  ...Object.fromEntries(plainFields[kind]!.map((name) => [name, ""])),
  ...(kind === "athlete" ? { intake: null } : {}),
  ...(kind === "pack" ? { drills: [] } : {}),
});

/** What a user sees of it: its values, or that it is not there. */
const seenOf = (record: Stamped | undefined): string => {
  if (!record || isGone(record)) return "gone";
  return JSON.stringify(
    Object.entries({ ...record, stamp: null }).sort(([a], [b]) => (a < b ? -1 : 1)),
  );
};

/** What of one thing should stand and doesn't, by what each deed knew. */
function lostOf(
  key: string,
  found: Stamped | undefined,
  all: readonly Deed[],
  told: ReadonlySet<string>,
): string[] {
  const deeds = all.filter((deed) => deed.key === key);
  if (deeds.length === 0) return [];
  const takings = deeds.filter(({ takesAway }) => takesAway);
  const writes = deeds.filter(({ takesAway }) => !takesAway);
  const knownToTakers = (id: number) => takings.some(({ knew }) => knew.has(id));
  const there = found && !isGone(found) ? (found as unknown as Record<string, unknown>) : null;
  const stands = writes.some(({ id }) => !knownToTakers(id));
  if (stands !== Boolean(there)) return [`${key} ${stands ? "is gone" : "came back"}`];
  if (!there) return [];
  const lost: string[] = [];
  const values = (list: unknown): string[] =>
    list === null || list === undefined
      ? []
      : Array.isArray(list)
        ? list.map((one) => (one as { id: string }).id)
        : (list as { yes: string[] }).yes;
  const has = new Set([...values(there.intake), ...values(there.drills)]);
  const removed = new Set(writes.flatMap((deed) => deed.removed));
  for (const { id, added } of writes)
    for (const name of added)
      if (!has.has(name) && !removed.has(name) && !knownToTakers(id))
        lost.push(`${key} lacks ${name}`);
  for (const field of plainFields[key.split("/")[0]!]!) {
    const own = writes.filter((deed) => field in deed.writes);
    const last = own.filter(({ id }) => !own.some(({ knew }) => knew.has(id)));
    if (last.length === 0) continue;
    if (!last.some((deed) => JSON.stringify(deed.writes[field]) === JSON.stringify(there[field])))
      lost.push(`${key} ${field} is an older value`);
    const textOf = (deed: Deed) => JSON.stringify(deed.writes[field]);
    const stands = JSON.stringify(there[field]);
    // The same value, written by somebody else, was overwritten knowingly.
    const gaveWay = (text: string) =>
      own.some((deed) => textOf(deed) === text && own.some(({ knew }) => knew.has(deed.id)));
    for (const deed of last) {
      const text = textOf(deed);
      if (
        text !== stands &&
        !told.has(`${key}/${field}/${text}`) &&
        !knownToTakers(deed.id) &&
        !gaveWay(text)
      )
        lost.push(`${key} ${field} ${text} went untold`);
    }
  }
  return lost;
}
