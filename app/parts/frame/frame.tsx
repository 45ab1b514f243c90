import { lazy, Suspense, useCallback, useState, type ReactNode } from "react";
import { paperDay } from "#words/days";
import { today } from "../../clock";
import type { NextMove } from "#core/season/next-move";
import { FirstWalk } from "./first-walk";
import { intoThePage, useKeptFocus } from "./kept-focus";
import { useFrameKeys } from "./keys";
import { Notices } from "./notices";
import { Rail, type RailSubject } from "./rail";
import { usePageSaid } from "./page-said";
import { useFreshData } from "./use-notebook";

const Finder = lazy(() => import("./finder"));
const KeyHelp = lazy(() => import("./key-help"));

/** What surrounds every page but the run: rail, tape, the page, the next move. */
export function Frame({
  subject,
  tape,
  move,
  next,
  here = null,
  children,
}: {
  subject: RailSubject | null;
  tape?: ReactNode;
  move: NextMove | null;
  /** The line that says it, below everything. */
  next?: ReactNode;
  /** The station one is on. */
  here?: string | null;
  children: ReactNode;
}) {
  const [shown, setShown] = useState<"find" | "keys" | null>(null);
  const open = useCallback((what: "find" | "keys") => setShown(what), []);
  const close = useCallback(() => {
    setShown(null);
    // Once the dialog is gone and has given back what it took.
    setTimeout(intoThePage, 60);
  }, []);
  useFreshData();
  useKeptFocus();
  const said = usePageSaid(subject?.name ?? "");
  useFrameKeys({ athleteId: subject?.id ?? null, move, here, open });
  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh print:block print:h-auto">
      <a
        href="#desk"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-ink focus:p-3 focus:text-paper"
      >
        Skip to the page
      </a>
      <p className="sr-only" aria-live="polite">
        {said}
      </p>
      <Rail subject={subject} open={open} />
      <p className="hidden border-b border-ink pb-1 text-xs print:mb-3 print:block">
        {[subject?.name, paperDay(today()), "Yearling"].filter(Boolean).join(" · ")}
      </p>
      <FirstWalk athleteId={subject?.id ?? null} />
      {tape ? <section aria-label="Tape">{tape}</section> : null}
      <Notices />
      <div className="min-h-0 flex-1 print:block">{children}</div>
      {next}
      <Suspense>
        {shown === "find" ? <Finder close={close} athleteId={subject?.id ?? null} /> : null}
        {shown === "keys" ? <KeyHelp close={close} /> : null}
      </Suspense>
    </div>
  );
}

/** A station: the figure on the left, the desk on the right; one below the other on a phone. */
export function StationLayout({
  figure,
  wide = false,
  look,
  children,
}: {
  /** What the right side is about; null where there is nothing to show, and the desk takes the width. */
  figure: ReactNode;
  /** The desk takes nearly three quarters: it holds a week or a season. */
  wide?: boolean;
  /** Hears what the cursor or the pointer is on, so that the left side can show it. */
  look?: (event: { target: EventTarget }) => void;
  children: ReactNode;
}) {
  if (figure === null)
    return (
      <main
        id="desk"
        tabIndex={-1}
        className={`mx-auto h-full w-full min-w-0 p-4 pb-8 outline-none sm:p-6 lg:overflow-y-auto print:p-0 ${wide ? "max-w-7xl" : "max-w-5xl"}`}
      >
        {children}
      </main>
    );
  return (
    <div
      className={`flex h-full min-h-0 flex-col lg:grid print:block ${wide ? "lg:grid-cols-[28%_72%]" : "lg:grid-cols-[38%_62%]"}`}
    >
      <aside
        aria-label="Figure"
        className="order-2 flex min-h-[22rem] flex-col border-line p-4 sm:p-6 lg:order-1 lg:min-h-0 lg:overflow-y-auto lg:border-r print:hidden"
      >
        {figure}
      </aside>
      <main
        id="desk"
        tabIndex={-1}
        onFocus={look}
        onPointerOver={look}
        className="order-1 min-w-0 p-4 pb-8 outline-none sm:p-6 lg:order-2 lg:overflow-y-auto print:p-0"
      >
        {children}
      </main>
    </div>
  );
}
