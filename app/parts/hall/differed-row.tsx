import { useState } from "react";
import type { Differed } from "#core/hall/log";
import type { PainKind } from "#core/records/records";
import { painKinds } from "#words/pain";
import { differedWords } from "#words/hall";

type Named = { id: string; name: string };

/** One of the session: there or not, and, opened, what differed. */
export function DifferedRow({
  name,
  drills,
  told,
  value,
  change,
}: {
  name: string;
  drills: readonly Named[];
  /** What was logged already, in a few words. */
  told: string;
  value: Differed;
  change: (value: Differed) => void;
}) {
  const [open, setOpen] = useState(false);
  const { absent, out, hurt, note } = value;
  const drillName = (id: string) => drills.find((one) => one.id === id)?.name ?? id;
  return (
    <li className="border-b border-line py-1.5">
      <div className="flex flex-wrap items-center gap-x-5">
        <span className="w-48 font-display text-lg font-bold">{name}</span>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-[var(--spruce)]"
            aria-label={`${name} was there`}
            checked={!absent}
            onChange={(event) => change({ ...value, absent: !event.target.checked })}
          />
          there
        </label>
        <span className="text-sm text-muted">
          {absent ? "" : differedWords(value, told, drillName)}
        </span>
        {absent ? null : (
          <button
            type="button"
            className="quiet underlined ml-auto min-h-11"
            aria-label={`What differed for ${name}`}
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            differed
          </button>
        )}
      </div>
      {open && !absent ? (
        <div className="grid gap-x-8 gap-y-2 py-2 text-sm sm:grid-cols-2">
          <fieldset>
            <legend className="label">Not done</legend>
            {drills.map(({ id, name: drill }) => (
              <label key={id} className="flex min-h-9 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4 accent-[var(--spruce)]"
                  checked={out.includes(id)}
                  onChange={(event) =>
                    change({
                      ...value,
                      out: event.target.checked ? [...out, id] : out.filter((one) => one !== id),
                    })
                  }
                />
                {drill}
              </label>
            ))}
          </fieldset>
          <div className="grid content-start gap-2">
            <label className="grid">
              <span className="label">It hurt in</span>
              <select
                className="field"
                value={hurt?.drillId ?? ""}
                onChange={(event) =>
                  change({
                    ...value,
                    hurt: event.target.value
                      ? {
                          drillId: event.target.value,
                          level: hurt?.level ?? 6,
                          kind: hurt?.kind ?? null,
                        }
                      : null,
                  })
                }
              >
                <option value="">nothing</option>
                {drills.map(({ id, name: drill }) => (
                  <option key={id} value={id}>
                    {drill}
                  </option>
                ))}
              </select>
            </label>
            {hurt ? (
              <span className="flex gap-3">
                <label className="grid">
                  <span className="label">0–10</span>
                  <input
                    type="number"
                    min={0}
                    max={10}
                    className="field figures w-20"
                    value={hurt.level}
                    onChange={(event) =>
                      change({
                        ...value,
                        hurt: {
                          ...hurt,
                          level: Math.max(0, Math.min(10, Math.round(Number(event.target.value)))),
                        },
                      })
                    }
                  />
                </label>
                <label className="grid">
                  <span className="label">Kind</span>
                  <select
                    className="field"
                    value={hurt.kind ?? ""}
                    onChange={(event) =>
                      change({
                        ...value,
                        hurt: { ...hurt, kind: (event.target.value || null) as PainKind | null },
                      })
                    }
                  >
                    <option value="">not said</option>
                    {Object.entries(painKinds).map(([kind, text]) => (
                      <option key={kind} value={kind}>
                        {text}
                      </option>
                    ))}
                  </select>
                </label>
              </span>
            ) : null}
            <label className="grid">
              <span className="label">Note</span>
              <input
                className="field"
                value={note}
                maxLength={2000}
                onChange={(event) => change({ ...value, note: event.target.value })}
              />
            </label>
          </div>
        </div>
      ) : null}
    </li>
  );
}
