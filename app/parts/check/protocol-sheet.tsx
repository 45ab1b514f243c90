import { Link } from "react-router";
import { memo } from "react";
import { unitOf, type Protocol } from "#core/measure/protocol";
import type { Drill } from "#core/drill/drill";
import { PosePicture } from "../figure/pose-picture";

/** How it is measured, for somebody who never has: picture, landmarks, steps, what to look for. */
export const ProtocolSheet = memo(function ProtocolSheet({
  protocol,
  drills,
}: {
  protocol: Protocol;
  drills: readonly Drill[];
}) {
  const unit = unitOf(protocol);
  return (
    <div className="lg:overflow-y-auto">
      <h2 className="text-xl">{protocol.name}</h2>
      <p className="text-sm text-muted">{protocol.purpose}</p>
      <PosePicture
        picture={protocol.picture}
        label={`${protocol.name}: start and end position`}
        className="mt-3 max-h-56 w-full"
      />
      <p className="flex justify-around text-xs text-muted" aria-hidden="true">
        <span>start</span>
        <span>end</span>
      </p>
      <p className="mt-3">{protocol.position}</p>
      <ol className="mt-2 list-decimal pl-6 marker:text-muted">
        {protocol.steps.map((step) => (
          <li key={step} className="pl-1">
            {step}
          </li>
        ))}
      </ol>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
        <dt className="text-muted">Landmarks</dt>
        <dd>{protocol.landmarks.join("; ")}</dd>
        <dt className="text-muted">Look for</dt>
        <dd>{protocol.compensations.map(({ text }) => text.toLowerCase()).join("; ")}</dd>
        <dt className="text-muted">Error</dt>
        <dd>
          ± {protocol.sem}
          {unit} with {protocol.trials} trials. {protocol.semSource}
        </dd>
        <dt className="text-muted">Usual · trained</dt>
        <dd>
          {protocol.usual.join("–")}
          {unit} · {protocol.athletic.join("–")}
          {unit}
        </dd>
      </dl>
      <p className="mt-3 border-l-4 border-clay pl-3 text-sm">{protocol.cautions.join(" ")}</p>
      {drills.length > 0 ? (
        <p className="mt-3 text-sm">
          <span className="text-muted">Drills for it: </span>
          {drills.map(({ id, name }, i) => (
            <span key={id}>
              {i > 0 ? ", " : ""}
              <Link className="underlined" to={`/library/drill/${id}`}>
                {name.toLowerCase()}
              </Link>
            </span>
          ))}
        </p>
      ) : null}
    </div>
  );
});
