import { decimal } from "#words/locale";
import { useMemo, useState } from "react";
import { diceOf } from "#core/stats/dice";
import {
  ownPointing,
  placementsWanted,
  usualPointing,
  type Placement,
  type Spot,
} from "#core/measure/photo";
import { angleOfSpots, practicePicture } from "#core/measure/practice";
import { InkBody, Floor } from "../../figure/body";
import { PictureBoard } from "./picture-board";

/** Scale from the drawing's hundredths of stature to the board's px. */
const scale = 8;

/** Practice on drawn bodies with known angles: after ten placements it tells how well this hand points. */
export function Trainer({
  own,
  use,
  close,
}: {
  own: number | null;
  use: (pointing: number | null) => void;
  close: () => void;
}) {
  const [seed] = useState(() => Math.floor(Math.random() * 1e6));
  const [n, setN] = useState(0);
  const [spots, setSpots] = useState<Spot[]>([]);
  const [shown, setShown] = useState(false);
  const [placements, setPlacements] = useState<Placement[]>([]);
  const picture = useMemo(() => practicePicture(n, diceOf(seed + n)), [n, seed]);
  const { left, right, top } = picture.drawing.bounds;
  const margin = 8;
  const size = { width: (right - left + 2 * margin) * scale, height: (margin * 2 - top) * scale };
  const toPx = ([x, y]: Spot): Spot => [(x - left + margin) * scale, (y - top + margin) * scale];
  const truth = picture.truth.map(toPx);
  const complete = spots.length === picture.names.length;
  const error = ownPointing(placements);
  const show = () => {
    setShown(true);
    setPlacements((all) => [
      ...all,
      ...spots.map((placed, i): Placement => ({
        placed,
        truth: truth[i]!,
        segment: picture.segment * scale,
      })),
    ]);
  };
  return (
    <div className="mt-3 grid gap-4 lg:grid-cols-[1fr_20rem]">
      <PictureBoard
        key={n}
        size={size}
        angles={[
          {
            key: "practice",
            names: picture.names,
            spots,
            plumb: picture.names.length === 2,
            text: complete ? `${decimal(angleOfSpots(spots), 1)}°` : "",
          },
        ]}
        active="practice"
        truth={shown ? truth : null}
        onSpots={setSpots}
      >
        <rect width={size.width} height={size.height} fill="var(--raised)" />
        <g transform={`scale(${scale}) translate(${margin - left} ${margin - top})`}>
          <Floor from={left - margin} to={right + margin} strokes={false} colour="var(--line)" />
          <InkBody drawing={picture.drawing} ground="var(--raised)" />
        </g>
      </PictureBoard>
      <div className="grid content-start gap-3">
        <h3 className="text-xl">{picture.title}</h3>
        <p role="status">
          {shown ? (
            <>
              You read <b className="figures">{decimal(angleOfSpots(spots), 1)}°</b>; it is{" "}
              <b className="figures">{decimal(picture.degrees, 1)}°</b>. The rings are where the
              joints are.
            </>
          ) : complete ? (
            "Drag what is not quite right, then look."
          ) : (
            <>
              Place the <b>{picture.names[spots.length]}</b>.
            </>
          )}
        </p>
        <p className="text-sm text-muted">
          {placements.length} of {placementsWanted} placements.
        </p>
        {shown ? (
          <button
            type="button"
            className="press press-main justify-center"
            onClick={() => {
              setN(n + 1);
              setSpots([]);
              setShown(false);
            }}
          >
            Next picture
          </button>
        ) : (
          <button
            type="button"
            className="press press-main justify-center"
            disabled={!complete}
            onClick={show}
          >
            Look where they are
          </button>
        )}
        {error !== null ? (
          <div className="border-l-4 border-ink pl-3" role="status">
            <p>
              Your pointing error is <b className="figures">{decimal(100 * error, 1)} %</b> of the
              longer segment; {decimal(100 * usualPointing, 1)} % is the usual one.
            </p>
            <button type="button" className="underlined" onClick={() => use(error)}>
              Use mine from now on
            </button>
          </div>
        ) : null}
        <p className="flex gap-4 text-sm">
          {own !== null ? (
            <button type="button" className="underlined" onClick={() => use(null)}>
              go back to the usual {decimal(100 * usualPointing, 1)} %
            </button>
          ) : null}
          <button type="button" className="underlined" onClick={close}>
            done practising
          </button>
        </p>
      </div>
    </div>
  );
}
