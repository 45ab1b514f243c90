import { useCallback, useEffect, useRef, useState } from "react";
import { keptDraft, dropDraft, keepDraft } from "../store/drafts";
import { presentNotebook } from "../store/open";

/** Drafts of the demo and of the own notebook are kept apart. */
const nameIn = (name: string): string => `${presentNotebook()?.name ?? "demo"}/${name}`;

/** The draft of an athlete's form; null for somebody new. */
export const athleteDraft = (athlete: { id: string } | null): string =>
  `athlete/${athlete?.id ?? "new"}`;

/** Whether something is typed under a name and not kept yet: a form that was open opens again. */
export const hasDraft = (name: string): boolean => keptDraft(nameIn(name)) !== null;

/**
 * What is being typed into a form that React holds. It survives a reload and a closed tab until it is kept or let go.
 * @param name what the form is of; another name, another draft
 * @param blank what the form begins with
 * @param read a draft of an earlier version as it is today; null for one that no longer fits
 */
export function useDraft<T>(
  name: string,
  blank: T | (() => T),
  read: (kept: unknown) => T | null,
): [T, (value: T | ((now: T) => T)) => void, () => void] {
  const begin = () => (typeof blank === "function" ? (blank as () => T)() : blank);
  const [value, setValue] = useState<T>(() => {
    const kept = keptDraft(nameIn(name));
    return (kept === null ? null : read(kept)) ?? begin();
  });
  const touched = useRef(false);
  useEffect(() => {
    if (touched.current) keepDraft(nameIn(name), value);
  }, [name, value]);
  const set = useCallback((next: T | ((now: T) => T)) => {
    touched.current = true;
    setValue(next);
  }, []);
  const drop = useCallback(() => {
    touched.current = false;
    letGo(nameIn(name));
  }, [name]);
  return [value, set, drop];
}

/** A draft goes once what came of it is on the shelf; until then it is the only other copy. */
function letGo(name: string): void {
  const given = keptDraft(name);
  setTimeout(() => {
    void presentNotebook()
      ?.notebook.settled()
      .then(() => {
        const saved = presentNotebook()?.notebook.status === "saved";
        if (saved && keptDraft(name) === given) dropDraft(name);
      });
  }, 200);
}

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

const fieldsOf = (form: HTMLFormElement): Field[] =>
  [...form.elements].filter(
    (one): one is Field =>
      (one instanceof HTMLInputElement ||
        one instanceof HTMLSelectElement ||
        one instanceof HTMLTextAreaElement) &&
      one.name !== "" &&
      one.type !== "file",
  );

const isTick = (field: Field): field is HTMLInputElement =>
  field instanceof HTMLInputElement && (field.type === "checkbox" || field.type === "radio");

const nameOf = (field: Field): string =>
  isTick(field) && field.type === "radio" ? `${field.name}=${field.value}` : field.name;

/** The same for a form whose fields the page holds: every field that has a name. */
export function useFormDraft(name: string): {
  ref: React.RefCallback<HTMLFormElement>;
  drop: () => void;
} {
  const ref = useCallback(
    (form: HTMLFormElement | null) => {
      if (!form) return;
      const kept = keptDraft(nameIn(name)) as Record<string, string | boolean> | null;
      for (const field of kept ? fieldsOf(form) : []) {
        const value = kept![nameOf(field)];
        if (value === undefined) continue;
        if (isTick(field)) field.checked = value === true;
        else field.value = String(value);
      }
      const keep = () =>
        keepDraft(
          nameIn(name),
          Object.fromEntries(
            fieldsOf(form).map((field) => [
              nameOf(field),
              isTick(field) ? field.checked : field.value,
            ]),
          ),
        );
      form.addEventListener("input", keep);
      return () => form.removeEventListener("input", keep);
    },
    [name],
  );
  const drop = useCallback(() => letGo(nameIn(name)), [name]);
  return { ref, drop };
}
