import { BookOpen, FolderOpen, Keyboard, Redo2, Search, Undo2 } from "lucide-react";
import { Link, NavLink, useFetchers, useNavigation } from "react-router";
import { stations } from "#core/season/walk";
import { travel } from "./undo";
import { useNotebookState } from "./use-notebook";
import { labelWords } from "#words/labels";

export type RailSubject = {
  id: string;
  name: string;
  aim: string;
  /** Handed to this device by a coach. */
  handed: boolean;
};

/** The rail: who, toward what, and the stations in the order of the work. */
export function Rail({
  subject,
  open,
}: {
  subject: RailSubject | null;
  open: (what: "find" | "keys") => void;
}) {
  return (
    <header className="no-print flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-ink px-4 py-2 lg:h-[60px] lg:flex-nowrap lg:px-7 lg:py-0">
      <Link to="/" className="font-display text-[1.35rem] font-bold tracking-tight">
        Yearling
      </Link>
      {subject ? (
        <button
          type="button"
          onClick={() => open("find")}
          className="min-w-0 flex-1 border-l border-line pl-5 text-left leading-tight lg:flex-none"
          title="Find another athlete"
        >
          <span className="block truncate font-display font-bold">{subject.name}</span>
          <span className="block truncate text-sm text-muted">{subject.aim}</span>
        </button>
      ) : (
        <span className="flex-1" />
      )}
      <span className="hidden flex-1 lg:block" />
      {subject ? <StationWalk athleteId={subject.id} handed={subject.handed} /> : null}
      <Tools open={open} />
    </header>
  );
}

function StationWalk({ athleteId, handed }: { athleteId: string; handed: boolean }) {
  // A pressed station is marked at once, before its page is there.
  const coming = useNavigation().location?.pathname;
  const marked = (station: string, isActive: boolean) =>
    coming?.startsWith(`/at/${athleteId}/`) ? coming.split("/")[3] === station : isActive;
  return (
    <nav
      aria-label="Stations"
      className="order-3 -mx-4 flex w-[calc(100%+2rem)] overflow-x-auto px-2 lg:order-none lg:mx-0 lg:w-auto lg:overflow-visible lg:px-0"
    >
      {handed ? (
        <Link
          to="/coach"
          className="flex min-h-11 items-center border-r border-line px-2 text-sm whitespace-nowrap underline lg:min-h-9"
        >
          From your coach
        </Link>
      ) : null}
      {stations.map((station, i) => (
        <NavLink
          key={station}
          to={`/at/${athleteId}/${station}`}
          prefetch="render"
          className={({ isActive }) =>
            `flex min-h-11 items-center gap-1.5 px-2 font-display text-[1.02rem] sm:px-2.5 font-semibold capitalize lg:min-h-9 ${marked(station, isActive) ? "bg-ink text-paper" : "hover:bg-raised"}`
          }
        >
          {({ isActive }) => (
            <>
              <span
                className={`figures text-[0.68rem] max-sm:hidden ${marked(station, isActive) ? "text-tape dark-safe" : "text-muted"}`}
              >
                {i + 1}
              </span>
              {station}
            </>
          )}
        </NavLink>
      ))}
    </nav>
  );
}

function Tools({ open }: { open: (what: "find" | "keys") => void }) {
  const state = useNotebookState();
  // From the press on: an act that is not decided yet is not saved.
  const underWay = useFetchers().some((fetcher) => fetcher.state === "submitting");
  return (
    <div className="flex items-center gap-0.5">
      <button
        type="button"
        className="quiet"
        onClick={() => void travel("undo")}
        disabled={!state?.undo}
        title={state?.undo ? `Undo: ${labelWords(state.undo)}` : "Nothing to undo"}
        aria-label="Undo"
      >
        <Undo2 size={17} />
      </button>
      <button
        type="button"
        className="quiet max-sm:hidden"
        onClick={() => void travel("redo")}
        disabled={!state?.redo}
        title={state?.redo ? `Redo: ${labelWords(state.redo)}` : "Nothing to redo"}
        aria-label="Redo"
      >
        <Redo2 size={17} />
      </button>
      <button
        type="button"
        className="quiet"
        onClick={() => open("find")}
        title="Find ( / )"
        aria-label="Find"
      >
        <Search size={17} />
      </button>
      <Link to="/library" className="quiet max-sm:hidden" title="Library" aria-label="Library">
        <BookOpen size={17} />
      </Link>
      <Link to="/file" className="quiet" title="File: save, open, demo" aria-label="File">
        <FolderOpen size={17} />
      </Link>
      <button
        type="button"
        className="quiet max-lg:hidden"
        onClick={() => open("keys")}
        title="Keys ( ? )"
        aria-label="Keys"
      >
        <Keyboard size={17} />
      </button>
      <span
        className="ml-1 w-14 text-xs whitespace-nowrap text-muted max-xl:sr-only"
        role="status"
        aria-live="polite"
      >
        {state?.status === "failed"
          ? "not saved"
          : state?.status === "saving" || underWay
            ? "saving"
            : state
              ? "saved"
              : ""}
      </span>
    </div>
  );
}
