import { eased } from "./block";

/** Sessions that a week wants: half in an eased one, fewer where days are away. */
export const sessionsIn = (
  perWeek: number,
  terms: { lighter: boolean; restart: boolean; days: number },
): number => {
  const here = Math.round((perWeek * terms.days) / 7);
  return eased(terms) ? Math.ceil(here / 2) : here;
};
