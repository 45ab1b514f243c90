import { JointId } from "#core/body/motions";
import type { Athlete } from "#core/records/athlete";
import type { IntakeQuestion } from "#core/body/conditions";
import { cliniciansFirst, intakeQuestions } from "#words/safety";
import { useAct } from "../use-act";
import { useFormDraft } from "../use-draft";
import { shortDay } from "#words/days";
import { textOf } from "../form-text";
import { jointWords } from "#words/slots";

const questions = Object.entries(intakeQuestions) as [IntakeQuestion, string][];

/** The short health intake. Any yes stands on the plan until a clinician's clearance is recorded. */
export function IntakeForm({ athlete }: { athlete: Athlete }) {
  const { act } = useAct();
  const { intake } = athlete;
  const draft = useFormDraft(`intake/${athlete.id}`);
  return (
    <section className="mt-8" id="intake">
      <h2 className="text-xl">Intake</h2>
      <p className="text-sm text-muted">
        {intake
          ? `Asked ${shortDay(intake.on)}. Ask again when something changes.`
          : "Not asked yet."}{" "}
        {cliniciansFirst} The answers stay on this device.
      </p>
      <form
        ref={draft.ref}
        className="mt-3 grid gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          const beighton = textOf(form, "beighton");
          act("save-intake", {
            yes: questions.map(([id]) => id).filter((id) => form.get(id) === "on"),
            note: String(form.get("note") ?? ""),
            growthSpurt: form.get("growthSpurt") === "on",
            beighton: beighton === "" ? null : Number(beighton),
            flagged: JointId.options.filter((joint) => form.get(`flag-${joint}`) === "on"),
          });
          draft.drop();
        }}
      >
        <p className="label">Tick what is answered yes</p>
        <div className="grid gap-x-6 sm:grid-cols-2">
          {questions.map(([id, text]) => (
            <Tick key={id} name={id} text={text} on={intake?.yes.includes(id) ?? false} />
          ))}
          <Tick name="growthSpurt" text="In a growth spurt?" on={intake?.growthSpurt ?? false} />
        </div>
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
        <p className="mt-2">
          <button type="submit" className="press">
            Keep the intake
          </button>
        </p>
      </form>
      {(intake?.yes ?? [])
        .filter(
          (question) => !intake!.clearances.some((clearance) => clearance.question === question),
        )
        .map((question) => (
          <Clearance key={question} athleteId={athlete.id} question={question} />
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

function Clearance({ athleteId, question }: { athleteId: string; question: IntakeQuestion }) {
  const { act } = useAct();
  const draft = useFormDraft(`clearance/${athleteId}/${question}`);
  return (
    <form
      ref={draft.ref}
      className="mt-3 grid items-end gap-x-6 gap-y-2 border-l-4 border-clay pl-4 sm:grid-cols-[1fr_1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        act("clear-question", {
          question,
          who: textOf(form, "who"),
          limits: textOf(form, "limits"),
        });
        draft.drop();
      }}
    >
      <p className="text-sm sm:col-span-3">Cleared by a clinician? {intakeQuestions[question]}</p>
      <label className="grid">
        <span className="label">Who cleared it</span>
        <input name="who" className="field" required />
      </label>
      <label className="grid">
        <span className="label">With which limits</span>
        <input name="limits" className="field" />
      </label>
      <button type="submit" className="press">
        Record the clearance
      </button>
    </form>
  );
}
