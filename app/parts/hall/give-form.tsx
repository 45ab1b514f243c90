import { useState } from "react";
import { givenTo, type ForGroup } from "#core/aim/for-group";
import { defaultSchools } from "#core/content/schools";
import { skillOf } from "#core/content/library";
import { plusDays } from "#core/dates/days";
import type { Prep } from "#core/records/records";
import { refusalWords } from "#words/acts";
import { giftWords } from "#words/hall";
import { many } from "#words/plain";
import type { HallView } from "../../hall";
import { SkillSelect } from "../aim/skill-choice";
import { PlaceSelect } from "../place-select";
import { SchoolsForm } from "../prep/schools-form";
import { say } from "../say";
import { useAct } from "../use-act";

type Kind = ForGroup["gives"];

const kinds: Record<Kind, string> = {
  aim: "an aim",
  place: "a place",
  schools: "ways of working",
  sequence: "a standing session",
  intake: "the health questions",
};

/** One thing for all of a group: chosen, shown athlete by athlete before it is done, done as one act. */
export function GiveForm({ hall, own }: { hall: HallView; own: readonly Prep[] }) {
  const { people, library, settings, today } = hall;
  const [kind, setKind] = useState<Kind>("aim");
  const [out, setOut] = useState<readonly string[]>([]);
  const { act, refused } = useAct<"give-group">();
  const choice = useChoice(hall, kind, own);
  const rows = people.map(({ athlete, summary }) => ({
    athlete,
    given:
      choice.what &&
      givenTo(
        choice.what,
        {
          athlete,
          aims: summary.aims,
          sequences: settings.shared
            .filter((one) => one.with.length === 0 || one.with.includes(athlete.id))
            .map(({ prep }) => prep.id),
        },
        library,
        today,
      ),
  }));
  const going = rows.filter(
    ({ athlete, given }) =>
      given && (given.then === "given" || given.then === "changed") && !out.includes(athlete.id),
  );
  const give = () => {
    if (!choice.what || going.length === 0) return;
    act("give-group", { who: going.map(({ athlete }) => athlete.id), what: choice.what });
    say(`Set for ${going.length}.`);
  };
  return (
    <section className="mt-6">
      <h2 className="text-xl">For all of them at once</h2>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-3">
        <label className="grid">
          <span className="label">Give</span>
          <select
            className="field"
            value={kind}
            onChange={(event) => setKind(event.target.value as Kind)}
          >
            {Object.entries(kinds).map(([one, text]) => (
              <option key={one} value={one}>
                {text}
              </option>
            ))}
          </select>
        </label>
        {choice.fields}
      </div>
      {choice.below}
      {choice.what ? (
        <ul className="mt-3 grid gap-x-8 border-t border-line sm:grid-cols-2">
          {rows.map(({ athlete, given }) => {
            const goes = given?.then === "given" || given?.then === "changed";
            return (
              <li key={athlete.id} className="border-b border-line">
                <label className="flex min-h-10 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--spruce)]"
                    disabled={!goes}
                    checked={goes && !out.includes(athlete.id)}
                    onChange={(event) =>
                      setOut(
                        event.target.checked
                          ? out.filter((id) => id !== athlete.id)
                          : [...out, athlete.id],
                      )
                    }
                  />
                  {athlete.name}
                  <span className="ml-auto text-sm text-muted">{given && giftWords(given)}</span>
                </label>
              </li>
            );
          })}
        </ul>
      ) : null}
      {refused ? (
        <p role="alert" className="mt-2 text-clay">
          {refusalWords(refused)}
        </p>
      ) : null}
      <button
        type="button"
        className="press press-main mt-3"
        disabled={going.length === 0}
        onClick={give}
      >
        {going.length > 0 ? `Set it for ${many(going.length, "athlete")}` : "Nothing to set"}
      </button>
    </section>
  );
}

/** The fields of what is given, and what they come to; null while something is missing. */
function useChoice(
  { library, places, today }: HallView,
  kind: Kind,
  own: readonly Prep[],
): { what: ForGroup | null; fields: React.ReactNode; below?: React.ReactNode } {
  const [skillId, setSkill] = useState(library.skills[0]!.id);
  const [quality, setQuality] = useState<"clean" | "passable">("clean");
  const [side, setSide] = useState<"left" | "right">("right");
  const [hips, setHips] = useState<"square" | "open">("square");
  const [by, setBy] = useState(plusDays(today, 70));
  const [placeId, setPlace] = useState("");
  const [prepId, setPrep] = useState("");
  const [schools, setSchools] = useState({});
  const skill = skillOf(library, skillId);
  switch (kind) {
    case "aim":
      return {
        what: {
          gives: "aim",
          skillId,
          quality,
          side: skill?.sided ? side : "mid",
          hips: skill?.hipsChoice ? hips : "square",
          by,
        },
        fields: (
          <>
            <SkillSelect skills={library.skills} value={skillId} onChange={setSkill} />
            <Choice
              label="Quality"
              value={quality}
              options={["clean", "passable"]}
              choose={(value) => setQuality(value as "clean")}
            />
            {skill?.sided ? (
              <Choice
                label={skill.sideMeans}
                value={side}
                options={["left", "right"]}
                choose={(value) => setSide(value as "left")}
              />
            ) : null}
            {skill?.hipsChoice ? (
              <Choice
                label="Hips"
                value={hips}
                options={["square", "open"]}
                choose={(value) => setHips(value as "square")}
              />
            ) : null}
            <label className="grid">
              <span className="label">By</span>
              <input
                type="date"
                className="field"
                min={today}
                value={by}
                onChange={(event) => setBy(event.target.value)}
              />
            </label>
          </>
        ),
      };
    case "place":
      return {
        what: { gives: "place", placeId: placeId || null },
        fields: (
          <PlaceSelect
            label="Usual place"
            places={places}
            value={placeId}
            onChange={(event) => setPlace(event.target.value)}
          />
        ),
      };
    case "schools":
      return {
        what: Object.keys(schools).length > 0 ? { gives: "schools", schools } : null,
        fields: null,
        below: (
          <SchoolsForm
            chosen={schools}
            below={defaultSchools}
            save={(chosen) => setSchools(chosen)}
          />
        ),
      };
    case "sequence":
      return {
        what: prepId ? { gives: "sequence", prepId } : null,
        fields:
          own.length === 0 ? (
            <span className="min-h-10 py-2 text-sm text-muted">
              Nobody has kept a session under a name yet: Prep keeps one.
            </span>
          ) : (
            <label className="grid">
              <span className="label">Session</span>
              <select
                className="field"
                value={prepId}
                onChange={(event) => setPrep(event.target.value)}
              >
                <option value="">choose one</option>
                {own.map((prep) => (
                  <option key={prep.id} value={prep.id}>
                    {prep.own}
                  </option>
                ))}
              </select>
            </label>
          ),
      };
    case "intake":
      return {
        what: { gives: "intake" },
        fields: (
          <span className="min-h-10 py-2 text-sm text-muted">
            Asked for anew: it stands as the next move of each until it is answered.
          </span>
        ),
      };
  }
}

function Choice({
  label,
  value,
  options,
  choose,
}: {
  label: string;
  value: string;
  options: readonly string[];
  choose: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label first-letter:uppercase">{label}</span>
      <select className="field" value={value} onChange={(event) => choose(event.target.value)}>
        {options.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </select>
    </label>
  );
}
