import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { drillsFor, protocolOf } from "#core/content/library";
import { CheckDesk } from "../parts/check/check-desk";
import { CheckTabs } from "../parts/check/check-tabs";
import { ProtocolSheet } from "../parts/check/protocol-sheet";
import { StationLayout } from "../parts/frame/frame";
import {
  removeCheck,
  removePhoto,
  saveFinger,
  saveMeasures,
  savePhoto,
  savePointing,
  saveRound,
} from "../storage/checks";
import { athleteView } from "../view";
import type { Route } from "./+types/check";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const sent = (await request.json()) as { intent: string };
  if (sent.intent === "round") return saveRound(params.athleteId, sent);
  if (sent.intent === "remove") return removeCheck(sent);
  if (sent.intent === "finger") return saveFinger(params.athleteId, sent);
  if (sent.intent === "measures") return saveMeasures(params.athleteId, sent);
  if (sent.intent === "pointing") return savePointing(sent);
  if (sent.intent === "photo") return savePhoto(params.athleteId, sent);
  if (sent.intent === "remove-photo") return removePhoto(sent);
  throw new Response(`The check station does not know “${sent.intent}”.`, { status: 400 });
}

/** Check: measuring both sides in one row, so that a change can be believed. */
export default function CheckStation({ loaderData: view }: Route.ComponentProps) {
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
