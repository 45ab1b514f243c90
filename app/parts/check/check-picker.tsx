import { useState } from "react";
import type { Protocol } from "#core/content/protocol";
import { jointWords } from "#words/slots";
import { Folded } from "../folded";
import { BothNames } from "../both-names";

type PickerProps = { protocols: readonly Protocol[]; add: (protocol: Protocol) => void };

/** Every other check there is, found by typing; a press puts it into the round. */
export const CheckPicker = (props: PickerProps) => (
  <Folded
    className="mt-3"
    summary={
      <summary className="label min-h-9 py-2">
        Put another check in ({props.protocols.length})
      </summary>
    }
  >
    {() => <OtherChecks {...props} />}
  </Folded>
);

function OtherChecks({ protocols, add }: PickerProps) {
  const [text, setText] = useState("");
  const wanted = text.trim().toLowerCase();
  const found = protocols.filter(({ name, joint, purpose }) =>
    `${name} ${jointWords(joint)} ${purpose}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <input
        className="field w-full max-w-sm"
        type="search"
        placeholder="joint or name"
        aria-label="Find a check"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          event.preventDefault();
          if (found[0]) add(found[0]);
        }}
      />
      {found.length === 0 ? (
        <p className="py-2 text-sm text-muted">No check is called that. Try a joint.</p>
      ) : (
        <ul className="mt-1 grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
          {found.map((protocol) => (
            <li key={protocol.id} className="border-b border-line">
              <button
                type="button"
                className="flex min-h-9 w-full items-baseline justify-between gap-3 text-left hover:bg-raised"
                onClick={() => add(protocol)}
              >
                <span>
                  <BothNames motion={protocol.motion} plain={protocol.name} />
                </span>
                <span className="text-sm text-muted">{protocol.posture}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
