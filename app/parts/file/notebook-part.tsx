import { useFetcher } from "react-router";
import { kinds, type Kind } from "#core/records/records";
import { countWords } from "#words/file";
import { turnTo } from "../../store/open";

/** Which notebook is open, what is in it, and the ways to the other, to a fresh demo and to an empty start. */
export function NotebookPart({
  name,
  counts,
}: {
  name: "demo" | "own";
  counts: Partial<Record<Kind, number>>;
}) {
  const fetcher = useFetcher();
  const act = (act: "empty" | "fresh-demo") =>
    void fetcher.submit({ act }, { method: "post", encType: "application/json" });
  const rows = kinds.flatMap((kind) =>
    kind !== "settings" && counts[kind] ? [{ kind, count: counts[kind] }] : [],
  );
  const turn = (to: "demo" | "own") => void turnTo(to).then(() => location.assign("/"));
  return (
    <section className="mt-6">
      <h2 className="text-2xl">
        {name === "demo" ? "Open: the Lanternfield demo" : "Open: your own notebook"}
      </h2>
      <p className="text-muted">
        {rows.length > 0
          ? rows.map(({ kind, count }) => countWords(kind, count)).join(", ")
          : "It is empty."}
      </p>
      <p className="mt-2 flex flex-wrap gap-3">
        {name === "demo" ? (
          <>
            <button type="button" className="press press-main" onClick={() => turn("own")}>
              Open my own notebook
            </button>
            <button type="button" className="press" onClick={() => act("fresh-demo")}>
              Load Lanternfield again
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
              disabled={rows.length === 0}
              onClick={() => act("empty")}
            >
              Empty this notebook
            </button>
          </>
        )}
      </p>
      <p className="mt-1 text-sm text-muted">
        The demo and your own notebook are kept apart; opening one changes nothing in the other.
        Emptying can be undone, after a reload too.
      </p>
    </section>
  );
}
