import { stopsAll } from "../body/conditions";
import type { BodyPlace } from "../body/sites";
import { atRung, type Drill, type Rung } from "../drill/drill";
import type { Dose } from "../drill/dose";
import { bandFor, weightFor } from "../drill/band";
import { standInOf } from "../exposure/stand-ins";
import { doesOf } from "../exposure/does";
import type { Exposure } from "../body/exposures";
import { needsFirst } from "../exposure/needs-first";
import { doneTo, stressOf } from "../exposure/stress";
import type { Against } from "../records/reasons";
import type { Place } from "../records/records";
import { measuredKey, type BodyToday } from "../safety/body-today";
import { conditionRules, harmless } from "../safety/condition-table";
import { allowedAgain, type Caution } from "../safety/intake";
import { rungKey, weeksSince } from "../safety/rung-record";
import { capped, longestBy, longestOf, stillSeconds } from "./stays";

/** What of a body, a day and a place decides whether a rung may be done at all. */
export type GateTerms = {
  body: BodyToday;
  /** Null where it is not known: then nothing is kept away for want of kit or room. */
  place: Place | null;
};

/** What may be done only so far. */
export type GateLimit =
  /** No stay longer than this, and what asks for it. */
  | { limit: "hold"; seconds: number; by: Caution["id"] | "kind" }
  /** A clinician's own words beside what is allowed again. */
  | { limit: "said"; id: Caution["id"]; text: string };

/** What the gate says of one thing to be done. */
export type GateAnswer =
  | { is: "allowed" }
  | { is: "limited"; limits: GateLimit[] }
  | { is: "refused"; against: Against[] };

/** A drill on a rung, and how much of it; without a dose only whether it may be done at all. */
export type Asked = { drill: Drill; rung: Rung; dose?: Dose | undefined };

/** Drills that take a joint to the end of its range and hold it there. */
export const held = (drill: Pick<Drill, "kind">): boolean =>
  drill.kind === "static" || drill.kind === "contract-relax";

/**
 * The gate. Whether this body may do this today, and if so how far: allowed, allowed with limits, or refused with
 * every reason, so that none masks another. Nothing else decides; every way in asks here.
 */
export function permit(body: BodyToday, day: Pick<GateTerms, "place">, asked: Asked): GateAnswer {
  const { drill, rung, dose } = asked;
  const limits = limitsOn(body, drill, rung);
  const longest = longestBy(limits);
  const against = [
    ...againstBody(body, drill, rung),
    ...(day.place ? againstPlace(day.place, drill, rung) : []),
    ...(dose && longest !== null && stillSeconds(drill, dose) > longest
      ? [{ why: "too-long" as const, seconds: longest }]
      : []),
  ];
  if (against.length > 0) return { is: "refused", against };
  return limits.length > 0 ? { is: "limited", limits } : { is: "allowed" };
}

/** Every reason against a rung; none where it may be done. */
export function against(terms: GateTerms, asked: Asked): Against[] {
  const verdict = permit(terms.body, terms, asked);
  return verdict.is === "refused" ? verdict.against : [];
}

/** The longest stay that this body and this rung are given, seconds; null where nothing limits it. */
export const longestStay = (body: BodyToday, drill: Drill, rung: Rung): number | null =>
  longestBy(limitsOn(body, drill, rung));

/** The dose as far as the limits of this body and this rung let it go. */
export function withinLimits(body: BodyToday, drill: Drill, rung: Rung, dose: Dose): Dose {
  const longest = longestStay(body, drill, rung);
  return longest === null ? dose : capped(drill, dose, longest);
}

/** The highest permitted rung at or below one; null where none is. Never up for want of anything. */
export function permittedDown(drill: Drill, rung: Rung, terms: GateTerms): Rung | null {
  for (let at = drill.rungs.indexOf(rung); at >= 0; at -= 1)
    if (against(terms, { drill, rung: drill.rungs[at]! }).length === 0) return drill.rungs[at]!;
  return null;
}

/** What is said of a rung by something that does not change: asked many times while a prep is planned. */
function remembered<Of extends object, Said>(
  say: (of: Of, drill: Drill, rung: Rung) => Said,
): (of: Of, drill: Drill, rung: Rung) => Said {
  const known = new WeakMap<Of, WeakMap<Drill, Map<Rung, Said>>>();
  return (of, drill, rung) => {
    let drills = known.get(of);
    if (!drills) known.set(of, (drills = new WeakMap()));
    let rungs = drills.get(drill);
    if (!rungs) drills.set(drill, (rungs = new Map()));
    let said = rungs.get(rung);
    if (said === undefined) rungs.set(rung, (said = say(of, drill, rung)));
    return said;
  };
}

const limitsOn = remembered((body: BodyToday, drill, rung): GateLimit[] => {
  const { exposes } = doesOf(drill, rung);
  const own = longestOf(drill, exposes);
  return [
    ...(own === null ? [] : [{ limit: "hold" as const, seconds: own, by: "kind" as const }]),
    ...body.cautions.flatMap((caution): GateLimit[] => {
      if (caution.id === "no-intake") return [];
      const seconds = conditionRules[caution.id].longestHold;
      const ends = exposes.has("passive-end") || exposes.has("active-end") || held(drill);
      return [
        ...(seconds !== undefined && ends
          ? [{ limit: "hold" as const, seconds, by: caution.id }]
          : []),
        ...(caution.clearance?.limits
          ? [{ limit: "said" as const, id: caution.id, text: caution.clearance.limits }]
          : []),
      ];
    }),
  ];
});

