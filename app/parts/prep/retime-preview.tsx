import { useEffect, useRef } from "react";
import { clock } from "#core/drill/dose";
import { drillOf, type Library } from "#core/content/library";
import type { Retimed } from "#core/prep/retime";
import { noteWords } from "#words/prep";

/** What other minutes would do: what goes, what comes, what stays; taken or left. */
export function RetimePreview({
  from,
  to,
  next,
  library,
  take,
  leave,
}: {
  from: number;
  to: number;
  next: Retimed;
  library: Library;
  take: () => void;
  leave: () => void;
}) {
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus(), [to]);
  const name = (id: string) => drillOf(library, id)?.name ?? id;
  const shorter = next.stays.filter(({ was, now }) => was !== now);
  return (
    <section
      aria-label={`From ${clock(from)} to ${clock(to)}`}
      className="no-print mt-3 border-l-4 border-spruce bg-raised px-4 py-3"
      onKeyDown={(event) => {
        if (event.key === "Escape") leave();
      }}
    >
      <h2 className="figures text-xl">
        {clock(from)} → {clock(to)}
      </h2>
      <dl className="mt-1 grid grid-cols-[4.5rem_1fr] gap-x-3 text-sm">
        {next.goes.length > 0 ? (
          <>
            <dt className="font-semibold text-clay">goes</dt>
            <dd>
              {next.goes
                .map(({ drillId, seconds }) => `${name(drillId)} ${clock(seconds)}`)
                .join(", ")}
            </dd>
          </>
        ) : null}
        {next.comes.length > 0 ? (
          <>
            <dt className="font-semibold text-lichen">comes</dt>
            <dd>
              {next.comes
                .map(({ drillId, seconds }) => `${name(drillId)} ${clock(seconds)}`)
                .join(", ")}
            </dd>
          </>
        ) : null}
        {shorter.length > 0 ? (
          <>
            <dt className="font-semibold">changes</dt>
            <dd>
              {shorter
                .map(({ drillId, was, now }) => `${name(drillId)} ${clock(was)} → ${clock(now)}`)
                .join(", ")}
            </dd>
          </>
        ) : null}
        <dt className="font-semibold">stays</dt>
        <dd>
          {next.stays
            .filter(({ was, now }) => was === now)
            .map(({ drillId }) => name(drillId))
            .join(", ") || "nothing as it is"}
        </dd>
      </dl>
      {next.note ? <p className="mt-1 text-sm">{noteWords(next.note)}</p> : null}
      <p className="mt-2 flex gap-3">
        <button ref={first} type="button" className="press press-main" onClick={take}>
          Take {clock(to)}
        </button>
        <button type="button" className="press" onClick={leave}>
          Keep {clock(from)}
        </button>
      </p>
    </section>
  );
}
