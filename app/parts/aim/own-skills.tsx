import { useState } from "react";
import type { Skill } from "#core/content/skill";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { SkillEditor } from "./lazy-skill-editor";
import { refusalWords } from "#words/acts";

/** What a new skill begins with: a standing body that asks one thing. */
const blank: Skill = {
  id: "own-new",
  name: "",
  phrase: "",
  sided: false,
  sideMeans: "working side",
  summary: "",
  model: "posed",
  pose: { shoulderOut: 8, elbow: 6 },
  view: 30,
  family: "everyday",
  hipsChoice: false,
  standsOn: [],
  decides: "",
  fromAge: null,
  demands: [
    {
      motion: "hip.flexion",
      role: "both-sides",
      mode: "passive",
      loaded: false,
      clean: 120,
      passable: 110,
      weight: 1,
      how: "",
      missing: "",
      source: "own figure",
      reason: "",
      by: [],
    },
  ],
  firstChecks: [],
  cautions: ["The coach’s own skill: its degrees and cautions are the coach’s."],
};

/** The coach's own skills: edited, or taken away where no aim stands on them. */
export function OwnSkills({ view }: { view: AthleteView }) {
  const own = view.library.skills.filter(({ id }) => id.startsWith("own-"));
  const [editing, setEditing] = useState<string | null>(null);
  const { act, refused } = useAct<"remove-skill">();
  const skill = editing === blank.id ? blank : own.find(({ id }) => id === editing);
  return (
    <div className="mt-2 text-sm">
      {own.length > 0 ? (
        <details>
          <summary className="text-muted">My own skills ({own.length})</summary>
          <ul>
            {own.map(({ id, name }) => (
              <li key={id} className="flex flex-wrap gap-x-4 py-1">
                <span>{name}</span>
                <button type="button" className="underlined" onClick={() => setEditing(id)}>
                  Edit
                </button>
                <button
                  type="button"
                  className="underlined"
                  onClick={() => act("remove-skill", { id })}
                >
                  Remove
                </button>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
      {refused ? (
        <p role="alert" className="font-semibold text-clay">
          {refusalWords(refused)}
        </p>
      ) : null}
      {skill ? (
        <SkillEditor key={skill.id} skill={skill} close={() => setEditing(null)} />
      ) : (
        <button type="button" className="underlined" onClick={() => setEditing(blank.id)}>
          Make a skill
        </button>
      )}
    </div>
  );
}
