import { startTransition, StrictMode } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { today } from "./clock";
import { askForTroupe } from "./demo-ready";
import { shippedLibrary } from "./library";
import { demoParts, hasBeenOpen, openNotebook } from "./store/open";

// Every page needs these: they are fetched and opened while the page comes to life.
void shippedLibrary();
if (!hasBeenOpen()) {
  askForTroupe(today());
  void demoParts();
}
void openNotebook()
  .then(() => setTimeout(() => void import("./warm-up").then(({ warmUp }) => warmUp()), 1_000))
  .catch(() => undefined);

/*
 * A change of page is a React transition: it is drawn in slices, so that a key that is let go, or the next one, is
 * heard meanwhile. In one go it takes as long, and such a key waited for all of it.
 */
startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <HydratedRouter useTransitions />
    </StrictMode>,
  );
});
