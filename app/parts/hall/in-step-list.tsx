import { ArrowDown, ArrowUp, RefreshCw, X } from "lucide-react";
import { clock, writeDose } from "#core/drill/dose";
import { rungOf, type Drill } from "#core/drill/drill";
import { drillOf, type Library } from "#core/content/library";
import type { HallMember } from "#core/hall/member";
import type { Hall, PrepItem } from "#core/records/records";
import { onLevelWords } from "#words/hall";
import { againstWords } from "#words/prep";
import { PosePicture } from "../figure/pose-picture";
import { itemSpans } from "../prep/strip";
import { notch } from "../words";
import { byRung } from "./by-rung";

/** What a hand may do to a drill of the session. */
export type ListHand = {
  another: (drillId: string) => void;
  drop: (drillId: string) => void;
  move: (itemId: string, by: 1 | -1) => void;
};

/** The drills that all do in step, and of each who is on which rung. */
export function InStepList({
  hall,
  library,
  members,
  hand,
}: {
  hall: Hall;
  library: Library;
  members: ReadonlyMap<string, HallMember>;
  hand: ListHand | null;
}) {
  const seconds = new Map(
    itemSpans(hall.items, library).map(({ item, seconds: own }) => [item.id, own]),
  );
  return (
    <ol className="mt-2 border-t border-ink">
      {hall.items.map((item, n) => {
        const drill = drillOf(library, item.drillId);
        if (!drill) return null;
        return (
          <li
            key={item.id}
            className="grid grid-cols-[1.6rem_5.5rem_1fr] items-center gap-x-3 gap-y-1 border-b border-line py-2 lg:grid-cols-[1.6rem_6rem_15rem_1fr_auto]"
          >
            <span className="figures text-lg">{n + 1}</span>
            <PosePicture
              picture={rungOf(drill, item.rungId).picture}
              label=""
              small
              className="h-14 w-full"
            />
            <span>
              <span className="block font-display text-lg leading-tight font-bold">
                {drill.name}
              </span>
              <span className="figures text-sm">
                {writeDose(item.dose)}
                {item.sides.length > 0 ? " a side" : ""}
                {item.extra ? ` +${item.extra.sets} on the shorter` : ""}
                {item.dose.type === "time" && item.dose.sets === 1
                  ? ""
                  : ` · ${clock(seconds.get(item.id) ?? 0)}`}
              </span>
            </span>
            <span className="text-sm max-lg:col-span-3">
              <RungLines item={item} drill={drill} members={[...members.values()]} />
            </span>
            {hand ? (
              <span className="flex max-lg:col-span-3">
                <button
                  type="button"
                  className="quiet"
                  aria-label={`${drill.name} earlier`}
                  disabled={n === 0}
                  onClick={() => hand.move(item.id, -1)}
                >
                  <ArrowUp size={15} />
                </button>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`${drill.name} later`}
                  disabled={n === hall.items.length - 1}
                  onClick={() => hand.move(item.id, 1)}
                >
                  <ArrowDown size={15} />
                </button>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Another instead of ${drill.name}`}
                  title="Another instead"
                  onClick={() => hand.another(drill.id)}
                >
                  <RefreshCw size={15} />
                </button>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Take ${drill.name} out`}
                  title="Take it out"
                  onClick={() => hand.drop(drill.id)}
                >
                  <X size={16} />
                </button>
              </span>
            ) : null}
          </li>
        );
      })}
    </ol>
  );
}

/** Rung by rung who is on it, and who sits out and why. */
function RungLines({
  item,
  drill,
  members,
}: {
  item: PrepItem;
  drill: Drill;
  members: readonly HallMember[];
}) {
  const { rungs, out } = byRung(item, members);
  return (
    <>
      {rungs.map(({ rungId, who }, n) => (
        <span key={rungId} className="block">
          <b>{rungOf(drill, rungId).name.toLowerCase()}</b>{" "}
          {onLevelWords(
            who.map(({ name, share }) => ({ name, ...(share ? { own: `+${notch[share]}` } : {}) })),
            { alone: rungs.length === 1 && out.length === 0, most: n === 0 },
          )}
        </span>
      ))}
      {out.map(({ name, reason }) => (
        <span key={name} className="block text-clay">
          {name} sits out: {reason ? againstWords(reason) : "no reason is known"}
        </span>
      ))}
    </>
  );
}
