import { lazy, memo, Suspense, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Side } from "#core/body/side";
import { testerWidening } from "#core/measure/tester";
import type { AthleteView } from "../../view";
import { say } from "../say";
import { later, useLater } from "../later";
import { useAct } from "../use-act";
import { shortDay } from "#words/days";
import { isLength } from "#core/content/protocol";
import { AskHeight } from "./ask-height";
import { CheckRow } from "./check-row";
import { FingerForm } from "./finger-form";
import {
  draftsOf,
  entryOf,
  stoppedMotions,
  withReading,
  type RoundRow,
  type SideEntry,
} from "./round";
import { alongNumbers } from "./round-keys";
import { RoundBar } from "./round-bar";
import type { Target, ToolName } from "./tools/tool";
import { toolsOf } from "./tools/tool";
import { useRoundRows, type RoundRows } from "./use-check-round";
import { useRound } from "./use-round";
import { Meaning } from "../meaning";

const ToolDialog = lazy(() => import("./tools/tool-dialog"));
const sequence = later(() => import("./sequence").then(({ Sequence }) => Sequence));
const belowRound = later(() => import("./below-round").then(({ BelowRound }) => BelowRound));

/** The round: what holds for all of it above, its checks in the order of positions, the verdicts at once. */
export const CheckDesk = memo(function CheckDesk({
  view,
  focus,
  setFocus,
  wish,
}: {
  view: AthleteView;
  focus: string;
  setFocus: (id: string) => void;
  /** The check the page was opened for. */
  wish: string;
}) {
  const { athlete, library, allGaps, checks, today } = view;
  const { round, setRound, clear } = useRound(athlete.id, view.settings);
  const { act } = useAct();
  const plan = useRoundRows(view, round, wish);
  const { rows } = plan;
  const [oneByOne, setOneByOne] = useState(false);
  const Sequence = useLater(sequence);
  const Below = useLater(belowRound);
  const [tool, setTool] = useState<{ name: ToolName; target: Target } | null>(null);
  const [calibrating, setCalibrating] = useState(false);
  /** Somebody wanted to keep a round without a name on it. */
  const [asked, setAsked] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const { fingerCm } = athlete.measures;
  const { ready, refused } = draftsOf(round, rows, fingerCm);
  const stopped = stoppedMotions(round, rows);
  const isStopped = ({ protocol }: RoundRow) =>
    protocol.involves.some((motion) => stopped.has(motion));
  useEffect(() => {
    if (wish)
      form.current?.querySelector<HTMLInputElement>(`#row-${focus} input[data-entry]`)?.focus();
    // Only when the page is opened with a wish, not on every move of the focus.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wish]);
  const firstId = rows[0]?.protocol.id;
  // Before anything is painted, so that the sheet does not change under the eye.
  useLayoutEffect(() => {
    if (!wish && firstId) setFocus(firstId);
    // The sheet beside shows the first check of the round until another is chosen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wish]);
  const setEntry = (row: RoundRow, side: Side, entry: SideEntry) =>
    setRound((old) => ({
      ...old,
      entries: { ...old.entries, [row.key]: { ...old.entries[row.key], [side]: entry } },
    }));
  const add = (id: string) => {
    setRound((old) => ({ ...old, added: [...old.added, id] }));
    setFocus(id);
    requestAnimationFrame(() =>
      form.current?.querySelector<HTMLInputElement>(`#row-${id} input[data-entry]`)?.focus(),
    );
  };
  const nobody = round.tester.trim() === "";
  const keep = () => {
    if (ready.length === 0) return;
    if (nobody) {
      setOneByOne(false);
      setAsked(true);
      requestAnimationFrame(() => document.getElementById("who-measures")?.focus());
      return;
    }
    act("save-round", { checks: ready, length: round.length });
    say(`${ready.length} check${ready.length > 1 ? "s" : ""} kept.`);
    clear();
    setOneByOne(false);
  };
  const before = checks.filter(({ on }) => on < today).sort((a, b) => b.on.localeCompare(a.on))[0];
  const entryProps = (row: RoundRow) => ({
    row,
    round,
    checks,
    fingerCm,
    onEntry: (side: Side, entry: SideEntry) => setEntry(row, side, entry),
    gap:
      allGaps.find(
        ({ protocolId, demand }) => protocolId === row.protocol.id && demand.mode === row.mode,
      ) ?? null,
    stopped: isStopped(row),
    openTool: (name: ToolName, side: Side) => setTool({ name, target: { row, side } }),
  });
  return (
    <form
      ref={form}
      data-next="first-checks unknown unsure old-checks"
      onKeyDown={alongNumbers}
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h1 className="text-2xl">{headline(plan, allGaps.length)}</h1>
      <p className="text-sm text-muted">
        {planSentence(plan)} <Meaning of="round" />
      </p>
      {oneByOne ? null : (
        <RoundBar
          round={round}
          change={(part) => setRound((old) => ({ ...old, ...part }))}
          lastTester={
            before && testerWidening(before.tester, round.tester) > 1 ? before.tester : null
          }
          fingerCm={fingerCm}
          calibrate={() => setCalibrating(true)}
        >
          {rows.length > 0 && !oneByOne ? (
            <button type="button" className="press !px-2" onClick={() => setOneByOne(true)}>
              One at a time
            </button>
          ) : null}
        </RoundBar>
      )}
      {athlete.assumed.includes("height") && rows.some(({ protocol }) => isLength(protocol)) ? (
        <AskHeight
          keep={(statureCm) => act("save-measures", { measures: athlete.measures, statureCm })}
        />
      ) : null}
      {calibrating ? (
        <FingerForm
          keep={(width) => {
            act("save-finger", { fingerCm: width });
            setCalibrating(false);
          }}
          close={() => setCalibrating(false)}
        />
      ) : null}
      {oneByOne && Sequence ? (
        <Sequence
          rows={rows}
          propsOf={entryProps}
          onCheck={setFocus}
          keep={keep}
          ready={ready.length}
          leave={() => setOneByOne(false)}
        />
      ) : (
        <ul className="mt-2 border-t border-ink">
          {rows.map((row) => (
            <CheckRow
              key={row.key}
              {...entryProps(row)}
              athlete={athlete}
              library={library}
              because={plan.because.get(row.protocol.id) ?? null}
              focused={focus === row.protocol.id}
              today={today}
              onFocus={() => setFocus(row.protocol.id)}
            />
          ))}
          {rows.length === 0 ? (
            <li className="py-4 text-muted">
              Nothing is in the round. Put a check in below, or give it more minutes.
            </li>
          ) : null}
        </ul>
      )}
      {oneByOne ? null : (
        <p className="sticky bottom-0 z-10 lg:-bottom-6 mt-3 flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper py-2">
          <button
            type="submit"
            data-save
            className="press press-main"
            disabled={ready.length === 0}
          >
            Save the round
          </button>
          {asked && nobody ? (
            <span role="alert" className="text-sm font-semibold text-clay">
              Who measures? A change is told by whose hands it was read with.
            </span>
          ) : null}
          <span className="text-sm text-muted">
            {ready.length === 0
              ? "Nothing typed yet."
              : `${ready.length} side${ready.length > 1 ? "s" : ""} ready.`}
            {refused > 0 ? ` ${refused} not: see the line in clay.` : ""}
          </span>
        </p>
      )}
      {Below ? <Below view={view} plan={plan} add={add} /> : null}
      <Suspense>
        {tool ? (
          <ToolDialog
            name={tool.name}
            athleteId={athlete.id}
            pointing={view.settings.pointing}
            target={tool.target}
            targets={rows
              .filter(({ protocol }) => toolsOf(protocol).includes(tool.name))
              .flatMap((row) =>
                (row.protocol.sided ? (["left", "right"] as const) : (["mid"] as const)).map(
                  (side): Target => ({ row, side }),
                ),
              )}
            onReading={({ row, side }, reading) =>
              setRound((old) => ({
                ...old,
                entries: {
                  ...old.entries,
                  [row.key]: {
                    ...old.entries[row.key],
                    [side]: withReading(entryOf(old, row, side), reading),
                  },
                },
              }))
            }
            close={() => setTool(null)}
          />
        ) : null}
      </Suspense>
    </form>
  );
});

function headline(
  { proposal: { items, nextDue, stopped, unreadable } }: RoundRows,
  asked: number,
): string {
  if (asked === 0) return "Measure what you like; an aim says what to measure.";
  const open = new Set(items.map(({ protocolId }) => protocolId)).size;
  if (open > 0)
    return `${open === 1 ? "One motion is" : `${open} motions are`} open: measure ${open === 1 ? "it" : "them"} first.`;
  if (stopped.length > 0) return "What is left to measure is stopped by pain.";
  if (unreadable.length > 0) return "What is open can’t be read with this instrument.";
  return nextDue
    ? `Nothing is due before ${shortDay(nextDue)}.`
    : "Everything the aim asks is measured.";
}

/** The proposal in a sentence: how long, how many changes of position, and what was left out. */
function planSentence({ proposal }: RoundRows): string {
  const { items, minutes, changes, left, unreadable, stopped } = proposal;
  const parts = [
    items.length > 0
      ? `About ${Math.ceil(minutes)} minutes, ${changes === 0 ? "one position" : `${changes} change${changes > 1 ? "s" : ""} of position`}. Enter goes to the next number; grey is what was read last.`
      : "Both sides, the same way every time.",
    unreadable.length > 0 ? `${unreadable.length} can’t be read with this instrument.` : "",
    left.length > 0 ? `${left.length} more would need more minutes.` : "",
    stopped.length > 0
      ? `${stopped.length} stopped by pain until a person clears ${stopped.length > 1 ? "them" : "it"}.`
      : "",
  ];
  return parts.filter((part) => part !== "").join(" ");
}
