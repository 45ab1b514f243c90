import { ArrowLeft } from "lucide-react";
import { Link, redirect } from "react-router";
import { orderTerms } from "#core/prep/mend";
import { throughTheGate } from "#core/run/begin";
import { requestOf } from "#core/situation/request-of";
import { longDay } from "#words/days";
import { athleteView } from "../view";
import { WhatGoes } from "../parts/send/what-goes";
import { Codes } from "../parts/send/codes";
import { FileButtons } from "../parts/send/file-buttons";
import { prepFile } from "../store/athlete-out";
import { openNotebook } from "../store/open";
import { packed } from "../store/parcel";
import { performSent } from "../acts/perform";
import type { Route } from "./+types/send";

export { ErrorBoundary } from "../parts/frame/broken";

/** One prep, packed for a phone; only what the gate lets through goes out. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const view = await athleteView(params.athleteId, request);
  const prepId = new URL(request.url).searchParams.get("prep") ?? "";
  const prep = view.preps.find(({ id }) => id === prepId);
  const { notebook } = await openNotebook();
  const safe =
    prep && !("breaches" in throughTheGate(prep, view.library, orderTerms(requestOf(view, prep))));
  const file = safe && (await prepFile(notebook, params.athleteId, prepId));
  if (!file) throw redirect(`/at/${params.athleteId}/prep`);
  return { athlete: view.athlete, prep, file, letters: await packed(file) };
}

/** A prep that was only proposed is kept first. */
export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const { preps } = (await request.clone().json()) as { preps: { id: string }[] };
  const came = await performSent(request, params);
  return "done" in came ? redirect(`/at/${params.athleteId}/prep/send?prep=${preps[0]!.id}`) : came;
}

/** Sends a prep to the athlete's phone: by codes off the screen, a link, or a file. */
export default function Send({ loaderData }: Route.ComponentProps) {
  const { athlete, prep, file, letters } = loaderData;
  return (
    <main id="desk" className="h-full overflow-y-auto px-4 py-5 sm:px-8">
      <Link className="quiet underlined" to={`/at/${athlete.id}/prep?day=${prep.on}`}>
        <ArrowLeft size={15} aria-hidden="true" /> Prep
      </Link>
      <h1 className="mt-2 text-3xl">To {athlete.name.split(" ")[0]}’s phone</h1>
      <p className="mt-1 text-muted">
        {prep.own || `The prep of ${longDay(prep.on)}`}, {prep.items.length} drills. Nothing goes
        over a network: the codes hold all of it.
      </p>
      <div className="grid gap-x-10 lg:grid-cols-[26rem_1fr]">
        <Codes letters={letters} title={`A prep for ${athlete.name}`} />
        <WhatGoes athleteName={athlete.name.split(" ")[0]!}>
          <FileButtons file={file} who={athlete.name} />
        </WhatGoes>
      </div>
    </main>
  );
}
