import { wrap, type Remote } from "comlink";
import type { Prover } from "./plan.worker";

let prover: Remote<Prover> | null = null;
let thread: Worker | null = null;

/** The mixed-integer solver in its own thread, started with the first question. */
export function proving(): Remote<Prover> {
  if (!prover) {
    thread = new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });
    prover = wrap<Prover>(thread);
  }
  return prover;
}

/** Ends a question that is no longer wanted; the next one starts a new thread. */
export function stopProving(): void {
  thread?.terminate();
  [prover, thread] = [null, null];
}
