import type { Athlete } from "#core/records/athlete";
import type { Place } from "#core/records/records";
import { PlaceSelect } from "./place-select";
import { useFormDraft } from "./use-draft";
import { readNumber } from "./words";
import { useAct } from "./use-act";
import { athleteFieldWords } from "#words/acts";
import { textOf } from "./form-text";
import { useEffect } from "react";

/** The draft of an athlete's form. */
export const draftNameOf = (athlete: Athlete | null): string => `athlete/${athlete?.id ?? "new"}`;

/** Who the athlete is: enough to convert readings, choose kit and mind the growing. */
export function AthleteForm({
  athlete = null,
  places,
  on,
  close,
}: {
  athlete?: Athlete | null;
  places: readonly Place[];
  on: string;
  close: () => void;
}) {
  const { act, done, refused } = useAct<"save-athlete">();
  const errors = refused?.why === "invalid" ? athleteFieldWords(refused.fields) : {};
  const draft = useFormDraft(draftNameOf(athlete));
  const send = (form: FormData) => {
    const text = (name: string) => textOf(form, name);
    act("save-athlete", {
      id: athlete?.id ?? null,
      name: text("name"),
      discipline: text("discipline"),
      bornOn: text("bornOn"),
      statureCm: readNumber(text("statureCm")),
      massKg: text("massKg") === "" ? null : readNumber(text("massKg")) || 0,
      dominantSide: text("dominantSide") === "left" ? "left" : "right",
      placeId: text("placeId") || null,
      years: text("years") === "" ? null : readNumber(text("years")) || 0,
    });
    // A new athlete leads on to the aim; an edited one closes the form when it is done.
    if (!athlete) draft.drop();
  };
  useEffect(() => {
    if (!done) return;
    draft.drop();
    close();
    // Once, when it is done: what it calls is made anew at every look.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  return (
    <form
      ref={draft.ref}
      className="mt-5 grid gap-x-6 gap-y-3 border-y border-ink py-5 sm:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault();
        send(new FormData(event.currentTarget));
      }}
    >
      <Field
        name="name"
        label="Name"
        error={errors.name}
        defaultValue={athlete?.name}
        required
        autoFocus
      />
      <Field
        name="discipline"
        label="What they do"
        error={errors.discipline}
        defaultValue={athlete?.discipline}
        placeholder="dancer, climber …"
      />
      <Field
        name="bornOn"
        label="Born"
        error={errors.bornOn}
        type="date"
        max={on}
        defaultValue={athlete?.bornOn}
        required
      />
      <Field
        name="statureCm"
        label="Height, cm"
        error={errors.statureCm}
        inputMode="decimal"
        defaultValue={athlete?.statureCm}
        required
      />
      <Field
        name="massKg"
        label="Weight, kg (may stay open)"
        error={errors.massKg}
        inputMode="decimal"
        defaultValue={athlete?.massKg ?? ""}
      />
      <Field
        name="years"
        label="Years of it (may stay open)"
        error={errors.years}
        inputMode="decimal"
        defaultValue={athlete?.years ?? ""}
      />
      <label className="grid content-start">
        <span className="label">Dominant side</span>
        <select
          name="dominantSide"
          className="field"
          defaultValue={athlete?.dominantSide ?? "right"}
        >
          <option value="left">left</option>
          <option value="right">right</option>
        </select>
      </label>
      <PlaceSelect
        label="Usual place"
        name="placeId"
        places={places}
        defaultValue={athlete?.placeId ?? ""}
      />
      <p className="flex items-end gap-2 sm:col-span-2">
        <button type="submit" className="press press-main">
          Keep
        </button>
        <button
          type="button"
          className="press"
          onClick={() => {
            draft.drop();
            close();
          }}
        >
          Cancel
        </button>
      </p>
    </form>
  );
}

function Field({
  name,
  label,
  error,
  ...rest
}: {
  name: string;
  label: string;
  error?: string | undefined;
} & React.InputHTMLAttributes<HTMLInputElement>) {
  return (
    <label className="grid content-start">
      <span className="label">{label}</span>
      <input
        name={name}
        className="field"
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${name}-error` : undefined}
        {...rest}
      />
      {error ? (
        <span id={`${name}-error`} className="text-sm text-clay">
          {error}
        </span>
      ) : null}
    </label>
  );
}
