import same from "fast-deep-equal";
import {
  dotAt,
  writtenFields,
  knows,
  merging,
  nextDot,
  seenBy,
  seenOfBoth,
  stampOf,
  type Dot,
  type Writer,
  type Stamp,
  type Stamped,
  unstamped,
} from "../records/stamp";
import { isHandedPack, isHealth, isOfDevice, united } from "./unite";

/** A place where two copies of a record differ and neither knew of the other. */
export type Difference = {
  /** The fields that belong together, the one that names them first. */
  fields: readonly string[];
  ours: Record<string, unknown>;
  theirs: Record<string, unknown>;
  /** The last write of each side; `unstamped` where nobody knows. */
  oursAt: Dot;
  theirsAt: Dot;
  proposed: "ours" | "theirs" | "both";
};

export type Merged<R> = { record: R; differences: Difference[] };

/** Fields that were written together and say nothing one without the other; every other field stands alone. */
const together: Record<string, readonly (readonly string[])[]> = {
  check: [["trials", "typed", "instrument", "ownError", "read"]],
  log: [["items", "minutes", "prepId"]],
};
/** Kinds that are one thing from end to end. */
const whole = new Set(["prep", "run", "photo"]);

type Group = { fields: string[]; values: Record<string, unknown>; dots: Map<string, Dot> };

/** The groups of fields of two copies, by their name. */
function groupNames(kind: string, names: readonly string[]): Map<string, string[]> {
  const groups = new Map<string, string[]>();
  for (const name of names) {
    const group = whole.has(kind)
      ? kind
      : (together[kind]?.find((list) => list.includes(name))?.[0] ?? name);
    groups.set(group, [...(groups.get(group) ?? []), name]);
  }
  return groups;
}

const groupOf = (record: Stamped, fields: string[]): Group => ({
  fields,
  values: Object.fromEntries(
    fields.flatMap((name) => (name in record ? [[name, record[name as keyof Stamped]]] : [])),
  ),
  dots: new Map(fields.map((name) => [name, dotAt(record, name)])),
});

const lastOf = ({ dots }: Group): Dot => [...dots.values()].sort().at(-1)!;
const knowsAll = (stamp: Stamp | undefined, { dots }: Group): boolean =>
  [...dots.values()].every((dot) => knows(stamp, dot));

/**
 * Two copies of one record as one. A field that one side has written knowing the other's is that side's; where neither
 * knew, the newer write is proposed, or both where both can stand. Health is united and never taken away by a file.
 * The same two copies come to the same values on every device.
 * @param now the write of what neither side had before
 */
export function mergeRecord<R extends Stamped>(ours: R, theirs: R, now: Writer): Merged<R> {
  if (isOfDevice(ours.kind)) return mergeOfDevice(ours, theirs, now);
  return mergeFields(ours, theirs, now, (group, a, b) => choose(group, ours, theirs, a, b));
}

type Choice =
  | { take: "ours" | "theirs"; differs: boolean }
  /** What both come to together; `differs` where it is neither side's. */
  | { take: "both"; values: Record<string, unknown>; differs: boolean };

function choose(
  group: string,
  { kind, id, stamp: ourStamp }: Stamped,
  { stamp: theirStamp }: Stamped,
  a: Group,
  b: Group,
): Choice {
  const [weKnow, theyKnow] = [knowsAll(ourStamp, b), knowsAll(theirStamp, a)];
  if (weKnow && !theyKnow) return { take: "ours", differs: false };
  if (saysNothing(b)) return { take: "ours", differs: false };
  if (saysNothing(a)) return { take: "theirs", differs: false };
  const health = isHealth(kind, group) || isHandedPack(id);
  if (theyKnow && !weKnow && !health) return { take: "theirs", differs: false };
  const [first, second] = ahead(a, b) ? [a, b] : [b, a];
  const both = united(kind, group, first.values[group], second.values[group]);
  if (!both) return { take: ahead(a, b) ? "ours" : "theirs", differs: true };
  if (same(both.value, b.values[group])) return { take: "theirs", differs: false };
  if (same(both.value, a.values[group]))
    return theyKnow && !weKnow && isHealth(kind, group)
      ? { take: "both", values: { [group]: both.value }, differs: true }
      : { take: "ours", differs: false };
  return {
    take: "both",
    values: { [group]: both.value },
    differs: isHealth(kind, group) && theyKnow,
  };
}

