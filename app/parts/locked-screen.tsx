import { LockKeyhole } from "lucide-react";
import { useState } from "react";
import { screenLock } from "../store/screen-lock";

/** Shown in place of everything while the screen is locked. */
export function LockedScreen() {
  const [typed, setTyped] = useState("");
  const [came, setCame] = useState<"busy" | "wrong" | null>(null);
  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <form
        className="grid w-full max-w-xs gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          setCame("busy");
          void screenLock.open(typed).then((right) => {
            if (right) return;
            setTyped("");
            setCame("wrong");
          });
        }}
      >
        <h1 className="flex items-center gap-3 text-3xl">
          <LockKeyhole size={26} aria-hidden /> Locked
        </h1>
        <label className="grid">
          <span className="label">Passphrase</span>
          <input
            type="password"
            className="field"
            autoFocus
            autoComplete="current-password"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        <p role="alert" className="min-h-[24px] text-clay">
          {came === "wrong" ? "That is not the passphrase." : ""}
        </p>
        <button
          type="submit"
          className="press press-main justify-self-start"
          disabled={typed === "" || came === "busy"}
        >
          {came === "busy" ? "Opening …" : "Open"}
        </button>
      </form>
    </main>
  );
}
