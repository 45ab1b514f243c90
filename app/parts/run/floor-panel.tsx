import { Modal } from "../modal";

/** A panel over the run for one question; Escape leaves it. */
export function FloorPanel({
  title,
  close,
  children,
}: {
  title: string;
  close: () => void;
  children: React.ReactNode;
}) {
  return (
    <Modal
      title={title}
      close={close}
      place="items-end sm:place-items-center sm:p-4"
      className="w-full max-w-2xl p-5 sm:p-6"
    >
      {children}
    </Modal>
  );
}
