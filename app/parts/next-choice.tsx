import type { JointId } from "#core/body/motions";
import type { Skill } from "#core/content/skill";
import type { Trained, Training } from "#core/records/training";

/** What may be trained, by the parts of the body that it loads. */
const parts: Record<string, JointId[]> = {
  "hands and shoulders": ["wrist", "fingers", "elbow", "shoulder"],
  "back and shoulders": ["thoracic", "shoulder"],
  trunk: ["lumbar", "thoracic"],
  "hips and legs": ["hip", "knee", "ankle"],
  "feet and ankles": ["ankle", "toes"],
};

const trainedBy = (key: string): Trained | null => {
  if (key.startsWith("skill ")) return { skillId: key.slice(6), joints: [] };
  const joints = parts[key.slice(5)];
  return joints ? { skillId: null, joints } : null;
};

const keyOf = (trained: Trained | null): string => {
  if (!trained) return "";
  if (trained.skillId) return `skill ${trained.skillId}`;
  const part = Object.entries(parts).find(([, joints]) => joints.join() === trained.joints.join());
  return part ? `part ${part[0]}` : "";
};

const named = ({ name, trains }: Training): boolean => Boolean(name && trains);

/** What is trained: parts of the body, a skill, or a training of the week that has a name. */
export function NextChoice({
  label,
  none,
  value,
  skills,
  trainings = [],
  disabled = false,
  choose,
}: {
  label: string;
  /** What it is called where nothing is chosen. */
  none: string;
  value: Trained | null;
  skills: readonly Pick<Skill, "id" | "name">[];
  trainings?: readonly Training[];
  disabled?: boolean;
  choose: (trained: Trained | null) => void;
}) {
  const week = trainings.filter(
    (one, n) => named(one) && trainings.findIndex(({ name }) => name === one.name) === n,
  );
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <select
        className="field max-w-44"
        value={keyOf(value)}
        disabled={disabled}
        onChange={({ target }) => {
          const training = week.find(({ name }) => `training ${name}` === target.value);
          choose(training?.trains ?? trainedBy(target.value));
        }}
      >
        <option value="">{none}</option>
        {week.length > 0 ? (
          <optgroup label="Trainings of the week">
            {week.map(({ name }) => (
              <option key={name} value={`training ${name}`}>
                {name}
              </option>
            ))}
          </optgroup>
        ) : null}
        <optgroup label="Parts of the body">
          {Object.keys(parts).map((name) => (
            <option key={name} value={`part ${name}`}>
              {name}
            </option>
          ))}
        </optgroup>
        <optgroup label="Skills">
          {skills.map(({ id, name }) => (
            <option key={id} value={`skill ${id}`}>
              {name}
            </option>
          ))}
        </optgroup>
      </select>
    </label>
  );
}
