import { Pin, PinOff } from "lucide-react";
import type { AimShare } from "#core/schedule/shares";
import type { Season } from "#core/records/training";

/** How several aims share the minutes; a share can be fixed by hand. */
export function AimShares({
  shares,
  season,
  set,
}: {
  shares: readonly AimShare[];
  season: Season;
  set: (shares: Season["shares"]) => void;
}) {
  if (shares.length < 2) return null;
  const pin = (aimId: string, share: number | null) => {
    const others = season.shares.filter((one) => one.aimId !== aimId);
    set(share === null ? others : [...others, { aimId, share }]);
  };
  return (
    <section aria-label="Shares of the aims" className="mt-3">
      <h3 className="text-lg">The aims share the minutes</h3>
      <p className="text-sm text-muted">
        By what each still lacks, and how near its date is. Fix a share, and the others share the
        rest.
      </p>
      <ul className="mt-1 grid gap-1">
        {shares.map(({ aimId, name, share, pinned }) => (
          <li
            key={aimId}
            className="grid grid-cols-[minmax(7rem,12rem)_1fr_3rem_auto] items-center gap-x-3 text-sm"
          >
            <span>{name}</span>
            <input
              type="range"
              min={0}
              max={100}
              step={5}
              key={Math.round(share * 100)}
              defaultValue={Math.round(share * 100)}
              aria-label={`Share of ${name}, percent`}
              className="min-h-8 accent-[var(--spruce)]"
              onPointerUp={(event) => pin(aimId, Number(event.currentTarget.value) / 100)}
              onKeyUp={(event) => {
                if (Math.round(share * 100) !== Number(event.currentTarget.value))
                  pin(aimId, Number(event.currentTarget.value) / 100);
              }}
            />
            <span className="figures text-right">{Math.round(share * 100)} %</span>
            <button
              type="button"
              className="underlined whitespace-nowrap"
              onClick={() => pin(aimId, pinned ? null : share)}
            >
              {pinned ? (
                <PinOff size={14} className="inline" />
              ) : (
                <Pin size={14} className="inline" />
              )}{" "}
              {pinned ? "let go" : "fix"}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
