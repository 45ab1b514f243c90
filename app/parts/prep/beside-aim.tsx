import { useMemo, useState } from "react";
import { JointId } from "#core/body/motions";
import { Profile } from "#core/body/profiles";
import { chiefFindings } from "#core/aim/body-findings";
import { drillOf } from "#core/content/library";
import { planPrep, type PlanRequest } from "#core/prep/plan";
import { changes } from "#core/prep/retime";
import type { Prep } from "#core/records/records";
import { findingsFor } from "#core/situation/findings";
import { aimNeeds } from "#core/situation/request-of";
import { foundLines } from "#words/found";
import { profileWords } from "#words/prep";
import { jointWords } from "#words/slots";
import type { AthleteView } from "../../view";
import { OwnProfileForm } from "./own-profile-form";
import type { DoAct } from "../use-act";

const shown = 3;
const listed = 8;

/** What the checks and the day-to-day add to the aim: said, chosen, and what the session would be without it. */
export function BesideAim({
  view,
  prep,
  request,
  editable,
  act,
}: {
  view: AthleteView;
  prep: Prep;
  request: PlanRequest;
  editable: boolean;
  act: DoAct;
}) {
  const [open, setOpen] = useState(false);
  const lines = useMemo(
    () => foundLines(chiefFindings(aimNeeds(view, prep), findingsFor(view, prep.on)), view.library),
    [view, prep],
  );
  const { areas, profiles } = view.athlete;
  const toggled = <T,>(list: readonly T[], one: T): T[] =>
    list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
  return (
    <details className="no-print text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className={`min-h-7 py-1 text-muted ${open ? "" : "sm:truncate"}`}>
        Beside the aim:{" "}
        {lines.length > 0
          ? `${lines.slice(0, shown).join("; ")}${lines.length > shown ? `; ${lines.length - shown} more` : ""}`
          : "nothing yet"}
      </summary>
      {open ? (
        <div className="border-l-4 border-tape bg-raised px-4 py-2">
          {lines.length > shown ? (
            <ul className="list-disc pl-5">
              {lines.slice(0, listed).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          ) : null}
          <fieldset disabled={!editable} className="mt-1 flex flex-wrap gap-x-4">
            <legend className="label">How this body lives</legend>
            {Profile.options.map((profile) => (
              <Tick
                key={profile}
                name={profileWords(profile)}
                on={profiles.includes(profile)}
                set={() => act("set-lives", { areas, profiles: toggled(profiles, profile) })}
              />
            ))}
            {view.settings.profiles.map(({ name }) => (
              <Tick
                key={name}
                name={name}
                on={profiles.includes(name)}
                set={() => act("set-lives", { areas, profiles: toggled(profiles, name) })}
              />
            ))}
          </fieldset>
          <OwnProfileForm own={view.settings.profiles} act={act} />
          <fieldset disabled={!editable} className="mt-1 flex flex-wrap gap-x-4">
            <legend className="label">Worked for, whatever the aim</legend>
            {JointId.options.map((joint) => (
              <Tick
                key={joint}
                name={jointWords(joint)}
                on={areas.includes(joint)}
                set={() => act("set-lives", { areas: toggled(areas, joint), profiles })}
              />
            ))}
          </fieldset>
          <WithAndWithout view={view} prep={prep} request={request} />
          {editable ? (
            <button
              type="button"
              className="press mt-2"
              onClick={() => act("plan-prep", { prep, changes: {} })}
            >
              Plan it anew with these
            </button>
          ) : null}
        </div>
      ) : null}
    </details>
  );
}

function Tick({ name, on, set }: { name: string; on: boolean; set: () => void }) {
  return (
    <label className="flex min-h-9 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4 accent-[var(--spruce)]"
        checked={on}
        onChange={set}
      />
      {name}
    </label>
  );
}

/** What comes into a session of these minutes for what was found, and what goes for it. */
function WithAndWithout({
  view,
  prep,
  request,
}: {
  view: AthleteView;
  prep: Prep;
  request: PlanRequest;
}) {
  const { comes, goes } = useMemo(() => {
    const asked = { ...request, kept: [] };
    const without = planPrep({ ...asked, needs: aimNeeds(view, prep) });
    return changes(without.items, planPrep(asked).items, request);
  }, [view, prep, request]);
  const names = (list: readonly { drillId: string }[]) =>
    list.map(({ drillId }) => drillOf(view.library, drillId)?.name ?? drillId).join(", ");
  return (
    <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3">
      <dt className="text-muted">comes in for it</dt>
      <dd>{names(comes) || "nothing"}</dd>
      <dt className="text-muted">goes for it</dt>
      <dd>{names(goes) || "nothing"}</dd>
    </dl>
  );
}
