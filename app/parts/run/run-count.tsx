import { clock } from "#core/drill/dose";
import type { PrepItem } from "#core/records/records";
import type { Step } from "#core/prep/timeline";
import { isOpenStep, isWorkStep, type RunState } from "#core/run/state";
import { countWord } from "./words";

/** What the big number is: repetitions left where they are counted at one's own pace, else seconds; of an own set its number. */
export function bigNumber(
  step: Step,
  item: PrepItem,
  into: number,
  together: boolean,
): { text: string; unit: "seconds" | "repetitions" | "set"; seconds: number } {
  const seconds = Math.max(0, Math.ceil(step.seconds - into - 0.001));
  if (step.kind === "own-set") return { text: String(step.set), unit: "set", seconds: 0 };
  if (isOpenStep(step)) {
    // It counts up: nobody knows how much it takes today.
    const tempo = item.dose.type === "reps" ? item.dose.tempo : 1;
    const unit = item.dose.type === "reps" ? "repetitions" : "seconds";
    return { text: String(Math.floor((into + 1e-6) / tempo)), unit, seconds };
  }
  if (step.reps && isWorkStep(step) && item.dose.type === "reps" && !together) {
    const left = Math.max(1, step.reps - Math.floor((into + 1e-6) / item.dose.tempo));
    return { text: String(left), unit: "repetitions", seconds };
  }
  return { text: seconds > 99 ? clock(seconds) : String(seconds), unit: "seconds", seconds };
}

/** What it usually takes: repetitions, or minutes and seconds. */
const usualOf = (step: Step, { dose }: PrepItem): string =>
  dose.type === "reps" ? String(step.reps ?? dose.reps) : clock(step.seconds);

/**
 * The number that is read from five metres, in one large place to tap: it pauses and goes on, and where
 * repetitions are counted or an own set is waited for, it says "done".
 */
export function RunCount({
  state,
  step,
  item,
  together,
  wall,
  tap,
}: {
  state: RunState;
  step: Step;
  item: PrepItem;
  together: boolean;
  wall: boolean;
  tap: { act: () => void; word: string };
}) {
  const { text, unit, seconds } = bigNumber(step, item, state.into, together);
  const paused = state.status === "paused";
  const said = [step.side ?? "", countWord(step, item)].filter(Boolean).join(", ");
  const size = wall
    ? text.length > 3
      ? "text-[clamp(6rem,26vw,24rem)]"
      : "text-[clamp(9rem,36vw,34rem)]"
    : text.length > 3
      ? "text-[clamp(6rem,20vw,16rem)]"
      : "text-[clamp(12rem,27vw,21rem)]";
  return (
    <div className="group relative flex w-full min-w-0 flex-1 flex-col justify-center self-stretch text-center sm:w-auto sm:text-right">
      {/* Over the number and not around it: its name would change each second, and be read out each second. */}
      <button
        type="button"
        onClick={tap.act}
        aria-label={["The count", said].filter(Boolean).join(", ")}
        title={tap.word}
        className="absolute inset-0 z-10 cursor-pointer"
      />
      <span
        role="timer"
        aria-label={
          unit === "set" ? `set ${text}` : `${unit === "seconds" ? seconds : text} ${unit} left`
        }
        className={`block font-display ${size} font-extrabold leading-[0.82] tracking-[-0.05em] tabular-nums ${paused ? "opacity-50" : ""}`}
      >
        {text}
      </span>
      <span
        className={`mt-4 block min-h-9 leading-tight text-[#d8d2c3] ${wall ? "text-[clamp(1.6rem,3.4vw,4rem)]" : "text-[clamp(1.25rem,2.5vw,2.2rem)]"}`}
      >
        {paused
          ? "paused"
          : [
              isOpenStep(step) && unit !== "set"
                ? `so far · usually ${usualOf(step, item)}`
                : unit === "repetitions"
                  ? `to go · ${clock(seconds)}`
                  : "",
              unit === "set"
                ? `of ${step.sets} work sets · ${clock(state.into)}`
                : countWord(step, item),
            ]
              .filter(Boolean)
              .join(" · ")}
      </span>
      <span
        aria-hidden="true"
        className="mt-1 block text-sm text-[#9a9688] group-hover:text-[#f2eee4]"
      >
        tap: {tap.word}
      </span>
    </div>
  );
}
