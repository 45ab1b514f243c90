/**
 * Enter in a number goes to the next one that is wanted, left, right, check by check, and after the last to "Save"; Shift
 * with it goes back, to a trial that is asked for again too; with Ctrl it saves from anywhere. Tab stays the browser's: it
 * comes by the instruments and the pain of each side.
 */
export function alongNumbers(event: React.KeyboardEvent<HTMLFormElement>): void {
  const { target, currentTarget: form, key, shiftKey, ctrlKey, metaKey } = event;
  if (key !== "Enter" || !(target instanceof HTMLInputElement)) return;
  if (target.dataset.entry === undefined) return;
  event.preventDefault();
  if (ctrlKey || metaKey) return form.requestSubmit();
  const fields = [...form.querySelectorAll<HTMLInputElement>("input[data-entry]:enabled")];
  const at = fields.indexOf(target);
  const next = shiftKey
    ? fields[at - 1]
    : fields.slice(at + 1).find(({ dataset }) => dataset.again === undefined);
  if (next) {
    next.focus();
    next.select();
  } else if (!shiftKey) form.querySelector<HTMLButtonElement>("[data-save]")?.focus();
}
