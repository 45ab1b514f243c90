import type { Prep, PrepItem } from "#core/records/records";
import { writeDose } from "#core/drill/dose";
import { drillOf, type Library } from "#core/content/library";
import { rungOf, type Drill, type Rung } from "#core/drill/drill";
import type { AthleteView } from "../../../view";
import { notch } from "../../words";
import { lockWords } from "#words/pain";
import { placeWords } from "#words/places";
import { cautionText } from "#words/safety";

export const sheetKinds = ["wall", "pocket", "group"] as const;
export type SheetKind = (typeof sheetKinds)[number];
export const sheetNames: Record<SheetKind, string> = {
  wall: "Wall sheet",
  pocket: "Pocket sheet",
  group: "Group sheet",
};

export type SheetLine = { item: PrepItem; drill: Drill; rung: Rung; dose: string; sides: string };

/** A prep's drills as lines of a sheet; drills that the library no longer has are left out. */
export const linesOf = (prep: Prep, library: Library): SheetLine[] =>
  prep.items.flatMap((item) => {
    const drill = drillOf(library, item.drillId);
    if (!drill) return [];
    return [
      {
        item,
        drill,
        rung: rungOf(drill, item.rungId),
        dose: writeDose(item.dose),
        sides: [
          item.sides.map((side) => notch[side]).join(" "),
          item.extra ? `+${item.extra.sets} ${notch[item.extra.side]}` : "",
        ]
          .filter(Boolean)
          .join(" "),
      },
    ];
  });

/** What stands at the foot of every sheet: what is fine, what ends a drill, the drills' own cautions once each. */
export const footOf = (lines: readonly SheetLine[]): string[] => [
  "Stretch feeling up to 4/10 is fine. Sharp, pinching, spreading or joint-line pain, numbness, tingling, dizziness: out of it, and say so.",
  ...new Set(lines.flatMap(({ drill }) => drill.cautions)),
];

/** Health notes: only where they were ticked. */
export const healthOf = (view: AthleteView): string[] => [
  ...view.cautions.map(cautionText),
  ...(view.athlete.intake?.note ? [view.athlete.intake.note] : []),
  ...view.locks.map(
    ({ place, because }) =>
      `Locked: ${place ? placeWords(place) : "a place nobody named"}, ${lockWords(because)}.`,
  ),
];
