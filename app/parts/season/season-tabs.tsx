import { StationTabs } from "../frame/station-tabs";

/** The parts of the station: the weeks, whether they are enough or too much, and the date. */
export const SeasonTabs = ({ athleteId }: { athleteId: string }) => (
  <StationTabs
    name="Season"
    tabs={[
      [`/at/${athleteId}/season`, "Weeks"],
      [`/at/${athleteId}/season/dose`, "Doses"],
      [`/at/${athleteId}/season/date`, "Date"],
      [`/at/${athleteId}/season/out`, "Take along"],
    ]}
  />
);
