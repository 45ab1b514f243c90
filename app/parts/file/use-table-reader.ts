import { useEffect, useState } from "react";
import type { Remote } from "comlink";
import type { TableReader } from "../../workers/table.worker";
import { timed } from "../../workers/timed";

/** A table is given so long to be read, in milliseconds. */
const longest = 20_000;

export type TableThread = Remote<TableReader>;
type Ask<Answer> = (reader: TableThread) => Promise<Answer>;
export type ReadingStatus = "idle" | "working" | "ready" | "stopped" | "late" | "failed";

/**
 * An answer of the reader of tables, worked out beside the page. What takes too long or is stopped is ended; a new
 * question ends the one before it, whose answer stays in sight until there is a new one.
 * @param ask the question, the same function as long as it is the same question; null while there is none
 */
export function useTableReader<Answer>(ask: Ask<Answer> | null): {
  answer: Answer | null;
  status: ReadingStatus;
  stop: () => void;
} {
  const [state, setState] = useState<{
    of: Ask<Answer> | null;
    answer: Answer | null;
    status: ReadingStatus;
  }>({ of: null, answer: null, status: "idle" });
  const [control, setControl] = useState<AbortController | null>(null);
  useEffect(() => {
    if (!ask) return;
    const own = new AbortController();
    let wanted = true;
    setControl(own);
    const end = (answer: Answer | null, status: ReadingStatus) => {
      if (wanted) setState((was) => ({ of: ask, answer: answer ?? was.answer, status }));
    };
    const thread = new Worker(new URL("../../workers/table.worker.ts", import.meta.url), {
      type: "module",
    });
    timed<TableReader, Answer>(thread, ask, longest, own.signal).then(
      (answer) => end(answer, answer ? "ready" : own.signal.aborted ? "stopped" : "late"),
      () => end(null, "failed"),
    );
    return () => {
      wanted = false;
      own.abort();
    };
  }, [ask]);
  return {
    answer: ask ? state.answer : null,
    status: !ask ? "idle" : state.of === ask ? state.status : "working",
    stop: () => control?.abort(),
  };
}
