import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { keyHelp } from "./keys";

/** The keys, on one sheet. */
export default function KeyHelp({ close }: { close: () => void }) {
  return (
    <Dialog open onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-black/40" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="w-full max-w-lg bg-paper p-6 text-ink">
          <DialogTitle className="mb-4 text-2xl">Keys</DialogTitle>
          <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
            {keyHelp.map(([key, does]) => (
              <div key={key} className="contents">
                <dt className="figures whitespace-nowrap">{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <button type="button" className="press mt-6" onClick={close}>
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
