import { decimal } from "#words/locale";
import { motionOf } from "#core/body/motions";
import { unitOf } from "#core/content/protocol";
import { sideDifferences } from "#core/aim/sides";
import type { AthleteView } from "../../view";
import { WhyNote } from "../why";
import { whyWords } from "#words/why";

/** Left against right of every motion the aim asks, as a sentence each. */
export function SideDifferences({ view }: { view: AthleteView }) {
  const rows = sideDifferences(view.gaps, view.checks, view.library, view.day).map((sides) => ({
    ...sides,
    motion: motionOf(sides.motion),
  }));
  if (rows.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-xl">Left against right</h2>
      <ul className="mt-1">
        {rows.map(({ protocol, motion, difference }) => (
          <li key={motion.id} className="flex flex-wrap gap-x-3">
            <span>
              <b>{motion.name}:</b>{" "}
              {difference.real
                ? `${difference.shorter} ${decimal(Math.abs(difference.difference), 1)}${unitOf(protocol)} less${difference.worthActing ? ", worth extra time there" : ", real but small"}.`
                : `within measurement error (${decimal(Math.abs(difference.difference), 1)}${unitOf(protocol)} apart).`}
            </span>
            <WhyNote why={whyWords(difference.why)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
