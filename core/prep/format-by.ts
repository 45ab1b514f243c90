import type { Format, Segment } from "../content/format";
import type { Advice, Schools } from "../content/schools";

/** The parts of a format in the order that the ways of working chosen have them. */
export function formatBy(format: Format, schools: Schools): Format {
  if (format.clocked || format.gaps) return format;
  const active =
    schools.active === "after" ? after(format.segments, isActive, isHeld) : format.segments;
  const segments = schools.softTissue === "last" ? softTissueLast(active) : active;
  return segments === format.segments ? format : { ...format, segments };
}

/** Advice that does not hold here: set aside by the coach, or against a way of working that was chosen. */
export const asideOf = ({
  aside = [],
  schools,
}: {
  aside?: readonly Advice[];
  schools?: Schools;
}): readonly Advice[] => (schools?.softTissue === "last" ? [...aside, "soft-tissue-first"] : aside);

const only = (segment: Segment, kinds: readonly string[]): boolean =>
  segment.kinds.length > 0 && segment.kinds.every((kind) => kinds.includes(kind));
const isActive = (segment: Segment): boolean => only(segment, ["active", "strength"]);
const isHeld = (segment: Segment): boolean => only(segment, ["static", "contract-relax"]);
const isSoft = (segment: Segment): boolean => only(segment, ["soft-tissue"]);

/** Those of the first kind moved behind the last of the second. */
function after(
  segments: Segment[],
  first: (segment: Segment) => boolean,
  second: (segment: Segment) => boolean,
): Segment[] {
  const end = segments.findLastIndex(second);
  const early = segments.filter((segment, i) => first(segment) && i < end);
  if (early.length === 0) return segments;
  const rest = segments.filter((segment) => !early.includes(segment));
  const at = rest.findLastIndex(second) + 1;
  return [...rest.slice(0, at), ...early, ...rest.slice(at)];
}

/** Soft tissue at the end, before the wind-down; a part that mixes it with other work gives it up to one of its own. */
function softTissueLast(segments: Segment[]): Segment[] {
  const soft = segments.find(isSoft) ?? segments.find(({ kinds }) => kinds.includes("soft-tissue"));
  if (!soft) return segments;
  const own: Segment = { ...soft, name: "soft tissue", kinds: ["soft-tissue"], fewest: 0 };
  const rest = segments.flatMap((segment) =>
    isSoft(segment)
      ? []
      : [{ ...segment, kinds: segment.kinds.filter((kind) => kind !== "soft-tissue") }],
  );
  const settle = rest.findIndex(({ phase }) => phase === "settle");
  return settle < 0 ? [...rest, own] : [...rest.slice(0, settle), own, ...rest.slice(settle)];
}
