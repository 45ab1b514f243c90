import { doesOf } from "#core/exposure/does";
import { shippedLibrary } from "./library";

/** How much of an idle moment is left for the page, ms. */
const spare = 4;

/**
 * Works out what each drill does to a body while nobody presses anything: the gate asks it of the whole library when
 * the first prep is planned, and remembers it from then on. Does nothing where the browser does not say when it is idle.
 */
export async function warmUp(): Promise<void> {
  if (!("requestIdleCallback" in globalThis)) return;
  const { drills } = await shippedLibrary();
  const left = drills.flatMap((drill) => drill.rungs.map((rung) => () => doesOf(drill, rung)));
  const go = (idle: IdleDeadline) => {
    while (left.length > 0 && idle.timeRemaining() > spare) left.pop()!();
    if (left.length > 0) requestIdleCallback(go);
  };
  requestIdleCallback(go);
}
