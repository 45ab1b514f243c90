import { startTransition, StrictMode } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { shippedLibrary } from "./library";

// Every station needs it soon: it is fetched while the page comes to life.
void shippedLibrary();

/*
 * A change of station is drawn at once. As a React transition it would be cut into slices of five
 * milliseconds and take several frames; there is nothing here that has to stay responsive meanwhile.
 */
startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <HydratedRouter useTransitions={false} />
    </StrictMode>,
  );
});
