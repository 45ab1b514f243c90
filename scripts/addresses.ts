const stations = ["aim", "check", "gap", "prep", "log", "season"];

/** The stations of two of the troupe: one that is measured, one that hardly is. */
export const stationAddresses: readonly string[] = ["odalys", "wren"].flatMap((who) =>
  stations.map((station) => `/at/${who}/${station}`),
);

/** Every other page that an address opens in the demo; a run under way and the dialogs are opened by hand. */
export const otherAddresses: readonly string[] = [
  "/",
  "/at/odalys/run",
  "/at/odalys/aim/clinician",
  "/at/odalys/check/record",
  "/at/odalys/prep/place",
  "/at/odalys/prep/sheet",
  "/at/odalys/prep/sheet?sheet=pocket",
  "/at/odalys/log/book",
  "/at/odalys/log/book?by=drill",
  "/at/odalys/log/book?by=motion",
  "/at/odalys/log/book?by=stops",
  "/at/odalys/season/date",
  "/at/odalys/season/dose",
  "/at/odalys/season/out",
  "/at/odalys/season/sheet",
  "/at/odalys/season/sheet?of=season",
  "/hall/all",
  "/hall/wall-crew/round",
  "/hall/floor-crew/session",
  "/hall/floor-crew/sheet?sheet=strips",
  "/hall/floor-crew/log",
  "/hall/wall-crew/group",
  "/file",
  "/open",
  "/coach",
  "/library",
  "/words",
  "/library/own-drill?from=prayer",
  "/library/pictures?region=neck",
  "/library/drill/prayer",
  "/library/skill/handstand",
  "/library/check/knee-to-wall",
  "/library/cautions",
];
