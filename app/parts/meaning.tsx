import { later, useLater } from "./later";

/** What opens under a question mark: nobody needs it to read the page, so it is fetched beside it. */
const popover = later(
  () => import("./meaning-popover").then(({ MeaningPopover }) => MeaningPopover),
  { idle: true },
);

/** A quiet question mark beside the first use of a term: what it means, and the way to all words. */
export function Meaning({ of }: { of: string }) {
  const Drawn = useLater(popover);
  if (Drawn) return <Drawn of={of} />;
  return (
    <span className="no-print relative inline-block align-baseline font-normal normal-case">
      <button
        type="button"
        onPointerEnter={() => void popover.ready()}
        className="inline-grid size-[24px] place-items-center text-xs text-muted"
        // The words come with what opens; until then it is called as it is looked up.
        aria-label={`What does “${of.replaceAll("-", " ")}” mean?`}
      >
        <span className="grid size-4 place-items-center rounded-full border border-hair leading-none">
          ?
        </span>
      </button>
    </span>
  );
}
