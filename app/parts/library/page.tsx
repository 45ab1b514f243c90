import type { ReactNode } from "react";
import { Link } from "react-router";

/** A page of the library: a way back, a title, the matter. */
export function LibraryPage({
  title,
  lead,
  children,
}: {
  title: ReactNode;
  lead: string;
  children: ReactNode;
}) {
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-4xl overflow-y-auto p-4 sm:p-8">
      <p className="no-print text-sm">
        <Link className="underlined" to="/library">
          Library
        </Link>
      </p>
      <h1 className="mt-2 text-4xl">{title}</h1>
      <p className="mt-1 max-w-2xl text-lg text-muted">{lead}</p>
      {children}
    </main>
  );
}
