import { deviceChoice } from "../device-choice";

/** What single letters and figures do where nobody types: act, act together with Alt, or nothing. */
export const keyChoice = deviceChoice("yearling-keys", ["plain", "alt", "off"]);
type KeyChoice = ReturnType<typeof keyChoice.get>;

type Pressed = Pick<KeyboardEvent, "key" | "code" | "ctrlKey" | "metaKey" | "altKey">;

/** The character of a key with Alt, which some keyboards turn into another one: from where it lies. */
const plainOf = ({ key, code }: Pressed): string =>
  /^Key[A-Z]$/.test(code)
    ? code.slice(3).toLowerCase()
    : /^Digit\d$/.test(code)
      ? code.slice(5)
      : key;

/**
 * What a press asks for: its key where it counts, a letter small; null where it does not. Keys that write nothing, as
 * Enter and the arrows, always count without Alt.
 */
export function pressed(event: Pressed, choice: KeyChoice = keyChoice.get()): string | null {
  if (event.ctrlKey || event.metaKey) return null;
  const single = event.key.length === 1 && event.key !== " ";
  if (!single) return event.altKey ? null : event.key;
  if (choice === "off" || event.altKey !== (choice === "alt")) return null;
  return choice === "alt" ? plainOf(event) : event.key.toLowerCase();
}

/** Whether a sheet lies over the page: its keys are the sheet's then. */
export const somethingLiesOver = (): boolean =>
  document.querySelector("dialog[open], [role='dialog']") !== null;
