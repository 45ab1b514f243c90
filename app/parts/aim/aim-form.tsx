import type { Aim } from "#core/records/records";
import { plusDays } from "#core/dates/days";
import type { AthleteView } from "../../view";
import { useAct } from "../use-act";
import { useDraft, useFormDraft } from "../use-draft";
import { SkillCard, SkillSelect } from "./skill-choice";
import { refusalWords } from "#words/acts";
import { textOf } from "../form-text";
import { useEffect } from "react";

/** A new aim, or a change of one: skill, quality, side where it has one, date. */
export function AimForm({
  view,
  aim = null,
  close,
}: {
  view: AthleteView;
  aim?: Aim | null;
  close: () => void;
}) {
  const { act, done, refused } = useAct<"save-aim">();
  const name = `aim/${view.athlete.id}/${aim?.id ?? "new"}`;
  const [skillId, setSkill, dropSkill] = useDraft<string>(
    `${name}/skill`,
    aim?.skillId ?? view.library.skills[0]!.id,
    (kept) => view.library.skills.find(({ id }) => id === kept)?.id ?? null,
  );
  const fields = useFormDraft(name);
  const drop = () => {
    dropSkill();
    fields.drop();
  };
  // Refused, the form stays open with what was typed.
  useEffect(() => {
    if (!done) return;
    drop();
    close();
    // Once, when it is done: what it calls is made anew at every look.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  const skill = view.library.skills.find(({ id }) => id === skillId);
  return (
    <form
      ref={fields.ref}
      data-next={aim ? undefined : "aim"}
      className="mt-4 grid items-end gap-x-6 gap-y-3 border-y border-ink py-4 sm:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        act("save-aim", {
          id: aim?.id ?? null,
          skillId,
          quality: form.get("quality") === "passable" ? "passable" : "clean",
          side: !skill?.sided ? "mid" : form.get("side") === "left" ? "left" : "right",
          hips: skill?.hipsChoice && form.get("hips") === "open" ? "open" : "square",
          by: textOf(form, "by"),
        });
      }}
    >
      <SkillSelect
        skills={view.library.skills}
        value={skillId}
        onChange={setSkill}
        // The first aim is what a new athlete comes here for.
        autoFocus={view.aims.length === 0}
      />
      <label className="grid">
        <span className="label">Quality</span>
        <select name="quality" className="field" defaultValue={aim?.quality ?? "clean"}>
          <option value="clean">clean</option>
          <option value="passable">passable</option>
        </select>
      </label>
      {skill?.sided ? (
        <label className="grid">
          <span className="label first-letter:uppercase">{skill.sideMeans}</span>
          <select
            name="side"
            className="field"
            defaultValue={aim?.side === "left" ? "left" : "right"}
          >
            <option value="left">left</option>
            <option value="right">right</option>
          </select>
        </label>
      ) : null}
      {skill?.hipsChoice ? (
        <label className="grid">
          <span className="label">Hips</span>
          <select name="hips" className="field" defaultValue={aim?.hips ?? "square"}>
            <option value="square">square</option>
            <option value="open">open</option>
          </select>
        </label>
      ) : null}
      <label className="grid">
        <span className="label">By</span>
        <input
          type="date"
          name="by"
          className="field"
          required
          min={aim ? undefined : view.today}
          defaultValue={aim?.by ?? plusDays(view.today, 70)}
        />
      </label>
      <p className="flex flex-wrap gap-2">
        <button type="submit" className="press press-main">
          Save
        </button>
        {view.aims.length > 0 ? (
          <button
            type="button"
            className="press"
            onClick={() => {
              drop();
              close();
            }}
          >
            Cancel
          </button>
        ) : null}
      </p>
      {skill ? <SkillCard skill={skill} library={view.library} /> : null}
      {refused ? (
        <p role="alert" className="text-clay sm:col-span-4">
          {refusalWords(refused)}
        </p>
      ) : null}
    </form>
  );
}
