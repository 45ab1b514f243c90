import { Link } from "react-router";
import { headlineOf } from "#core/aim/headline";
import { demandTitle, headlineWhy, headlineWords } from "#words/aim";
import { isDrawn } from "#core/limit/drawn";
import { wantsCheck } from "#core/aim/gap";
import { motionOf } from "#core/body/motions";
import type { Aim } from "#core/records/records";
import type { Skill } from "#core/content/skill";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { Meaning } from "../meaning";
import { WhyNote } from "../why";
import { FoundBeside } from "./found-beside";
import { GapRow, gapColumns } from "./gap-row";
import { LineScore } from "./line-score";
import { Priorities } from "./priorities";
import { SharedAims } from "./shared-aims";
import { SideDifferences } from "./side-differences";
import type { WhatIfState } from "./use-what-if";
import type { CleanSet } from "./use-clean-set";
import { TapeAgainstModel } from "./tape-against-model";
import { WhatIfBar } from "./what-if-bar";

/** The verdict, and each demand with its margin mark, what the athlete has, what degrees are worth, and why. */
export function GapDesk({
  view,
  skill,
  aim,
  whatIf,
  cleanSet,
}: {
  view: AthleteView;
  skill: Skill;
  aim: Aim;
  whatIf: WhatIfState;
  cleanSet: CleanSet;
}) {
  const { gaps, athlete } = view;
  const { act } = useAct();
  const headline = headlineOf(gaps);
  const { title, rest } = headlineWords(headline, skill);
  const measured = gaps.some(({ shortage }) => shortage !== null);
  const span = Math.max(20, ...gaps.map((gap) => (gap.shortage ?? 0) + 8));
  const imagined = (motion: string) => whatIf.edits.some((edit) => edit.motion === motion);
  const offer = () =>
    whatIf.replace(
      (cleanSet ?? []).flatMap(({ motion, degrees, sides, drawn }) => {
        if (!drawn) return [];
        const least = Math.min(
          ...sides.map((side) => view.shapes?.limits[motion]?.[side] ?? Infinity),
        );
        return sides.map((side) => ({
          motion,
          side,
          degrees: Math.round(Math.max(view.shapes?.limits[motion]?.[side] ?? 0, least + degrees)),
        }));
      }),
    );
  return (
    <>
      <h1 className="text-[1.9rem]">{title}</h1>
      <div className="mt-2 text-muted">
        {rest} <WhyNote why={headlineWhy(headline)} />
      </div>
      {skill.decides ? (
        <p className="mt-2 border-l-4 border-clay pl-3 text-sm">{skill.decides}</p>
      ) : null}
      <LineScore
        skill={skill}
        shape={whatIf.shape}
        gaps={gaps}
        spread={view.spread}
        cleanSet={cleanSet}
        imagined={whatIf.edits.length > 0}
        measured={measured}
        assumed={view.shapes?.assumed.length ?? 0}
        offer={offer}
      />
      <WhatIfBar
        aim={aim}
        edits={whatIf.edits}
        replace={whatIf.replace}
        keep={(targets) => act("save-targets", { id: aim.id, targets })}
      />
      <div
        className={`mt-3 grid grid-cols-[1fr_auto] items-end border-b border-ink pb-1 ${gapColumns}`}
      >
        <span className="label">What {skill.phrase} asks</span>
        <span className="label hidden sm:block">
          Margin: short ◂ | ▸ spare <Meaning of="margin" />
        </span>
        <span className="label text-right">Has</span>
        <span className="label hidden pl-4 sm:block">
          Verdict <Meaning of="unsure" />
        </span>
        <span className="label hidden text-right sm:block">6-week gain</span>
      </div>
      <ul>
        {whatIf.gaps.map((gap) => (
          <GapRow
            key={`${gap.demand.motion}-${gap.demand.role}-${gap.demand.mode}`}
            gap={gap}
            span={span}
            athleteId={athlete.id}
            name={demandTitle(gap, gaps)}
            imagined={isDrawn(gap, skill) && imagined(gap.demand.motion)}
            onMove={
              isDrawn(gap, skill)
                ? (side, degrees) => whatIf.set(gap.demand.motion, side, degrees)
                : null
            }
          />
        ))}
      </ul>
      <FoundBeside view={view} />
      <Settle view={view} />
      <SideDifferences view={view} />
      <TapeAgainstModel
        view={view}
        skill={skill}
        aim={aim}
        fit={(pelvisCm, legCm) => act("fit-model", { pelvisCm, legCm })}
      />
      <SharedAims view={view} />
      <Priorities
        needs={view.needs}
        override={(motion, weight, reason) =>
          act("override-weight", { id: aim.id, motion, weight, reason })
        }
      />
    </>
  );
}

/** Where there is no aim yet. */
export function NothingToCompare({ view }: { view: AthleteView }) {
  return (
    <>
      <h1 className="text-3xl">Nothing to compare with yet.</h1>
      <p className="mt-2">
        An aim says which degrees are needed.{" "}
        <Link className="underlined" to={`/at/${view.athlete.id}/aim`}>
          Choose a skill and a date
        </Link>
        .
      </p>
      <FoundBeside view={view} />
    </>
  );
}

/** What would settle the open verdicts: the checks to take next. */
function Settle({ view }: { view: AthleteView }) {
  const wanted = wantsCheck(view.gaps);
  if (wanted.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-xl">What would settle it</h2>
      <ul className="mt-1">
        {wanted.map(({ motion, protocolId, verdict }) => {
          const protocol = view.library.protocols.find(({ id }) => id === protocolId);
          return (
            <li key={`${motion}/${protocolId}`}>
              <Link className="underlined" to={`/at/${view.athlete.id}/check?focus=${protocolId}`}>
                {motionOf(motion).name}
              </Link>
              <span className="text-muted">
                {" "}
                {verdict === "unknown"
                  ? "has never been measured"
                  : "is within its error of the demand"}
                ; {protocol?.trials} trials a side, about {protocol?.minutes} minutes.
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
