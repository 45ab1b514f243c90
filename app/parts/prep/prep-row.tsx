import { rungText } from "#words/rung-text";
import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { ArrowLeftRight, GripVertical, Lock, LockOpen, SlidersHorizontal, X } from "lucide-react";
import { memo, useState } from "react";
import { drillOf } from "#core/content/library";
import { rungOf } from "#core/drill/drill";
import { clock, setsOf, type Dose } from "#core/drill/dose";
import type { PrepItem } from "#core/records/records";
import { breathWords } from "#words/breath";
import { doseSaid } from "#words/names";
import type { PlanRequest } from "#core/prep/plan";
import type { AthleteView } from "../../view";
import { PictureBeside } from "../figure/picture-beside";
import { MarginMark, readingsOf } from "../margin-mark/margin-mark";
import { notch } from "../words";
import { extraFor, type Shorter } from "#core/progress/shorter-side";
import { DoneAlready, type Vouch } from "./done-already";
import { DoseEditor } from "./dose-editor";
import { LineDetails, type SaidOfDrill } from "./line-details";
import { ExtraShare } from "./extra-share";
import { Stepper } from "./stepper";
import { WeakestLine } from "./weakest-line";
import { SwapList } from "./swap-list";
import { partsSaid, waySaid } from "#words/dose-detail";
import { becauseLine, againstWords, liftOf } from "#words/prep";
import { against } from "#core/prep/permit";

type RowProps = {
  items: readonly PrepItem[];
  index: number;
  request: PlanRequest;
  seconds: number;
  view: AthleteView;
  picked: boolean;
  editable: boolean;
  pick: () => void;
  move: (by: -1 | 1) => void;
  lock: () => void;
  drop: () => void;
  /** Sides that are really shorter, by the checks. */
  shorter: readonly Shorter[];
  more: (extra: PrepItem["extra"]) => void;
  /** So many repetitions of it a day; null where nobody has said. */
  quota: number | null;
  aDay: (reps: number) => void;
  /** Does it once more, right after itself. */
  again: () => void;
  sayOf: (said: SaidOfDrill) => void;
  edit: (change: { rungId?: string; dose?: Dose }) => void;
  swap: (item: PrepItem) => void;
  vouch: Vouch;
};

