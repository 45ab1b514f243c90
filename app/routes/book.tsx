import { useState } from "react";
import { useSearchParams } from "react-router";
import { BookDays } from "../parts/book/book-days";
import { BookDrills } from "../parts/book/book-drills";
import { BookLoad } from "../parts/book/book-load";
import { BookMotions } from "../parts/book/book-motions";
import { BookStops } from "../parts/book/book-stops";
import { StationLayout } from "../parts/frame/frame";
import { LogTabs } from "../parts/log/log-tabs";
import { athleteView } from "../view";
import { performSent } from "../acts/perform";
import type { Route } from "./+types/book";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

const parts = {
  day: "by day",
  drill: "by drill",
  motion: "by joint motion",
  load: "by load",
  stops: "stops and flags",
} as const;
type Part = keyof typeof parts;

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** The record book: everything that was written down, by day, by drill, by motion, and what stopped. */
export default function Book({ loaderData: view }: Route.ComponentProps) {
  const [query, setQuery] = useSearchParams();
  const asked = query.get("by");
  const by: Part = asked && asked in parts ? (asked as Part) : "day";
  // What is looked for can be about somebody's health: it stays out of the address.
  const [search, setSearch] = useState("");
  const set = (changes: Record<string, string>) => {
    for (const [key, value] of Object.entries(changes))
      if (value) query.set(key, value);
      else query.delete(key);
    setQuery(query, { replace: true });
  };
  const chosen = query.get("one");
  return (
    <StationLayout figure={null}>
      <LogTabs athleteId={view.athlete.id} />
      <h1 className="text-3xl">The record book</h1>
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2 print:hidden">
        <div className="flex" role="group" aria-label="Read it">
          {(Object.keys(parts) as Part[]).map((key) => (
            <button
              key={key}
              type="button"
              aria-pressed={by === key}
              onClick={() => set({ by: key, one: "" })}
              className={`min-h-10 border border-ink px-3 text-sm [&:not(:first-child)]:border-l-0 ${by === key ? "bg-ink text-paper" : ""}`}
            >
              {parts[key]}
            </button>
          ))}
        </div>
        <label className={by === "load" ? "hidden" : "grid"}>
          <span className="label">Look for</span>
          <input
            type="search"
            className="field w-52"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            placeholder={by === "day" ? "a drill, a place, stiff …" : "a name …"}
          />
        </label>
      </div>
      {by === "day" ? (
        <BookDays view={view} search={search} />
      ) : by === "drill" ? (
        <BookDrills view={view} search={search} chosen={chosen} choose={(one) => set({ one })} />
      ) : by === "motion" ? (
        <BookMotions view={view} search={search} chosen={chosen} choose={(one) => set({ one })} />
      ) : by === "load" ? (
        <BookLoad
          view={view}
          week={query.get("week") ?? view.today}
          choose={(week) => set({ week })}
        />
      ) : (
        <BookStops view={view} search={search} />
      )}
    </StationLayout>
  );
}
