import { NavLink } from "react-router";

/** The two halves of the station: writing a log, and reading the book. */
export function LogTabs({ athleteId }: { athleteId: string }) {
  const tab = ({ isActive }: { isActive: boolean }) =>
    `min-h-9 border-b-2 pt-1 font-semibold ${isActive ? "border-ink" : "border-transparent text-muted"}`;
  return (
    <nav aria-label="Log" className="mb-3 flex gap-6 text-sm print:hidden">
      <NavLink end to={`/at/${athleteId}/log`} className={tab}>
        Write
      </NavLink>
      <NavLink to={`/at/${athleteId}/log/book`} className={tab}>
        Read the book
      </NavLink>
    </nav>
  );
}
