import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";

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
    <Dialog open onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-black/70" aria-hidden="true" />
      <div className="fixed inset-0 grid items-end overflow-y-auto sm:place-items-center sm:p-4">
        <DialogPanel className="max-h-dvh w-full max-w-2xl overflow-y-auto bg-paper p-5 text-ink sm:p-6">
          <DialogTitle className="text-2xl">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
