import { useState } from "react";
import { DevicePart, OfflinePart } from "../parts/file/device-part";
import { DemoReturn } from "../parts/file/demo-return";
import { ExportPart } from "../parts/file/export-part";
import { HandOverPart } from "../parts/file/hand-over-part";
import { TableInPart } from "../parts/file/table-in-part";
import { ImportPart } from "../parts/file/import-part";
import { KeepingPart } from "../parts/file/keeping-part";
import { NotebookPart } from "../parts/file/notebook-part";
import { QuarantinePart } from "../parts/file/quarantine-part";
import { SettingsPart } from "../parts/file/settings-part";
import { keepingOf } from "../store/keeping";
import { fillDemo, openNotebook } from "../store/open";
import { peopleOf } from "../store/people";
import { plainSettings } from "#core/records/settings";
import { performSent } from "../acts/perform";
import { shippedLibrary } from "../library";
import { libraryOf } from "../whole-library";
import type { Route } from "./+types/file";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader() {
  const { name, notebook } = await openNotebook();
  return {
    name,
    counts: await notebook.counts(),
    aside: notebook.aside,
    strays: (await notebook.strays()).length,
    keeping: await keepingOf(notebook),
    settings: notebook.get("settings", "settings") ?? plainSettings,
    people: peopleOf(notebook)
      .filter(({ archived }) => !archived)
      .map(({ id, name: who }) => ({ id, name: who })),
    library: libraryOf(await shippedLibrary(), notebook),
  };
}

/** Of the notebook as a whole; everything else is an act like any other. */
export async function clientAction({ request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: string };
  if (act !== "empty" && act !== "fresh-demo") return performSent(request);
  const { name, notebook } = await openNotebook();
  if (act === "empty") await notebook.rebuild({ does: "empty" }, () => Promise.resolve());
  else if (name === "demo") await fillDemo(notebook);
  return null;
}

export const meta: Route.MetaFunction = () => [{ title: "File · Yearling" }];

/** File: the notebook in and out, whether the browser keeps it, what could not be read, the light. */
export default function FilePage({
  loaderData: { name, counts, aside, strays, keeping, settings, library, people },
}: Route.ComponentProps) {
  const [returned, setReturned] = useState<File | null>(null);
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-3xl overflow-y-auto p-4 sm:p-8">
      <h1 className="text-4xl">The file</h1>
      <p className="mt-1 text-muted">
        Everything is kept in this browser, on this device. Nothing is sent anywhere. A file is the
        copy that you can carry, and the only one if this browser is cleared.
      </p>
      <NotebookPart name={name} counts={counts} />
      <ExportPart counts={counts} />
      <HandOverPart people={people} />
      {name === "own" ? <KeepingPart keeping={keeping} /> : null}
      <DevicePart />
      <OfflinePart />
      {name === "demo" && !returned ? <DemoReturn open={setReturned} /> : null}
      <ImportPart
        name={name}
        library={library}
        {...(returned ? { came: returned, into: "demo" } : {})}
      />
      <TableInPart people={people} library={library} tester={settings.tester} />
      <QuarantinePart aside={aside} strays={strays} />
      <SettingsPart settings={settings} />
    </main>
  );
}
