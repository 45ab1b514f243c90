import { bandStrengths, type BandStrength } from "#core/drill/band";
import { bandWords } from "#words/bands";
import { readNumber } from "../words";
import { X } from "lucide-react";
import { useState } from "react";
import { writeDose, type Dose } from "#core/drill/dose";
import { Space, type Rung } from "#core/drill/drill";
import { KitItem } from "#core/drill/kit";
import type { Library } from "#core/content/library";
import { PosePicture } from "../figure/pose-picture";
import { rangeFor, readDose } from "./own-drill";
import { readAsk } from "#core/drill/gate";

/** One rung: words, steps, doses, kit, what to look at, and whose picture it has. */
export function RungEditor({
  rung,
  number,
  held,
  library,
  set,
  remove,
  mark,
}: {
  rung: Rung;
  number: number;
  held: boolean;
  library: Library;
  set: (rung: Rung) => void;
  remove: (() => void) | null;
  mark: (field: string, readable: boolean) => void;
}) {
  const change = (changes: Partial<Rung>) => set({ ...rung, ...changes });
  return (
    <li className="mt-3 grid gap-x-6 gap-y-2 border-t border-line pt-3 md:grid-cols-[14rem_1fr]">
      <div>
        <PosePicture
          picture={rung.picture}
          label={`Picture of level ${number}`}
          className="h-28 w-full"
        />
        <PictureChoice library={library} choose={(picture) => change({ picture })} />
      </div>
      <div className="grid gap-x-5 gap-y-2 sm:grid-cols-2">
        <div className="flex items-end gap-2 sm:col-span-2">
          <label className="grid grow">
            <span className="label">Level {number}</span>
            <input
              className="field font-semibold"
              required
              value={rung.name}
              onChange={(event) => change({ name: event.target.value })}
            />
          </label>
          {remove ? (
            <button
              type="button"
              className="quiet"
              onClick={remove}
              aria-label={`Remove level ${number}`}
            >
              <X size={16} />
            </button>
          ) : null}
        </div>
        <label className="grid sm:col-span-2">
          <span className="label">The one cue</span>
          <input
            className="field"
            required
            value={rung.cue}
            onChange={(event) => change({ cue: event.target.value })}
          />
        </label>
        <label className="grid sm:col-span-2">
          <span className="label">How it is laid out</span>
          <input
            className="field"
            value={rung.setting}
            onChange={(event) => change({ setting: event.target.value })}
          />
        </label>
        <label className="grid sm:col-span-2">
          <span className="label">Steps, one a line, two at least</span>
          <textarea
            className="field"
            rows={3}
            value={rung.steps.join("\n")}
            onChange={(event) => change({ steps: event.target.value.split("\n") })}
          />
        </label>
        <DoseField
          name={`Before training, level ${number}`}
          dose={rung.warmUp}
          held={held}
          set={(warmUp) => change({ warmUp, range: rangeFor(rung.session ?? warmUp) })}
          mark={mark}
        />
        <DoseField
          name={`In a session, level ${number}`}
          dose={rung.session}
          held={held}
          set={(session) => change({ session, range: rangeFor(session ?? rung.warmUp) })}
          mark={mark}
        />
        <label className="grid sm:col-span-2">
          <span className="label">What to look at, and then (look: then, one a line)</span>
          <textarea
            className="field"
            rows={2}
            value={rung.gates.map(({ see, then }) => (then ? `${see}: ${then}` : see)).join("\n")}
            onChange={(event) =>
              change({
                gates: event.target.value.split("\n").map((line) => {
                  const [see = "", ...then] = line.split(":");
                  const typed = then.join(":").trimStart();
                  return { see, then: typed, ask: readAsk(typed) };
                }),
              })
            }
          />
        </label>
        <label className="grid">
          <span className="label">Room</span>
          <select
            className="field"
            value={rung.space}
            onChange={(event) => change({ space: event.target.value as Space })}
          >
            {Space.options.map((space) => (
              <option key={space}>{space}</option>
            ))}
          </select>
        </label>
        <label className="flex min-h-10 items-end gap-1.5 pb-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={rung.loud}
            onChange={(event) => change({ loud: event.target.checked })}
          />
          heard through a floor
        </label>
        <fieldset className="flex flex-wrap gap-x-3 sm:col-span-2">
          <legend className="label">Kit</legend>
          {KitItem.options.map((item) => (
            <label key={item} className="flex min-h-8 items-center gap-1 text-sm">
              <input
                type="checkbox"
                className="size-4 accent-[var(--spruce)]"
                checked={rung.kit.includes(item)}
                onChange={(event) =>
                  change({
                    kit: event.target.checked
                      ? [...rung.kit, item]
                      : rung.kit.filter((other) => other !== item),
                  })
                }
              />
              {item}
            </label>
          ))}
        </fieldset>
        {rung.kit.includes("band") || rung.kit.includes("loop-band") ? (
          <p className="flex flex-wrap items-end gap-x-4 gap-y-1 sm:col-span-2">
            <label className="grid">
              <span className="label">Band</span>
              <select
                className="field"
                value={rung.band?.strength ?? ""}
                onChange={(event) =>
                  change({
                    band: event.target.value
                      ? {
                          strength: event.target.value as BandStrength,
                          helps: rung.band?.helps ?? false,
                        }
                      : null,
                  })
                }
              >
                <option value="">any</option>
                {bandStrengths.map((strength) => (
                  <option key={strength} value={strength}>
                    {bandWords(strength)}
                  </option>
                ))}
              </select>
            </label>
            {rung.band ? (
              <label className="flex min-h-10 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="size-4 accent-[var(--spruce)]"
                  checked={rung.band.helps}
                  onChange={(event) =>
                    change({ band: { ...rung.band!, helps: event.target.checked } })
                  }
                />
                it helps: a thicker one is easier
              </label>
            ) : null}
          </p>
        ) : null}
        {rung.kit.includes("weight") ? (
          <Kilograms key={rung.id} kg={rung.kg} set={(kg) => change({ kg })} />
        ) : null}
      </div>
    </li>
  );
}

