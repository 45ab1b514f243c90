import { useState, type DragEvent } from "react";
import { ImportPart } from "../parts/file/import-part";
import { Scanner } from "../parts/open/scanner";
import { useArrivals, type Arrivals } from "../parts/open/use-arrivals";
import { shippedLibrary } from "../library";
import { openNotebook } from "../store/open";
import { libraryOf } from "../whole-library";
import type { Route } from "./+types/open";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader() {
  const { name, notebook } = await openNotebook();
  return { name, library: libraryOf(await shippedLibrary(), notebook) };
}

export const meta: Route.MetaFunction = () => [{ title: "Open what was sent · Yearling" }];

const wrongWords: Record<NonNullable<Arrivals["wrong"]>, string> = {
  "no-part": "That is no link or code of Yearling’s.",
  damaged: "The link is cut off or damaged: ask for it again, or for the file.",
};

/** Opens what somebody has sent: codes, a link, a file; from a coach to a phone, and back. */
export default function Open({ loaderData: { name, library } }: Route.ComponentProps) {
  const { file, so, wrong, take, read } = useArrivals();
  const [pasted, setPasted] = useState("");
  const progress = so ? `${so.have} of ${so.of}` : "looking";
  const drop = (event: DragEvent) => {
    event.preventDefault();
    const [dropped] = event.dataTransfer.files;
    if (dropped) take(dropped);
    else read(event.dataTransfer.getData("text"));
  };
  return (
    <main
      id="desk"
      className="mx-auto h-full w-full max-w-3xl overflow-y-auto p-4 sm:p-8"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <h1 className="text-3xl sm:text-4xl">Open what was sent</h1>
      <p className="mt-1 text-muted">From a coach, or back from an athlete’s phone.</p>
      {so && so.have < so.of ? (
        <p role="status" className="mt-3 border-l-4 border-tape bg-raised px-4 py-2">
          <b className="figures">
            {so.have} of {so.of}
          </b>{" "}
          parts are here. Go on with the next code.
        </p>
      ) : null}
      {wrong ? (
        <p role="alert" className="mt-3 border-l-4 border-clay bg-raised px-4 py-2">
          {wrongWords[wrong]} Nothing was changed.
        </p>
      ) : null}
      {file ? null : (
        <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
          <Scanner key={file ? "done" : "open"} read={read} progress={progress} />
          <label className="grid content-start">
            <span className="label">Or paste the link</span>
            <textarea
              className="field min-h-12"
              rows={2}
              value={pasted}
              onChange={(event) => {
                setPasted(event.target.value);
                if (event.target.value.trim() !== "") read(event.target.value.trim());
              }}
            />
          </label>
        </div>
      )}
      <ImportPart name={name} library={library} came={file} />
    </main>
  );
}
