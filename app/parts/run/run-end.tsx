import { clock } from "#core/drill/dose";

/** The run is over: two ways to its log, and one back. */
export function RunEnd({
  worked,
  others,
  end,
  back,
}: {
  worked: number;
  others: number;
  end: (clean: boolean) => void;
  back: () => void;
}) {
  return (
    <main
      data-run
      className="grid min-h-dvh content-center gap-6 bg-[#0e1213] p-8 text-[#f2eee4] sm:p-16"
    >
      <h1 className="text-[clamp(2.6rem,7vw,6rem)]">Done.</h1>
      <p className="text-xl text-[#c9c3b3]">
        {clock(Math.round(worked))} of work. The log is filled already
        {others > 0 ? `, for all ${others + 1}` : ""}; say how it felt while it is fresh.
      </p>
      <p className="flex flex-wrap gap-3">
        <button
          type="button"
          autoFocus
          className="min-h-16 bg-[#e9d9a6] px-8 text-xl font-bold text-[#0e1213]"
          onClick={() => end(false)}
        >
          Log it
        </button>
        <button
          type="button"
          className="min-h-16 border-2 border-[#e9d9a6] px-8 text-xl font-bold"
          onClick={() => end(true)}
        >
          All clean, log it
        </button>
        <button
          type="button"
          className="min-h-16 border border-[#4a504f] px-8 text-lg"
          onClick={back}
        >
          Back to the last drill
        </button>
      </p>
    </main>
  );
}
