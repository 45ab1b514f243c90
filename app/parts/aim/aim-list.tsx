import { useState } from "react";
import { useNavigate } from "react-router";
import { demandsOf } from "#core/aim/gap";
import { motionOf } from "#core/body/motions";
import { skillOf } from "#core/content/library";
import type { Aim } from "#core/records/records";
import { daysBetween } from "#core/dates/days";
import { ageOn } from "#core/records/athlete";
import { tooYoung } from "#words/safety";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { aimSentence } from "../words";
import { shortDay } from "#words/days";
import { outcomeWords } from "#words/aim";
import { Became } from "./became";
import { AimForm } from "./lazy-aim-form";
import { OwnSkills } from "./own-skills";
import { SkillEditor } from "./lazy-skill-editor";
import { BothNames } from "../both-names";
import { Meaning } from "../meaning";

/** The aims: what each asks, by when; the one the walk follows is marked. */
export function AimList({ view }: { view: AthleteView }) {
  const open = view.aims.filter((aim) => !aim.closedOn);
  const closed = view.aims.filter((aim) => aim.closedOn);
  return (
    <>
      <ul className="mt-4 border-t border-ink empty:border-0">
        {open.map((aim) => (
          <AimRow key={aim.id} aim={aim} view={view} />
        ))}
      </ul>
      <OwnSkills view={view} />
      {closed.length > 0 ? <ClosedAims aims={closed} view={view} /> : null}
    </>
  );
}

function AimRow({ aim, view }: { aim: Aim; view: AthleteView }) {
  const [editing, setEditing] = useState(false);
  const [copying, setCopying] = useState(false);
  const { act } = useAct();
  const navigate = useNavigate();
  const skill = skillOf(view.library, aim.skillId) ?? null;
  const days = daysBetween(view.today, aim.by);
  if (editing) return <AimForm view={view} aim={aim} close={() => setEditing(false)} />;
  return (
    <li className="border-b border-line py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <p className="font-display text-xl font-bold first-letter:uppercase">
          {skill
            ? aimSentence({ aim, skill })
            : `A skill that the library no longer has (${aim.skillId})`}
        </p>
        <p className="text-sm text-muted">
          {days >= 0 ? `${days} days left` : `${-days} days past`}
        </p>
      </div>
      {days <= 0 ? <Became aim={aim} days={-days} act={act} today={view.today} /> : null}
      {skill ? (
        <>
          <p className="text-muted">{skill.summary}</p>
          <table className="mt-3 w-full text-left">
            <thead>
              <tr className="border-b border-line">
                <th className="label py-1">It asks</th>
                <th className="label w-20 py-1 text-right">
                  Clean <Meaning of="clean" />
                </th>
                <th className="label w-28 py-1 text-right">
                  Passable <Meaning of="passable" />
                </th>
                <th className="label hidden py-1 pl-6 sm:table-cell">Without it</th>
              </tr>
            </thead>
            <tbody>
              {demandsOf(skill, aim).map((demand) => (
                <tr
                  key={`${demand.motion}-${demand.role}-${demand.mode}`}
                  className="border-b border-line align-top last:border-0"
                >
                  <td className="py-1.5">
                    <span className="font-semibold">
                      <BothNames motion={demand.motion} plain={motionOf(demand.motion).name} />
                    </span>
                    <span className="block text-sm leading-tight text-muted">{demand.how}</span>
                  </td>
                  <td
                    className={`figures py-1.5 text-right ${aim.quality === "clean" ? "font-bold" : "text-muted"}`}
                  >
                    {demand.clean}°
                  </td>
                  <td
                    className={`figures py-1.5 text-right ${aim.quality === "passable" ? "font-bold" : "text-muted"}`}
                  >
                    {demand.passable}°
                  </td>
                  <td className="hidden py-1.5 pl-6 text-sm sm:table-cell">{demand.missing}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-xs text-muted">
            Degrees: {[...new Set(skill.demands.map((demand) => demand.source))].join("; ")}.{" "}
            {skill.cautions.join(" ")}
          </p>
          {skill.decides ? (
            <p className="mt-2 border-l-4 border-clay pl-3 text-sm font-semibold">
              {skill.decides}
              {skill.fromAge !== null && ageOn(view.athlete, view.day) < skill.fromAge
                ? ` ${tooYoung(skill.fromAge)}`
                : ""}
            </p>
          ) : null}
          {copying ? <SkillEditor skill={skill} close={() => setCopying(false)} /> : null}
        </>
      ) : null}
      <p className="mt-2 flex flex-wrap gap-x-5 text-sm">
        {view.aim?.id !== aim.id ? (
          <button
            type="button"
            className="underlined"
            onClick={() => void navigate(`?aim=${aim.id}`)}
          >
            Work toward this one
          </button>
        ) : null}
        <button type="button" className="underlined" onClick={() => setEditing(true)}>
          Change
        </button>
        {skill && !copying ? (
          <button type="button" className="underlined" onClick={() => setCopying(true)}>
            {skill.id.startsWith("own-") ? "Edit the skill" : "Make the skill my own"}
          </button>
        ) : null}
        <button
          type="button"
          className="underlined"
          onClick={() => act("close-aim", { id: aim.id, closed: true })}
        >
          Close it
        </button>
      </p>
    </li>
  );
}

function ClosedAims({ aims, view }: { aims: Aim[]; view: AthleteView }) {
  const { act } = useAct();
  return (
    <details className="mt-2 text-sm">
      <summary className="text-muted">Closed aims ({aims.length})</summary>
      <ul>
        {aims.map((aim) => (
          <li key={aim.id} className="flex flex-wrap gap-x-4 py-1">
            <span className="first-letter:uppercase">
              {aimSentence({ aim, skill: skillOf(view.library, aim.skillId) ?? null })}
            </span>
            <span className="text-muted">
              {outcomeWords(aim.outcome)} {shortDay(aim.closedOn!)}
            </span>
            <button
              type="button"
              className="underlined"
              onClick={() => act("close-aim", { id: aim.id, closed: false })}
            >
              Open again
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
