import type { PrepItem } from "#core/records/records";
import type { ProofState } from "./use-proof";

const percent = (share: number): string => {
  const whole = Math.round(share * 100);
  return whole < 1 ? "less than 1 %" : `${whole} %`;
};

/** Whether there is a better plan: looked for where somebody asks, and taken where somebody takes it. */
export function ProofLine({
  proof,
  same,
  look,
  take,
}: {
  proof: ProofState & { stop: () => void };
  /** The plan that was found is the one that is shown. */
  same: boolean;
  look: () => void;
  take: (items: PrepItem[]) => void;
}) {
  return (
    <p className="min-h-8 text-sm text-muted" role="status">
      {proof.status === "none" || proof.status === "stopped" ? (
        <button type="button" className="underlined" onClick={look}>
          Look for a better plan
        </button>
      ) : proof.status === "looking" ? (
        <>
          Looking for a better plan.{" "}
          <button type="button" className="underlined" onClick={proof.stop}>
            Stop
          </button>
        </>
      ) : proof.status !== "proven" ? (
        "Whether there is a better plan could not be worked out here."
      ) : same || proof.better === 0 ? (
        "No better plan found."
      ) : (
        <>
          A plan that serves the needs {percent(proof.better)} better was found.{" "}
          <button type="button" className="underlined" onClick={() => take(proof.items)}>
            Take it
          </button>
        </>
      )}
    </p>
  );
}
