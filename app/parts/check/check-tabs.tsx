import { NavLink } from "react-router";

/** The two halves of the station: taking a round, and reading what was taken. */
export function CheckTabs({ athleteId }: { athleteId: string }) {
  const tab = ({ isActive }: { isActive: boolean }) =>
    `min-h-9 border-b-2 pt-1 font-semibold ${isActive ? "border-ink" : "border-transparent text-muted"}`;
  return (
    <nav aria-label="Check" className="mb-3 flex gap-6 text-sm print:hidden">
      <NavLink end to={`/at/${athleteId}/check`} className={tab}>
        Measure
      </NavLink>
      <NavLink to={`/at/${athleteId}/check/record`} className={tab}>
        Read the record
      </NavLink>
    </nav>
  );
}
