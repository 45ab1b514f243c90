import { StationTabs } from "../frame/station-tabs";

/** The two halves of the station: taking a round, and reading what was taken. */
export const CheckTabs = ({ athleteId }: { athleteId: string }) => (
  <StationTabs
    name="Check"
    tabs={[
      [`/at/${athleteId}/check`, "Measure"],
      [`/at/${athleteId}/check/record`, "Read the record"],
    ]}
  />
);
