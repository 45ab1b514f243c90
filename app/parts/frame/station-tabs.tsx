import { NavLink } from "react-router";

/** The two halves of a station: its own work, and reading what came of it. The first is the station itself. */
export function StationTabs({
  name,
  tabs,
}: {
  name: string;
  tabs: readonly (readonly [to: string, text: string])[];
}) {
  return (
    <nav aria-label={name} className="mb-3 flex gap-6 text-sm print:hidden">
      {tabs.map(([to, text], i) => (
        <NavLink
          key={to}
          end={i === 0}
          to={to}
          className={({ isActive }) =>
            `min-h-9 border-b-2 pt-1 font-semibold ${isActive ? "border-ink" : "border-transparent text-muted"}`
          }
        >
          {text}
        </NavLink>
      ))}
    </nav>
  );
}
