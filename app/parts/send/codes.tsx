import { ChevronLeft, ChevronRight, Copy, Pause, Play, Share2 } from "lucide-react";
import { useEffect, useState } from "react";
import { mostParts } from "#core/exchange/parcel";
import { say } from "../say";
import { codesOf, isOnlyHere, linkOf } from "./addresses";
import { QrCode } from "./qr-code";

/** A code stays so long before the next, ms. */
const stay = 1400;

/** Codes that follow one another until all are read, and the same as a link. */
export function Codes({ letters, title }: { letters: string; title: string }) {
  const codes = codesOf(letters);
  const link = linkOf(letters);
  const [at, setAt] = useState(0);
  const [still, setStill] = useState(false);
  const several = codes.length > 1;
  useEffect(() => {
    if (!several || still) return;
    const timer = setInterval(() => setAt((now) => (now + 1) % codes.length), stay);
    return () => clearInterval(timer);
  }, [several, still, codes.length]);
  if (codes.length > mostParts)
    return (
      <p className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
        This is too much for codes: save the file instead.
      </p>
    );
  const step = (by: number) => {
    setStill(true);
    setAt((at + by + codes.length) % codes.length);
  };
  const shown = at % codes.length;
  return (
    <div className="mt-3 grid gap-3">
      <QrCode text={codes[shown]!} label={`Code ${shown + 1} of ${codes.length}`} />
      {several ? (
        <p className="flex items-center gap-2">
          <button type="button" className="press" aria-label="Code before" onClick={() => step(-1)}>
            <ChevronLeft size={18} aria-hidden="true" />
          </button>
          <span className="figures min-w-16 text-center" data-code={shown + 1}>
            {shown + 1} of {codes.length}
          </span>
          <button type="button" className="press" aria-label="Next code" onClick={() => step(1)}>
            <ChevronRight size={18} aria-hidden="true" />
          </button>
          <button type="button" className="press" onClick={() => setStill(!still)}>
            {still ? <Play size={16} aria-hidden="true" /> : <Pause size={16} aria-hidden="true" />}
            {still ? "Run through" : "Hold"}
          </button>
        </p>
      ) : null}
      {link ? <LinkButtons link={link} title={title} /> : null}
      {isOnlyHere() ? (
        <p className="text-sm text-muted">
          This address is only this computer’s. On the other device, open Yearling and scan there;
          or start it here with <code>npm start -- --hall</code>.
        </p>
      ) : null}
    </div>
  );
}

function LinkButtons({ link, title }: { link: string; title: string }) {
  const copy = () =>
    void navigator.clipboard.writeText(link).then(
      () => say("The link is copied."),
      () => say("The browser does not let it be copied."),
    );
  return (
    <p className="flex flex-wrap gap-2">
      {"clipboard" in navigator ? (
        <button type="button" className="press" onClick={copy}>
          <Copy size={16} aria-hidden="true" /> Copy the link
        </button>
      ) : (
        <label className="grid w-full">
          <span className="label">The link, to copy</span>
          <input
            className="field"
            readOnly
            value={link}
            onFocus={(event) => event.target.select()}
          />
        </label>
      )}
      {"share" in navigator ? (
        <button
          type="button"
          className="press"
          onClick={() => void navigator.share({ title, url: link }).catch(() => undefined)}
        >
          <Share2 size={16} aria-hidden="true" /> Share it
        </button>
      ) : null}
    </p>
  );
}
