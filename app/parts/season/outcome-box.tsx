/**
 * What became of a prep, as a drawn box: full where it was done, half where partly, crossed where missed, dotted where
 * it is still to come. Drawn and not coloured, so that paper shows it whatever a printer leaves out.
 */
export function OutcomeBox({ outcome, className = "" }: { outcome: string; className?: string }) {
  const filled = outcome === "done" ? 20 : outcome === "partly" ? 10 : 0;
  return (
    <svg viewBox="0 0 14 22" className={className} aria-hidden="true">
      <rect x="1" y={21 - filled} width="12" height={filled} fill="var(--ink)" />
      <rect
        x="1"
        y="1"
        width="12"
        height="20"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.4"
        strokeDasharray={outcome === "open" || outcome === "" ? "2 2.4" : undefined}
      />
      {outcome === "missed" ? (
        <path d="M1 1L13 21M13 1L1 21" stroke="var(--ink)" strokeWidth="1.2" />
      ) : null}
    </svg>
  );
}
