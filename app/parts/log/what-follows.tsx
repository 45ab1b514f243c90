import { Check, Pin, PinOff, SlidersHorizontal, Undo2 } from "lucide-react";
import { useMemo, useState } from "react";
import { drillOf } from "#core/content/library";
import { rungOf, type Drill } from "#core/drill/drill";
import { writeDose, type Dose } from "#core/drill/dose";
import type { NextChosen } from "#core/records/athlete";
import type { NextStep } from "#core/progress/next-step";
import { stepsOn } from "#core/situation/next-steps";
import type { AthleteView } from "../../view";
import { DoseEditor } from "../prep/dose-editor";
import { useAct } from "../use-act";
import { nextHeads, nextTone } from "./next-words";
import { stepLine } from "#words/progress";

/** The next step of every drill of a view, as of today. */
export const useNextSteps = (view: AthleteView): Map<string, NextStep> =>
  useMemo(() => stepsOn(view, view.today), [view]);

/** Next time: what, how much, and why, for each drill; the coach takes it, changes it, or pins it. */
export function WhatFollows({
  view,
  drillIds,
}: {
  view: AthleteView;
  drillIds: readonly string[];
}) {
  const steps = useNextSteps(view);
  const rows = [...new Set(drillIds)].flatMap((id) => {
    const drill = drillOf(view.library, id);
    const step = steps.get(id);
    return drill && step ? [{ drill, step }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Next time</h2>
      <p className="text-sm text-muted">
        By the rules; the next prep starts from here unless you say otherwise.
      </p>
      <ul className="mt-1 border-t border-line">
        {rows.map(({ drill, step }) => (
          <NextRow key={drill.id} drill={drill} step={step} action={`/at/${view.athlete.id}/log`} />
        ))}
      </ul>
    </section>
  );
}

/** One drill's next time, with what can be said of it. */
export function NextRow({ drill, step, action }: { drill: Drill; step: NextStep; action: string }) {
  const { act } = useAct(action);
  const [draft, setDraft] = useState<{ rungId: string; dose: Dose } | null>(null);
  const choose = (how: NextChosen["how"], { rungId, dose }: { rungId: string; dose: Dose }) => {
    act("choose-next", { chosen: { drillId: drill.id, rungId, dose, how, why: "" } });
    setDraft(null);
  };
  const stops = step.change === "stop";
  const present = { rungId: step.rungId, dose: step.dose };
  return (
    <li className="@container border-b border-line py-1.5">
      <div className="grid grid-cols-[1fr_auto] items-center gap-x-4 @xl:grid-cols-[12rem_6.5rem_1fr_auto]">
        <b className="font-display leading-tight">{drill.name}</b>
        <span
          className={
            step.chosen && step.chosen !== "accepted" ? "font-semibold" : nextTone(step.change)
          }
        >
          {step.chosen === "pinned"
            ? "pinned"
            : step.chosen === "changed"
              ? "as you said"
              : nextHeads[step.change]}
        </span>
        <span className="text-sm @max-xl:order-4">
          {stops ? "–" : rungOf(drill, step.rungId).name}{" "}
          <span className="figures">{stops ? "" : writeDose(step.dose)}</span>
          <span className="block text-muted">
            {step.chosen === "accepted" ? "taken: " : ""}
            {stepLine(step, drill)}
            {step.proposed && step.chosen !== "accepted"
              ? `; the rules say ${nextHeads[step.proposed.change]}, ${rungOf(drill, step.proposed.rungId).name.toLowerCase()} ${writeDose(step.proposed.dose)}`
              : ""}
          </span>
        </span>
        {stops ? (
          <span />
        ) : (
          <span className="flex justify-end @max-xl:order-5">
            {step.chosen ? (
              <button
                type="button"
                className="quiet"
                title="Let the rules propose again"
                aria-label={`Let the rules propose ${drill.name} again`}
                onClick={() => act("let-go-next", { drillId: drill.id })}
              >
                {step.chosen === "pinned" ? <PinOff size={16} /> : <Undo2 size={16} />}
              </button>
            ) : (
              <button
                type="button"
                className="quiet"
                title="Take it"
                aria-label={`Take the next step of ${drill.name}`}
                onClick={() => choose("accepted", present)}
              >
                <Check size={16} />
              </button>
            )}
            <button
              type="button"
              className="quiet"
              title="Change it"
              aria-expanded={draft !== null}
              aria-label={`Change the next step of ${drill.name}`}
              onClick={() => setDraft(draft ? null : present)}
            >
              <SlidersHorizontal size={16} />
            </button>
            {step.chosen !== "pinned" ? (
              <button
                type="button"
                className="quiet"
                title="Pin it until you let it go"
                aria-label={`Pin ${drill.name} as it is`}
                onClick={() => choose("pinned", present)}
              >
                <Pin size={16} />
              </button>
            ) : null}
          </span>
        )}
      </div>
      {draft ? (
        <div className="mt-1 flex flex-wrap items-center gap-4 bg-raised px-3 py-2">
          <DoseEditor
            item={draft}
            drill={drill}
            edit={(change) =>
              setDraft({
                rungId: change.rungId ?? draft.rungId,
                dose: change.dose ?? usualOf(drill, change.rungId) ?? draft.dose,
              })
            }
          />
          <button
            type="button"
            className="press press-main"
            onClick={() => choose("changed", draft)}
          >
            Next time
          </button>
          <button type="button" className="press" onClick={() => choose("pinned", draft)}>
            Pin it
          </button>
        </div>
      ) : null}
    </li>
  );
}

function usualOf(drill: Drill, rungId: string | undefined): Dose | null {
  if (!rungId) return null;
  const rung = rungOf(drill, rungId);
  return rung.session ?? rung.warmUp;
}
