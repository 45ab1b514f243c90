import type { BodyPlace, SiteId } from "#core/body/sites";

/** Places of the body as a coach calls them. */
export const siteNames: Record<SiteId, string> = {
  head: "head",
  neck: "neck",
  shoulder: "shoulder",
  elbow: "elbow",
  forearm: "forearm",
  wrist: "wrist",
  fingers: "fingers",
  thoracic: "upper back",
  ribs: "ribs",
  lumbar: "low back",
  abdomen: "belly",
  hip: "hip",
  groin: "inner thigh",
  seat: "seat",
  hamstring: "hamstring",
  thigh: "front of the thigh",
  knee: "knee",
  shin: "shin",
  calf: "calf",
  ankle: "ankle",
  heel: "heel",
  foot: "foot",
  toes: "toes",
};

/** A place with its side. @example "left wrist" */
export const placeWords = ({ site, side }: BodyPlace): string =>
  side ? `${side} ${siteNames[site]}` : siteNames[site];
