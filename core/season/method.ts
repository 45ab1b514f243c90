import { motionOf, type JointId, type MotionId } from "../body/motions";
import type { Side } from "../body/side";
import { rungOf } from "../drill/drill";
import type { Check, DayNote, Log } from "../records/records";
import { drillOf, drillsFor, type Library } from "../content/library";
import { usableEnough, usableShare } from "../measure/pairs";
import type { Protocol } from "../content/protocol";
import { checksOf, valueOf } from "../measure/value";
import { secondsDone, workKind, type WorkKind } from "../doses/ledger";
import { comfortLimit } from "../safety/pain";
import { mondayOf, plusDays, type DayText } from "../dates/days";

/** What can be changed where a motion has stopped moving, in the order in which it is tried. */
export type MethodKind = "work" | "leverage" | "active" | "rest";
export const methodOrder: readonly MethodKind[] = ["work", "leverage", "active", "rest"];

/** What the athlete's own record says for or against a change. */
export type MethodReason =
  | { found: "nothing-logged"; weeks: number }
  /** Seconds of one kind of work, of all in so many weeks. */
  | { found: "mostly"; kind: WorkKind; seconds: number; all: number; weeks: number }
  | { found: "one-rung"; drill: string; rung: string; sessions: number }
  | { found: "too-few-sessions" | "not-both-modes" | "one-mode" }
  /** Active to passive range, 0–1 and a little over. */
  | { found: "share"; share: number }
  /** Weeks worked of the last ones, whether none was without work, and days on which the joint was sore. */
  | {
      found: "weeks";
      worked: number;
      of: number;
      without: boolean;
      sore: number;
      /** Sore means above this. */
      above: number;
      joint: JointId;
    };

/** What to change. A drill of the other kind of work is named where there is one. */
export type MethodChange =
  | { to: "work"; kind: WorkKind; drill: string | null }
  | { to: "leverage" | "measure-both" | "strength" | "stretch" | "lighter" };

/** One change: whether this athlete's own record speaks for it, why, and what to do. */
export type MethodStep = {
  kind: MethodKind;
  speaks: boolean;
  reason: MethodReason;
  change: MethodChange;
};

/** Weeks of the record that are looked at. */
const lookBack = 6;
/** A kind of work that takes this share of the minutes is the one to change. */
const mostlyOne = 0.7;
/** So many sessions on one rung, and the leverage is the one to change. */
const longOnRung = 5;

const otherKind: Record<WorkKind, WorkKind> = {
  stretch: "active",
  active: "stretch",
  loaded: "stretch",
  light: "stretch",
};

export type MethodScene = {
  motion: MotionId;
  side: Side;
  protocol: Protocol;
  checks: readonly Check[];
  logs: readonly Log[];
  days: readonly DayNote[];
  library: Library;
  on: DayText;
};

/** What to change on a plateau, in order, each with the reason from the athlete's own record. */
export function methodSteps(scene: MethodScene): MethodStep[] {
  const since = plusDays(scene.on, -7 * lookBack);
  const logs = scene.logs.filter(({ on }) => on > since && on <= scene.on);
  return [work(scene, logs), leverage(scene, logs), active(scene), rest(scene, logs)];
}

/** Items of the logs that are mainly for the motion. */
const worked = ({ motion, library }: MethodScene, logs: readonly Log[]) =>
  logs.flatMap((log) =>
    log.items.flatMap((item) => {
      const drill = drillOf(library, item.drillId);
      const share = drill?.serves.find((one) => one.motion === motion)?.share ?? 0;
      return drill && share >= 0.5 && item.done !== "skipped"
        ? [{ on: log.on, item, drill, seconds: share * secondsDone(item, drill) }]
        : [];
    }),
  );

function work(scene: MethodScene, logs: readonly Log[]): MethodStep {
  const sums = new Map<WorkKind, number>();
  const used = new Set<string>();
  for (const { item, drill, seconds } of worked(scene, logs)) {
    const kind = workKind(drill, item.rungId);
    sums.set(kind, (sums.get(kind) ?? 0) + seconds);
    used.add(drill.id);
  }
  const all = [...sums.values()].reduce((sum, one) => sum + one, 0);
  const [most, seconds] = [...sums].sort((a, b) => b[1] - a[1])[0] ?? ["light" as const, 0];
  const wanted = otherKind[most];
  const other = drillsFor(scene.library, scene.motion).find(
    (drill) =>
      !used.has(drill.id) &&
      drill.serves.some(({ motion, share }) => motion === scene.motion && share >= 0.5) &&
      workKind(drill, drill.rungs[0]!.id) === wanted,
  );
  const speaks = all > 0 && seconds / all >= mostlyOne;
  return {
    kind: "work",
    speaks,
    reason:
      all === 0
        ? { found: "nothing-logged", weeks: lookBack }
        : { found: "mostly", kind: most, seconds, all, weeks: lookBack },
    change: { to: "work", kind: wanted, drill: other?.name ?? null },
  };
}

function leverage(scene: MethodScene, logs: readonly Log[]): MethodStep {
  const sessions = new Map<string, { name: string; rung: string; days: Set<string> }>();
  for (const { on, item, drill } of worked(scene, logs)) {
    const key = `${drill.id}/${item.rungId}`;
    const own = sessions.get(key) ?? {
      name: drill.name,
      rung: rungOf(drill, item.rungId).name,
      days: new Set<string>(),
    };
    own.days.add(on);
    sessions.set(key, own);
  }
  const most = [...sessions.values()].sort((a, b) => b.days.size - a.days.size)[0];
  return {
    kind: "leverage",
    speaks: (most?.days.size ?? 0) >= longOnRung,
    reason: most
      ? { found: "one-rung", drill: most.name, rung: most.rung, sessions: most.days.size }
      : { found: "too-few-sessions" },
    change: { to: "leverage" },
  };
}

function active({ side, protocol, checks, on }: MethodScene): MethodStep {
  const latest = (mode: "active" | "passive") =>
    checksOf(checks, { protocolId: protocol.id, side, mode, on })[0];
  const [own, given] = [latest("active"), latest("passive")];
  const share = own && given ? usableShare(valueOf(own, protocol), valueOf(given, protocol)) : null;
  if (!share)
    return {
      kind: "active",
      speaks: false,
      reason: { found: protocol.modes.length > 1 ? "not-both-modes" : "one-mode" },
      change: { to: "measure-both" },
    };
  return {
    kind: "active",
    speaks: share.value < usableEnough,
    reason: { found: "share", share: share.value },
    change: { to: share.value < usableEnough ? "strength" : "stretch" },
  };
}

function rest({ motion, days, on }: MethodScene, logs: readonly Log[]): MethodStep {
  const { joint } = motionOf(motion);
  const sore = days.filter(
    (day) =>
      day.on > plusDays(on, -7 * lookBack) &&
      day.on <= on &&
      (day.soreness ?? 0) > comfortLimit &&
      day.sore.includes(joint),
  ).length;
  const weeks = new Set(logs.map((log) => mondayOf(log.on))).size;
  const without = weeks >= lookBack;
  return {
    kind: "rest",
    speaks: sore > 0 || without,
    reason: {
      found: "weeks",
      worked: weeks,
      of: without ? lookBack : lookBack + 1,
      without,
      sore,
      above: comfortLimit,
      joint,
    },
    change: { to: "lighter" },
  };
}
