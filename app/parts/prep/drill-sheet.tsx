import { rungText } from "#words/rung-text";
import { X } from "lucide-react";
import { Link } from "react-router";
import { drillOf, type Library } from "#core/content/library";
import { atRung, rungOf } from "#core/drill/drill";
import type { Schools } from "#core/content/schools";
import type { PrepItem } from "#core/records/records";
import { effortOf } from "../figure/effort";
import { Meaning } from "../meaning";
import { MovingPicture } from "../figure/moving-picture";

/** One drill as it is done: picture, cue, steps, what to look at and what to do then. */
export function DrillSheet({
  item,
  library,
  discomfort,
  close,
}: {
  item: PrepItem;
  library: Library;
  discomfort: Schools["discomfort"];
  close: () => void;
}) {
  const drill = drillOf(library, item.drillId);
  if (!drill) return <p className="text-muted">This drill is no longer in the library.</p>;
  const rung = rungOf(drill, item.rungId);
  const said = rungText(rung, item.why);
  return (
    <div className="lg:overflow-y-auto">
      <div className="flex items-start justify-between gap-3">
        <h2 className="text-xl">{drill.name}</h2>
        <button type="button" className="quiet" onClick={close} aria-label="Back to the figure">
          <X size={17} />
        </button>
      </div>
      <p className="text-sm text-muted">
        level {drill.rungs.indexOf(rung) + 1} of {drill.rungs.length}: {rung.name.toLowerCase()}{" "}
        <Meaning of="level" />
      </p>
      <MovingPicture
        picture={rung.picture}
        serves={atRung(drill, rung).serves}
        effort={effortOf(drill.kind)}
        label={`${drill.name}, ${rung.name}: start and end`}
        className="mt-3 max-h-60 w-full"
      />
      <p className="mt-3 font-display text-lg font-bold">{said.cue}</p>
      {said.setting ? <p className="text-sm text-muted">{said.setting}</p> : null}
      <ol className="mt-1 list-decimal pl-6 marker:text-muted">
        {said.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <h3 className="mt-4 font-sans text-sm font-semibold text-muted">What to look at, and then</h3>
      <ul>
        {rung.gates.map((gate) => (
          <li key={gate.see}>
            {gate.see}: <span className="text-muted">{gate.then}</span>
          </li>
        ))}
      </ul>
      <h3 className="mt-4 font-sans text-sm font-semibold text-muted">The ladder</h3>
      <ol className="list-decimal pl-6 marker:text-muted">
        {drill.rungs.map((step) => (
          <li key={step.id} className={step.id === rung.id ? "font-bold" : ""}>
            {step.name}
            {step.kit.length > 0 ? (
              <span className="font-normal text-muted"> · {step.kit.join(", ")}</span>
            ) : null}
          </li>
        ))}
      </ol>
      {drill.kind === "soft-tissue" ? (
        <p className="mt-2 text-sm">
          {discomfort === "through"
            ? "Stay on the sore spot and breathe through it; never sharp."
            : "Mild discomfort only, at most 4/10, breathing easy; never sharp."}
        </p>
      ) : null}
      {rung.load ? <p className="mt-2 text-sm">{rung.load}</p> : null}
      <p className="mt-2 text-sm">
        <Link className="underlined" to={`/library/drill/${drill.id}`}>
          All of this drill
        </Link>
      </p>
      {drill.cautions.length > 0 ? (
        <p className="mt-3 border-l-4 border-clay pl-3 text-sm">{drill.cautions.join(" ")}</p>
      ) : null}
    </div>
  );
}
