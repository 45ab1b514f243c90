/** A week as it will stand here: trainings first, a warm-up on each, sessions of their own where the joints rest. */
export function WeekTaught() {
  const days = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];
  const trained = [0, 2, 4];
  const own = [1, 5];
  return (
    <svg
      viewBox="0 0 420 128"
      className="mt-4 w-full max-w-2xl"
      role="img"
      aria-label="A week: training on three days, a warm-up before each, a session of its own on two days between."
    >
      {days.map((day, n) => (
        <g key={day} transform={`translate(${n * 60} 0)`}>
          <text x="4" y="12" fontSize="11" fill="var(--muted)">
            {day}
          </text>
          <rect x="0" y="18" width="58" height="84" fill="none" stroke="var(--line)" />
          {trained.includes(n) ? (
            <>
              <rect x="4" y="48" width="50" height="12" fill="var(--spruce)" />
              <rect x="4" y="60" width="50" height="38" fill="var(--hair)" opacity="0.45" />
            </>
          ) : null}
          {own.includes(n) ? (
            <rect x="4" y="26" width="50" height="26" fill="var(--tape)" stroke="var(--ink)" />
          ) : null}
        </g>
      ))}
      <g fontSize="11" fill="var(--ink)">
        <rect x="0" y="112" width="12" height="10" fill="var(--hair)" opacity="0.45" />
        <text x="17" y="121">
          training, as you say it
        </text>
        <rect x="150" y="112" width="12" height="10" fill="var(--spruce)" />
        <text x="167" y="121">
          warm-up, hung on it
        </text>
        <rect x="290" y="112" width="12" height="10" fill="var(--tape)" stroke="var(--ink)" />
        <text x="307" y="121">
          session of its own
        </text>
      </g>
    </svg>
  );
}
