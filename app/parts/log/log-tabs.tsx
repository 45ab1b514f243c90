import { StationTabs } from "../frame/station-tabs";

/** The two halves of the station: writing a log, and reading the book. */
export const LogTabs = ({ athleteId }: { athleteId: string }) => (
  <StationTabs
    name="Log"
    tabs={[
      [`/at/${athleteId}/log`, "Write"],
      [`/at/${athleteId}/log/book`, "Read the book"],
    ]}
  />
);
