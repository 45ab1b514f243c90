import { restOf, setsOf } from "#core/drill/dose";
import type { Drill } from "#core/drill/drill";
import { breathModeOf } from "#core/drill/breathing";
import { breathingWords, paceWords } from "./drill-way";
import type { PrepItem } from "#core/records/records";
import { breathWords } from "./breath";
import { becauseWords } from "./prep";

/** What a sheet says of a dose beside its figure: parts, pace, rest, load, where it is done, the breath after it. */
export function doseDetail(item: PrepItem, drill: Drill | null): string {
  const { dose, labels, untilLoose, outside, breath, why } = item;
  const load = why.filter((one) => one.why === "takes-weight" || one.why === "takes-band");
  return [
    outside ? "on the way there" : "",
    untilLoose ? "until loose" : "",
    ...partsSaid(item),
    ...waySaid(item, drill),
    dose.type === "reps" ? `${dose.tempo} s each` : "",
    setsOf(dose) > 1 && restOf(dose) > 0 && labels.length === 0 ? `rest ${restOf(dose)} s` : "",
    ...load.map(becauseWords),
    breath ? `then ${breath.seconds} s ${breathWords[breath.as]}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}

/** The parts of an item by name, with what each is where they differ. */
export const partsSaid = ({ dose, labels, amounts }: PrepItem): string[] =>
  labels.length === 0 && amounts.length === 0
    ? []
    : [
        Array.from({ length: setsOf(dose) }, (_, n) =>
          [
            labels[n] ?? "",
            amounts[n] === undefined ? "" : `${amounts[n]}${dose.type === "reps" ? "" : " s"}`,
          ]
            .filter(Boolean)
            .join(" "),
        ).join(", "),
      ];

/** Pace and breathing of an item: what was said of it, else, where the drill is given, how it is usually breathed. */
export const waySaid = ({ pace, breathing }: PrepItem, drill: Drill | null): string[] => {
  const breath = breathing ?? (drill && breathModeOf(drill));
  return [...(pace ? [paceWords[pace]] : []), ...(breath ? [breathingWords[breath]] : [])];
};
