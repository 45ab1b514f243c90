import { useState } from "react";
import { setAsideWords } from "#words/set-aside";
import { troubleWords } from "#words/storage";
import { presentNotebook } from "../../store/open";
import type { Aside } from "../../store/page";
import { download } from "../download";
import { say } from "../say";

/** Records that could not be read: shown, to be mended and taken back in, or saved, and only then let go. */
export function QuarantinePart({ aside, strays }: { aside: readonly Aside[]; strays: number }) {
  if (aside.length === 0 && strays === 0) return null;
  return (
    <section id="quarantine" className="mt-8 border-l-4 border-clay pl-4">
      <h2 className="text-2xl">Set aside</h2>
      <p className="text-muted">
        These records could not be read and take no part in anything. They are kept until you let
        them go, and travel along in the file.
      </p>
      {strays > 0 ? (
        <p className="mt-1">
          {strays} readable record{strays > 1 ? "s" : ""} belong to an athlete who could not be
          read: they come back with the athlete.
        </p>
      ) : null}
      <ul className="mt-2 text-sm">
        {aside.map((one) => (
          <AsideRow key={one.name} aside={one} />
        ))}
      </ul>
      {aside.length > 0 ? (
        <p className="mt-2 flex gap-3">
          <button
            type="button"
            className="press"
            onClick={() => download("set-aside", JSON.stringify(aside, null, 1))}
          >
            Save them to a file
          </button>
          <button
            type="button"
            className="press"
            onClick={() => void presentNotebook()?.notebook.letGo(aside.map(({ name }) => name))}
          >
            Let them go
          </button>
        </p>
      ) : null}
    </section>
  );
}

function AsideRow({ aside }: { aside: Aside }) {
  const [text, setText] = useState(() => JSON.stringify(aside.found, null, 1));
  const [wrong, setWrong] = useState<string | null>(null);
  const takeIn = async () => {
    const notebook = presentNotebook()?.notebook;
    const asFound = text === JSON.stringify(aside.found, null, 1);
    const wrong = await notebook?.takeBackIn(aside.name, asFound ? null : text);
    setWrong(wrong ? ("why" in wrong ? troubleWords(wrong) : setAsideWords(wrong)) : null);
    if (wrong === null) say("It is back in the notebook.");
  };
  return (
    <li className="border-b border-line py-1">
      <b>{aside.key}</b>{" "}
      <span className="text-muted">
        {aside.why.fact === "unreadable"
          ? setAsideWords(aside.why.detail)
          : aside.why.fact === "misplaced"
            ? "kept in another’s place"
            : "damaged"}
      </span>
      <details>
        <summary>what was found</summary>
        <textarea
          aria-label={`What was found as ${aside.key}`}
          className="field figures mt-1 h-40 w-full text-xs"
          spellCheck={false}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <p className="flex flex-wrap items-center gap-3 py-1">
          <button type="button" className="press" onClick={() => void takeIn()}>
            Take it back in
          </button>
          {wrong ? (
            <span role="alert" className="text-clay">
              Not yet: {wrong}
            </span>
          ) : (
            <span className="text-muted">As it is, or mended here.</span>
          )}
        </p>
      </details>
    </li>
  );
}
