import { fromFile, readFile } from "#core/exchange/file";
import { Settings } from "#core/exchange/records";
import { ExportPart } from "../parts/file/export-part";
import { ImportPart } from "../parts/file/import-part";
import { NotebookPart } from "../parts/file/notebook-part";
import { QuarantinePart } from "../parts/file/quarantine-part";
import { SettingsPart } from "../parts/file/settings-part";
import { change, fillDemo, openNotebook, turnTo } from "../storage/open";
import { plainSettings } from "../view";
import type { Route } from "./+types/file";

export async function clientLoader() {
  const { name, notebook } = await openNotebook();
  return {
    name,
    records: notebook.everything(),
    quarantined: notebook.quarantined,
    settings: notebook.get("settings", "settings") ?? plainSettings,
  };
}

type Sent =
  | { intent: "import"; text: string; replace: boolean }
  | { intent: "empty" }
  | { intent: "fresh-demo" }
  | { intent: "settings"; settings: unknown };

export async function clientAction({ request }: Route.ClientActionArgs) {
  const sent = (await request.json()) as Sent;
  switch (sent.intent) {
    case "import": {
      const read = readFile(sent.text);
      if ("refused" in read) return read;
      if ((await openNotebook()).name === "demo") await turnTo("own");
      const { notebook } = await openNotebook();
      const incoming = fromFile(read.file);
      const keys = new Set(incoming.map(({ kind, id }) => `${kind}/${id}`));
      const gone = sent.replace
        ? notebook
            .everything()
            .map(({ kind, id }) => `${kind}/${id}`)
            .filter((key) => !keys.has(key))
        : [];
      await change("import a file", incoming, gone);
      await notebook.settled();
      return { imported: incoming.length };
    }
    case "empty": {
      const { notebook } = await openNotebook();
      await change(
        "empty the notebook",
        [],
        notebook.everything().map(({ kind, id }) => `${kind}/${id}`),
      );
      return null;
    }
    case "fresh-demo": {
      const { name, notebook } = await openNotebook();
      if (name === "demo") await fillDemo(notebook);
      return null;
    }
    case "settings":
      await change("settings", [Settings.parse(sent.settings)]);
      return null;
  }
}

export const meta: Route.MetaFunction = () => [{ title: "File · Yearling" }];

/** File: the notebook in and out, the demo, what could not be read, the light. */
export default function FilePage({
  loaderData: { name, records, quarantined, settings },
}: Route.ComponentProps) {
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-3xl overflow-y-auto p-4 sm:p-8">
      <h1 className="text-4xl">The file</h1>
      <p className="mt-1 text-muted">
        Everything is kept in this browser, on this device. Nothing is sent anywhere. A file is the
        copy that you can carry, and the only one if this browser is cleared.
      </p>
      <NotebookPart name={name} records={records} />
      <ExportPart records={records} />
      <ImportPart name={name} records={records} />
      <QuarantinePart quarantined={quarantined} />
      <SettingsPart settings={settings} />
    </main>
  );
}
