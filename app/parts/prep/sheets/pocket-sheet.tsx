import { rungText } from "#words/rung-text";
import type { Prep } from "#core/records/records";
import { clock } from "#core/drill/dose";
import { prepSeconds } from "#core/prep/timeline";
import type { AthleteView } from "../../../view";
import { PosePicture } from "../../figure/pose-picture";
import { aimSentence } from "../../words";
import { paperDay } from "#words/days";
import { doseDetail } from "#words/dose-detail";
import { SheetFoot } from "./sheet-foot";
import { footOf, healthOf, linesOf, type SheetLine } from "./sheet-words";

/** For the pocket: one page that is folded twice, its four quarters read one after the other. */
export function PocketSheet({
  view,
  prep,
  health,
}: {
  view: AthleteView;
  prep: Prep;
  health: boolean;
}) {
  const lines = linesOf(prep, view.library);
  const each = Math.max(1, Math.ceil(lines.length / 3));
  const quarters = [lines.slice(0, each), lines.slice(each, 2 * each), lines.slice(2 * each)];
  return (
    <article className="pocket mx-auto grid max-w-4xl grid-cols-1 border border-ink text-ink sm:grid-cols-2 print:h-[255mm] print:grid-cols-2 print:grid-rows-2 print:break-inside-avoid">
      <section className="border-b border-dashed border-ink p-4 sm:border-r">
        <h1 className="text-2xl">{view.athlete.name}</h1>
        <p>{aimSentence(view)}</p>
        <p className="figures mt-2 text-4xl font-bold">
          {clock(prepSeconds(prep.items, view.library, prep.handOver))}
        </p>
        <p className="text-sm">{paperDay(prep.on)}</p>
        <SheetFoot lines={footOf(lines)} health={health ? healthOf(view) : []} />
      </section>
      {quarters.map((quarter, n) => (
        <Quarter
          key={n}
          lines={quarter}
          from={n * each}
          side={n}
          handOver={n === 2 ? prep.handOver : 0}
        />
      ))}
    </article>
  );
}

function Quarter({
  lines,
  from,
  side,
  handOver,
}: {
  lines: readonly SheetLine[];
  from: number;
  side: number;
  handOver: number;
}) {
  const edges = ["border-b border-dashed", "border-dashed sm:border-r max-sm:border-b", ""];
  return (
    <section className={`border-ink p-3 ${edges[side]}`}>
      <ol start={from + 1}>
        {lines.map(({ item, drill, rung, dose, sides }, n) => (
          <li
            key={item.id}
            className="grid grid-cols-[1.2rem_4rem_1fr_auto] items-center gap-x-2 border-b border-ink/30 py-1 text-sm leading-tight"
          >
            <span className="figures">{from + n + 1}</span>
            <PosePicture picture={rung.picture} label="" small className="h-9 w-full" />
            <span>
              <b>{drill.name}</b> {rung.name.toLowerCase()}
              <span className="block text-[0.8rem]">{rungText(rung, item.why).cue}</span>
              <span className="block text-[0.75rem]">{doseDetail(item, drill)}</span>
            </span>
            <span className="figures text-right font-bold">
              {dose} {sides}
            </span>
          </li>
        ))}
      </ol>
      {handOver > 0 ? (
        <p className="mt-1 text-sm font-semibold">Hand over {clock(handOver)}</p>
      ) : null}
    </section>
  );
}
