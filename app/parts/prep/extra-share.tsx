import type { PrepItem } from "#core/records/records";
import type { extraFor } from "#core/progress/shorter-side";
import { shorterWords } from "#words/measure";

const sets = (count: number): string => (count === 1 ? "a set" : `${count} sets`);

/** The shorter side's share: proposed from the checks, taken or left, and taken off when the difference is no longer real. */
export function ExtraShare({
  item,
  proposed,
  editable,
  more,
}: {
  item: PrepItem;
  proposed: ReturnType<typeof extraFor>;
  editable: boolean;
  more: (extra: PrepItem["extra"]) => void;
}) {
  const { extra } = item;
  if (!extra && (!proposed || !editable)) return null;
  if (!extra)
    return (
      <button
        type="button"
        className="no-print text-left text-sm text-spruce underline underline-offset-2"
        title={shorterWords(proposed!.shorter)}
        onClick={() => more(proposed!.extra)}
      >
        {sets(proposed!.extra.sets)} more on the {proposed!.extra.side}?
      </button>
    );
  const holds = proposed?.extra.side === extra.side;
  return (
    <p className="text-sm">
      <b>
        {sets(extra.sets)} more on the {extra.side}
      </b>
      {editable ? (
        <button
          type="button"
          className="no-print ml-2 underline underline-offset-2"
          title={
            holds
              ? shorterWords(proposed.shorter)
              : "the last checks show no real difference any more"
          }
          onClick={() => more(null)}
        >
          {holds ? "both alike" : "no longer real: both alike"}
        </button>
      ) : null}
    </p>
  );
}
