import { later, useLater } from "../later";
import type { BodyChartProps } from "./body-chart-drawn";

/** The body's geometry and the names of its places: fetched beside the page, which does not wait for them. */
export const bodyChart = later(() =>
  import("./body-chart-drawn").then(({ BodyChartDrawn }) => BodyChartDrawn),
);

/** The body on which a place is tapped; its room stays free until it is there. */
export function BodyChart(props: BodyChartProps) {
  const Drawn = useLater(bodyChart);
  return Drawn ? <Drawn {...props} /> : <p className="label min-h-72">{props.label}</p>;
}
