import { useMemo, useState } from "react";
import { gapOf } from "#core/aim/gap";
import { otherSide } from "#core/body/side";
import { bodyFor, shapesOf } from "#core/shape/solve";
import { CautionLines } from "../parts/cautions";
import { BarChoice } from "../parts/check/round-bar";
import { StationLayout } from "../parts/frame/frame";
import { GapDesk, NothingToCompare } from "../parts/gap/gap-desk";
import { useWhatIf } from "../parts/gap/use-what-if";
import { useCleanSet } from "../parts/gap/use-clean-set";
import { StationFigure } from "../parts/station-figure";
import { shortDay } from "#words/days";
import { athleteView, type AthleteView } from "../view";
import { still } from "../parts/still";
import type { Route } from "./+types/gap";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** Gap: every demand against what the athlete has, what limits most first, and what degrees would be worth. */
function GapStation({ loaderData: view }: Route.ComponentProps) {
  const { skill, aim, shapes } = view;
  if (!skill || !aim || !shapes)
    return (
      <StationLayout figure={<StationFigure view={view} />}>
        <NothingToCompare view={view} />
      </StationLayout>
    );
  return <GapOfAim key={`${view.athlete.id}/${aim.id}`} {...{ view, skill, aim, shapes }} />;
}

type Whole = {
  view: AthleteView;
  skill: NonNullable<AthleteView["skill"]>;
  aim: NonNullable<AthleteView["aim"]>;
  shapes: NonNullable<AthleteView["shapes"]>;
};

function GapOfAim({ view, skill, aim, shapes }: Whole) {
  const body = useMemo(() => bodyFor(view.athlete), [view.athlete]);
  const side = useMemo(() => ({ side: aim.side, hips: aim.hips }), [aim.side, aim.hips]);
  const whatIf = useWhatIf(skill, aim, shapes, body, view.gaps);
  const cleanSet = useCleanSet(skill, shapes.limits, side, body, view.gaps);
  const [then, setThen] = useState("");
  const [otherWay, setOtherWay] = useState(false);
  const other = useMemo(() => {
    if (!otherWay) return null;
    const { athlete, checks, library, day } = view;
    const turned = { ...aim, side: otherSide(aim.side) };
    const gaps = gapOf({ athlete, aim: turned, skill, checks, library, on: day });
    return shapesOf(skill, { side: turned.side, hips: aim.hips }, athlete, gaps);
  }, [otherWay, view, aim, skill]);
  const days = useMemo(
    () =>
      [...new Set(view.checks.map(({ on }) => on))]
        .filter((on) => on < view.day)
        .sort()
        .reverse(),
    [view.checks, view.day],
  );
  const before = useMemo(() => {
    if (!then) return null;
    const { athlete, checks, library } = view;
    const gaps = gapOf({ athlete, aim, skill, checks, library, on: then });
    return shapesOf(skill, side, athlete, gaps).had;
  }, [then, view, aim, skill, side]);
  return (
    <StationLayout
      figure={
        <>
          <StationFigure
            view={view}
            {...(other ? { shapes: other } : {})}
            had={!other && whatIf.edits.length > 0 ? whatIf.shape : null}
            before={before}
          />
          {days.length > 0 ? (
            <div className="no-print mt-2 flex flex-wrap gap-x-6">
              {skill.sided ? (
                <BarChoice
                  label={skill.sideMeans}
                  value={otherWay ? "other" : "aim"}
                  options={[
                    ["aim", `${aim.side}, as aimed`],
                    ["other", `${otherSide(aim.side)}, the other way`],
                  ]}
                  onChange={(value) => setOtherWay(value === "other")}
                />
              ) : null}
              <BarChoice
                label="Beside it, as it was"
                value={then}
                options={[
                  ["", "no other date"],
                  ...days.map((day) => [day, shortDay(day)] as const),
                ]}
                onChange={setThen}
              />
            </div>
          ) : null}
        </>
      }
    >
      <GapDesk {...{ view, skill, aim, whatIf, cleanSet }} />
      <div className="mt-6">
        <CautionLines cautions={view.cautions} />
      </div>
    </StationLayout>
  );
}

export default still(GapStation);
