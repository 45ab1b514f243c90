import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { drillsFor, protocolOf } from "#core/library";
import { CheckDesk } from "../parts/check/check-desk";
import { ProtocolSheet } from "../parts/check/protocol-sheet";
import { Station } from "../parts/frame/frame";
import { removeCheck, saveRound } from "../storage/checks";
import { athleteView } from "../view";
import type { Route } from "./+types/check";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const sent = (await request.json()) as { intent: string };
  if (sent.intent === "round") return saveRound(params.athleteId, sent);
  if (sent.intent === "remove") return removeCheck(sent);
  throw new Response(`The check station does not know “${sent.intent}”.`, { status: 400 });
}

/** Check: measuring both sides in one row, so that a change can be believed. */
export default function CheckStation({ loaderData: view }: Route.ComponentProps) {
  const [params] = useSearchParams();
  const wish = params.get("focus");
  const first = view.gaps[0]?.protocolId ?? view.library.protocols[0]!.id;
  const [focus, setFocus] = useState<string | null>(null);
  const at = focus ?? (wish && protocolOf(view.library, wish) ? wish : first);
  const protocol = protocolOf(view.library, at);
  const motion = protocol?.motion;
  const drills = useMemo(
    () => (motion ? drillsFor(view.library, motion) : []),
    [view.library, motion],
  );
  return (
    <Station figure={protocol ? <ProtocolSheet protocol={protocol} drills={drills} /> : null}>
      <CheckDesk
        key={`${view.notebook}/${view.athlete.id}/${wish}`}
        view={view}
        focus={at}
        setFocus={setFocus}
        jump={wish !== null}
      />
    </Station>
  );
}
