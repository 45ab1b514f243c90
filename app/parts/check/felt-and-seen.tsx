import { sidesOf, type Side } from "#core/body/side";
import { entryOf, type Round, type RoundRow, type SideEntry } from "./round";
import { PainDetails } from "../figure/pain-details";
import { sideLabel } from "./side-trials";

type Props = {
  row: RoundRow;
  round: Round;
  onEntry: (side: Side, entry: SideEntry) => void;
};

/** Pain, what was seen and a note, both sides: after the trials, so that Tab walks the numbers first. */
export function FeltAndSeen({ row, round, onEntry }: Props) {
  const sides = sidesOf(row.protocol.sided);
  const noted = sides.filter((side) => {
    const { pain, seen, note } = entryOf(round, row, side);
    return pain.trim() !== "" || seen.length > 0 || note.trim() !== "";
  });
  return (
    <details className="text-sm sm:col-start-1 sm:row-start-2">
      <summary className="inline-flex min-h-[24px] items-center text-muted">
        pain, what was seen
        {noted.length > 0 ? `: noted ${noted.map((side) => sideLabel[side]).join(", ")}` : ""}
      </summary>
      <div className="flex flex-wrap gap-x-10 gap-y-2">
        {sides.map((side) => (
          <FeltAndSeenOn key={side} side={side} row={row} round={round} onEntry={onEntry} />
        ))}
      </div>
    </details>
  );
}

/** The same of one side. */
export function FeltAndSeenOn({ side, row, round, onEntry }: Props & { side: Side }) {
  const { protocol } = row;
  const entry = entryOf(round, row, side);
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
      {Number(entry.pain) > 0 ? (
        <PainDetails
          label={`Where, ${sideLabel[side]}`}
          kind={entry.painKind ?? null}
          place={entry.painAt ?? null}
          setKind={(painKind) => onEntry(side, { ...entry, painKind })}
          setPlace={(painAt) => onEntry(side, { ...entry, painAt })}
        />
      ) : null}
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
      <input
        className="field w-full min-w-44"
        placeholder="note"
        aria-label={`${protocol.name}, ${sideLabel[side]}, note`}
        value={entry.note}
        onChange={(event) => onEntry(side, { ...entry, note: event.target.value })}
      />
    </fieldset>
  );
}
