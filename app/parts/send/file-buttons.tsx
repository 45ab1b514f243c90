import { Download, Share2 } from "lucide-react";
import { exportFile } from "#core/exchange/exports";
import { today } from "../../clock";
import { download } from "../download";

/** A file to save, or to hand to whatever of this device takes files. */
export function FileButtons({ file, who }: { file: Blob; who: string }) {
  const { name, type } = exportFile("athlete", today(), who);
  // Some systems share only files that they know: the same as a plain text then.
  const sent = [
    new File([file], name, { type }),
    new File([file], `${name}.txt`, { type: "text/plain" }),
  ].find((one) => "canShare" in navigator && navigator.canShare({ files: [one] }));
  return (
    <p className="mt-3 flex flex-wrap gap-2">
      <button type="button" className="press" onClick={() => download("athlete", file, who)}>
        <Download size={16} aria-hidden="true" /> Save the file
      </button>
      {sent ? (
        <button
          type="button"
          className="press"
          onClick={() => void navigator.share({ files: [sent], title: who }).catch(() => undefined)}
        >
          <Share2 size={16} aria-hidden="true" /> Share the file
        </button>
      ) : null}
    </p>
  );
}
