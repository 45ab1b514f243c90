import type { ReadingStatus } from "./use-table-reader";

const ended: Partial<Record<ReadingStatus | "large", string>> = {
  stopped: "Stopped. Nothing was changed.",
  late: "It took longer than 20 seconds and was stopped. Split the file. Nothing was changed.",
  large: "The file is larger than 20 MB. Split it. Nothing was changed.",
  failed: "It could not be read: the reader did not start. Reload the page and try again.",
};

/** How far the reading of a table is, a way to stop it, and why it ended without an answer. */
export function TableReading({
  what,
  status,
  stop,
}: {
  what: string;
  status: ReadingStatus | "large";
  stop: () => void;
}) {
  if (status === "working")
    return (
      <p className="mt-3 flex items-center gap-3" aria-live="polite">
        <span>{what} …</span>
        <button type="button" className="underlined" onClick={stop}>
          Stop
        </button>
      </p>
    );
  const why = ended[status];
  return why ? (
    <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
      {why}
    </p>
  ) : null;
}
