/** Where the store keeps that a notebook was open in this browser; the page reads it before anything else runs. */
export const beenOpen = "yearling-been-open";
