import { Modal } from "../modal";
import { keyHelp } from "./keys";

/** The keys, on one sheet. */
export default function KeyHelp({ close }: { close: () => void }) {
  return (
    <Modal
      title="Keys"
      over="backdrop:bg-black/40"
      close={close}
      place="place-items-center p-4"
      className="w-full max-w-lg p-6"
    >
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
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
    </Modal>
  );
}
