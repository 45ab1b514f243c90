import type { Segment } from "../content/format";
import { byText, type Drill } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { eligibility } from "./eligible";
import type { PlanRequest } from "./plan";

/** A part of a format in which nothing stands, and what may be put there, that which serves the needs most first. */
export type EmptyPart = { name: string; fillers: Drill[] };

/** So many are offered. */
const mostOffered = 8;

const isIn = (item: PrepItem, { name, phase }: Segment): boolean =>
  item.segment === "" ? item.phase === phase && name === phase : item.segment === name;

/** Parts that ask for a drill at least and have none. Boxes, gaps and what was written by hand have no parts of their own. */
export function emptyParts(items: readonly PrepItem[], request: PlanRequest): EmptyPart[] {
  const { format, library } = request;
  if (format.clocked || format.gaps || request.clocked || request.gaps) return [];
  const empty = format.segments.filter(
    (segment) => segment.fewest > 0 && !items.some((item) => isIn(item, segment)),
  );
  return empty.map((segment) => ({
    name: segment.name,
    fillers: library.drills
      .filter((drill) => !items.some(({ drillId }) => drillId === drill.id))
      .filter((drill) => placeIn(drill, segment.name, request) !== null)
      .sort((a, b) => worth(b, request) - worth(a, request) || byText(a.id, b.id))
      .slice(0, mostOffered),
  }));
}

/** Where in a part a drill may stand, whatever it serves; null where it may not. */
export function placeIn(drill: Drill, part: string, request: PlanRequest) {
  const found = eligibility(drill, {
    ...request,
    format: { ...request.format, serves: "every-joint" },
  });
  return "places" in found
    ? (found.places.find(({ segment }) => segment.name === part) ?? null)
    : null;
}

const worth = ({ serves }: Drill, { needs }: PlanRequest): number =>
  serves.reduce(
    (sum, { motion, share }) =>
      sum + share * (needs.find((need) => need.motion === motion)?.weight ?? 0),
    0,
  );
