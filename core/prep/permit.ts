import { atRung, type Contraindication, type Drill, type Rung } from "../drill/drill";
import { fetched } from "../drill/substitutes";
import type { MotionId } from "../body/motions";
import type { Place } from "../records/records";
import type { Against } from "../records/reasons";
import type { Caution } from "../safety/intake";

/** What of a person, a day and a place decides whether a rung may be done at all. */
export type GateTerms = {
  /** Motions that pain has locked. */
  locked: readonly MotionId[];
  cautions: readonly Caution[];
  /** What keeps drills away from this athlete: uncleared answers, growing, loose joints. */
  bars?: readonly Contraindication[] | undefined;
  /** Null where it is not known: then nothing is kept away for want of kit or room. */
  place: Place | null;
};

/** The first motion a drill works on that is locked; undefined when it may be done. */
export const lockedIn = (
  drill: Pick<Drill, "serves">,
  locked: readonly MotionId[],
): MotionId | undefined => drill.serves.find(({ motion }) => locked.includes(motion))?.motion;

/** Drills that take a joint to the end of its range and hold it there. */
export const held = (drill: Pick<Drill, "kind">): boolean =>
  drill.kind === "static" || drill.kind === "contract-relax";

/** What keeps a whole drill away, whichever rung. Every reason, so that none masks another. */
export function againstDrill(drill: Drill, { locked, cautions, bars = [] }: GateTerms): Against[] {
  const shut = lockedIn(drill, locked);
  const alwaysInverted =
    drill.inverted && drill.rungs.every((rung) => atRung(drill, rung).inverted);
  return [
    ...(shut ? [{ why: "locked" as const, motion: shut }] : []),
    ...cautions.flatMap(({ id, blocks }): Against[] =>
      (blocks === "inversions" && alwaysInverted) || (blocks === "end-range" && held(drill))
        ? [{ why: "caution", id }]
        : [],
    ),
    ...bars
      .filter((bar) => drill.contraindications.includes(bar))
      .map((bar): Against => ({ why: "barred", bar })),
  ];
}

/** What keeps one rung away: what it does beyond the drill, and what it needs that the place has not. */
export function againstRung(
  drill: Drill,
  rung: Rung,
  { cautions, bars = [], place }: GateTerms,
): Against[] {
  const here = atRung(drill, rung);
  return [
    ...(here.inverted && cautions.some(({ blocks }) => blocks === "inversions")
      ? [{ why: "inversion" as const }]
      : []),
    ...bars
      .filter((bar) => rung.contraindications.includes(bar))
      .map((bar): Against => ({ why: "barred", bar })),
    ...(place ? againstPlace(here.position, rung, place) : []),
  ];
}

const room = { spot: 0, mat: 1, room: 2 } as const;

function againstPlace(position: Drill["position"], rung: Rung, place: Place): Against[] {
  const missing = rung.kit.filter((item) => !fetched([item], place.kit, rung.exact));
  return [
    ...(missing.length > 0 ? [{ why: "kit" as const, missing }] : []),
    ...(place.noFloor && position !== "standing" && position !== "hanging"
      ? [{ why: "no-floor" as const }]
      : []),
    ...(place.silent && rung.loud ? [{ why: "loud" as const }] : []),
    ...(room[rung.space] > room[place.space] ? [{ why: "room" as const, place: place.name }] : []),
  ];
}

/**
 * The gate: everything that keeps a rung of a drill from a person on a day at a place; nothing when it may be done.
 * What a prep holds is asked here when it is planned, after every edit, and when a run begins.
 */
export const permit = (drill: Drill, rung: Rung, terms: GateTerms): Against[] => [
  ...againstDrill(drill, terms),
  ...againstRung(drill, rung, terms),
];

/** The highest permitted rung at or below one; null where none is. Never up for want of anything. */
export function permittedDown(drill: Drill, rung: Rung, terms: GateTerms): Rung | null {
  for (let at = drill.rungs.indexOf(rung); at >= 0; at -= 1)
    if (permit(drill, drill.rungs[at]!, terms).length === 0) return drill.rungs[at]!;
  return null;
}
