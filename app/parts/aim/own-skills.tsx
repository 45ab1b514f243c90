import { useState } from "react";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { SkillEditor } from "./skill-editor";

/** The coach's own skills: edited, or taken away where no aim stands on them. */
export function OwnSkills({ view }: { view: AthleteView }) {
  const own = view.library.skills.filter(({ id }) => id.startsWith("own-"));
  const [editing, setEditing] = useState<string | null>(null);
  const { act, answer } = useAct<{ refused?: string } | null>();
  if (own.length === 0) return null;
  const skill = own.find(({ id }) => id === editing);
  return (
    <details className="mt-2 text-sm" open={editing !== null}>
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
      {answer?.refused ? (
        <p role="alert" className="font-semibold text-clay">
          {answer.refused}
        </p>
      ) : null}
      {skill ? <SkillEditor key={skill.id} skill={skill} close={() => setEditing(null)} /> : null}
    </details>
  );
}