/** Empty, and nobody wrote it: it was left out of a file, not denied. */
const saysNothing = ({ values, dots }: Group): boolean =>
  [...dots.values()].every((dot) => dot === unstamped) &&
  Object.values(values).every(
    (value) => value === null || value === "" || (Array.isArray(value) && value.length === 0),
  );

/** The later write goes first; of two that nobody dated, one's own stays until somebody decides. */
const ahead = (a: Group, b: Group): boolean => lastOf(a) >= lastOf(b);

function mergeFields<R extends Stamped>(
  ours: R,
  theirs: R,
  now: Writer,
  choiceOf: (group: string, a: Group, b: Group) => Choice,
): Merged<R> {
  const names = [...new Set([...writtenFields(ours), ...writtenFields(theirs)])].sort();
  const seen = seenOfBoth(seenBy(ours.stamp), seenBy(theirs.stamp));
  const gone = seenOfBoth(ours.stamp?.gone ?? {}, theirs.stamp?.gone ?? {});
  const merger = merging(now.device);
  const write = nextDot(seenOfBoth(seen, gone), { ...now, device: merger });
  const values: Record<string, unknown> = {};
  const dots = new Map<string, Dot>();
  const differences: Difference[] = [];
  let wrote = false;
  const take = (group: Group, over?: Group) => {
    Object.assign(values, group.values);
    for (const [name, dot] of group.dots) {
      const other = over?.dots.get(name);
      dots.set(name, other && other > dot ? other : dot);
    }
  };
  for (const [group, fields] of groupNames(ours.kind, names)) {
    const [a, b] = [groupOf(ours, fields), groupOf(theirs, fields)];
    if (same(a.values, b.values)) {
      take(a, b);
      continue;
    }
    const choice = choiceOf(group, a, b);
    if (choice.take === "both") {
      Object.assign(values, choice.values);
      for (const name of fields) dots.set(name, write);
      wrote = true;
    } else take(choice.take === "ours" ? a : b);
    if (choice.differs)
      differences.push({
        fields: [group, ...fields.filter((name) => name !== group)].filter((name) =>
          fields.includes(name),
        ),
        ours: a.values,
        theirs: b.values,
        oursAt: lastOf(a),
        theirsAt: lastOf(b),
        proposed: choice.take,
      });
  }
  const stamp = stampOf(dots, wrote ? { ...seen, [merger]: write } : seen, gone);
  const bare = { kind: ours.kind, id: ours.id, ...athleteOf(ours), ...values };
  return {
    record: (ours.stamp || theirs.stamp || wrote ? { ...bare, stamp } : bare) as unknown as R,
    differences,
  };
}

const athleteOf = (record: object): object =>
  "athleteId" in record ? { athleteId: record.athleteId } : {};

/** What belongs to a device stays as it is there; only lists with names of their own take in what they lack. */
function mergeOfDevice<R extends Stamped>(ours: R, theirs: R, now: Writer): Merged<R> {
  return mergeFields(ours, theirs, now, (group, a, b) => {
    const both = united(ours.kind, group, a.values[group], b.values[group]);
    return both && !same(both.value, a.values[group])
      ? { take: "both", values: { [group]: both.value }, differs: false }
      : { take: "ours", differs: false };
  });
}

/** A difference decided against what was proposed: a write of its own, after everything that either copy knew. */
export function decided<R extends Stamped>(
  record: R,
  { fields, ours, theirs }: Difference,
  side: "ours" | "theirs",
  now: Writer,
): R {
  const values = side === "ours" ? ours : theirs;
  const known = seenBy(record.stamp);
  const gone = record.stamp?.gone ?? {};
  const dot = nextDot(seenOfBoth(known, gone), now);
  const next = { ...record } as Record<string, unknown>;
  for (const name of fields)
    if (name in values) next[name] = values[name];
    else delete next[name];
  const dots = new Map(
    writtenFields(next).map((name) => [name, fields.includes(name) ? dot : dotAt(record, name)]),
  );
  return {
    ...next,
    stamp: stampOf(dots, { ...known, [now.device]: dot }, gone),
  } as unknown as R;
}
