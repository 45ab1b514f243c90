import { Download, Share2 } from "lucide-react";
import { download } from "../download";
import { shareable, shareFile } from "./share-file";

/** A file to save, or to hand to whatever of this device takes files. */
export function FileButtons({ file, who }: { file: Blob; who: string }) {
  const sent = shareable(file, who);
  return (
    <p className="mt-3 flex flex-wrap gap-2">
      <button type="button" className="press" onClick={() => download("athlete", file, who)}>
        <Download size={16} aria-hidden="true" /> Save the file
      </button>
      {sent ? (
        <button type="button" className="press" onClick={() => shareFile(sent, who)}>
          <Share2 size={16} aria-hidden="true" /> Share the file
        </button>
      ) : null}
    </p>
  );
}
