import { cliniciansFirst } from "#words/safety";

/** Cautions at the foot of a sheet; health notes where they were ticked. */
export function SheetFoot({
  lines,
  health,
}: {
  lines: readonly string[];
  health: readonly string[];
}) {
  return (
    <footer className="mt-3 border-t-2 border-ink pt-2 text-[0.8rem] leading-snug print:break-inside-avoid">
      {health.length > 0 ? (
        <p className="mb-1 border-l-4 border-ink pl-2">
          <b>Health notes.</b> {health.join(" ")}
        </p>
      ) : null}
      <p>{lines.join(" ")}</p>
      <p>{cliniciansFirst}</p>
    </footer>
  );
}
