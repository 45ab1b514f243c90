import type { Settings } from "./records";

/** The settings of somebody who has set nothing. */
export const plainSettings: Settings = {
  kind: "settings",
  id: "settings",
  theme: "system",
  sound: true,
  voice: false,
  tester: "",
  length: "cm",
  pointing: null,
  schools: {},
  aside: [],
  profiles: [],
  shared: [],
  order: { by: "hand", hand: [] },
};
