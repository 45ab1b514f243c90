import { parseISO, format } from "date-fns";
import { marginOf, type DemandGap } from "#core/aim/gap";
import { sidesOf, type Side } from "#core/body/side";
import type { Athlete } from "#core/exchange/athlete";
import type { Check } from "#core/exchange/records";
import { changeBetween, sideDifference } from "#core/measure/change";
import { entryNotes } from "#core/measure/entry";
import { unitOf, type Protocol } from "#core/measure/protocol";
import { changeSentence, sideSentence, valueSentence } from "#core/measure/sentences";
import { angleOf, checksOf, legMeasures, valueOf } from "#core/measure/value";
import { MarginMark } from "../margin-mark/margin-mark";
import { WhyNote } from "../why";
import { notch } from "../words";
import { entryOf, modeFor, painOf, trialsOf, type Round, type SideEntry } from "./round";

export type RowProps = {
  protocol: Protocol;
  athlete: Athlete;
  checks: readonly Check[];
  gap: DemandGap | null;
  round: Round;
  focused: boolean;
  onFocus: () => void;
  onEntry: (side: Side, entry: SideEntry) => void;
};

/** One motion in one row: left and right, trial by trial, last values greyed in place, the verdict beneath. */
export function CheckRow(props: RowProps) {
  const { protocol, gap, round, focused, onFocus } = props;
  const sides = sidesOf(protocol.sided);
  return (
    <li
      id={`row-${protocol.id}`}
      onFocus={onFocus}
      className={`border-b border-line py-3 pl-3 ${focused ? "border-l-4 border-l-ink bg-raised" : "border-l-4 border-l-transparent"}`}
    >
      <div className="grid items-start gap-x-6 gap-y-0.5 sm:grid-cols-[minmax(10rem,1fr)_auto]">
        <button type="button" className="text-left" tabIndex={-1} onClick={onFocus}>
          <span className="font-display text-lg font-bold leading-tight">{protocol.name}</span>
          <span className="block text-sm text-muted">
            {modeFor(round, protocol)}, {protocol.trials} trials{gap ? ` · needs ${gap.need}°` : ""}
          </span>
        </button>
        <div className="flex flex-wrap gap-x-6 gap-y-2 pr-1 sm:row-span-2">
          {sides.map((side) => (
            <SideTrials key={side} side={side} {...props} />
          ))}
        </div>
        <FeltAndSeen {...props} sides={sides} />
      </div>
      <Verdicts {...props} sides={sides} />
    </li>
  );
}

const sideLabel = { left: "left", right: "right", mid: "middle" } as const;

/** The trials of one side, the last values greyed in place. */
function SideTrials({ side, protocol, round, checks, onEntry }: RowProps & { side: Side }) {
  const entry = entryOf(round, protocol, side);
  const last = lastCheck(checks, protocol, side, round);
  const notes = notesOn(entry, protocol);
  const refused = notes.some((note) => note.level === "refused");
  const unit = protocol.reading === "degrees" ? "degrees" : "centimetres";
  return (
    <fieldset className="max-w-64">
      <legend className="sr-only">
        {protocol.name}, {sideLabel[side]}
      </legend>
      <div className="flex items-baseline gap-2">
        <span aria-hidden="true" className="w-4 text-center">
          {notch[side]}
        </span>
        {entry.trials.map((text, n) => (
          <input
            key={n}
            className="field figures w-16 text-center text-lg"
            inputMode="decimal"
            autoComplete="off"
            data-entry
            aria-label={`${protocol.name}, ${sideLabel[side]}, trial ${n + 1}, ${unit}`}
            aria-invalid={refused || undefined}
            placeholder={last?.trials[n] === undefined ? "–" : String(last.trials[n])}
            value={text}
            onChange={(event) =>
              onEntry(side, {
                ...entry,
                trials: entry.trials.map((old, i) => (i === n ? event.target.value : old)),
              })
            }
          />
        ))}
        <span className="text-sm text-muted">{unitOf(protocol).trim()}</span>
      </div>
      {notes.map((note) => (
        <p
          key={note.text}
          role="status"
          className={`pl-6 text-sm ${note.level === "remeasure" ? "text-muted" : "font-semibold text-clay"}`}
        >
          {note.text}
        </p>
      ))}
    </fieldset>
  );
}

const notesOn = (entry: SideEntry, protocol: Protocol) =>
  trialsOf(entry).length > 0 || entry.pain
    ? entryNotes(trialsOf(entry), painOf(entry), protocol)
    : [];

