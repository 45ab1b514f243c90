import { useEffect, useRef } from "react";
import type { JointId } from "#core/body/motions";
import { weeklyCap } from "#core/forecast/forecast-answer";
import type { RegionWeek } from "#core/season/region-weeks";
import { mondayOf } from "#core/dates/days";
import { shortDay } from "#words/days";
import { jointWords } from "#words/slots";

const height = 92;
const foot = 18;
const column = 56;

/** One joint by week: what was stretched against plan and cap, strength beside it, hard days as dots. */
export function RegionLedger({
  joint,
  asks,
  weeks,
  today,
}: {
  joint: JointId;
  asks: string;
  weeks: readonly RegionWeek[];
  today: string;
}) {
  const paper = useRef<HTMLDivElement>(null);
  // On a phone the weeks are wider than the screen: the present ones are shown first.
  useEffect(() => {
    if (paper.current) paper.current.scrollLeft = paper.current.scrollWidth;
  }, []);
  const top = Math.max(
    600,
    ...weeks.map((week) => Math.max(week.stretch, week.planned, week.strength)),
  );
  // The cap is drawn where it is near; far above everything it would make all bars stumps.
  const near = top > 0.5 * weeklyCap;
  const scale = (near ? Math.max(top, weeklyCap) : top) * 1.08;
  const y = (seconds: number) => (height - foot) * (1 - seconds / scale) + 12;
  const floor = y(0);
  const width = weeks.length * column;
  const now = weeks.findIndex(({ monday }) => monday === mondayOf(today));
  const spoken = weeks
    .map(
      (week) =>
        `${shortDay(week.monday)}: ${Math.round(week.stretch / 60)} of ${Math.round(week.planned / 60)} min under stretch, ${Math.round(week.strength / 60)} min strength, ${week.hard} hard`,
    )
    .join("; ");
  return (
    <figure className="mt-4 break-inside-avoid">
      <figcaption className="flex flex-wrap items-baseline gap-x-3">
        <span className="font-display text-lg font-bold first-letter:uppercase">
          {jointWords(joint)}
        </span>
        <span className="text-sm text-muted">{asks}</span>
        {near ? null : (
          <span className="text-sm text-muted">well under the cap of {weeklyCap / 60} min</span>
        )}
      </figcaption>
      <div
        ref={paper}
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label={`${jointWords(joint)} by week`}
      >
        <svg
          viewBox={`0 0 ${width + 64} ${height + 26}`}
          className="block w-full min-w-[52rem] print:min-w-0"
          role="img"
          aria-label={spoken}
        >
          <defs>
            <pattern
              id={`hatch-${joint}`}
              width="5"
              height="5"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <path d="M0 0V5" stroke="var(--ink)" strokeWidth="1.4" />
            </pattern>
          </defs>
          {now >= 0 ? (
            <rect
              x={40 + now * column}
              y="0"
              width={column}
              height={height + 26}
              fill="var(--tape)"
              opacity="0.4"
            />
          ) : null}
          {[0, 0.5, 1].map((share) => (
            <g key={share}>
              {/* On both sides: a phone begins with the last weeks. */}
              {[
                { x: 34, anchor: "end" as const },
                { x: width + 46, anchor: "start" as const },
              ].map(({ x, anchor }) => (
                <text
                  key={anchor}
                  x={x}
                  y={y(share * (scale / 1.08)) + 3}
                  fontSize="11"
                  textAnchor={anchor}
                  fill="var(--muted)"
                  className="figures"
                >
                  {Math.round((share * scale) / 1.08 / 60)}
                </text>
              ))}
              <path
                d={`M40 ${y(share * (scale / 1.08))}H${width + 40}`}
                stroke="var(--line)"
                strokeWidth="0.8"
              />
            </g>
          ))}
          {near ? (
            <path
              d={`M40 ${y(weeklyCap)}H${width + 40}`}
              stroke="var(--clay)"
              strokeWidth="1.6"
              strokeDasharray="6 4"
            />
          ) : null}
          {weeks.map((week, n) => {
            const x = 40 + n * column;
            return (
              <g key={week.monday}>
                <rect
                  x={x + 6}
                  y={y(week.stretch)}
                  width="22"
                  height={Math.max(0, floor - y(week.stretch))}
                  fill={week.hard > 4 ? "var(--clay)" : "var(--phase-open)"}
                  stroke="var(--ink)"
                  strokeWidth={week.stretch > 0 ? 0.9 : 0}
                />
                {week.planned > 0 ? (
                  <rect
                    x={x + 4}
                    y={y(week.planned)}
                    width="26"
                    height={Math.max(0, floor - y(week.planned))}
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="1.1"
                    strokeDasharray={week.monday > today ? "2.5 2" : undefined}
                  />
                ) : null}
                <rect
                  x={x + 33}
                  y={y(week.strength)}
                  width="13"
                  height={Math.max(0, floor - y(week.strength))}
                  fill={`url(#hatch-${joint})`}
                  stroke="var(--ink)"
                  strokeWidth={week.strength > 0 ? 0.8 : 0}
                />
                {Array.from({ length: week.hard }, (_, i) => (
                  <circle key={i} cx={x + 9 + i * 8} cy="6" r="2.8" fill="var(--ink)" />
                ))}
                {Array.from({ length: week.hardPlanned }, (_, i) => (
                  <circle
                    key={i}
                    cx={x + 9 + (week.hard + i) * 8}
                    cy="6"
                    r="2.6"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="1.1"
                  />
                ))}
                <text
                  x={x + 25}
                  y={height + 12}
                  fontSize="9.5"
                  textAnchor="middle"
                  fill={n === now ? "var(--ink)" : "var(--muted)"}
                  className="figures"
                >
                  {shortDay(week.monday)}
                </text>
              </g>
            );
          })}
          <path d={`M40 ${floor}H${width + 40}`} stroke="var(--ink)" strokeWidth="1.2" />
        </svg>
      </div>
    </figure>
  );
}
