import { exportFile, type ExportKind } from "#core/exchange/exports";
import { today } from "../clock";

/**
 * Hands an export to the user as a file.
 * @param who the athlete it is of; nobody where it is the whole notebook's
 * @param on its day, today where none is given; `of` says which one of its kind
 */
export function download(
  kind: ExportKind,
  content: string | Blob,
  who: string | null = null,
  { on = today(), of = "" }: { on?: string; of?: string } = {},
): void {
  const { name, type, before } = exportFile(kind, on, who, of);
  const url = URL.createObjectURL(new Blob([before, content], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