/** Pain and what was seen, both sides: after the trials, so that Tab walks the numbers first. */
function FeltAndSeen({ protocol, round, sides, onEntry }: RowProps & { sides: readonly Side[] }) {
  const noted = sides.filter((side) => {
    const entry = entryOf(round, protocol, side);
    return entry.pain.trim() !== "" || entry.seen.length > 0;
  });
  return (
    <details className="text-sm sm:col-start-1 sm:row-start-2">
      <summary className="inline-flex min-h-7 items-center text-muted">
        pain, what was seen
        {noted.length > 0 ? `: noted ${noted.map((side) => sideLabel[side]).join(", ")}` : ""}
      </summary>
      <div className="flex flex-wrap gap-x-10 gap-y-2">
        {sides.map((side) => (
          <FeltAndSeenOn
            key={side}
            side={side}
            protocol={protocol}
            entry={entryOf(round, protocol, side)}
            onEntry={onEntry}
          />
        ))}
      </div>
    </details>
  );
}

function FeltAndSeenOn({
  side,
  protocol,
  entry,
  onEntry,
}: Pick<RowProps, "protocol" | "onEntry"> & { side: Side; entry: SideEntry }) {
  const see = (id: string, seen: boolean) =>
    onEntry(side, {
      ...entry,
      seen: seen ? [...entry.seen, id] : entry.seen.filter((other) => other !== id),
    });
  return (
    <fieldset>
      <legend className="label">{sideLabel[side]}</legend>
      <label className="flex items-baseline gap-2">
        pain
        <input
          className="field figures w-12 text-center"
          inputMode="numeric"
          placeholder="0"
          aria-label={`${protocol.name}, ${sideLabel[side]}, pain 0 to 10`}
          value={entry.pain}
          onChange={(event) => onEntry(side, { ...entry, pain: event.target.value })}
        />
        <span className="text-muted">/10</span>
      </label>
      {protocol.compensations.map(({ id, text }) => (
        <label key={id} className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={entry.seen.includes(id)}
            onChange={(event) => see(id, event.target.checked)}
          />
          {text}
        </label>
      ))}
    </fieldset>
  );
}

/** The latest check that may be compared with this round: same mode and temperature. */
function lastCheck(
  checks: readonly Check[],
  protocol: Protocol,
  side: Side,
  round: Round,
): Check | undefined {
  return checksOf(checks, { protocolId: protocol.id, side, mode: modeFor(round, protocol) }).find(
    (check) =>
      check.temperature === round.temperature && check.protocolVersion === protocol.version,
  );
}

/** What the numbers say as they stand: margin, change, side difference; the last ones while nothing is typed. */
function Verdicts({
  protocol,
  athlete,
  checks,
  gap,
  round,
  sides,
}: RowProps & { sides: readonly Side[] }) {
  const now = sides.flatMap((side) => {
    const entry = entryOf(round, protocol, side);
    const trials = trialsOf(entry);
    if (
      trials.length === 0 ||
      entryNotes(trials, painOf(entry), protocol).some((note) => note.level === "refused")
    )
      return [];
    const value = valueOf(trials, protocol);
    const angle = angleOf(value, protocol, legMeasures(athlete));
    const last = lastCheck(checks, protocol, side, round);
    const change = last
      ? { ...changeBetween(valueOf(last.trials, protocol), value, protocol), since: last.on }
      : null;
    return [{ side, value, angle, change, margin: gap ? marginOf(angle, gap.need) : null }];
  });
  if (now.length === 0) return null;
  const [left, right] = now.length === 2 ? now : [];
  const difference = left && right ? sideDifference(left.value, right.value, protocol) : null;
  return (
    <div className="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-[1fr_auto]" role="status">
      <ul className="text-sm">
        {now.map(({ side, value, angle, change }) => (
          <li key={side} className="flex flex-wrap gap-x-2">
            <span className="figures">
              {notch[side]} {valueSentence(value, angle, protocol)}
            </span>
            <span className={change?.real ? "font-semibold" : "text-muted"}>
              {change
                ? changeSentence(change, format(parseISO(change.since), "d MMM"), protocol)
                : "The first of its kind: nothing to compare with."}
            </span>
            <WhyNote why={change?.why ?? value.why} />
          </li>
        ))}
        {difference ? (
          <li className="flex flex-wrap gap-x-2">
            <span>{sideSentence(difference, protocol)}</span>
            <WhyNote why={difference.why} />
          </li>
        ) : null}
      </ul>
      {gap ? (
        <MarginMark
          width={220}
          span={Math.max(24, ...now.map(({ margin }) => -(margin?.margin ?? 0) + 6))}
          readings={now.map(({ side, angle, margin }) => ({
            side,
            margin: margin!.margin,
            se: angle.se,
            verdict: margin!.verdict,
            asked: true,
          }))}
        />
      ) : null}
    </div>
  );
}
