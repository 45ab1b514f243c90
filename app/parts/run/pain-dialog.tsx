import { PainScale } from "../pain-scale";
import { useState } from "react";
import type { BodyPlace } from "#core/body/sites";
import type { Drill } from "#core/drill/drill";
import type { GroupMember, PainKind } from "#core/records/records";
import { cliniciansFirst } from "#words/safety";
import { comfortLimit, painLimit } from "#core/safety/pain";
import { isSharp } from "#core/safety/pain-kinds";
import { painKinds } from "#words/pain";
import { BodyChart } from "../figure/body-chart";
import { FloorPanel } from "./floor-panel";

const advice = (level: number, kind: PainKind | null): string => {
  if (kind === "dizzy")
    return "Dizzy: sit or lie down, end the run, and see a licensed clinician if it does not pass.";
  if (level > painLimit)
    return "Above 5/10: what loads that place leaves the plans until a person clears it. See a licensed clinician.";
  if (isSharp(kind))
    return "Stop. What loads that place leaves the plans until a clinician has seen it and a person clears it.";
  if (level > comfortLimit)
    return "More than a stretch should be: stop, and take an easier level next time.";
  return "A stretch feeling up to 4/10 is fine. If it is only that, go back and ease off a little.";
};

export type PainSaid = {
  level: number;
  place: string;
  where: BodyPlace | null;
  sharp: boolean;
  painKind: PainKind | null;
  who: string;
};

/** The stop: how much, where, and of what kind. The drill ends and is noted; nothing is talked down. */
export function PainDialog({
  drill,
  group,
  own,
  close,
  stop,
  leaveRun,
}: {
  drill: Drill;
  group: readonly GroupMember[];
  /** It is one athlete's run; a hall's belongs to nobody, and whose pain it is has to be said. */
  own: boolean;
  close: () => void;
  stop: (said: PainSaid) => void;
  leaveRun: () => void;
}) {
  const [level, setLevel] = useState<number | null>(null);
  const [place, setPlace] = useState("");
  const [where, setWhere] = useState<BodyPlace | null>(null);
  const [painKind, setKind] = useState<PainKind | null>(null);
  const [who, setWho] = useState("");
  return (
    <FloorPanel title={`${drill.name} hurts. How much?`} close={close}>
      {group.length > 0 ? (
        <label className="mt-3 grid">
          <span className="label">Whom</span>
          <select className="field" value={who} onChange={(event) => setWho(event.target.value)}>
            <option value="">{own ? "whose run it is" : "choose"}</option>
            {group.map(({ athleteId, name }) => (
              <option key={athleteId} value={athleteId}>
                {name}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      <PainScale
        label="Pain, 0 to 10"
        value={level}
        set={setLevel}
        large
        className="mt-4 grid grid-cols-6 gap-1.5 sm:grid-cols-11"
      />
      <fieldset className="mt-4">
        <legend className="label">What kind</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {(Object.entries(painKinds) as [PainKind, string][]).map(([key, text]) => (
            <Chip
              key={key}
              on={painKind === key}
              press={() => setKind(painKind === key ? null : key)}
            >
              {text}
            </Chip>
          ))}
        </div>
      </fieldset>
      <div className="mt-4">
        <BodyChart
          label="Where"
          chosen={where ? [where] : []}
          pick={(one) => setWhere(where?.site === one.site && where.side === one.side ? null : one)}
        />
        <label className="mt-2 grid">
          <span className="label">In words</span>
          <input
            className="field min-h-12 text-lg"
            value={place}
            onChange={(event) => setPlace(event.target.value)}
          />
        </label>
      </div>
      {level !== null ? (
        <p role="status" className="mt-3 border-l-4 border-clay pl-3">
          {advice(level, painKind)}
        </p>
      ) : null}
      <p className="mt-5 flex flex-wrap gap-3">
        <button
          type="button"
          className="press press-main min-h-14 px-6 text-lg disabled:opacity-40"
          disabled={level === null || (!own && who === "")}
          onClick={() =>
            stop({
              level: level!,
              place: place.trim(),
              where,
              sharp: isSharp(painKind),
              painKind,
              who,
            })
          }
        >
          {who ? "Note it" : "Stop this drill"}
        </button>
        <button type="button" className="press min-h-14 px-6" onClick={close}>
          Go back, it is fine
        </button>
        <button type="button" className="min-h-14 px-4 underline" onClick={leaveRun}>
          End the whole run
        </button>
      </p>
      <p className="mt-4 text-sm text-muted">{cliniciansFirst}</p>
    </FloorPanel>
  );
}

function Chip({
  on,
  press,
  children,
}: {
  on: boolean;
  press: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={press}
      className={`min-h-11 border-2 px-3 ${on ? "border-ink bg-ink text-paper" : "border-hair"}`}
    >
      {children}
    </button>
  );
}
