import type { RowProblem } from "#core/exchange/checks-in";
import type { Refusal } from "#core/acts/refusal";
import { refusalWords } from "#words/acts";
import { rowProblemWords } from "#words/file";

/** So many problems are told; the rest are counted. */
const mostTold = 12;

/** What would be taken over, what could not be read and why, and the press that does it. */
export function TakeOver({
  found,
  count,
  problems,
  refused,
  busy,
  take,
  leave,
}: {
  /** How many there are, in words. */
  found: string;
  count: number;
  problems: readonly RowProblem[];
  refused: Refusal | null;
  busy: boolean;
  take: () => void;
  leave: () => void;
}) {
  return (
    <>
      <p role="status" className="mt-3 font-semibold">
        {found}
        {problems.length > 0 ? `; ${problems.length} could not be read:` : "."}
      </p>
      <ul className="text-sm">
        {problems.slice(0, mostTold).map((problem, n) => (
          <li key={n} className="text-clay">
            {rowProblemWords(problem)}
          </li>
        ))}
        {problems.length > mostTold ? (
          <li className="text-muted">and {problems.length - mostTold} more</li>
        ) : null}
      </ul>
      {refused ? (
        <p role="alert" className="mt-2 text-clay">
          {refusalWords(refused)}
        </p>
      ) : null}
      <p className="mt-3 flex gap-3">
        <button
          type="button"
          className="press press-main"
          disabled={count === 0 || busy}
          onClick={take}
        >
          {busy ? "Taking them over …" : "Take them over"}
        </button>
        <button type="button" className="press" onClick={leave}>
          Cancel
        </button>
      </p>
    </>
  );
}
