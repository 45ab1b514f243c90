import {
  angleAtVertex,
  angleToPlumb,
  photoReading,
  usualPointing,
  type PhotoAngle,
  type Spot,
} from "#core/measure/photo";
import type { ToolReading } from "../round";
import { turnSpot, type Size } from "./turned";
import type { Target } from "./tool";

/** One angle in the making on a photograph. */
export type AngleDraft = {
  key: string;
  target: Target;
  /** In the picture's own px. */
  spots: Spot[];
  /** The joint has gone past straight: the arc's other side is read. */
  over: boolean;
};

export type Photograph = Size & { url: string; name: string; turn: number };

/** The names of an angle's landmarks. */
export const namesOf = ({ target }: AngleDraft): readonly string[] =>
  target.row.protocol.photo?.points ?? [];

export const isPlumb = (draft: AngleDraft): boolean => namesOf(draft).length === 2;

/** The angle as placed, with its pointing error; null until every landmark is placed apart from the others. */
export function angleOfDraft(
  draft: AngleDraft,
  photo: Photograph,
  pointing: number | null,
): PhotoAngle | null {
  const { spots } = draft;
  if (spots.length === 0 || spots.length < namesOf(draft).length) return null;
  const levelled = spots.map((spot) => turnSpot(spot, photo.turn, photo));
  try {
    return isPlumb(draft)
      ? angleToPlumb(levelled as unknown as [Spot, Spot], pointing ?? usualPointing)
      : angleAtVertex(levelled as unknown as [Spot, Spot, Spot], pointing ?? usualPointing);
  } catch {
    return null;
  }
}

/** The reading that a draft gives its check, with a note of what was read. */
export function readingOfDraft(
  draft: AngleDraft,
  photo: Photograph,
  pointing: number | null,
): ToolReading | null {
  const angle = angleOfDraft(draft, photo, pointing);
  const rule = draft.target.row.protocol.photo;
  if (!angle || !rule) return null;
  const places = namesOf(draft).map((name, i) => {
    const [x, y] = draft.spots[i]!;
    return `${name} (${((100 * x) / photo.width).toFixed(1)} %, ${((100 * y) / photo.height).toFixed(1)} %)`;
  });
  const turned = photo.turn === 0 ? "" : `, turned ${photo.turn}°`;
  return {
    instrument: "photo",
    value: photoReading(angle, rule, draft.over),
    se: angle.se,
    note: `photo ${photo.name}${turned}: ${places.join(", ")}`,
  };
}
