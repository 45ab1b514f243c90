import { useRef, useState } from "react";
import type { Progress } from "../../store/file-out";

type Task = (progress: Progress, signal: AbortSignal) => Promise<void>;
type State = { what: string; share: number; failed: string | null };

/** Work that can take its time: how far it is, a way to stop it, and what stopped it. */
export function useLongWork() {
  const [state, setState] = useState<State | null>(null);
  const control = useRef<AbortController | null>(null);
  const run = async (what: string, task: Task): Promise<void> => {
    const own = new AbortController();
    control.current = own;
    setState({ what, share: 0, failed: null });
    let shown = 0;
    try {
      await task((share) => {
        if (share - shown < 0.01) return;
        shown = share;
        setState({ what, share, failed: null });
      }, own.signal);
      setState(null);
    } catch (error) {
      setState(
        own.signal.aborted
          ? null
          : { what, share: 0, failed: error instanceof Error ? error.message : String(error) },
      );
    }
  };
  return {
    state,
    under: state !== null && state.failed === null,
    run,
    stop: () => control.current?.abort(),
  };
}

export function LongWork({ work }: { work: ReturnType<typeof useLongWork> }) {
  const { state, stop } = work;
  if (!state) return null;
  if (state.failed !== null)
    return (
      <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
        {state.what} was not finished ({state.failed}). Nothing was changed.
      </p>
    );
  return (
    <p className="mt-3 flex flex-wrap items-center gap-3" aria-live="polite">
      <span>{state.what} …</span>
      <progress className="h-2 w-40 accent-[var(--spruce)]" max={1} value={state.share} />
      <span className="figures text-sm">{Math.round(state.share * 100)} %</span>
      <button type="button" className="underlined" onClick={stop}>
        Stop
      </button>
    </p>
  );
}
