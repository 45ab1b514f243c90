import { motionsAt, samePlace, type BodyPlace, type SiteId } from "../body/sites";
import type { MotionId } from "../body/motions";
import { readPlace } from "../body/read-place";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import type { Athlete, PlaceClearance } from "../records/athlete";
import type { Check, Log, LogItem, PainKind } from "../records/records";
import { drillOf, protocolOf, type Library } from "../content/library";
import { isGrowing } from "./intake";
import { isSharp } from "./pain-kinds";

/** Stretch feeling up to this is fine. */
export const comfortLimit = 4;
/** Pain above this locks the place out of plans. */
export const painLimit = 5;
/** So many sessions running with a flag at one place lock it. */
export const flagsInARow = 3;
/** Places where any pain of somebody who is growing stops what loads them until somebody has seen it. */
export const growingPlaces: readonly SiteId[] = ["wrist", "heel", "knee", "lumbar"];

/** Why a place is shut. */
export type LockReason =
  | { why: "measuring"; pain: number }
  | { why: "pain"; pain: number; place: string }
  /** Sharp, pinching, spreading, numb, in the joint line, dizzy: of any number. Null where only "sharp" was kept. */
  | { why: "kind"; kind: PainKind | null; pain: number }
  /** Somebody who is growing, at a place that grows. */
  | { why: "growing"; pain: number }
  | { why: "flagged"; place: string; sessions: number };

/** What shut a place: the record it comes from, its day and the reason. */
export type LockCause = {
  /** Null where nobody said where it hurt. */
  place: BodyPlace | null;
  /** What is shut with it: the place, or everything that the drill worked on. */
  sites: readonly SiteId[];
  cause: string;
  since: string;
  because: LockReason;
};

export type PainLock = LockCause & {
  /** The records that shut it and that nobody has cleared. */
  causes: string[];
};

/** A place as it is compared: "Left wrist", "wrist, left" and "the left wrist" are one. */
export const placeKey = (place: string): string =>
  place
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word && !["the", "my", "of", "in", "on", "at"].includes(word))
    .sort()
    .join(" ");

/** Where something hurt: what was pointed at, else what the words beside it name. */
export const painPlaceOf = (
  item: Pick<LogItem, "painAt" | "painPlace"> & { painKind?: PainKind | null },
): BodyPlace | null =>
  item.painAt ??
  readPlace(item.painPlace) ??
  (item.painKind === "dizzy" ? { site: "head", side: null } : null);

const keyOf = (place: BodyPlace): string => `${place.site}/${place.side ?? ""}`;

/** Why pain shuts the place it is at; null where it does not. @param growing on that day */
export function shutsBy(
  felt: { pain: number; kind: PainKind | null; sharp: boolean; words: string },
  place: BodyPlace | null,
  growing: boolean,
): LockReason | null {
  const { pain, kind } = felt;
  if (felt.sharp || isSharp(kind)) return { why: "kind", kind, pain };
  if (pain > painLimit) return { why: "pain", pain, place: felt.words.trim() };
  if (growing && pain > 0 && kind !== "stretch" && place && growingPlaces.includes(place.site))
    return { why: "growing", pain };
  return null;
}

type Who = Pick<Athlete, "bornOn" | "intake">;

/**
 * Everything that ever shut a place, oldest first: pain above 5/10 in a log or a check; sharp, numb, spreading or
 * joint-line pain of any number; pain where somebody grows; the same place flagged in three sessions in a row.
 */
export function lockCauses(
  who: Who,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): LockCause[] {
  const causes: LockCause[] = [];
  for (const check of checks) {
    const protocol = protocolOf(library, check.protocolId);
    const side = check.side === "mid" ? null : check.side;
    const place = check.painAt ?? (protocol ? { site: protocol.joint, side } : null);
    const felt = { pain: check.pain, kind: check.painKind, sharp: false, words: "" };
    const because = shutsBy(felt, place, isGrowing(who, check.on));
    if (protocol && place && because)
      causes.push({
        place,
        sites: [place.site],
        cause: check.id,
        since: check.on,
        because: because.why === "pain" ? { why: "measuring", pain: check.pain } : because,
      });
  }
  const ordered = [...logs].sort((a, b) => a.on.localeCompare(b.on));
  const flags = new Map<string, { session: number; run: number }>();
  ordered.forEach((log, session) => {
    for (const item of log.items) {
      const place = painPlaceOf(item);
      const shut = (because: LockReason) => {
        const sites = place ? [place.site] : workedOn(item, library);
        causes.push({ place, sites, cause: log.id, since: log.on, because });
      };
      const felt = {
        pain: item.pain,
        kind: item.painKind,
        sharp: item.sharp,
        words: item.painPlace,
      };
      const because = shutsBy(felt, place, isGrowing(who, log.on));
      if (because) shut(because);
      const key = item.painAt ? keyOf(item.painAt) : placeKey(item.painPlace);
      if (!key || (item.pain <= comfortLimit && !item.sharp)) continue;
      const flag = flags.get(key);
      const run =
        flag?.session === session ? flag.run : flag?.session === session - 1 ? flag.run + 1 : 1;
      flags.set(key, { session, run });
      if (run >= flagsInARow)
        shut({ why: "flagged", place: item.painPlace.trim(), sessions: flagsInARow });
    }
  });
  return causes.sort((a, b) => a.since.localeCompare(b.since));
}

/** Where nobody said where it hurt, everything that the drill loads or works on may be it. */
function workedOn(item: LogItem, library: Library): SiteId[] {
  const drill = drillOf(library, item.drillId);
  return drill ? [...stressOf(drill, rungOf(drill, item.rungId))] : [];
}

/**
 * The clearance that lets a cause go: of the same place. It counts for the records it was given for; one from before
 * records were named counts for what is dated up to its own day.
 */
export const clearanceOf = (
  { place, cause, since }: Pick<LockCause, "place" | "cause" | "since">,
  clearances: readonly PlaceClearance[],
): PlaceClearance | undefined =>
  clearances.find(
    (one) =>
      (place === null || one.place === null
        ? place === one.place
        : samePlace(one.place, place) && (one.place.side === null || place.side !== null)) &&
      (one.covers.length > 0 ? one.covers.includes(cause) : one.on >= since),
  );

/** What tells one lock from another: its place; where none was said, the record. */
export const lockKey = ({ place, cause }: Pick<LockCause, "place" | "cause">): string =>
  place ? keyOf(place) : `?/${cause}`;

/** Places locked out of plans until a person clears them with a reason. */
export function painLocks(
  athlete: Who & Pick<Athlete, "clearances">,
  logs: readonly Log[],
  checks: readonly Check[],
  library: Library,
): PainLock[] {
  const locks = new Map<string, PainLock>();
  for (const cause of lockCauses(athlete, logs, checks, library)) {
    if (clearanceOf(cause, athlete.clearances)) continue;
    const before = locks.get(lockKey(cause));
    locks.set(lockKey(cause), {
      ...cause,
      causes: [...new Set([...(before?.causes ?? []), cause.cause])],
    });
  }
  return [...locks.values()];
}

/** The motions at places that are locked: not measured, and no session is held for them. */
export const lockedMotions = (locks: readonly Pick<PainLock, "sites">[]): MotionId[] => [
  ...new Set(locks.flatMap(({ sites }) => sites.flatMap((site) => motionsAt(site)))),
];
