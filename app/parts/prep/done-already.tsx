import type { Drill, Rung } from "#core/drill/drill";
import { against, type GateTerms } from "#core/prep/permit";

/** Says of a rung that it is done already, elsewhere. */
export type Vouch = (drill: Drill, rung: Rung) => void;

/**
 * Rungs that nothing but their weeks keeps away: somebody who knows may say up to which it is done already. Nothing is
 * drawn where none waits.
 */
export function DoneAlready({
  drill,
  gate,
  vouch,
}: {
  drill: Drill;
  gate: GateTerms;
  vouch: Vouch;
}) {
  const waiting = drill.rungs.filter((rung) => {
    const reasons = against(gate, { drill, rung });
    return reasons.length > 0 && reasons.every(({ why }) => why === "not-yet");
  });
  if (waiting.length === 0) return null;
  return (
    <label className="flex items-center gap-2 text-sm">
      <span className="text-muted">done already up to</span>
      <select
        className="field !min-h-9 max-w-44"
        value=""
        onChange={(event) => {
          const rung = waiting.find(({ id }) => id === event.target.value);
          if (rung) vouch(drill, rung);
        }}
      >
        <option value="">not said</option>
        {waiting.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
