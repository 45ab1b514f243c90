import type { Move, NextMove } from "#core/season/next-move";

/** Where a move leads. */
export const addressOf = (athleteId: string, { to, day }: NextMove): string =>
  to === "file" ? "/file" : `/at/${athleteId}/${to}${day ? `?day=${day}` : ""}`;

/** Whether a move is done on the page one is on. */
export const isHere = ({ to, day }: NextMove, here: string | null): boolean =>
  to === here && day === undefined;

/** What can be typed or pressed, in the order of the page. */
const reachable =
  "input:enabled:not([type='hidden']), select:enabled, textarea:enabled, button:enabled, a[href], summary";

/**
 * Brings the place of the page where a move is done into sight and puts the cursor there. A place says what is done in it
 * by `data-next`, several by spaces; what is done first in it by `data-first`.
 * @returns whether there was one
 */
export function toTheSpot({ now }: Pick<Move, "now">): boolean {
  const spot = [...document.querySelectorAll<HTMLElement>(`[data-next~="${now}"]`)].find(
    (one) => one.getClientRects().length > 0,
  );
  if (!spot) return false;
  spot.closest("details")?.setAttribute("open", "");
  const first = spot.matches(reachable)
    ? spot
    : (spot.querySelector<HTMLElement>("[data-first]") ??
      spot.querySelector<HTMLElement>(reachable));
  spot.scrollIntoView({ block: spot === first ? "center" : "start" });
  first?.focus({ preventScroll: true });
  return true;
}
