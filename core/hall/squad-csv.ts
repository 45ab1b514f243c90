import { tableText } from "../exchange/table-text";
import { motionOf } from "../body/motions";
import type { SquadColumn } from "./squad";

/** A squad's table for a spreadsheet: one row an athlete, motion and side; degrees, ISO dates. */
export function squadCsv(
  people: readonly { id: string; name: string }[],
  columns: readonly SquadColumn[],
): string {
  const rows = people.flatMap(({ id, name }) =>
    columns.flatMap(({ motion, mode, gaps }) => {
      const gap = gaps.get(id);
      return (gap?.sides ?? []).map(({ side, asked, have, margin, verdict, checkedOn }) => ({
        athlete: name,
        motion: motionOf(motion).name,
        mode,
        side,
        asked: asked ? "yes" : "no",
        need_deg: gap!.need,
        have_deg: have ? Number(have.degrees.toFixed(1)) : "",
        error_deg: have ? Number(have.se.toFixed(1)) : "",
        margin_deg: margin === null ? "" : Number(margin.toFixed(1)),
        verdict,
        checked_on: checkedOn ?? "",
      }));
    }),
  );
  return tableText(rows, [
    "athlete",
    "motion",
    "mode",
    "side",
    "asked",
    "need_deg",
    "have_deg",
    "error_deg",
    "margin_deg",
    "verdict",
    "checked_on",
  ]);
}
