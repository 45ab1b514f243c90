import { decimal } from "#words/locale";
import { motionOf } from "#core/body/motions";
import { sharedMotions } from "#core/aim/shared";
import type { AthleteView } from "../../view";
import { shortDay } from "#words/days";
import { conflictWords } from "#words/aim";

/** Several aims at once: what they share, by combined weight, and where the dates pull apart. */
export function SharedAims({ view }: { view: AthleteView }) {
  if (view.openAims.length < 2) return null;
  const motions = sharedMotions(view.openAims, view.today);
  const shared = motions.filter(({ asks }) => asks.length > 1);
  return (
    <section className="mt-6">
      <h2 className="text-xl">
        {shared.length > 0
          ? `${view.openAims.length} aims share ${shared.length === 1 ? "one motion" : `${shared.length} motions`}`
          : `${view.openAims.length} aims, nothing in common`}
      </h2>
      <ul className="mt-1">
        {motions.slice(0, 8).map(({ motion, weight, asks, conflict }) => (
          <li key={motion} className="flex flex-wrap gap-x-3 border-b border-line py-1.5">
            <b>{motionOf(motion).name}</b>
            <span className="text-muted">
              {asks
                .map(({ name, need, by }) => `${name.toLowerCase()} ${need}° by ${shortDay(by)}`)
                .join(" · ")}
            </span>
            <span className="figures ml-auto">{decimal(weight, 2)}</span>
            {conflict ? (
              <span className="w-full text-sm text-muted">{conflictWords(conflict)}.</span>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
