import * as z from "zod/mini";

/** What a place can have, from walls to what a household has instead. */
export const KitItem = z.enum([
  "wall",
  "mat",
  "box",
  "stick",
  "roller",
  "half-roller",
  "ball",
  "strap",
  "band",
  "loop-band",
  "block",
  "wedge",
  "slope",
  "weight",
  "bar",
  "rings",
  "edge",
  "climbing-wall",
  "chair",
  "towel",
  "broom",
  "books",
  "bottle",
  "backpack",
]);
export type KitItem = z.infer<typeof KitItem>;
