import type { BodyPlace, SiteId } from "#core/body/sites";
import { jointNames } from "./slots";

/** Places of the body as a coach calls them. */
export const siteNames: Record<SiteId, string> = {
  ...jointNames,
  head: "head",
  ribs: "ribs",
  abdomen: "belly",
  groin: "inner thigh",
  seat: "seat",
  hamstring: "hamstring",
  thigh: "front of the thigh",
  shin: "shin",
  calf: "calf",
  heel: "heel",
  foot: "foot",
};

/** A place with its side. @example "left wrist" */
export const placeWords = ({ site, side }: BodyPlace): string =>
  side ? `${side} ${siteNames[site]}` : siteNames[site];
