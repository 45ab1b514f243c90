import { FolderInput } from "lucide-react";
import { today } from "../../clock";

/** In the demo, a file has come back from an athlete's phone: to be looked at, and one difference decided. */
export const DemoReturn = ({ open }: { open: (file: File) => void }) => (
  <p className="mt-8 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-tape bg-raised px-4 py-2">
    <span>Noor has sent her file back.</span>
    <button
      type="button"
      className="press"
      onClick={() =>
        void import("../../demo").then(({ returnedFile }) => returnedFile(today())).then(open)
      }
    >
      <FolderInput size={16} aria-hidden="true" /> Look at it
    </button>
  </p>
);
