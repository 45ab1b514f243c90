import { Link } from "react-router";
import { HandedCard } from "../parts/coach/handed-card";
import { useFreshData } from "../parts/frame/use-notebook";
import { today } from "../clock";
import { newsFor } from "../store/athlete-out";
import { handedHere } from "../store/handed";
import { openNotebook } from "../store/open";
import type { Route } from "./+types/coach";

export { ErrorBoundary } from "../parts/frame/broken";

/** Everybody whom a coach has handed to this device: what is to do, and what is new since. */
export async function clientLoader() {
  const { name, notebook } = await openNotebook();
  const handed = name === "own" ? await handedHere() : [];
  const cards = [];
  for (const one of handed) {
    const athlete = notebook.get("athlete", one.athleteId);
    if (!athlete) continue;
    const news = await newsFor(notebook, one);
    const logs = notebook.all("log", athlete.id);
    const preps = notebook
      .all("prep", athlete.id)
      .filter(({ own, on }) => own === "" && on >= today())
      .toSorted((a, b) => a.on.localeCompare(b.on))
      .map((prep) => ({ prep, logged: logs.some(({ prepId }) => prepId === prep.id) }));
    cards.push({
      handed: one,
      athlete,
      preps,
      news,
      underWay: notebook.all("run", athlete.id).length > 0,
    });
  }
  return { cards, today: today() };
}

export const meta: Route.MetaFunction = () => [{ title: "From your coach · Yearling" }];

/** On the athlete's phone: run, log, answer, send back. */
export default function FromCoach({ loaderData: { cards, today: on } }: Route.ComponentProps) {
  useFreshData();
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-2xl overflow-y-auto p-4 sm:p-8">
      <h1 className="text-3xl sm:text-4xl">From your coach</h1>
      {cards.length === 0 ? (
        <p className="mt-3">
          Nothing yet.{" "}
          <Link className="underlined" to="/open">
            Scan a code or paste the link
          </Link>{" "}
          that your coach has for you.
        </p>
      ) : null}
      {cards.map((card) => (
        <HandedCard key={card.athlete.id} {...card} today={on} />
      ))}
    </main>
  );
}
