import type { MotionId } from "#core/body/motions";
import { bothNames } from "#words/field-names";
import { wordsFirst } from "./words-first";

/** What a motion or its check is called, in plain words and in the field's; a setting says which goes first. */
export function BothNames({ motion, plain }: { motion: MotionId | null; plain: string }) {
  const { title, beside } = bothNames(motion, plain, wordsFirst.use());
  return (
    <>
      {title}
      {beside ? (
        <span className="font-sans text-sm font-normal text-muted"> · {beside}</span>
      ) : null}
    </>
  );
}
