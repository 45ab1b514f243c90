import { Undo2 } from "lucide-react";
import { useState } from "react";
import type { AnyRecord, RecordOf } from "#core/records/records";
import { newsWords } from "#words/file";
import { backFile } from "../../store/athlete-out";
import type { HandedHere } from "../../store/meta";
import { openNotebook } from "../../store/open";
import { packed } from "../../store/parcel";
import { Codes } from "../send/codes";
import { FileButtons } from "../send/file-buttons";

/** Sends back what is new, and only that: as codes, a link or a file. */
export function SendBack({
  handed,
  athlete,
  news,
}: {
  handed: HandedHere;
  athlete: RecordOf<"athlete">;
  news: readonly AnyRecord[];
}) {
  const answered = news.some(({ kind }) => kind === "athlete") && athlete.intake !== null;
  const [health, setHealth] = useState(true);
  const [made, setMade] = useState<{ file: Blob; letters: string } | null>(null);
  const make = async () => {
    const { notebook } = await openNotebook();
    const file = await backFile(notebook, handed, answered && health);
    setMade(file && { file, letters: await packed(file) });
  };
  if (news.length === 0) return <p className="mt-4 text-muted">Nothing new to send back.</p>;
  return (
    <section className="mt-5" aria-label="Send back">
      <h3 className="text-xl">Send back</h3>
      <p>New: {newsWords(news)}.</p>
      {answered ? (
        <label className="flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-[var(--spruce)]"
            checked={health}
            onChange={(event) => {
              setHealth(event.target.checked);
              setMade(null);
            }}
          />
          with my health answers
        </label>
      ) : null}
      {made ? (
        <>
          <FileButtons file={made.file} who={athlete.name} />
          <Codes letters={made.letters} title={`Back from ${athlete.name}`} />
        </>
      ) : (
        <button
          type="button"
          className="press press-main mt-2 min-h-12 w-full"
          onClick={() => void make()}
        >
          <Undo2 size={18} aria-hidden="true" /> Send back to {handed.by || "my coach"}
        </button>
      )}
    </section>
  );
}
