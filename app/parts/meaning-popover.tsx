import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { Link } from "react-router";
import { termOf } from "#words/glossary";

/** The question mark with its popover, once it is there. */
export function MeaningPopover({ of }: { of: string }) {
  const { id, name, also, means } = termOf(of);
  return (
    <Popover
      as="span"
      className="no-print relative inline-block align-baseline font-normal normal-case"
    >
      <PopoverButton
        className="inline-grid size-[24px] cursor-pointer place-items-center text-xs text-muted hover:text-ink"
        aria-label={`What does “${name}” mean?`}
      >
        <span className="grid size-4 place-items-center rounded-full border border-hair leading-none">
          ?
        </span>
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: "bottom start", gap: 4, padding: 8 }}
        className="z-40 w-72 border border-ink bg-raised p-3 text-sm tracking-normal text-ink"
      >
        <b>{name}</b>
        {also.length > 0 ? <span className="text-muted"> · {also.join(", ")}</span> : null}
        <span className="block">{means}</span>
        <Link className="underlined mt-1 inline-block" to={`/words#${id}`}>
          All words
        </Link>
      </PopoverPanel>
    </Popover>
  );
}
