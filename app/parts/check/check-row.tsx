import { useMemo } from "react";
import type { DemandGap } from "#core/aim/margin";
import { sidesOf, type Side } from "#core/body/side";
import type { Athlete } from "#core/records/athlete";
import type { Library } from "#core/content/library";
import { FeltAndSeen } from "./felt-and-seen";
import { draftCheckOf } from "./round";
import { RoundVerdicts } from "./row-verdicts";
import { asCheck } from "./draft-checks";
import { SideTrials, instrumentText, doubtNote, type EntryProps } from "./side-trials";
import type { ToolName } from "./tools/tool";
import { BothNames } from "../both-names";

export type RowProps = EntryProps & {
  athlete: Athlete;
  library: Library;
  gap: DemandGap | null;
  because: string | null;
  stopped: boolean;
  focused: boolean;
  today: string;
  onFocus: () => void;
  openTool: (tool: ToolName, side: Side) => void;
};

/** One check in one row: left and right, trial by trial, last values greyed in place, the verdict beneath. */
export function CheckRow(props: RowProps) {
  const { row, gap, round, focused, onFocus, because, stopped } = props;
  const { protocol, mode } = row;
  const sides = sidesOf(protocol.sided);
  const doubt = doubtNote(props);
  return (
    <li
      id={`row-${protocol.id}`}
      data-row={row.key}
      data-numbers
      onFocus={onFocus}
      className={`border-b border-line py-1.5 pl-3 ${focused ? "border-l-4 border-l-ink bg-raised" : "border-l-4 border-l-transparent"}`}
    >
      <div className="grid items-start gap-x-6 gap-y-0.5 sm:grid-cols-[minmax(10rem,1fr)_auto]">
        <button type="button" className="text-left" tabIndex={-1} onClick={onFocus}>
          <span className="font-display text-lg font-bold leading-none">
            <BothNames motion={protocol.motion} plain={protocol.name} />
          </span>
          <span className="block text-sm leading-tight text-muted">
            {mode}, {instrumentText(row, round)}
            {gap ? ` · needs ${gap.need}°` : ""}
            {because ? ` · ${because}` : ""}
          </span>
        </button>
        <div className="flex flex-wrap gap-x-4 gap-y-2 pr-1 sm:row-span-2">
          {sides.map((side) => (
            <SideTrials key={side} {...props} side={side} />
          ))}
        </div>
        <FeltAndSeen row={row} round={round} onEntry={props.onEntry} />
      </div>
      {stopped ? (
        <p role="status" className="mt-1 text-sm font-semibold text-clay">
          Pain above 5/10 stops this motion: nothing more is measured on it today.
        </p>
      ) : null}
      {doubt ? (
        <p role="status" className="mt-1 text-sm text-muted">
          {doubt}
        </p>
      ) : null}
      <LiveVerdicts {...props} sides={sides} />
    </li>
  );
}

/** What the numbers say as they stand. */
function LiveVerdicts({
  row,
  round,
  sides,
  fingerCm,
  athlete,
  checks,
  library,
  gap,
  today,
}: RowProps & { sides: readonly Side[] }) {
  const now = useMemo(
    () =>
      sides.flatMap((side) => {
        const draft = draftCheckOf(row, side, round, fingerCm);
        return draft && draft !== "refused" ? [asCheck(draft, athlete.id, today)] : [];
      }),
    [sides, row, round, fingerCm, athlete.id, today],
  );
  if (now.length === 0) return null;
  return (
    <div className="mt-2">
      <RoundVerdicts
        checks={now}
        earlier={checks}
        gaps={gap ? [gap] : []}
        athlete={athlete}
        library={library}
      />
    </div>
  );
}
