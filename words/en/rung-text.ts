import type { KitItem } from "#core/drill/kit";
import type { Rung } from "#core/drill/drill";
import type { Because } from "#core/records/reasons";

/** How a thing is called inside a sentence. */
const spoken = (item: KitItem): string => item.replaceAll("-", " ");

/** A text of a rung with what stands in named instead of what is not there. @example "Roll on the ball" for a roller */
function named(text: string, swaps: readonly { wanted: KitItem; used: KitItem }[]): string {
  return swaps.reduce(
    (said, { wanted, used }) =>
      said.replace(new RegExp(`\\b${spoken(wanted)}\\b`, "gi"), (found) =>
        found[0] === found[0]!.toUpperCase()
          ? spoken(used).replace(/^./, (first) => first.toUpperCase())
          : spoken(used),
      ),
    text,
  );
}

/** The cue, the setting and the steps of a rung as they are done this time: with what stands in for its kit. */
export function rungText(
  { cue, setting, steps }: Pick<Rung, "cue" | "setting" | "steps">,
  why: readonly Because[],
): { cue: string; setting: string; steps: string[] } {
  const swaps = why.flatMap((one) => (one.why === "stand-in" ? [one] : []));
  return {
    cue: named(cue, swaps),
    setting: named(setting, swaps),
    steps: steps.map((step) => named(step, swaps)),
  };
}
