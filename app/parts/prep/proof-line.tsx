import type { PrepItem } from "#core/records/records";
import type { ProofState } from "./use-proof";

const percent = (share: number): string => {
  const whole = Math.round(share * 100);
  return whole < 1 ? "less than 1 %" : `${whole} %`;
};

/** What is known of how good the plan is, in plain words; and a better one, offered where a hand was at work. */
export function ProofLine({
  proof,
  same,
  take,
}: {
  proof: ProofState & { stop: () => void };
  /** The proven plan is the one that is shown. */
  same: boolean;
  take: (items: PrepItem[]) => void;
}) {
  if (proof.status === "none") return null;
  if (proof.status === "looking")
    return (
      <p className="text-sm text-muted">
        A good plan; looking whether there is a better one.{" "}
        <button type="button" className="underlined" onClick={proof.stop}>
          Stop looking
        </button>
      </p>
    );
  if (proof.status === "stopped")
    return <p className="text-sm text-muted">A good plan, not proven.</p>;
  if (proof.status !== "proven")
    return (
      <p className="text-sm text-muted">
        A good plan. Whether there is a better one could not be worked out here.
      </p>
    );
  return (
    <p className="text-sm text-muted">
      {same ? (
        <>
          Proven: with these drills, minutes, kit and rules no other choice serves the needs more
          than {percent(Math.max(proof.gap, 0.0001))} better.
        </>
      ) : (
        <>
          {proof.better > 0
            ? `Without your changes the needs could be served ${percent(proof.better)} better than by the first plan.`
            : "Without your changes the first plan is as good as any."}{" "}
          <button type="button" className="underlined" onClick={() => take(proof.items)}>
            Take the proven plan
          </button>
        </>
      )}
    </p>
  );
}