/** Kilograms to begin with and to grow to; both, or none. */
function Kilograms({ kg, set }: { kg: Rung["kg"]; set: (kg: Rung["kg"]) => void }) {
  const [typed, setTyped] = useState({ from: String(kg?.from ?? ""), to: String(kg?.to ?? "") });
  const type = (changes: Partial<typeof typed>) => {
    const now = { ...typed, ...changes };
    setTyped(now);
    const [from, to] = [readNumber(now.from), readNumber(now.to)];
    set(from > 0 && to >= from ? { from, to } : null);
  };
  return (
    <p className="flex flex-wrap items-end gap-x-4 sm:col-span-2">
      {(["from", "to"] as const).map((end) => (
        <label key={end} className="grid">
          <span className="label">Kilograms, {end}</span>
          <input
            className="field figures w-24"
            inputMode="decimal"
            value={typed[end]}
            onChange={(event) => type({ [end]: event.target.value })}
          />
        </label>
      ))}
    </p>
  );
}

function DoseField({
  name,
  dose,
  held,
  set,
  mark,
}: {
  name: string;
  dose: Dose | null;
  held: boolean;
  set: (dose: Dose | null) => void;
  mark: (field: string, readable: boolean) => void;
}) {
  const [text, setText] = useState(dose ? writeDose(dose) : "");
  return (
    <label className="grid">
      <span className="label">{name}</span>
      <input
        className="field figures"
        placeholder="2 × 10, 30 s, 3 × (10 + 30); empty: not used"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          const read = readDose(event.target.value, held);
          mark(name, read !== undefined);
          if (read !== undefined)
            set(
              read && dose?.type === "reps" && read.type === "reps"
                ? { ...read, tempo: dose.tempo }
                : read,
            );
        }}
      />
    </label>
  );
}

/** The picture of any rung of the library, until there is an own one. */
function PictureChoice({
  library,
  choose,
}: {
  library: Library;
  choose: (picture: Rung["picture"]) => void;
}) {
  return (
    <select
      className="field mt-1 w-full text-sm"
      aria-label="Its picture"
      value=""
      onChange={(event) => {
        const [drillId, rungId] = event.target.value.split("/");
        const rung = library.drills
          .find(({ id }) => id === drillId)
          ?.rungs.find(({ id }) => id === rungId);
        if (rung) choose(rung.picture);
      }}
    >
      <option value="">picture as of…</option>
      {library.drills.map((drill) => (
        <optgroup key={drill.id} label={drill.name}>
          {drill.rungs.map((rung) => (
            <option key={rung.id} value={`${drill.id}/${rung.id}`}>
              {rung.name}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  );
}
