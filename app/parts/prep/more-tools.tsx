import { lazy, Suspense, useMemo, useState } from "react";
import { drillOf } from "#core/content/library";
import { clock } from "#core/drill/dose";
import type { Athlete } from "#core/records/athlete";
import type { Prep, SharedPrep } from "#core/records/records";
import type { Format } from "#core/content/format";
import type { PlanRequest } from "#core/prep/plan";
import { variantsOf } from "#core/prep/variants";
import { plusDays } from "#core/dates/days";
import { SlotKind } from "#core/records/training";
import { shortDay } from "#words/days";
import { slotWords } from "#words/slots";
import { newId } from "../../clock";
import type { DoAct } from "../use-act";
import { textOf } from "../form-text";

// Each is fetched when somebody asks for it.
const CopyTool = lazy(() => import("./copy-tool").then((tool) => ({ default: tool.CopyTool })));
const FormatEditor = lazy(() =>
  import("./format-editor").then((tool) => ({ default: tool.FormatEditor })),
);
const SequenceTool = lazy(() =>
  import("./sequence-tool").then((tool) => ({ default: tool.SequenceTool })),
);

type Tool = "typed" | "own" | "week" | "copy" | "format" | null;
const names: Record<Exclude<Tool, null>, string> = {
  typed: "Type a session",
  own: "Keep as an own prep",
  week: "A week of variants",
  copy: "Copy to another athlete",
  format: "Keep it as a session type",
};

/** What else can be done with a prep: seven unlike ones at once, hand it on, keep its shape. */
export function MoreTools({
  prep,
  format,
  request,
  others,
  ownPreps,
  shared,
  act,
}: {
  prep: Prep;
  ownPreps: readonly Prep[];
  /** What is kept for more than one athlete. */
  shared: readonly SharedPrep[];
  format: Format;
  request: PlanRequest;
  others: readonly Athlete[];
  act: DoAct;
}) {
  const [open, setOpen] = useState<Tool>(null);
  const close = () => setOpen(null);
  return (
    <section className="no-print mt-4" aria-label="More with this prep">
      <p className="flex flex-wrap gap-x-4">
        {(Object.keys(names) as Exclude<Tool, null>[]).map((tool) => (
          <button
            key={tool}
            type="button"
            className="quiet underlined"
            aria-expanded={open === tool}
            onClick={() => setOpen(open === tool ? null : tool)}
          >
            {names[tool]}
          </button>
        ))}
      </p>
      <Suspense>
        {" "}
        {open === "typed" ? (
          <SequenceTool prep={prep} request={request} act={act} close={close} />
        ) : null}
        {open === "own" ? <OwnPreps {...{ prep, ownPreps, shared, others, act, close }} /> : null}
        {open === "week" ? <Week prep={prep} request={request} act={act} close={close} /> : null}
        {open === "copy" ? <CopyTool prep={prep} others={others} act={act} close={close} /> : null}
        {open === "format" ? (
          <FormatEditor prep={prep} format={format} act={act} close={close} />
        ) : null}
      </Suspense>{" "}
    </section>
  );
}

const weekdayNames = ["Mo", "Tu", "We", "Th", "Fr", "Sa", "Su"];

/** The days with one ticked or not; none named is every day. */
function onDays(days: readonly number[], weekday: number, on: boolean): number[] {
  const all = days.length === 0 ? weekdayNames.map((_, n) => n) : days;
  const next = on ? [...new Set([...all, weekday])] : all.filter((one) => one !== weekday);
  return next.length === weekdayNames.length ? [] : next.sort();
}