/** One drill of the prep: picture, dose, seconds, the margin it serves and why it is there. */
export const PrepRow = memo(function PrepRow({
  items,
  index,
  request,
  seconds,
  view,
  picked,
  editable,
  pick,
  move,
  lock,
  drop,
  shorter,
  more,
  quota,
  aDay,
  again,
  sayOf,
  edit,
  swap,
  vouch,
}: RowProps) {
  const [open, setOpen] = useState<"dose" | "swap" | null>(null);
  const item = items[index]!;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: item.id,
    disabled: !editable,
  });
  const drill = drillOf(view.library, item.drillId);
  const gap = view.gaps.find(({ demand }) => demand.motion === item.serves[0]);
  if (!drill)
    return (
      <li className="border-b border-line py-3 text-muted">
        A drill that the library no longer has ({item.drillId}).
      </li>
    );
  const rung = rungOf(drill, item.rungId);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`grid grid-cols-[1.4rem_6rem_1fr_auto] items-center gap-x-2 border-b border-line bg-paper py-px print:grid-cols-[6.5rem_1fr_6rem_3rem_11rem] print:break-inside-avoid xl:grid-cols-[1.5rem_4.8rem_minmax(8rem,1fr)_4.9rem_2.7rem_11.4rem_3.6rem] ${isDragging ? "relative z-10 border-y border-ink" : ""} ${picked ? "bg-raised" : ""}`}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
        event.preventDefault();
        move(event.key === "ArrowUp" ? -1 : 1);
      }}
    >
      <button
        type="button"
        className="quiet no-print !min-w-[24px] cursor-grab touch-none"
        {...attributes}
        {...listeners}
        disabled={!editable}
        aria-label={`Move ${drill.name}: drag, or Alt with the arrow keys`}
      >
        <GripVertical size={16} />
      </button>
      <button
        type="button"
        onClick={pick}
        className="h-11"
        aria-label={`Show ${drill.name}`}
        aria-pressed={picked}
      >
        <PictureBeside
          picture={rung.picture}
          label={`${drill.name}: start and end`}
          small
          className="h-full w-full"
        />
      </button>
      <div className="min-w-0">
        <p className="font-display font-bold leading-tight">{drill.name}</p>
        <p className="text-sm leading-tight text-muted">
          {rung.name} · level {drill.rungs.indexOf(rung) + 1} of {drill.rungs.length}
          {[...partsSaid(item), ...waySaid(item, null)].map((one) => ` · ${one}`)}
          {item.untilLoose ? " · until loose" : ""}
          {item.outside ? " · on the way there" : ""}
        </p>
        {item.labels.length > 1 ? (
          <WeakestLine
            item={item}
            view={view}
            editable={editable}
            take={({ labels, amounts, dose }) => sayOf({ labels, amounts, sets: setsOf(dose) })}
          />
        ) : null}
        <ExtraShare
          item={item}
          proposed={extraFor(item, drill, shorter)}
          editable={editable}
          more={more}
        />
        <p className="hidden text-sm print:block">{rungText(rung, item.why).cue}</p>
        <p className="text-sm xl:hidden print:hidden">
          <span className="figures">{doseSaid(item.dose, item.phase, request.schools)}</span> ·{" "}
          {becauseLine(item.why)}
        </p>
      </div>
      <p className="figures hidden text-sm xl:block print:block">
        {item.sides.length > 0 ? (
          <span aria-label={`${item.sides.join(" then ")} side`}>
            {item.sides.map((side) => notch[side]).join("")}{" "}
          </span>
        ) : null}
        {doseSaid(item.dose, item.phase, request.schools)}
      </p>
      <p className="figures text-right font-bold">
        {item.outside ? "–" : clock(seconds - (item.breath?.seconds ?? 0))}
      </p>
      <div className="hidden text-sm leading-tight xl:block print:block">
        {gap ? <MarginMark readings={readingsOf(gap)} width={140} height={26} span={26} /> : null}
        <p className={gap ? "text-muted" : ""}>{becauseLine(item.why)}</p>
      </div>
      <div className="no-print col-span-4 flex justify-end xl:col-span-1 xl:grid xl:grid-cols-2 xl:[&>.quiet]:min-h-[24px] xl:[&>.quiet]:min-w-[24px]">
        <button
          type="button"
          className={`quiet ${open === "dose" ? "!text-ink" : ""}`}
          onClick={() => setOpen(open === "dose" ? null : "dose")}
          disabled={!editable}
          aria-expanded={open === "dose"}
          aria-label={`Level and dose of ${drill.name}`}
          title="Level and dose"
        >
          <SlidersHorizontal size={16} />
        </button>
        <button
          type="button"
          className={`quiet ${open === "swap" ? "!text-ink" : ""}`}
          onClick={() => setOpen(open === "swap" ? null : "swap")}
          disabled={!editable || item.boxed}
          aria-expanded={open === "swap"}
          aria-label={`Swap ${drill.name}`}
          title="Swap"
        >
          <ArrowLeftRight size={16} />
        </button>
        <button
          type="button"
          className={`quiet ${item.pinned ? "!text-ink" : ""}`}
          onClick={lock}
          disabled={!editable}
          aria-pressed={item.pinned}
          aria-label={`Lock ${drill.name}`}
          title={item.pinned ? "Locked: stays when the plan changes" : "Lock"}
        >
          {item.pinned ? <Lock size={16} /> : <LockOpen size={16} />}
        </button>
        <button
          type="button"
          className="quiet"
          onClick={drop}
          disabled={!editable}
          aria-label={`Drop ${drill.name}`}
          title="Drop"
        >
          <X size={17} />
        </button>
      </div>
      {item.breath ? (
        <p className="figures col-span-full -mb-1 mt-1 text-center text-xs text-muted print:col-span-full">
          {clock(item.breath.seconds)} {breathWords[item.breath.as]}
        </p>
      ) : null}
      {open && editable ? (
        <div className="no-print col-span-full mt-2 border-l-4 border-tape bg-raised px-3 py-2">
          {open === "dose" ? (
            <>
              <DoseEditor
                item={item}
                drill={drill}
                edit={edit}
                barred={(rung) => {
                  const [reason] = against(request, { drill, rung });
                  return reason ? `${againstWords(reason)}. ${liftOf(reason)}` : null;
                }}
              >
                <DoneAlready drill={drill} gate={request} vouch={vouch} />
                <span className="flex flex-wrap items-center gap-x-4">
                  <button
                    type="button"
                    className="quiet underlined"
                    disabled={index === 0}
                    onClick={() => move(-1)}
                  >
                    Move up
                  </button>
                  <button
                    type="button"
                    className="quiet underlined"
                    disabled={index === items.length - 1}
                    onClick={() => move(1)}
                  >
                    Move down
                  </button>
                  <button type="button" className="quiet underlined" onClick={again}>
                    Once more
                  </button>
                  {item.dose.type === "reps" ? (
                    <Stepper
                      name="a day in all"
                      value={quota ?? 0}
                      from={0}
                      to={1000}
                      step={10}
                      set={(reps) => aDay(Math.max(5, reps))}
                    />
                  ) : null}
                </span>
              </DoseEditor>
              <LineDetails item={item} drill={drill} say={sayOf} />
            </>
          ) : (
            <SwapList
              items={items}
              index={index}
              request={request}
              swap={(other) => {
                setOpen(null);
                swap(other);
              }}
            />
          )}
        </div>
      ) : null}
    </li>
  );
});
