import { kindNames, kinds, type AnyRecord } from "#core/exchange/records";
import { turnTo } from "../../storage/open";
import { useAct } from "../use-act";

/** Which notebook is open, what is in it, and the ways to the other, to a fresh demo and to an empty start. */
export function NotebookPart({
  name,
  records,
}: {
  name: "demo" | "own";
  records: readonly AnyRecord[];
}) {
  const { act } = useAct();
  const counts = kinds
    .map((kind) => ({ kind, count: records.filter((record) => record.kind === kind).length }))
    .filter(({ count }) => count > 0);
  const turn = (to: "demo" | "own") => void turnTo(to).then(() => location.assign("/"));
  return (
    <section className="mt-6">
      <h2 className="text-2xl">
        {name === "demo" ? "Open: the Lanternfield demo" : "Open: your own notebook"}
      </h2>
      <p className="text-muted">
        {counts.length > 0
          ? counts.map(({ kind, count }) => `${count} ${kindNames[kind]}`).join(", ")
          : "It is empty."}
      </p>
      <p className="mt-2 flex flex-wrap gap-3">
        {name === "demo" ? (
          <>
            <button type="button" className="press press-main" onClick={() => turn("own")}>
              Open my own notebook
            </button>
            <button type="button" className="press" onClick={() => act("fresh-demo")}>
              Load Lanternfield afresh
            </button>
          </>
        ) : (
          <>
            <button type="button" className="press" onClick={() => turn("demo")}>
              See Lanternfield
            </button>
            <button
              type="button"
              className="press"
              disabled={records.length === 0}
              onClick={() => act("empty")}
            >
              Empty this notebook
            </button>
          </>
        )}
      </p>
      <p className="mt-1 text-sm text-muted">
        The demo and your own notebook are kept apart; opening one changes nothing in the other.
        Emptying can be undone until the page is closed.
      </p>
    </section>
  );
}
