/** Frames may stand still, as in a tab behind others: then nobody waits for one longer than this, milliseconds. */
const longest = 80;

/**
 * Resolves when what was just pressed has been answered on the screen: after the next frame. At once where nothing is
 * painted: in a tab that is not seen, or without a browser.
 */
export const afterPaint = (): Promise<void> =>
  typeof requestAnimationFrame === "undefined" || document.hidden
    ? Promise.resolve()
    : new Promise((done) => {
        requestAnimationFrame(() => setTimeout(done, 0));
        setTimeout(done, longest);
      });
