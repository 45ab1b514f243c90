import { Link } from "react-router";
import { memo } from "react";
import { instrumentNames } from "#words/names";
import { unitOf, type Protocol } from "#core/content/protocol";
import type { Drill } from "#core/drill/drill";
import { PictureBeside } from "../figure/picture-beside";
import { BothNames } from "../both-names";

/** How it is measured, for somebody who never has: picture, landmarks, steps, errors, what to look for, who must not. */
export const ProtocolSheet = memo(function ProtocolSheet({
  protocol,
  drills,
  named = true,
}: {
  protocol: Protocol;
  drills: readonly Drill[];
  /** Its name and what it is for stand above it; false where the page says them. */
  named?: boolean;
}) {
  const unit = unitOf(protocol);
  const Under = named ? "h3" : "h2";
  return (
    <div className="lg:overflow-y-auto">
      {named ? (
        <>
          <h2 className="text-xl">
            <BothNames motion={protocol.motion} plain={protocol.name} />
          </h2>
          <p className="text-sm text-muted">{protocol.purpose}</p>
        </>
      ) : null}
      <PictureBeside
        picture={protocol.picture}
        label={`${protocol.name}: start and end position, and where the instrument lies`}
        className="mt-3 max-h-56 w-full"
      />
      <p className="flex justify-around text-xs text-muted" aria-hidden="true">
        <span>start</span>
        <span>end, with the instrument</span>
      </p>
      <p className="mt-3">{protocol.position}</p>
      <ol className="mt-2 list-decimal pl-6 marker:text-muted">
        {protocol.steps.map((step) => (
          <li key={step} className="pl-1">
            {step}
          </li>
        ))}
      </ol>
      {protocol.points.length > 0 ? (
        <>
          <Under className="label mt-3">One point each</Under>
          <ul className="list-disc pl-6 text-sm marker:text-muted">
            {protocol.points.map((point) => (
              <li key={point}>{point}</li>
            ))}
          </ul>
        </>
      ) : null}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
        <dt className="text-muted">Landmarks</dt>
        <dd>{protocol.landmarks.join("; ")}</dd>
        {protocol.level ? (
          <>
            <dt className="text-muted">Level</dt>
            <dd>
              zero on {protocol.level.zero}
              {protocol.level.less ? `; the turn at ${protocol.level.less} is taken off` : ""}
            </dd>
          </>
        ) : null}
        <dt className="text-muted">Look for</dt>
        <dd>{protocol.compensations.map(({ text }) => text.toLowerCase()).join("; ")}</dd>
        <dt className="text-muted">Error</dt>
        <dd>
          <ul>
            {protocol.instruments.map(({ id, sem, source }) => (
              <li key={id}>
                {`${instrumentNames[id]} ± ${sem}${unit} `}
                <span className="text-muted">{source}</span>
              </li>
            ))}
          </ul>
          mean of {protocol.trials} trial{protocol.trials > 1 ? "s" : ""}, one tester
        </dd>
        <dt className="text-muted">Usual · trained</dt>
        <dd>
          {protocol.usual.join(" to ")}
          {unit} · {protocol.athletic.join(" to ")}
          {unit}
        </dd>
      </dl>
      <p className="mt-3 border-l-4 border-clay pl-3 text-sm">{protocol.cautions.join(" ")}</p>
      <p className="mt-2 border-l-4 border-clay pl-3 text-sm">
        <b>Not for:</b> {protocol.contraindications.join(" ")}
      </p>
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
