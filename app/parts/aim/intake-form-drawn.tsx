import { useState } from "react";
import { Link } from "react-router";
import { JointId } from "#core/body/motions";
import type { Athlete, Intake } from "#core/records/athlete";
import { stopsAll, type IntakeQuestion } from "#core/body/conditions";
import { asksWhere, conditionRules } from "#core/safety/condition-table";
import { cautionsOf } from "#core/safety/intake";
import { intakeQuestions } from "#words/conditions";
import { cliniciansFirst, conditionNames, stopWords } from "#words/safety";
import { BodyChart } from "../figure/body-chart";
import { ClearanceForm } from "./clearance-form";
import { useAct } from "../use-act";
import { useFormDraft } from "../use-draft";
import { shortDay } from "#words/days";
import { textOf } from "../form-text";
import { jointWords } from "#words/slots";

const questions = Object.entries(intakeQuestions) as [IntakeQuestion, string][];

export type IntakeFormProps = { athlete: Athlete; on: string };

/** The short health intake. Any yes stands on the plan until a clinician's clearance is recorded. */
export function IntakeFormDrawn({ athlete, on }: IntakeFormProps) {
  const { act } = useAct();
  const { intake } = athlete;
  const draft = useFormDraft(`intake/${athlete.id}`);
  const [yes, setYes] = useState<readonly IntakeQuestion[]>(intake?.yes ?? []);
  const [where, setWhere] = useState<Intake["where"]>(intake?.where ?? []);
  const clearable = cautionsOf(athlete, on).flatMap(({ id, clearance }) =>
    id === "no-intake" ? [] : [{ id, clearance }],
  );
  const placesAt = (question: IntakeQuestion) => where.find((one) => one.question === question);
  const setAt = (question: IntakeQuestion, change: Partial<Intake["where"][number]>) => {
    const known = placesAt(question) ?? { question, places: [], since: null };
    setWhere([...where.filter((one) => one !== known), { ...known, ...change }]);
  };
  return (
    <section className="mt-8" id="intake" data-next="intake intake-again">
      <h2 className="text-xl outline-none" tabIndex={-1} data-first>
        Health questions
      </h2>
      <p className="text-sm text-muted">
        {intake
          ? `Asked ${shortDay(intake.on)}. Ask again when something changes.`
          : "Not asked yet."}{" "}
        {cliniciansFirst} The answers stay on this device.{" "}
        <Link className="underlined" to={`/at/${athlete.id}/aim/clinician`}>
          A page for a clinician
        </Link>
      </p>
      <form
        ref={draft.ref}
        className="mt-3 grid gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          const beighton = textOf(form, "beighton");
          act("save-intake", {
            yes: [...yes],
            where: where.filter(({ question }) => yes.includes(question)),
            note: String(form.get("note") ?? ""),
            growthSpurt: form.get("growthSpurt") === "on",
            beighton: beighton === "" ? null : Number(beighton),
            flagged: JointId.options.filter((joint) => form.get(`flag-${joint}`) === "on"),
          });
          draft.drop();
        }}
      >
        <div className="flex flex-wrap items-center gap-x-4">
          <p className="label">Tick what is answered yes</p>
          {yes.length === 0 ? (
            <button
              type="button"
              className="press"
              onClick={() => {
                act("nothing-applies", { said: "nothing of this applies" });
                draft.drop();
              }}
            >
              Nothing of this applies
            </button>
          ) : null}
        </div>
        <div className="grid gap-x-6 sm:grid-cols-2">
          {questions.map(([id, text]) => (
            <div key={id}>
              <label className="flex min-h-9 items-center gap-2">
                <input
                  type="checkbox"
                  name={id}
                  checked={yes.includes(id)}
                  onChange={(event) =>
                    setYes(
                      event.target.checked ? [...yes, id] : yes.filter((other) => other !== id),
                    )
                  }
                  className="size-4 shrink-0 accent-[var(--spruce)]"
                />
                {text}
              </label>
              {yes.includes(id) && stopsAll[id] ? (
                <p role="alert" className="border-l-4 border-clay pl-3 font-bold">
                  {stopWords[stopsAll[id]]}
                </p>
              ) : null}
            </div>
          ))}
          <Tick name="growthSpurt" text="In a growth spurt?" on={intake?.growthSpurt ?? false} />
        </div>
        {yes.filter(asksWhere).map((id) => (
          <div key={id} className="mt-2 border-l-4 border-tape pl-3">
            <BodyChart
              label={`Where: ${conditionNames[id]}`}
              chosen={placesAt(id)?.places ?? []}
              pick={(place) => {
                const places = placesAt(id)?.places ?? [];
                const there = places.some(
                  (one) => one.site === place.site && one.side === place.side,
                );
                setAt(id, {
                  places: there
                    ? places.filter((one) => one.site !== place.site || one.side !== place.side)
                    : [...places, place],
                });
              }}
            />
            {conditionRules[id].asks?.includes("since") ? (
              <label className="mt-1 grid max-w-56">
                <span className="label">Since</span>
                <input
                  type="date"
                  className="field"
                  value={placesAt(id)?.since ?? ""}
                  onChange={(event) => setAt(id, { since: event.target.value || null })}
                />
              </label>
            ) : null}
          </div>
        ))}
        <p className="label mt-2">
          Joints with an old injury or a niggle: prepared before the warm-up
        </p>
        <div className="flex flex-wrap gap-x-5">
          {JointId.options.map((joint) => (
            <Tick
              key={joint}
              name={`flag-${joint}`}
              text={jointWords(joint)}
              on={athlete.flagged.includes(joint)}
            />
          ))}
        </div>
        <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-[14rem_1fr]">
          <label className="grid">
            <span className="label">Looseness screen, of nine</span>
            <select name="beighton" className="field" defaultValue={intake?.beighton ?? ""}>
              <option value="">not screened</option>
              {Array.from({ length: 10 }, (_, points) => (
                <option key={points} value={points}>
                  {points}
                </option>
              ))}
            </select>
          </label>
          <label className="grid">
            <span className="label">Injuries, niggles, what to know</span>
            <input name="note" className="field" defaultValue={intake?.note ?? ""} />
          </label>
        </div>
        <p className="mt-2 flex flex-wrap gap-3">
          <button type="submit" className="press">
            Save the answers
          </button>
        </p>
      </form>
      {clearable.map(({ id, clearance }) => (
        <ClearanceForm key={id} athleteId={athlete.id} question={id} again={clearance !== null} />
      ))}
    </section>
  );
}

function Tick({ name, text, on }: { name: string; text: string; on: boolean }) {
  return (
    <label className="flex min-h-9 items-center gap-2">
      <input
        type="checkbox"
        name={name}
        defaultChecked={on}
        className="size-4 shrink-0 accent-[var(--spruce)]"
      />
      {text}
    </label>
  );
}