const againstBody = remembered((body: BodyToday, drill, rung): Against[] => {
  if (drill.does === null) return [{ why: "unstated" }];
  const { exposes } = doesOf(drill, rung);
  const stress = stressOf(drill, rung);
  return [
    ...body.locks.flatMap(({ place, sites }): Against[] =>
      sites.some((site) => stress.has(site)) ? [{ why: "locked", place }] : [],
    ),
    ...body.cautions.flatMap((caution) => againstCaution(caution, drill, rung, exposes)),
    ...againstNeeds(body, drill, rung),
  ];
});

/** Done to whatever place is worked: a stretch, a push, a roller, a weight. */
const wherever: ReadonlySet<Exposure> = new Set<Exposure>([
  "passive-end",
  "pushed",
  "pressed",
  "weight",
  "band",
  "near-maximal",
]);

/** A body that was asked nothing of where it is: only what exposes it to nothing. */
const gentle: ReadonlySet<Exposure> = new Set<Exposure>(["back"]);

function againstCaution(
  caution: Caution,
  drill: Drill,
  rung: Rung,
  exposes: ReadonlySet<Exposure>,
): Against[] {
  const { id } = caution;
  const say = (does: Exposure | null, place: BodyPlace | null = null): Against[] => [
    { why: "health", by: id, does, place },
  ];
  if (id === "no-intake") {
    const more = [...exposes].find((one) => !harmless.has(one));
    return more ? say(more) : [];
  }
  if (caution.stops) return drill.kind === "breathing" ? [] : say(null);
  const rule = conditionRules[id];
  const allowed = allowedAgain(caution);
  const beyond = [...exposes].find((one) => !allowed.has(one) && !harmless.has(one));
  // A stop that was cleared lets back what was named, and what is harmless to all.
  if (id in stopsAll) return beyond ? say(beyond) : [];
  const tagged = [...drill.contraindications, ...rung.contraindications].includes(
    id === "loose" ? "loose-jointed" : id,
  );
  if (tagged && (caution.clearance === null || beyond)) return say(null);
  const stress = stressOf(drill, rung);
  for (const place of caution.places) {
    if (!stress.has(place.site)) continue;
    // Cleared, what was not named stays away as far as it is done to that place.
    const there = [...exposes].find(
      (one) =>
        !allowed.has(one) && !harmless.has(one) && (doneTo(one, place.site) || wherever.has(one)),
    );
    if (caution.clearance === null || there) return say(there ?? null, place);
  }
  if (rule.asks?.includes("where") && caution.places.length === 0) {
    const any = [...exposes].find((one) => !allowed.has(one) && !gentle.has(one));
    if (any) return say(any);
  }
  const refused = rule.refuses.find((one) => exposes.has(one) && !allowed.has(one));
  return refused ? say(refused) : [];
}

/** Whether a rung, or a higher one of its ladder, has been done clean twice: it is theirs. */
const doneHere = (body: BodyToday, drill: Drill, at: number): boolean =>
  drill.rungs.slice(at).some(({ id }) => (body.record.get(rungKey(drill.id, id))?.clean ?? 0) >= 2);

/** What has to be there first: ranges, and the rung below over its weeks, unless somebody has said it is theirs. */
function againstNeeds(body: BodyToday, drill: Drill, rung: Rung): Against[] {
  const needs = needsFirst(drill, rung, body.growing);
  const list: Against[] = needs.ranges.flatMap(({ motion, mode, degrees }): Against[] => {
    const has = body.measured.get(measuredKey(motion, mode));
    return has !== undefined && has < degrees
      ? [{ why: "range", motion, has: Math.round(has), needs: degrees }]
      : [];
  });
  for (const { drillId, rungIds, name, clean } of needs.after) {
    const done = Math.max(
      0,
      ...rungIds.map((id) => body.record.get(rungKey(drillId, id))?.clean ?? 0),
    );
    const vouched = rungIds.includes(body.vouched.get(drillId) ?? "") || body.vouched.has(drill.id);
    if (done < clean && !vouched && !doneHere(body, drill, 0))
      list.push({ why: "not-yet", below: name, clean, weeks: 0, done });
  }
  if (needs.weeks === 0) return list;
  const at = drill.rungs.indexOf(rung);
  const vouched = body.vouched.get(drill.id);
  if (vouched && drill.rungs.findIndex(({ id }) => id === vouched) >= at) return list;
  if (doneHere(body, drill, at)) return list;
  const below = drill.rungs[at - 1]!;
  const done = body.record.get(rungKey(drill.id, below.id));
  const [clean, weeks] = [done?.clean ?? 0, done ? weeksSince(done, body.on) : 0];
  return clean >= needs.clean && weeks >= needs.weeks
    ? list
    : [
        ...list,
        { why: "not-yet", below: below.name, clean: needs.clean, weeks: needs.weeks, done: clean },
      ];
}

const room = { spot: 0, mat: 1, room: 2 } as const;

/** What keeps a rung from a place: kit that is missing, no floor to lie on, noise, room. */
export const againstPlace = remembered((place: Place, drill, rung): Against[] => {
  const { position } = atRung(drill, rung);
  const missing = rung.kit.filter((item) => standInOf(item, place.kit, drill, rung) === null);
  return [
    ...(missing.length > 0 ? [{ why: "kit" as const, missing }] : []),
    ...(rung.band && place.bands.length > 0 && !bandFor(rung.band, place.bands)
      ? [{ why: "band" as const, ...rung.band }]
      : []),
    ...(rung.kg && place.weights.length > 0 && weightFor(rung.kg, place.weights, null) === null
      ? [{ why: "weight" as const, most: rung.kg.to }]
      : []),
    ...(place.noFloor && position !== "standing" && position !== "hanging"
      ? [{ why: "no-floor" as const }]
      : []),
    ...(place.silent && rung.loud ? [{ why: "loud" as const }] : []),
    ...(room[rung.space] > room[place.space] ? [{ why: "room" as const, place: place.name }] : []),
  ];
});
