import { wrap, type Remote } from "comlink";

/**
 * Asks a thread of its own and gives it so long; what is not done then is ended.
 * @returns null where it took too long
 */
export async function timed<Asked, Answer>(
  thread: Worker,
  ask: (remote: Remote<Asked>) => Promise<Answer>,
  milliseconds: number,
): Promise<Answer | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((done) => {
    timer = setTimeout(() => done(null), milliseconds);
  });
  try {
    return await Promise.race([ask(wrap<Asked>(thread)), late]);
  } finally {
    clearTimeout(timer);
    thread.terminate();
  }
}
