import { restOf, setsOf } from "#core/drill/dose";
import type { PrepItem } from "#core/records/records";
import { breathWords } from "./breath";
import { becauseWords } from "./prep";

/** What a sheet says of a dose beside its figure: parts, pace, rest, load, where it is done, the breath after it. */
export function doseDetail({ dose, labels, untilLoose, outside, breath, why }: PrepItem): string {
  const load = why.filter((one) => one.why === "takes-weight" || one.why === "takes-band");
  return [
    outside ? "on the way there" : "",
    untilLoose ? "until loose" : "",
    labels.join(", "),
    dose.type === "reps" ? `${dose.tempo} s each` : "",
    setsOf(dose) > 1 && restOf(dose) > 0 && labels.length === 0 ? `rest ${restOf(dose)} s` : "",
    ...load.map(becauseWords),
    breath ? `then ${breath.seconds} s ${breathWords[breath.as]}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
