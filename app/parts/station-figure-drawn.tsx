import { memo } from "react";
import { useNavigate } from "react-router";
import type { MotionId } from "#core/body/motions";
import { motionOf } from "#core/body/motions";
import { buildOf } from "#core/figure/build";
import { landmarkOfJoint } from "#core/figure/joints";
import type { Shape } from "#core/shape/shape";
import type { LeftRight } from "#core/body/side";
import { ageOn } from "#core/records/athlete";
import type { AthleteView } from "../view";
import { TaughtAim } from "./frame/taught";
import { PosePicture } from "./figure/pose-picture";
import { ShapeFigure, type JointSpot } from "./figure/shape-figure";
import { WhyNote } from "./why";
import { shapeWhy, shapeWords, spreadWords } from "#words/shape";

/** The joints of the aim as they can be pressed: each leads to its check. */
function jointsOf(view: AthleteView): JointSpot[] {
  const spots = view.gaps.flatMap(({ demand, sides, verdict }): JointSpot[] => {
    const { joint, name } = motionOf(demand.motion);
    const at = landmarkOfJoint[joint];
    const asked = sides.find((side) => side.asked)?.side;
    const side: LeftRight =
      asked === "left" && sides.length > 0 && demand.role !== "both-sides" ? "left" : "right";
    return [{ motion: demand.motion, at, side, text: `${name}: ${verdict}. Open its check.` }];
  });
  return spots.filter(
    (spot, i) => spots.findIndex((other) => other.at === spot.at && other.side === spot.side) === i,
  );
}

export type StationFigureProps = {
  view: AthleteView;
  /** Shapes to show in place of the aim's own, as of its other side. */
  shapes?: AthleteView["shapes"];
  /** A shape that is only imagined, shown in place of today's. */
  had?: Shape | null;
  /** Today's shape as it was on another date, in a second ink. */
  before?: Shape | null;
};

/** The aim's figure beside a station, or a line that says what is missing for it. */
export const StationFigureDrawn = memo(function StationFigureDrawn({
  view,
  shapes = view.shapes,
  had: imagined = null,
  before = null,
}: StationFigureProps) {
  const navigate = useNavigate();
  if (!view.skill) return <TaughtAim library={view.library} athleteId={view.athlete.id} />;
  if (!shapes)
    return (
      <figure className="m-auto grid w-full max-w-sm gap-3 text-center">
        <PosePicture
          picture={{ view: view.skill.view, start: view.skill.pose, props: [] }}
          label={view.skill.name}
          className="h-72 w-full"
        />
        <figcaption className="text-muted">
          {view.skill.name}. What these joints allow of it is not modelled: read the margins.
        </figcaption>
      </figure>
    );
  const { asked, had: today, assumed, limits } = shapes;
  const had = imagined ?? today;
  // Of another shape than today's own nothing is known of how far.
  const spread = imagined === null && shapes === view.shapes ? view.spread : null;
  const measured = imagined !== null || view.gaps.some((gap) => gap.shortage !== null);
  const unknown = [...new Set(assumed.map(({ motion }) => motion))];
  const names = unknown.map((motion) => motionOf(motion).name.toLowerCase());
  const open = (motion: MotionId) => {
    const protocol = view.gaps.find((gap) => gap.demand.motion === motion)?.protocolId;
    if (protocol) void navigate(`/at/${view.athlete.id}/check?focus=${protocol}`);
  };
  return (
    <>
      <div className="font-display text-lg font-bold leading-snug">
        {measured ? shapeWords(had) : view.skill.summary}{" "}
        {measured ? (
          <span className="font-sans font-normal">
            <WhyNote why={shapeWhy(had, limits, unknown)} />
          </span>
        ) : null}
      </div>
      <p className="text-sm text-muted">
        {measured
          ? `ink: ${imagined ? "what these joints would allow" : "what these joints allow"} · chalk: the clean shape${before ? " · grey: as it was" : ""}`
          : "chalk: the clean shape"}
        {measured && names.length > 0
          ? ` · dotted, not measured, drawn as adults usually have it: ${names.join(", ")}`
          : ""}
      </p>
      {measured && spread ? <p className="text-sm text-muted">{spreadWords(spread, had)}</p> : null}
      <div className="mt-2 min-h-[20rem] flex-1">
        <ShapeFigure
          fan={measured && spread ? spread.ends : none}
          asked={asked}
          had={measured ? had : null}
          before={before}
          assumed={measured ? assumed : none}
          build={buildOf({ ...view.athlete, age: ageOn(view.athlete, view.today) })}
          joints={jointsOf(view)}
          onJoint={open}
        />
      </div>
    </>
  );
});

const none: readonly never[] = [];
