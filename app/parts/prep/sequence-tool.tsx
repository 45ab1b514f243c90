import { closestCenter, DndContext } from "@dnd-kit/core";
import { arrayMove, SortableContext, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { useMemo, useState } from "react";
import { clock, writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { drillOf } from "#core/content/library";
import type { PlanRequest } from "#core/prep/plan";
import { laid } from "#core/prep/sequence";
import { prepSeconds } from "#core/prep/timeline";
import { readTyped } from "#core/prep/typed";
import type { Prep } from "#core/records/records";
import { breathWords } from "#words/breath";
import type { DoAct } from "../use-act";
import { useCarrying } from "../use-carrying";
import { drillAsWritten } from "../library/own-drill";
import { AddLine, CarriedLine } from "./sequence-lines";
import { matcherOf, type Match } from "./match-drill";

const example = `skip 2 min
wrist circles 10 each way
3x30 s pigeon each side
break 30 s
rounds 3:
push-up 8
pull-aparts 15`;

/** A session typed or pasted, a line an item: matched with the library as it is typed, and laid in that order. */
export function SequenceTool({
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
  const { library } = request;
  const [text, setText] = useState("");
  /** Another drill than the likeliest, by the words that were typed. */
  const [chosen, setChosen] = useState<Record<string, Match | null>>({});
  const match = useMemo(() => matcherOf(library), [library]);
  const lines = useMemo(() => readTyped(text), [text]);
  const offered = useMemo(
    () => lines.map((line) => (line.is === "drill" ? match(line.name) : [])),
    [lines, match],
  );
  const matches = lines.map((line, n) =>
    line.is === "break"
      ? null
      : line.name in chosen
        ? chosen[line.name]!
        : (offered[n]![0] ?? null),
  );
  const items = laid(
    lines.map((line, n) => ({
      line,
      drillId: matches[n]?.drillId ?? null,
      rungId: matches[n]?.rungId ?? null,
    })),
    request,
  );
  const moveLine = (from: number, to: number) => {
    const rows = text.split("\n");
    if (to < 0 || to >= rows.length || from === to) return;
    setText(arrayMove(rows, from, to).join("\n"));
  };
  const sensors = useCarrying();
  const rowIds = [...new Set(lines.map((line) => String(line.at)))];
  const missing = lines.filter((line, n) => line.is === "drill" && !matches[n]);
  let at = -1;
  return (
    <form
      className="mt-2 border-l-4 border-tape bg-raised px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (items.length === 0) return;
        act("lay-sequence", { prep, text, matches });
        close();
        document.getElementById("desk")?.scrollTo({ top: 0 });
      }}
    >
      <div className="grid gap-x-6 gap-y-2 lg:grid-cols-[minmax(14rem,2fr)_3fr]">
        <label className="grid content-start">
          <span className="label">A line an item, in your order</span>
          <textarea
            className="field min-h-56 w-full font-mono text-sm"
            value={text}
            rows={Math.max(8, text.split("\n").length + 1)}
            placeholder={example}
            spellCheck={false}
            maxLength={8000}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <div>
          <p className="label" role="status">
            {lines.length === 0
              ? "What is meant"
              : `${items.length} drills, ${clock(prepSeconds(items, library, prep.handOver))}${missing.length > 0 ? `; ${missing.length} not known` : ""}`}
          </p>
          <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={({ active, over }) => {
              if (over) moveLine(Number(active.id), Number(over.id));
            }}
          >
            <SortableContext items={rowIds} strategy={verticalListSortingStrategy}>
              <ol className="text-sm">
                {lines.map((line, n) => {
                  // A line of a circuit is carried once, with all its rounds.
                  const first = lines.findIndex(({ at: row }) => row === line.at) === n;
                  const carried = {
                    row: line.at,
                    name: line.typed,
                    carries: first,
                    move: moveLine,
                  };
                  if (line.is === "break")
                    return (
                      <CarriedLine key={n} {...carried}>
                        <span className="py-1.5 text-muted">
                          {clock(line.seconds)} {breathWords[line.as]}
                        </span>
                      </CarriedLine>
                    );
                  const found = matches[n];
                  const drill = found && drillOf(library, found.drillId);
                  if (drill) at += 1;
                  const item = drill ? items[at] : undefined;
                  return (
                    <CarriedLine key={n} {...carried}>
                      <select
                        className="field !min-h-9 w-full"
                        aria-label={`Line ${n + 1}, ${line.typed}`}
                        value={found?.drillId ?? ""}
                        onChange={(event) => {
                          const drillId = event.target.value;
                          const known = offered[n]!.find((one) => one.drillId === drillId);
                          setChosen({
                            ...chosen,
                            [line.name]: drillId ? (known ?? { drillId, rungId: null }) : null,
                          });
                        }}
                      >
                        <option value="">not known: left out</option>
                        {offered[n]!.map(({ drillId }) => (
                          <option key={drillId} value={drillId}>
                            {drillOf(library, drillId)!.name}
                          </option>
                        ))}
                        {found && !offered[n]!.some(({ drillId }) => drillId === found.drillId) ? (
                          <option value={found.drillId}>{drill?.name}</option>
                        ) : null}
                      </select>
                      <span className="figures text-right">
                        {drill && item ? (
                          <>
                            {writeDose(item.dose)}
                            <span className="block font-sans text-xs text-muted">
                              {rungOf(drill, item.rungId).name}
                            </span>
                          </>
                        ) : (
                          <button
                            type="button"
                            className="quiet underlined"
                            onClick={() =>
                              act("save-drill", { drill: drillAsWritten(library, line) })
                            }
                          >
                            Keep as my own drill
                          </button>
                        )}
                      </span>
                    </CarriedLine>
                  );
                })}
              </ol>
            </SortableContext>
          </DndContext>
          <AddLine
            drills={library.drills}
            add={(name) => setText(text.trim() === "" ? name : `${text.trimEnd()}\n${name}`)}
          />
        </div>
      </div>
      <p className="mt-3 flex flex-wrap gap-3">
        <button type="submit" className="press press-main" disabled={items.length === 0}>
          Use this session
        </button>
        <button type="button" className="press" onClick={close}>
          Cancel
        </button>
      </p>
    </form>
  );
}
