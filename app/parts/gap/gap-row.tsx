import { decimal } from "#words/locale";
import { Link } from "react-router";
import type { DemandGap } from "#core/aim/margin";
import type { Side } from "#core/body/side";
import { MarginMark, readingsOf } from "../margin-mark/margin-mark";
import { bothNames } from "#words/field-names";
import { wordsFirst } from "../words-first";
import { WhyNote } from "../why";
import { notch } from "../words";
import { shortDay } from "#words/days";
import { whyWords } from "#words/why";
import { blockFigure } from "#words/aim";
import { chanceWords } from "#words/plain";

export const gapColumns = "sm:grid-cols-[minmax(10rem,1fr)_minmax(9rem,15rem)_5rem_6.6rem_4.2rem]";

/** One demand: its margin mark, which can be carried; what the athlete has; the verdict; what degrees are worth. */
export function GapRow({
  gap,
  span,
  athleteId,
  imagined,
  name,
  onMove,
}: {
  gap: DemandGap;
  name: string;
  span: number;
  athleteId: string;
  imagined: boolean;
  /** Null where the figure is bent by another demand of the same motion. */
  onMove: ((side: Side, degrees: number) => void) | null;
}) {
  const { demand, sides, verdict, need } = gap;
  const first = sides.find((side) => side.asked) ?? sides[0]!;
  const { title, beside } = bothNames(demand.motion, name, wordsFirst.use());
  return (
    <li
      className={`grid grid-cols-[1fr_auto] items-center gap-y-1 border-b border-line py-2.5 ${gapColumns} ${imagined ? "bg-raised" : ""}`}
    >
      <div>
        <Link
          to={gap.protocolId ? `/at/${athleteId}/check?focus=${gap.protocolId}` : "#"}
          className="inline-flex min-h-[24px] items-center font-display text-lg font-bold leading-tight hover:underline"
        >
          {title}
        </Link>
        <p className="text-sm text-muted">
          {beside ? `${beside} · ` : ""}
          {need}°, {demand.how}
        </p>
      </div>
      <div className="order-last col-span-2 sm:order-none sm:col-span-1">
        <MarginMark
          readings={readingsOf(gap)}
          span={span}
          width={250}
          {...(onMove ? { drag: { name, need, onMove } } : {})}
        />
      </div>
      <p className="figures text-right text-[0.95rem] leading-snug">
        {sides.map(({ side, have, asked }) => (
          <span key={side} className={`block whitespace-nowrap ${asked ? "" : "text-muted"}`}>
            {side === "mid" ? "" : notch[side]}
            {have ? `${decimal(have.degrees, 0)}°` : "?"}
            <span className="text-xs text-muted"> {have ? `±${decimal(have.se, 0)}` : ""}</span>
          </span>
        ))}
      </p>
      <div className="flex gap-4 sm:block sm:pl-4">
        <p
          className={`font-semibold ${verdict === "short" ? "text-clay" : verdict === "clear" ? "text-lichen" : ""}`}
        >
          {imagined ? "what if" : verdict}
          {verdict === "unsure" && first.probability !== null && !imagined ? (
            <span className="block text-xs font-normal text-muted">
              enough: {chanceWords(first.probability)}
            </span>
          ) : null}
        </p>
        <WhyNote why={whyWords(first.why)} />
      </div>
      <p className="figures text-right">
        {gap.block && !imagined ? (
          <>
            {blockFigure(gap.block)}
            <span className="block text-xs text-muted">for +{decimal(gap.block.gain, 0)}°</span>
          </>
        ) : (
          <span className="text-muted">{verdict === "unknown" ? "?" : "–"}</span>
        )}
      </p>
      <p className="col-span-full text-sm text-muted">
        {verdict === "short" ? demand.missing : ""}
        {verdict === "unknown" ? "Not measured: it counts neither as enough nor as short." : ""}
        {gap.passiveOnly
          ? " Only passive: in loose joints it counts once the range is held actively."
          : ""}
        {first.probability !== null && verdict === "unsure"
          ? " Measure again before changing the plan."
          : ""}
        {first.checkedOn ? (
          <span className="whitespace-nowrap"> Checked {shortDay(first.checkedOn)}.</span>
        ) : null}
      </p>
    </li>
  );
}
