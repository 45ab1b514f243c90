/** The fields of the line in their order. */
const fieldsIn = (form: HTMLElement): HTMLInputElement[] => [
  ...form.querySelectorAll<HTMLInputElement>("input[data-entry]:enabled"),
];

/**
 * The keys of the line: Enter or Tab to the next number, and after the last one to the next check; arrows to the athlete
 * above or below; Page down to the next check; P for pain and what was seen.
 * @returns whether the key was one of them
 */
export function lineKey(
  event: React.KeyboardEvent<HTMLElement>,
  turn: (by: 1 | -1) => boolean,
): boolean {
  const { target, currentTarget, key, shiftKey } = event;
  if (!(target instanceof HTMLInputElement) || target.dataset.entry === undefined) return false;
  const fields = fieldsIn(currentTarget);
  const at = fields.indexOf(target);
  const go = (to: HTMLInputElement | undefined) => {
    event.preventDefault();
    to?.focus();
    to?.select();
    return true;
  };
  switch (key) {
    case "Enter":
    case "Tab": {
      if (event.metaKey || event.ctrlKey) return false;
      const rest = shiftKey ? fields.slice(0, at).reverse() : fields.slice(at + 1);
      const next = rest.find((field) => shiftKey || field.dataset.again === undefined);
      if (next) return go(next);
      if (shiftKey) return false;
      event.preventDefault();
      return turn(1);
    }
    case "ArrowDown":
    case "ArrowUp": {
      const same = fields.filter(({ dataset }) => dataset.at === target.dataset.at);
      return go(same[same.indexOf(target) + (key === "ArrowDown" ? 1 : -1)]);
    }
    case "PageDown":
    case "PageUp":
      event.preventDefault();
      return turn(key === "PageDown" ? 1 : -1);
    case "p":
    case "P":
      event.preventDefault();
      target.closest("li")?.querySelector<HTMLButtonElement>("[data-more]")?.click();
      return true;
    default:
      return false;
  }
}

/** Puts the cursor on the first number of the line that is still empty. @returns whether there was one */
export function toFirstEmpty(form: HTMLElement | null): boolean {
  const empty = form && fieldsIn(form).find(({ value }) => value === "");
  empty?.focus();
  return Boolean(empty);
}
