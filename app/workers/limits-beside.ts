import { wrap, type Remote } from "comlink";
import { keepLimits, limitQuestion, type LimitQuestion } from "#core/limit/beside";
import type { RankInput } from "#core/limit/ranked-gaps";
import type { Limiter } from "./limit.worker";

/** So long the page waits for the other thread before it works it out itself, in milliseconds. */
const patience = 4_000;

let limiter: Remote<Limiter> | null = null;
let broken = typeof Worker === "undefined";
/** Ends every wait once the thread is known not to be there, as without a network before it was ever kept. */
let giveUp: () => void = () => undefined;
const given = new Promise<void>((done) => (giveUp = done));

function limiting(): Remote<Limiter> {
  if (!limiter) {
    const thread = new Worker(new URL("./limit.worker.ts", import.meta.url), { type: "module" });
    thread.onerror = () => {
      broken = true;
      giveUp();
    };
    limiter = wrap<Limiter>(thread);
  }
  return limiter;
}

/**
 * Has the rankings of aims worked out in a thread of its own, so that presses are answered meanwhile; the page finds
 * them remembered. Where there is no other thread, or it doesn't answer, nothing is lost: the page works them out.
 * @param walked the aim whose shape is looked at too
 */
export async function limitsBeside(
  inputs: readonly RankInput[],
  walked: string | null,
): Promise<void> {
  if (broken) return;
  const questions = inputs.flatMap((input) => limitQuestion(input, input.aim.id === walked) ?? []);
  if (questions.length === 0) return;
  const late = new Promise<void>((done) => setTimeout(done, patience));
  await Promise.race([Promise.all(questions.map(answered)), late, given]).catch(() => {
    broken = true;
  });
}

/** Questions under way: asked twice, they are answered once. */
const underWay = new Map<string, Promise<void>>();

function answered(question: LimitQuestion): Promise<void> {
  const before = underWay.get(question.key);
  if (before) return before;
  const answer = limiting()
    .answer(question)
    .then(keepLimits)
    .finally(() => underWay.delete(question.key));
  underWay.set(question.key, answer);
  return answer;
}
