import { useState } from "react";
import { readHeight } from "#core/records/read-body";

/** Lengths become angles by the height: it is asked for where one is measured and nobody has said it. */
export function AskHeight({ keep }: { keep: (statureCm: number) => void }) {
  const [text, setText] = useState("");
  const cm = readHeight(text);
  const wrong = text.trim() !== "" && cm === null;
  const save = () => {
    if (cm !== null) keep(cm);
  };
  return (
    <div className="mt-2 flex flex-wrap items-baseline gap-x-3 border-l-4 border-tape bg-raised px-4 py-1.5 text-sm">
      <label className="flex items-baseline gap-2 font-semibold">
        Height
        <input
          className="field figures w-28"
          placeholder={"165 cm, 5'5\""}
          value={text}
          aria-invalid={wrong || undefined}
          aria-describedby="height-why"
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            save();
          }}
        />
      </label>
      <button type="button" className="quiet underlined" disabled={cm === null} onClick={save}>
        Save
      </button>
      <span id="height-why" className={wrong ? "text-clay" : "text-muted"}>
        {wrong
          ? "A height between 80 and 230 cm, as 165, 1.65 m or 5'5\"."
          : "Lengths become angles by it. Until then the usual height of the age counts, with a wider error."}
      </span>
    </div>
  );
}
