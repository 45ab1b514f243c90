import { Link } from "react-router";
import { Family, type Skill } from "#core/content/skill";
import { protocolOf, skillOf, type Library } from "#core/content/library";
import { PosePicture } from "../figure/pose-picture";

/** Every skill by family, the coach's own first. */
export function SkillSelect({
  skills,
  value,
  onChange,
  autoFocus = false,
}: {
  skills: readonly Skill[];
  value: string;
  onChange: (id: string) => void;
  autoFocus?: boolean;
}) {
  const own = skills.filter(({ id }) => id.startsWith("own-"));
  const option = ({ id, name }: Skill) => (
    <option key={id} value={id}>
      {name}
    </option>
  );
  return (
    <label className="grid min-w-0">
      <span className="label">Skill</span>
      <select
        className="field w-full min-w-0"
        autoFocus={autoFocus}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {own.length > 0 ? <optgroup label="my own">{own.map(option)}</optgroup> : null}
        {Family.options.map((family) => (
          <optgroup key={family} label={family}>
            {skills.filter((one) => one.family === family && !own.includes(one)).map(option)}
          </optgroup>
        ))}
      </select>
    </label>
  );
}

/** What the chosen skill is: its picture, on what it stands, its first checks, and who decides. */
export function SkillCard({ skill, library }: { skill: Skill; library: Library }) {
  const stands = skill.standsOn.flatMap((id) => skillOf(library, id) ?? []);
  const checks = skill.firstChecks.flatMap((id) => protocolOf(library, id) ?? []);
  return (
    <div className="grid gap-x-5 gap-y-2 sm:col-span-4 sm:grid-cols-[11rem_1fr]">
      <PosePicture
        picture={{ view: skill.view, start: skill.pose, props: [] }}
        label={skill.name}
        className="h-36 w-full"
      />
      <div className="text-sm">
        <p className="text-base">{skill.summary}</p>
        {stands.length > 0 ? (
          <p className="text-muted">
            It stands on{" "}
            {stands.map(({ id, name }, i) => (
              <span key={id}>
                {i > 0 ? ", " : ""}
                <Link className="underlined" to={`/library/skill/${id}`}>
                  {name.toLowerCase()}
                </Link>
              </span>
            ))}
            .
          </p>
        ) : null}
        <p className="text-muted">
          First checks: {checks.map(({ name }) => name.toLowerCase()).join(", ")}.
        </p>
        {skill.decides ? (
          <p className="mt-1 border-l-4 border-clay pl-3 font-semibold">{skill.decides}</p>
        ) : null}
      </div>
    </div>
  );
}
