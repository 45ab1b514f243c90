import { useState, type ReactNode } from "react";

/** What is folded away until somebody asks for it: made when it is first opened, and kept from then on. */
export function Folded({
  summary,
  className = "",
  children,
}: {
  /** The `<summary>` that opens it. */
  summary: ReactNode;
  className?: string;
  children: () => ReactNode;
}) {
  const [asked, setAsked] = useState(false);
  return (
    <details
      className={className}
      onToggle={({ currentTarget }) => currentTarget.open && setAsked(true)}
    >
      {summary}
      {asked ? children() : null}
    </details>
  );
}
