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
 * A change of station is drawn at once. As a React transition it would be cut into slices of five
 * milliseconds and take several frames; there is nothing here that has to stay responsive meanwhile.
 */
startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <HydratedRouter useTransitions />
    </StrictMode>,
  );
});
