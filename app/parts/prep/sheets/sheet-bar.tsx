import { ArrowLeft, Printer } from "lucide-react";
import { Link } from "react-router";
import { sheetKinds, sheetNames, type SheetKind } from "./sheet-words";

/** Which sheet, what is on it, and the printer. Not printed itself. */
export function SheetBar({
  kind,
  health,
  back,
  choose,
  tick,
}: {
  kind: SheetKind;
  health: boolean;
  back: string;
  choose: (kind: SheetKind) => void;
  tick: (on: boolean) => void;
}) {
  return (
    <div className="no-print mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-ink pb-3">
      <Link className="quiet underlined" to={back}>
        <ArrowLeft size={15} /> The prep
      </Link>
      <div role="radiogroup" aria-label="Sheet" className="flex flex-wrap gap-x-4">
        {sheetKinds.map((one) => (
          <label key={one} className="flex min-h-10 items-center gap-1.5">
            <input
              type="radio"
              name="sheet"
              className="size-4 accent-[var(--spruce)]"
              checked={kind === one}
              onChange={() => choose(one)}
            />
            {sheetNames[one]}
          </label>
        ))}
      </div>
      {kind === "group" ? null : (
        <label className="flex min-h-10 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={health}
            onChange={(event) => tick(event.target.checked)}
          />
          with health notes
        </label>
      )}
      <button type="button" className="press press-main" onClick={() => window.print()}>
        <Printer size={16} /> Print
      </button>
    </div>
  );
}
