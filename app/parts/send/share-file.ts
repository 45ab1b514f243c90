import { exportFile } from "#core/exchange/exports";
import { today } from "../../clock";

const canShare = (file: File): boolean =>
  Boolean(globalThis.navigator?.canShare?.({ files: [file] }));

/** Whether this device hands files on at all. */
export const sharesFiles = (): boolean => canShare(new File([""], "a.txt", { type: "text/plain" }));

/** An athlete's file in a form that this device shares: some systems know only plain text. Null where it shares none. */
export function shareable(file: Blob, who: string): File | null {
  const { name, type } = exportFile("athlete", today(), who);
  const forms = [
    new File([file], name, { type }),
    new File([file], `${name}.txt`, { type: "text/plain" }),
  ];
  return forms.find(canShare) ?? null;
}

/** Hands a file to whatever the user picks. Called off is no error. */
export const shareFile = (file: File, title: string): void =>
  void navigator.share({ files: [file], title }).catch(() => undefined);
