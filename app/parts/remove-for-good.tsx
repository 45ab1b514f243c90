import { useState } from "react";
import { countWords } from "#words/file";
import { countsOf } from "../store/athlete-out";
import { openNotebook } from "../store/open";
import { useAct } from "./use-act";

/** Taking somebody away with everything: what goes is said first, and it can be undone like any act. */
export function RemoveForGood({ athlete }: { athlete: { id: string; name: string } }) {
  const { act } = useAct();
  const [asked, setAsked] = useState<string | null>(null);
  const ask = async () => {
    const { notebook } = await openNotebook();
    const counts = await countsOf(notebook, athlete.id);
    setAsked(counts.map(([kind, count]) => countWords(kind, count)).join(", ") || "nothing else");
  };
  if (asked === null)
    return (
      <button type="button" className="underlined text-sm" onClick={() => void ask()}>
        Remove for good
      </button>
    );
  return (
    <span role="alert" className="flex max-w-xl flex-wrap items-center gap-3 py-2 text-sm">
      <span>
        With <bdi>{athlete.name}</bdi> go: {asked}. Files from elsewhere don’t bring them back.
      </span>
      <button
        type="button"
        className="press border-clay text-clay"
        onClick={() => act("remove-athlete", { id: athlete.id })}
      >
        Remove
      </button>
      <button type="button" className="press" onClick={() => setAsked(null)}>
        Cancel
      </button>
    </span>
  );
}
