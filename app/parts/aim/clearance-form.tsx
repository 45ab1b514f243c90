import { useState } from "react";
import type { Clearable } from "#core/body/conditions";
import type { Exposure } from "#core/body/exposures";
import { clearableBy } from "#core/safety/condition-table";
import { conditionNames } from "#words/safety";
import { capital } from "#words/plain";
import { ExposureTicks } from "../exposure-ticks";
import { textOf } from "../form-text";
import { useAct } from "../use-act";
import { useFormDraft } from "../use-draft";
import { Meaning } from "../meaning";

/** A clearance: who, until when, and what may be done again. It lifts that and no more. */
export function ClearanceForm({
  athleteId,
  question,
  again,
}: {
  athleteId: string;
  question: Clearable;
  /** One is there already: this one takes its place. */
  again: boolean;
}) {
  const { act } = useAct();
  const draft = useFormDraft(`clearance/${athleteId}/${question}`);
  const [allows, setAllows] = useState<readonly Exposure[]>([]);
  const offered = clearableBy(question);
  return (
    <details className="mt-3 border-l-4 border-clay pl-4">
      <summary className="min-h-9 cursor-pointer py-1">
        {again ? "Another clearance" : "Cleared?"} {capital(conditionNames[question])}
      </summary>
      <form
        ref={draft.ref}
        className="grid gap-y-2"
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          act("clear-question", {
            question,
            who: textOf(form, "who"),
            ...(textOf(form, "on") ? { on: textOf(form, "on") } : {}),
            until: textOf(form, "until") || null,
            allows: [...allows],
            limits: textOf(form, "limits"),
          });
          draft.drop();
        }}
      >
        <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
          <label className="grid">
            <span className="label">Who cleared it</span>
            <input name="who" className="field" required />
          </label>
          <label className="grid">
            <span className="label">On, if not today</span>
            <input name="on" type="date" className="field" />
          </label>
          <label className="grid">
            <span className="label">Until, if it runs out</span>
            <input name="until" type="date" className="field" />
          </label>
          <label className="grid">
            <span className="label">In the clinician’s words</span>
            <input name="limits" className="field" />
          </label>
        </div>
        <fieldset>
          <legend className="label">
            Allowed again <Meaning of="clearance" />
          </legend>
          <ExposureTicks ticked={allows} offered={offered} set={setAllows} />
        </fieldset>
        <p className="flex flex-wrap gap-3">
          <button type="submit" className="press press-main">
            Record the clearance
          </button>
          <button
            type="button"
            className="press"
            onClick={() => setAllows(allows.length === offered.length ? [] : offered)}
          >
            {allows.length === offered.length ? "Tick none" : "Tick all"}
          </button>
        </p>
      </form>
    </details>
  );
}
