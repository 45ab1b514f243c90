import { useCallback, useEffect, useRef, useState } from "react";
import { gather, lettersOf, readPart, type Gathered } from "#core/exchange/parcel";
import { readMeta, writeMeta } from "../../store/meta";
import { unpacked } from "../../store/parcel";
import { sharedFile } from "../../store/shared-file";

/** What has come so far: a file, parts of one, or that something could not be read. */
export type Arrivals = {
  file: File | null;
  /** Parts there are, and how many it is of; null where nothing is under way. */
  so: { have: number; of: number } | null;
  wrong: "no-part" | "damaged" | null;
  /** A file by hand, and a text as it was scanned or pasted. */
  take: (file: File) => void;
  read: (text: string) => void;
};

/** Files handed to an installed application by the system, where it does that. */
type LaunchQueue = {
  setConsumer: (take: (launch: { files: { getFile: () => Promise<File> }[] }) => void) => void;
};

/** Puts together what arrives: after the # of the address, off the camera, pasted, shared, or opened by the system. */
export function useArrivals(): Arrivals {
  const [file, setFile] = useState<File | null>(null);
  const [so, setSo] = useState<Gathered | null>(null);
  const [wrong, setWrong] = useState<Arrivals["wrong"]>(null);
  const line = useRef(Promise.resolve());
  const read = useCallback((text: string) => {
    const part = readPart(text);
    if (!part) return setWrong("no-part");
    // One after the other, so that no part is lost to another that comes at once.
    line.current = line.current.then(async () => {
      // Parts lie in the browser: a phone's own camera opens each in a page of its own.
      const before = await readMeta("parcel").catch(() => null);
      const now = gather(before, part);
      await writeMeta("parcel", now).catch(() => undefined);
      setSo(now);
      const letters = lettersOf(now);
      const whole =
        letters === null || letters === "damaged" ? null : await unpacked(letters, "what was sent");
      setWrong(letters !== null && !whole ? "damaged" : null);
      if (whole) setFile((known) => (known && now.sum === before?.sum ? known : whole));
    });
  }, []);
  useEffect(() => {
    const look = () => {
      if (!location.hash.includes("y1.")) return;
      read(location.hash);
      history.replaceState(history.state, "", location.pathname);
    };
    look();
    addEventListener("hashchange", look);
    void sharedFile().then((shared) => shared && setFile(shared));
    (globalThis as { launchQueue?: LaunchQueue }).launchQueue?.setConsumer(({ files }) => {
      void files[0]?.getFile().then(setFile);
    });
    return () => removeEventListener("hashchange", look);
  }, [read]);
  return {
    file,
    so: so && { have: Object.keys(so.parts).length, of: so.of },
    wrong,
    take: setFile,
    read,
  };
}
