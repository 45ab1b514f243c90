import { isRouteErrorResponse, useRouteError } from "react-router";
import { troubleWords } from "#words/storage";
import { presentNotebook } from "../../store/open";
import { saveFile } from "../file/save-file";

/** A piece of the application that is not there any more: the page is of an older build than the server's. */
const isOldPage = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|importing a module|error loading|failed to fetch|preload/i.test(
    error.message,
  );

/** Shown in the place of what broke. It says what is true of the notebook, and gives ways on. */
export function ErrorBoundary() {
  const error = useRouteError();
  const notebook = presentNotebook()?.notebook ?? null;
  const missing = isRouteErrorResponse(error) && error.status === 404;
  const newer = isRouteErrorResponse(error) && error.status === 409;
  const old = isOldPage(error);
  const title = newer
    ? "This page is too old for the notebook."
    : old
      ? "This page is of an older version."
      : missing
        ? "Nothing is kept here."
        : "Something broke on this page.";
  return (
    <main id="desk" className="mx-auto grid min-h-[70dvh] max-w-xl content-center gap-4 p-8">
      <h1 className="text-3xl">{title}</h1>
      <p>
        {newer
          ? troubleWords({ why: "newer" })
          : old
            ? "A part of it is no longer on the server. Load it again: what is kept and what is typed stays."
            : missing
              ? missingWords(error)
              : "Go back, or load it again. If it happens again, save a file first."}
      </p>
      {newer || old || missing ? null : (
        <details className="text-sm text-muted">
          <summary className="underlined w-fit cursor-pointer">For whoever mends it</summary>
          <p className="figures mt-1 break-words">{detailOf(error)}</p>
        </details>
      )}
      {notebook && !missing ? <p className="text-muted">{keptWords(notebook)}</p> : null}
      <p className="flex flex-wrap gap-3">
        {missing ? null : (
          <button type="button" className="press press-main" onClick={() => location.reload()}>
            Load again
          </button>
        )}
        <a className={missing ? "press press-main" : "press"} href="/">
          To all athletes
        </a>
        {notebook && !missing ? (
          <button type="button" className="press" onClick={() => void saveFile(notebook)}>
            Save a file
          </button>
        ) : null}
      </p>
    </main>
  );
}

/** What our own pages say of what they miss; nothing of the router's own sentence for an address that is none. */
const missingWords = (error: unknown): string =>
  isRouteErrorResponse(error) && typeof error.data === "string" && !/no route/i.test(error.data)
    ? error.data
    : "There is no page at this address.";

const detailOf = (error: unknown): string =>
  isRouteErrorResponse(error)
    ? String(error.data || error.statusText)
    : error instanceof Error
      ? error.message
      : String(error);

function keptWords(notebook: NonNullable<ReturnType<typeof presentNotebook>>["notebook"]): string {
  if (notebook.trouble) return troubleWords(notebook.trouble);
  return notebook.status === "saved"
    ? "Everything is saved in this browser."
    : "The last change is still being saved.";
}
