import { decimal } from "#words/locale";
import { canBeFitted, fitToTape, lastScreen } from "#core/shape/fit";
import type { Aim } from "#core/records/records";
import type { Skill } from "#core/content/skill";
import type { AthleteView } from "../../view";
import { WhyNote } from "../why";
import { shortDay } from "#words/days";
import { z95 } from "#core/stats/confidence";
import { shapeWords } from "#words/shape";
import { whyWords } from "#words/why";

const tenth = (cm: number): number => Math.round(cm * 10) / 10;

/** Where the skill's own shape was measured: the model beside the tape, and its allowance fitted to this body. */
export function TapeAgainstModel({
  view,
  skill,
  aim,
  fit,
}: {
  view: AthleteView;
  skill: Skill;
  aim: Aim;
  fit: (pelvisCm: number | null, legCm: number | null) => void;
}) {
  const { athlete, checks, library, day } = view;
  const found = fitToTape({ skill, aim, athlete, checks, library, on: day });
  const screen = lastScreen({ skill, aim, checks, library, on: day });
  if (screen)
    return (
      <section className="mt-6">
        <h2 className="text-xl">Model beside the screen</h2>
        <p>
          On {shortDay(screen.on)} the eye gave{" "}
          <b className="figures">
            {decimal(screen.points, 1, 0)} of {screen.of}
          </b>{" "}
          points. The model says: {view.shapes ? shapeWords(view.shapes.had) : null}
        </p>
        <p className="text-xs text-muted">
          The screen sees balance, knees and the foot’s arch, which the model leaves out.
        </p>
      </section>
    );
  if (!found) return null;
  const { rounds, allowance, legCm, residual, why } = found;
  const used = athlete.measures.pelvisCm;
  const last = rounds[0]!;
  const says = view.shapes?.had.tapeCm ?? last.model;
  const off = last.tape - says;
  return (
    <section className="mt-6">
      <h2 className="text-xl">Model against tape</h2>
      <p>
        On {shortDay(last.on)} the tape said{" "}
        <b className="figures">
          {decimal(last.tape, 1)} ± {decimal(last.se, 1)} cm
        </b>
        , the model says <b className="figures">{decimal(says, 1)} cm</b>:{" "}
        {Math.abs(off) <= z95 * last.se
          ? "they agree within the tape’s error."
          : `the model is ${decimal(Math.abs(off), 1)} cm ${off > 0 ? "low" : "high"}.`}{" "}
        <WhyNote why={whyWords(why)} />
      </p>
      {canBeFitted(skill) ? (
        <p className="text-sm text-muted">
          {used === undefined
            ? `An allowance of ${decimal(allowance, 1)} cm for this pelvis${legCm === null ? "" : ` and a leg of ${decimal(legCm, 1)} cm`} would fit ${rounds.length === 1 ? "the one round" : `${rounds.length} rounds`}${rounds.length > 1 ? `; ${decimal(residual, 1)} cm stay unexplained` : ", and one round cannot say how well"}.`
            : `Fitted with an allowance of ${decimal(used, 1)} cm${athlete.measures.fittedLegCm === undefined ? "" : ` and a leg of ${decimal(athlete.measures.fittedLegCm, 1)} cm`}; ${decimal(residual, 1)} cm stay unexplained over ${rounds.length} round${rounds.length > 1 ? "s" : ""}.`}{" "}
          <button
            type="button"
            className="underlined"
            onClick={() => fit(tenth(allowance), legCm === null ? null : tenth(legCm))}
          >
            {used === undefined ? "Fit the model" : "Fit it again"}
          </button>{" "}
          {used !== undefined ? (
            <button type="button" className="underlined" onClick={() => fit(null, null)}>
              Take the allowance away
            </button>
          ) : null}
        </p>
      ) : (
        <p className="text-sm text-muted">
          Walked in, the hands come nearer than the model sets them: it keeps the shins upright.
          Read the change of the tape, not its distance from the model.
        </p>
      )}
      <p className="text-xs text-muted">
        The model leaves out soft tissue, a turned pelvis, a bent knee and how long it was held.
      </p>
    </section>
  );
}