/** The athlete's own preps, kept under a name: this one, and those there are. */
function OwnPreps({
  prep,
  ownPreps,
  shared,
  others,
  act,
  close,
}: {
  prep: Prep;
  ownPreps: readonly Prep[];
  shared: readonly SharedPrep[];
  others: readonly Athlete[];
  act: DoAct;
  close: () => void;
}) {
  return (
    <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-3">
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          act("keep-own-prep", { prep, name: textOf(new FormData(event.currentTarget), "name") });
          close();
        }}
      >
        <label className="grid">
          <span className="label">Its name</span>
          <input className="field" name="name" required maxLength={60} />
        </label>
        <button type="submit" className="press press-main">
          Keep this prep
        </button>
      </form>
      {ownPreps.length > 0 ? (
        <ul className="mt-2">
          {ownPreps.map((own) => (
            <li
              key={own.id}
              className="flex min-h-10 flex-wrap items-center gap-x-4 border-b border-line"
            >
              <b>{own.own}</b>
              <span className="figures text-sm">{clock(own.budget)}</span>
              <button
                type="button"
                className="quiet underlined"
                onClick={() => {
                  act("use-own-prep", { prep, ownId: own.id });
                  close();
                }}
              >
                Use it today
              </button>
              <label className="flex items-center gap-2 text-sm">
                Hangs on
                <select
                  className="field !min-h-9"
                  value={own.standing?.kind ?? ""}
                  onChange={(event) => {
                    const kind = SlotKind.options.find((one) => one === event.target.value);
                    act("hang-own-prep", {
                      ownId: own.id,
                      standing: kind ? { kind, weekdays: own.standing?.weekdays ?? [] } : null,
                    });
                  }}
                >
                  <option value="">nothing</option>
                  {SlotKind.options
                    .filter((kind) => kind !== "check")
                    .map((kind) => (
                      <option key={kind} value={kind}>
                        every {slotWords[kind]}
                      </option>
                    ))}
                </select>
              </label>
              {own.standing ? (
                <span className="flex gap-x-2 text-sm" role="group" aria-label="On which days">
                  {weekdayNames.map((name, weekday) => (
                    <label key={name} className="flex min-h-9 items-center gap-1">
                      <input
                        type="checkbox"
                        className="size-4 accent-[var(--spruce)]"
                        checked={
                          own.standing!.weekdays.length === 0 ||
                          own.standing!.weekdays.includes(weekday)
                        }
                        onChange={(event) =>
                          act("hang-own-prep", {
                            ownId: own.id,
                            standing: {
                              kind: own.standing!.kind,
                              weekdays: onDays(
                                own.standing!.weekdays,
                                weekday,
                                event.target.checked,
                              ),
                            },
                          })
                        }
                      />
                      {name}
                    </label>
                  ))}
                </span>
              ) : null}
              <KeptFor own={own} shared={shared} others={others} act={act} />
              <button
                type="button"
                className="quiet underlined"
                onClick={() => act("remove-own-prep", { ownId: own.id })}
              >
                Remove {own.own}
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}

/** Whom a kept session is for: this athlete, some, or everybody; each does it at the rungs of his own. */
function KeptFor({
  own,
  shared,
  others,
  act,
}: {
  own: Prep;
  shared: readonly SharedPrep[];
  others: readonly Athlete[];
  act: DoAct;
}) {
  const now = shared.find(({ prep }) => prep.id === own.id);
  const whose = now ? (now.with.length === 0 ? "all" : "some") : "one";
  const share = (whom: string[] | null) => act("share-own-prep", { ownId: own.id, with: whom });
  return (
    <>
      <label className="flex items-center gap-2 text-sm">
        For
        <select
          className="field !min-h-9"
          value={whose}
          onChange={({ target }) =>
            share(target.value === "one" ? null : target.value === "all" ? [] : [own.athleteId])
          }
        >
          <option value="one">this athlete</option>
          <option value="some">some</option>
          <option value="all">everybody</option>
        </select>
      </label>
      {whose === "some" ? (
        <span className="flex flex-wrap gap-x-3 text-sm" role="group" aria-label="For whom">
          {others.map(({ id, name }) => (
            <label key={id} className="flex min-h-9 items-center gap-1">
              <input
                type="checkbox"
                className="size-4 accent-[var(--spruce)]"
                checked={now!.with.includes(id)}
                onChange={(event) =>
                  share(
                    event.target.checked
                      ? [...now!.with, id]
                      : now!.with.filter((other) => other !== id),
                  )
                }
              />
              {name}
            </label>
          ))}
        </span>
      ) : null}
    </>
  );
}

/** Seven preps of this kind, each unlike those before it, to be kept for the coming days. */
function Week({
  prep,
  request,
  act,
  close,
}: {
  prep: Prep;
  request: PlanRequest;
  act: DoAct;
  close: () => void;
}) {
  const plans = useMemo(() => variantsOf({ ...request, kept: [] }, 7), [request]);
  const keep = () => {
    act("keep-preps", {
      preps: plans.slice(1).map(({ items }, n) => ({
        ...prep,
        id: newId("prep"),
        on: plusDays(prep.on, n + 1),
        items,
        dropped: [],
        touched: false,
      })),
    });
    close();
  };
  return (
    <div className="mt-2 border-l-4 border-tape bg-raised px-4 py-3">
      <ol className="grid gap-x-5 gap-y-3 sm:grid-cols-2 xl:grid-cols-4">
        {plans.map(({ items, seconds }, n) => (
          <li key={n} className="text-sm">
            <p className="font-semibold">
              {shortDay(plusDays(prep.on, n))}{" "}
              <span className="figures font-normal">{clock(seconds)}</span>
            </p>
            <p className="text-muted">
              {[
                ...new Set(items.map(({ drillId }) => drillOf(request.library, drillId)?.name)),
              ].join(", ")}
            </p>
          </li>
        ))}
      </ol>
      <p className="mt-2 flex gap-3">
        <button type="button" className="press press-main" onClick={keep}>
          Keep the next six
        </button>
        <button type="button" className="press" onClick={close}>
          Cancel
        </button>
      </p>
    </div>
  );
}
