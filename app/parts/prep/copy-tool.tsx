import { useEffect, useState } from "react";
import { drillOf } from "#core/content/library";
import type { Athlete } from "#core/records/athlete";
import type { Prep } from "#core/records/records";
import { blankPrep } from "#core/prep/blank";
import { fillExactly } from "#core/prep/fill";
import { copiedTo, type Copied } from "#core/prep/variants";
import { newId } from "../../clock";
import { requestOf } from "#core/situation/request-of";
import { athleteView, type AthleteView } from "../../view";
import { againstWords, becauseLine, liftOf } from "#words/prep";
import { rungOf } from "#core/drill/drill";
import type { DoAct } from "../use-act";

/** Hands a prep to another athlete, and shows what differs there before it is kept. */
export function CopyTool({
  prep,
  others,
  act,
  close,
}: {
  prep: Prep;
  others: readonly Athlete[];
  act: DoAct;
  close: () => void;
}) {
  const [to, setTo] = useState("");
  const [found, setFound] = useState<{ view: AthleteView; prep: Prep; copied: Copied } | null>(
    null,
  );
  useEffect(() => {
    let late = false;
    if (to)
      void athleteView(to, new Request(location.origin)).then((view) => {
        if (!late) setFound({ view, ...copyFor(prep, view) });
      });
    return () => {
      late = true;
    };
  }, [to, prep]);
  if (others.length === 0)
    return <p className="mt-2 text-sm text-muted">There is nobody else in this notebook.</p>;
  const name = (id: string) => (found ? (drillOf(found.view.library, id)?.name ?? id) : id);
  const rungName = (id: string, rungId: string) => {
    const drill = found && drillOf(found.view.library, id);
    return drill ? rungOf(drill, rungId).name.toLowerCase() : rungId;
  };
  return (
    <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-3">
      <label className="grid w-fit">
        <span className="label">To</span>
        <select
          className="field"
          value={to}
          onChange={(event) => {
            setFound(null);
            setTo(event.target.value);
          }}
        >
          <option value="">choose an athlete</option>
          {others.map((athlete) => (
            <option key={athlete.id} value={athlete.id}>
              {athlete.name}
            </option>
          ))}
        </select>
      </label>
      {found ? (
        <>
          <dl className="mt-2 grid grid-cols-[4.5rem_1fr] gap-x-3 text-sm">
            <dt className="font-semibold">stays</dt>
            <dd>
              {found.copied.items
                .filter(
                  ({ drillId }) => !found.copied.changed.some((one) => one.drillId === drillId),
                )
                .map(({ drillId }) => name(drillId))
                .join(", ") || "nothing as it is"}
            </dd>
            {found.copied.changed.map(({ drillId, rungId, why }) => (
              <Difference
                key={drillId}
                what="changes"
                text={`${name(drillId)}: ${becauseLine(why) || `${rungName(drillId, rungId)}: the level reached so far`}`}
              />
            ))}
            {found.copied.gone.map(({ drillId, reason }) => (
              <Difference
                key={drillId}
                what="goes"
                text={`${name(drillId)}: ${againstWords(reason)}. ${liftOf(reason)}`}
              />
            ))}
          </dl>
          <p className="mt-2 flex gap-3">
            <button
              type="button"
              className="press press-main"
              onClick={() => {
                act("keep-preps", { preps: [found.prep] });
                close();
              }}
            >
              Keep it for {found.view.athlete.name}
            </button>
            <button type="button" className="press" onClick={close}>
              Cancel
            </button>
          </p>
        </>
      ) : null}
    </div>
  );
}

function Difference({ what, text }: { what: string; text: string }) {
  return (
    <>
      <dt className={`font-semibold ${what === "goes" ? "text-clay" : ""}`}>{what}</dt>
      <dd>{text}</dd>
    </>
  );
}

function copyFor(prep: Prep, view: AthleteView): { prep: Prep; copied: Copied } {
  const theirs = blankPrep({
    ...prep,
    id: newId("prep"),
    athleteId: view.athlete.id,
    placeId: view.place?.id ?? prep.placeId,
    items: [],
    dropped: [],
    flagged: view.athlete.flagged,
    touched: true,
  });
  const request = requestOf(view, theirs);
  const copied = copiedTo(prep.items, request);
  return { copied, prep: { ...theirs, items: fillExactly(copied.items, request) } };
}
