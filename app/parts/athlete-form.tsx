import type { Athlete } from "#core/records/athlete";
import type { Place } from "#core/records/records";
import { PlaceSelect } from "./place-select";
import { athleteDraft, useFormDraft } from "./use-draft";
import { asSaid, readBirth } from "#core/records/read-person";
import { readHeight, readWeight } from "#core/records/read-body";
import { readNumber } from "./words";
import { useAct } from "./use-act";
import { athleteFieldWords } from "#words/acts";
import { textOf } from "./form-text";
import { useEffect } from "react";

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
  const draft = useFormDraft(athleteDraft(athlete));
  const send = (form: FormData) => {
    const text = (name: string) => textOf(form, name);
    act("save-athlete", {
      id: athlete?.id ?? null,
      name: text("name"),
      discipline: text("discipline"),
      ...bodySaid(text("bornOn"), text("statureCm"), on),
      massKg: text("massKg") === "" ? null : readWeight(text("massKg")) || 0,
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
        name="bornOn"
        label="Born, year or day"
        error={errors.bornOn}
        placeholder="2009"
        autoComplete="off"
        defaultValue={athlete ? bornTyped(athlete) : undefined}
        required
      />
      <details className="group sm:col-span-3" open={athlete !== null || undefined}>
        <summary className="min-h-9 py-1.5 text-sm text-muted">
          Height, weight, sport, stronger side, place: now or when it matters
        </summary>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
          <Field
            name="discipline"
            label="What they do"
            error={errors.discipline}
            defaultValue={athlete?.discipline}
            placeholder="dancer, climber …"
          />
          <Field
            name="statureCm"
            label="Height"
            error={errors.statureCm}
            placeholder={"165 cm, 5'5\""}
            defaultValue={athlete && !athlete.assumed.includes("height") ? athlete.statureCm : ""}
          />
          <Field
            name="massKg"
            label="Weight"
            error={errors.massKg}
            placeholder="59 kg, 130 lb"
            defaultValue={athlete?.massKg ?? ""}
          />
          <Field
            name="years"
            label="Years of it"
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
        </div>
      </details>
      <p className="flex items-end gap-2 sm:col-span-2">
        <button type="submit" className="press press-main">
          Save
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

/** What was typed of a body; what can't be read is sent on, so that it is refused by its field. */
function bodySaid(born: string, height: string, on: string) {
  const birth = readBirth(born, on) ?? { bornOn: "", dayKnown: true };
  const cm = height.trim() === "" ? null : (readHeight(height) ?? 0);
  return birth.bornOn === ""
    ? { bornOn: "", statureCm: cm ?? 170, assumed: [] }
    : asSaid(birth, cm, on);
}

/** A birth as it was said: of a year alone the year. */
const bornTyped = ({ bornOn, assumed }: Athlete): string =>
  assumed.includes("birthday") ? bornOn.slice(0, 4) : bornOn;

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
