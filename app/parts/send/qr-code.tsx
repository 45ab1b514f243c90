import { create } from "qrcode";

/** White around a code, in its own squares: readers need it. */
const quiet = 4;

/** A text as a code for a camera, black on white in any light. */
export function QrCode({ text, label }: { text: string; label: string }) {
  const { modules } = create(text, { errorCorrectionLevel: "L" });
  const { size, data } = modules;
  const squares = Array.from({ length: size * size }, (_, at) => at)
    .filter((at) => data[at])
    .map((at) => `M${(at % size) + quiet} ${Math.floor(at / size) + quiet}h1v1h-1z`)
    .join("");
  const whole = size + 2 * quiet;
  return (
    <svg
      viewBox={`0 0 ${whole} ${whole}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
      className="block w-full max-w-[26rem] border border-ink bg-white"
    >
      <path d={squares} fill="#000" />
    </svg>
  );
}
