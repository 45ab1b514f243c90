import { memo } from "react";
import { Link } from "react-router";
import { headlineOf } from "#core/aim/headline";
import { wantsCheck, type DemandGap } from "#core/aim/gap";
import { motionOf } from "#core/body/motions";
import type { AthleteView } from "../../view";
import { MarginMark, readingsOf } from "../margin-mark/margin-mark";
import { WhyNote } from "../why";
import { notch, shortDay } from "../words";
import { SideDifferences } from "./side-differences";

/** The verdict, and each demand with its margin mark, what the athlete has, and why. */
export const GapDesk = memo(function GapDesk({ view }: { view: AthleteView }) {
  const { skill, gaps, athlete } = view;
  if (!skill || !view.aim)
    return (
      <>
        <h1 className="text-3xl">Nothing to compare with yet.</h1>
        <p className="mt-2">
          An aim says which degrees are needed.{" "}
          <Link className="underlined" to={`/at/${athlete.id}/aim`}>
            Choose a skill and a date
          </Link>
          .
        </p>
      </>
    );
  const { title, rest } = headlineOf(gaps, skill);
  const span = Math.max(20, ...gaps.map((gap) => (gap.shortage ?? 0) + 8));
  return (
    <>
      <h1 className="text-[1.9rem]">{title}</h1>
      <p className="mt-2 text-muted">{rest}</p>
      <div className="mt-5 grid grid-cols-[1fr_auto] items-end border-b border-ink pb-1 sm:grid-cols-[minmax(11rem,1fr)_minmax(10rem,18rem)_5.5rem_5.4rem]">
        <span className="label">What {skill.phrase} asks</span>
        <span className="label hidden sm:block">Margin: short ◂ | ▸ spare</span>
        <span className="label text-right">Has</span>
        <span className="label hidden pl-4 sm:block">Verdict</span>
      </div>
      <ul>
        {gaps.map((gap) => (
          <GapRow
            key={`${gap.demand.motion}-${gap.demand.role}`}
            gap={gap}
            span={span}
            athleteId={athlete.id}
          />
        ))}
      </ul>
      <Settle view={view} />
      <SideDifferences view={view} />
    </>
  );
});

function GapRow({ gap, span, athleteId }: { gap: DemandGap; span: number; athleteId: string }) {
  const { demand, sides, verdict, need } = gap;
  const first = sides.find((side) => side.asked) ?? sides[0]!;
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-y-1 border-b border-line py-2.5 sm:grid-cols-[minmax(11rem,1fr)_minmax(10rem,18rem)_5.5rem_5.4rem]">
      <div>
        <Link
          to={gap.protocolId ? `/at/${athleteId}/check?focus=${gap.protocolId}` : "#"}
          className="font-display text-lg font-bold leading-tight hover:underline"
        >
          {motionOf(demand.motion).name}
        </Link>
        <p className="text-sm text-muted">
          {need}°, {demand.how}
        </p>
      </div>
      <div className="order-last col-span-2 sm:order-none sm:col-span-1">
        <MarginMark readings={readingsOf(gap)} span={span} />
      </div>
      <p className="figures text-right text-[0.95rem] leading-snug">
        {sides.map(({ side, have, asked }) => (
          <span key={side} className={`block whitespace-nowrap ${asked ? "" : "text-muted"}`}>
            {side === "mid" ? "" : notch[side]}
            {have ? `${have.degrees.toFixed(0)}°` : "?"}
            <span className="text-xs text-muted"> {have ? `±${have.se.toFixed(0)}` : ""}</span>
          </span>
        ))}
      </p>
      <div className="col-span-2 flex gap-4 sm:col-span-1 sm:block sm:pl-4">
        <p
          className={`font-semibold ${verdict === "short" ? "text-clay" : verdict === "clear" ? "text-lichen" : ""}`}
        >
          {verdict}
        </p>
        <WhyNote why={first.why} />
      </div>
      <p className="col-span-full text-sm text-muted">
        {verdict === "short" ? demand.missing : ""}
        {verdict === "unknown" ? "Not measured: it counts neither as enough nor as short." : ""}
        {gap.passiveOnly
          ? " Only passive: in loose joints it counts once the range is held actively."
          : ""}
        {first.probability !== null && verdict === "unsure"
          ? `It is there with a probability of ${(first.probability * 100).toFixed(0)} %. Measure again before changing the plan.`
          : ""}
        {first.checkedOn ? (
          <span className="ml-1 whitespace-nowrap">Checked {shortDay(first.checkedOn)}.</span>
        ) : null}
      </p>
    </li>
  );
}

/** What would settle the open verdicts: the checks to take next. */
function Settle({ view }: { view: AthleteView }) {
  const wanted = wantsCheck(view.gaps);
  if (wanted.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-xl">What would settle it</h2>
      <ul className="mt-1">
        {wanted.map(({ motion, protocolId, verdict }) => {
          const protocol = view.library.protocols.find(({ id }) => id === protocolId);
          return (
            <li key={motion}>
              <Link className="underlined" to={`/at/${view.athlete.id}/check?focus=${protocolId}`}>
                {motionOf(motion).name}
              </Link>
              <span className="text-muted">
                {" "}
                {verdict === "unknown"
                  ? "has never been measured"
                  : "is within its error of the demand"}
                ; {protocol?.trials} trials a side, about {protocol?.minutes} minutes.
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
