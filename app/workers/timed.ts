import { wrap, type Remote } from "comlink";

/**
 * Asks a thread of its own and gives it so long; what is not done then, or is stopped, is ended.
 * @returns null where it took too long or was stopped
 * @throws where the thread can't be started
 */
export async function timed<Asked, Answer>(
  thread: Worker,
  ask: (remote: Remote<Asked>) => Promise<Answer>,
  milliseconds: number,
  stopped?: AbortSignal,
): Promise<Answer | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ended = new Promise<null>((done, fail) => {
    timer = setTimeout(() => done(null), milliseconds);
    stopped?.addEventListener("abort", () => done(null));
    thread.onerror = () => fail(new Error("the thread can't be started"));
  });
  try {
    return await Promise.race([ask(wrap<Asked>(thread)), ended]);
  } finally {
    clearTimeout(timer);
    thread.terminate();
  }
}
