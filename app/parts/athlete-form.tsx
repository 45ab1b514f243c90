import { useFetcher } from "react-router";
import type { Athlete } from "#core/records/athlete";
import type { Place } from "#core/records/records";
import type { FormErrors } from "../storage/athletes";
import { PlaceSelect } from "./place-select";
import { useFormDraft } from "./use-draft";
import { readNumber } from "./words";

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
  const fetcher = useFetcher<{ errors?: FormErrors }>();
  const errors = fetcher.data?.errors ?? {};
  const draft = useFormDraft(draftNameOf(athlete));
  const send = (form: FormData) => {
    const text = (name: string) => String(form.get(name) ?? "").trim();
    void fetcher.submit(
      {
        intent: "athlete",
        id: athlete?.id ?? null,
        name: text("name"),
        discipline: text("discipline"),
        bornOn: text("bornOn"),
        statureCm: readNumber(text("statureCm")),
        massKg: text("massKg") === "" ? null : readNumber(text("massKg")),
        dominantSide: text("dominantSide"),
        placeId: text("placeId") || null,
      },
      { method: "post", encType: "application/json" },
    );
    draft.drop();
    if (athlete) close();
  };
  return (
    <fetcher.Form
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
        error={errors.bornOn && "A date of birth says whether they still grow"}
        type="date"
        max={on}
        defaultValue={athlete?.bornOn}
        required
      />
      <Field
        name="statureCm"
        label="Height, cm"
        error={
          errors.statureCm && "Height between 80 and 230 cm: it scales the figure and the tape"
        }
        inputMode="decimal"
        defaultValue={athlete?.statureCm}
        required
      />
      <Field
        name="massKg"
        label="Weight, kg (may stay open)"
        error={errors.massKg && "15 to 200 kg, or leave it open"}
        inputMode="decimal"
        defaultValue={athlete?.massKg ?? ""}
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
          Leave it
        </button>
      </p>
    </fetcher.Form>
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
