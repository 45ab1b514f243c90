import { Camera, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";

/** The camera is looked at so often, ms. */
const every = 160;
/** A frame is read at this width at most, pixels: more is slower and reads no better. */
const widest = 900;

/** Whether this page may use a camera at all: only where it came over https, or from this device. */
const hasCamera = (): boolean => Boolean(globalThis.navigator?.mediaDevices?.getUserMedia);

/** Reads codes with the camera, one after the other, until all is there. */
export function Scanner({ read, progress }: { read: (text: string) => void; progress: string }) {
  const [on, setOn] = useState(false);
  const [denied, setDenied] = useState(false);
  if (!hasCamera())
    return (
      <p className="mt-2 border-l-4 border-tape bg-raised px-4 py-2 text-sm">
        This page came without https, so the browser lends it no camera. Read each code with the
        phone’s own camera and open the link it shows: the parts are put together here.
      </p>
    );
  return (
    <div className="mt-2">
      {on ? (
        <Viewfinder
          read={read}
          progress={progress}
          deny={() => {
            setOn(false);
            setDenied(true);
          }}
        />
      ) : null}
      <button
        type="button"
        className={`press min-h-12 ${on ? "mt-2" : "press-main"}`}
        onClick={() => {
          setOn(!on);
          setDenied(false);
        }}
      >
        {on ? <X size={18} aria-hidden="true" /> : <Camera size={18} aria-hidden="true" />}
        {on ? "Stop the camera" : "Scan codes"}
      </button>
      {denied ? (
        <p role="alert" className="mt-2 text-sm text-clay">
          The camera could not be used. Allow it in the browser, or paste the link.
        </p>
      ) : null}
    </div>
  );
}

function Viewfinder({
  read,
  progress,
  deny,
}: {
  read: (text: string) => void;
  progress: string;
  deny: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  useReading(video, read, deny);
  return (
    <div className="relative max-w-[26rem] border border-ink bg-ink">
      <video ref={video} playsInline muted className="block aspect-square w-full object-cover" />
      <span role="status" className="figures absolute bottom-0 left-0 bg-ink px-3 py-1 text-paper">
        {progress}
      </span>
    </div>
  );
}

/** Looks at what the camera sees until it is let go. */
function useReading(
  video: React.RefObject<HTMLVideoElement | null>,
  read: (text: string) => void,
  deny: () => void,
): void {
  const hears = useRef({ read, deny });
  hears.current = { read, deny };
  useEffect(() => {
    let stream: MediaStream | null = null;
    let timer = 0;
    let over = false;
    void (async () => {
      try {
        const [{ default: look }, got] = await Promise.all([
          import("jsqr"),
          navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } }),
        ]);
        stream = got;
        const shown = video.current;
        if (over || !shown) return got.getTracks().forEach((track) => track.stop());
        shown.srcObject = got;
        await shown.play();
        const canvas = document.createElement("canvas");
        const pen = canvas.getContext("2d", { willReadFrequently: true })!;
        timer = window.setInterval(() => {
          const scale = Math.min(1, widest / (shown.videoWidth || widest));
          const [width, height] = [shown.videoWidth * scale, shown.videoHeight * scale];
          if (width < 1) return;
          [canvas.width, canvas.height] = [width, height];
          pen.drawImage(shown, 0, 0, width, height);
          const found = look(
            pen.getImageData(0, 0, canvas.width, canvas.height).data,
            canvas.width,
            canvas.height,
          );
          if (found?.data) hears.current.read(found.data);
        }, every);
      } catch {
        if (!over) hears.current.deny();
      }
    })();
    return () => {
      over = true;
      clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [video]);
}
