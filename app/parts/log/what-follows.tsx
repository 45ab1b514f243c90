import { drillOf } from "#core/library";
import { rungOf } from "#core/drill/drill";
import { writeDose } from "#core/drill/dose";
import type { Log } from "#core/exchange/records";
import { nextStep, type NextStep } from "#core/progress/next-step";
import type { AthleteView } from "../../view";

const heads: Record<NextStep["change"], string> = {
  more: "a little more",
  "next-rung": "next rung",
  same: "the same",
  "step-back": "a rung down",
  stop: "not for now",
};

/** The next step of every drill in a log: what, how much, and why. */
export function WhatFollows({ view, log }: { view: AthleteView; log: Log }) {
  const steps = log.items.flatMap((item) => {
    const drill = drillOf(view.library, item.drillId);
    const step = drill ? nextStep(drill, view.logs) : null;
    return drill && step ? [{ drill, step }] : [];
  });
  if (steps.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">What follows</h2>
      <p className="text-sm text-muted">The next prep starts from here.</p>
      <ul className="mt-1 border-t border-line">
        {steps.map(({ drill, step }) => (
          <li
            key={drill.id}
            className="grid items-baseline gap-x-4 border-b border-line py-1.5 sm:grid-cols-[13rem_7rem_11rem_1fr]"
          >
            <b className="font-display">{drill.name}</b>
            <span
              className={
                step.change === "stop" || step.change === "step-back"
                  ? "text-clay"
                  : step.change === "same"
                    ? "text-muted"
                    : "font-semibold text-lichen"
              }
            >
              {heads[step.change]}
            </span>
            <span className="text-sm">
              {step.change === "stop" ? "–" : rungOf(drill, step.rungId).name}{" "}
              <span className="figures">{step.change === "stop" ? "" : writeDose(step.dose)}</span>
            </span>
            <span className="text-sm text-muted">{step.why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
