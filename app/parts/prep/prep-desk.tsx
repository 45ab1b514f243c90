import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { Play, Printer } from "lucide-react";
import { memo, useEffect } from "react";
import { Link } from "react-router";
import { refuse } from "../say";
import { drillOf } from "#core/library";
import { clock } from "#core/drill/dose";
import { phaseMeaning, phases } from "#core/drill/drill";
import type { Prep } from "#core/exchange/records";
import { cliniciansFirst } from "#core/safety/intake";
import { prepSeconds } from "#core/prep/timeline";
import type { AthleteView } from "../../view";
import { CautionLines } from "../cautions";
import { useAct } from "../use-act";
import { aimSentence, longDay } from "../words";
import { PrepControls } from "./prep-controls";
import { PrepRow } from "./prep-row";
import { itemSpans, PrepStrip } from "./strip";

type DeskProps = {
  view: AthleteView;
  prep: Prep | null;
  kept: boolean;
  leftOut: { drillId: string; reason: string }[];
  picked: string | null;
  pick: (id: string | null) => void;
};

/** The prep as a timed list: to be looked over, moved about, locked, thinned out, printed and run. */
export const PrepDesk = memo(function PrepDesk({
  view,
  prep,
  kept,
  leftOut,
  picked,
  pick,
}: DeskProps) {
  const { act, answer, busy } = useAct<{ refused?: string } | null>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  useEffect(() => {
    if (answer?.refused) refuse(answer.refused);
  }, [answer]);
  if (!prep)
    return (
      <>
        <h1 className="text-3xl">No prep on {longDay(view.day)}.</h1>
        <p className="mt-2 text-muted">Go back to today to plan one.</p>
      </>
    );
  const editable =
    prep.on === view.today &&
    !view.runs.some((run) => run.prep.id === prep.id) &&
    !view.logs.some((log) => log.prepId === prep.id);
  const spans = itemSpans(prep.items, view.library);
  const moveTo = (from: number, to: number) => {
    if (to < 0 || to >= prep.items.length || from === to) return;
    act("order", { prep, from, to });
  };
  return (
    <>
      <p className="mb-2 hidden font-display text-xl font-bold print:block">
        {view.athlete.name}, {aimSentence(view)} · {longDay(prep.on)}
        {view.places.find(({ id }) => id === prep.placeId)?.name
          ? ` · ${view.places.find(({ id }) => id === prep.placeId)!.name}`
          : ""}
      </p>
      <PrepControls
        prep={prep}
        places={view.places}
        editable={editable}
        plan={(changes) => act("plan", { prep, changes })}
      />
      <p className="mt-1 text-sm text-muted" role="status">
        {statusLine(prep, kept, editable, view)}
      </p>
      {view.aim ? null : (
        <p className="mt-2 border-l-4 border-tape bg-raised px-4 py-2">
          Without an aim there is nothing to prepare for but warmth.{" "}
          <Link className="underlined" to={`/at/${view.athlete.id}/aim`}>
            Choose a skill and a date
          </Link>
          .
        </p>
      )}
      {prep.items.length > 0 ? (
        <>
          <div className="mt-4">
            <PrepStrip
              items={prep.items}
              library={view.library}
              budget={prep.budget}
              picked={picked}
              pick={pick}
            />
          </div>
          <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={({ active, over }) => {
              const index = (id: unknown) => prep.items.findIndex((item) => item.id === id);
              if (over) moveTo(index(active.id), index(over.id));
            }}
          >
            <SortableContext
              items={prep.items.map(({ id }) => id)}
              strategy={verticalListSortingStrategy}
            >
              <ol className="mt-3 border-t border-ink">
                {spans.map(({ item, seconds }, index) => (
                  <PrepRow
                    key={item.id}
                    item={item}
                    seconds={seconds}
                    view={view}
                    picked={picked === item.id}
                    editable={editable}
                    pick={() => pick(picked === item.id ? null : item.id)}
                    move={(by) => moveTo(index, index + by)}
                    lock={() => act("lock", { prep, itemId: item.id })}
                    drop={() => act("drop", { prep, itemId: item.id })}
                  />
                ))}
              </ol>
            </SortableContext>
          </DndContext>
        </>
      ) : (
        <p className="mt-6">Nothing safe fits: see below what was left out and why.</p>
      )}
      <p className="no-print mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="press press-main"
          disabled={prep.items.length === 0 || busy || !editable}
          onClick={() => act("run", { prep })}
        >
          <Play size={16} /> Run it
        </button>
        <button type="button" className="press" onClick={() => window.print()}>
          <Printer size={16} /> Print
        </button>
        {view.runs.length > 0 ? (
          <span className="self-center text-sm text-muted">
            A run is under way: go back to it under Run.
          </span>
        ) : null}
      </p>
      <LeftOut
        leftOut={leftOut}
        view={view}
        bring={(drillId) => act("bring-back", { prep, drillId })}
        dropped={prep.dropped}
        editable={editable}
      />
      <p className="mt-4 text-sm text-muted print:hidden">
        {phases.map((phase) => (
          <span key={phase} className="mr-4 inline-block">
            <b>{phase}</b> {phaseMeaning[phase]}
          </span>
        ))}
      </p>
      <div className="mt-4 print:hidden">
        <CautionLines cautions={view.cautions} />
      </div>
      <p className="mt-4 hidden text-sm print:block">
        Stretch feeling up to 4/10 is fine; sharp, pinching or spreading pain ends the drill.{" "}
        {cliniciansFirst}
      </p>
    </>
  );
});

function statusLine(prep: Prep, kept: boolean, editable: boolean, view: AthleteView): string {
  const seconds = prepSeconds(prep.items, view.library);
  const under = prep.budget - seconds;
  const fit =
    under === 0
      ? "Filled to the second."
      : under > 0
        ? `${clock(seconds)} planned, ${under} s spare: nothing safe is left to add.`
        : `${-under} s over: what is locked and what safety asks for takes longer than there is.`;
  if (!editable && view.logs.some((log) => log.prepId === prep.id))
    return `Done and logged, ${longDay(prep.on)}. ${fit}`;
  if (!editable && prep.on !== view.today)
    return `As it was planned for ${longDay(prep.on)}. ${fit}`;
  return `${fit} ${kept ? "" : "A proposal: any change, or running it, keeps it."}`;
}

function LeftOut({
  leftOut,
  view,
  bring,
  dropped,
  editable,
}: {
  leftOut: DeskProps["leftOut"];
  view: AthleteView;
  bring: (drillId: string) => void;
  dropped: readonly string[];
  editable: boolean;
}) {
  if (leftOut.length === 0) return null;
  return (
    <details className="no-print mt-4">
      <summary className="label min-h-9 py-2">Left out, and why ({leftOut.length})</summary>
      <ul className="text-sm">
        {leftOut.map(({ drillId, reason }) => (
          <li
            key={drillId}
            className="flex min-h-8 flex-wrap items-center gap-x-3 border-b border-line"
          >
            <b>{drillOf(view.library, drillId)?.name}</b>
            <span className="text-muted">{reason}</span>
            {dropped.includes(drillId) && editable ? (
              <button type="button" className="underlined" onClick={() => bring(drillId)}>
                bring back
              </button>
            ) : null}
          </li>
        ))}
      </ul>
    </details>
  );
}
