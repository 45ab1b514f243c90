import { later, useLater } from "./later";
import type { StationFigureProps } from "./station-figure-drawn";

/** The figure's geometry and its sentences: fetched beside the page, which does not wait for them. */
export const stationFigure = later(() =>
  import("./station-figure-drawn").then(({ StationFigureDrawn }) => StationFigureDrawn),
);

/** The aim's figure beside a station; its place stays free until it is there. */
export function StationFigure(props: StationFigureProps) {
  const Drawn = useLater(stationFigure);
  return Drawn ? <Drawn {...props} /> : <div className="min-h-80 flex-1" aria-busy="true" />;
}
