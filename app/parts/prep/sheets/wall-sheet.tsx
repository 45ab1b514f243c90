import { rungText } from "#words/rung-text";
import { atRung } from "#core/drill/drill";
import type { Prep } from "#core/records/records";
import { clock } from "#core/drill/dose";
import { prepSeconds } from "#core/prep/timeline";
import type { AthleteView } from "../../../view";
import { PosePicture } from "../../figure/pose-picture";
import { aimSentence } from "../../words";
import { paperDay } from "#words/days";
import { itemSpans } from "../strip";
import { doseDetail } from "#words/dose-detail";
import { SheetFoot } from "./sheet-foot";
import { footOf, healthOf, linesOf } from "./sheet-words";

/** For the wall: large pictures, counts that are read from two metres, one cue each. Black and white. */
export function WallSheet({
  view,
  prep,
  health,
}: {
  view: AthleteView;
  prep: Prep;
  health: boolean;
}) {
  const lines = linesOf(prep, view.library);
  const seconds = new Map(
    itemSpans(prep.items, view.library).map(({ item, seconds: own }) => [item.id, own]),
  );
  return (
    <article className="mx-auto max-w-5xl text-ink">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
        <h1 className="text-3xl">{view.athlete.name}</h1>
        <p className="font-display text-lg">{aimSentence(view)}</p>
        <p className="figures text-2xl font-bold">
          {clock(prepSeconds(prep.items, view.library, prep.handOver))}
          <span className="ml-3 font-sans text-base font-normal">{paperDay(prep.on)}</span>
        </p>
      </header>
      <ol className="mt-2 grid gap-x-6 min-[30rem]:grid-cols-2 md:grid-cols-3">
        {lines.map(({ item, drill, rung, dose, sides }, n) => (
          <li
            key={item.id}
            className="grid grid-rows-[auto_1fr] border-b border-ink/60 py-2 print:break-inside-avoid"
          >
            <PosePicture
              picture={rung.picture}
              serves={atRung(drill, rung).serves}
              label={`${drill.name}, ${rung.name}`}
              className="h-28 w-full"
            />
            <div className="mt-1 grid grid-cols-[1.6rem_1fr_auto] gap-x-1.5">
              <span className="figures text-lg">{n + 1}</span>
              <span className="font-display text-lg font-bold leading-tight">{drill.name}</span>
              <span className="figures text-right text-2xl font-bold leading-none">
                {dose}
                {sides ? <span className="block text-base">{sides}</span> : null}
              </span>
              <span className="col-span-2 col-start-2 leading-snug">
                <span className="block text-sm font-semibold">{rung.name}</span>
                {rungText(rung, item.why).cue}{" "}
                <span className="figures text-sm">
                  {item.outside ? "" : clock(seconds.get(item.id) ?? 0)}
                </span>
                <span className="block text-sm">{doseDetail(item, drill)}</span>
              </span>
            </div>
          </li>
        ))}
        {prep.handOver > 0 ? (
          <li className="flex items-center border-b border-ink/60 py-2 font-display text-lg font-bold">
            Hand over {clock(prep.handOver)}
          </li>
        ) : null}
      </ol>
      <SheetFoot lines={footOf(lines)} health={health ? healthOf(view) : []} />
    </article>
  );
}
