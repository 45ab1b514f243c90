import { useId, useLayoutEffect, useRef } from "react";

/**
 * A sheet over the page, for one thing: the page behind it is still and out of reach. Escape, or a press beside it,
 * leaves it, and the cursor goes back to where it was.
 * @param title its heading; `label` names it where it has none
 * @param over how the page behind is dimmed
 * @param place where the sheet lies on the screen
 */
export function Modal({
  title,
  label,
  over = "backdrop:bg-black/70",
  place,
  className,
  close,
  children,
}: {
  title?: string;
  label?: string;
  over?: string;
  place: string;
  className: string;
  close: () => void;
  children: React.ReactNode;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  const pressed = useRef<EventTarget | null>(null);
  const heading = useId();
  useLayoutEffect(() => {
    const opened = dialog.current;
    opened?.showModal();
    return () => opened?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      {...(title ? { "aria-labelledby": heading } : { "aria-label": label })}
      className={`fixed inset-0 m-0 h-dvh max-h-none w-dvw max-w-none overflow-y-auto overscroll-contain bg-transparent ${over}`}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.preventDefault();
        event.stopPropagation();
        close();
      }}
      onCancel={(event) => {
        event.preventDefault();
        close();
      }}
      onClose={() => {
        if (!dialog.current?.open) close();
      }}
    >
      {/* By keys Escape does what a press beside the sheet does. */}
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events */}
      <div
        className={`grid min-h-full ${place}`}
        onPointerDown={({ target }) => {
          pressed.current = target;
        }}
        // A text that was marked from inside to beside it is no wish to leave.
        onClick={({ target, currentTarget }) => {
          if (target === currentTarget && pressed.current === target) close();
        }}
      >
        <div className={`bg-paper text-ink ${className}`}>
          {title ? (
            <h2 id={heading} className="text-2xl">
              {title}
            </h2>
          ) : null}
          {children}
        </div>
      </div>
    </dialog>
  );
}
