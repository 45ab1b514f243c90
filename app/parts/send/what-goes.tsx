import type { ReactNode } from "react";
import { Link } from "react-router";

/** How it is read on the other side, and what is in it. */
export function WhatGoes({ athleteName, children }: { athleteName: string; children: ReactNode }) {
  return (
    <section className="mt-3 max-w-xl">
      <h2 className="text-xl">On the phone</h2>
      <ol className="mt-2 list-decimal pl-5">
        <li>Open Yearling, choose The file, then “Scan or paste”.</li>
        <li>Hold it to the codes until the count is full.</li>
        <li>Run it, log it, and send back what is new.</li>
      </ol>
      <h2 className="mt-5 text-xl">What goes along</h2>
      <p className="mt-1">
        The prep, {athleteName}’s open aims and body lengths, the place, and your own drills in it.
        No readings, no log, no health answers: the phone asks {athleteName} for those itself.
        Whoever gets the link can read the prep.
      </p>
      {children}
      <p className="mt-3 text-sm">
        <Link className="underlined" to="/file">
          More of {athleteName}’s, as a file
        </Link>
      </p>
    </section>
  );
}
