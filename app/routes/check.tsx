import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { drillsFor, protocolOf } from "#core/content/library";
import { CheckDesk } from "../parts/check/check-desk";
import { CheckTabs } from "../parts/check/check-tabs";
import { ProtocolSheet } from "../parts/check/protocol-sheet";
import { StationLayout } from "../parts/frame/frame";
import { athleteView } from "../view";
import { still } from "../parts/still";
import type { Route } from "./+types/check";
import { performSent } from "../acts/perform";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export const clientAction = ({ params, request }: Route.ClientActionArgs) =>
  performSent(request, params);

/** Check: measuring both sides in one row, so that a change can be believed. */
function CheckStation({ loaderData: view }: Route.ComponentProps) {
  const [params] = useSearchParams();
  const asked = params.get("focus") ?? "";
  const wish = protocolOf(view.library, asked) ? asked : "";
  const first = view.allGaps[0]?.protocolId ?? view.library.protocols[0]!.id;
  const [focus, setFocus] = useState<string | null>(null);
  const protocol = protocolOf(view.library, focus ?? (wish || first));
  const motion = protocol?.motion;
  const drills = useMemo(
    () => (motion ? drillsFor(view.library, motion) : []),
    [view.library, motion],
  );
  return (
    <StationLayout figure={protocol ? <ProtocolSheet protocol={protocol} drills={drills} /> : null}>
      <CheckTabs athleteId={view.athlete.id} />
      <CheckDesk
        key={`${view.notebook}/${view.athlete.id}/${wish}`}
        view={view}
        focus={protocol?.id ?? first}
        setFocus={setFocus}
        wish={wish}
      />
    </StationLayout>
  );
}

export default still(CheckStation);
