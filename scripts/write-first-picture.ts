/**
 * After the build: draws the first page as an empty browser will show it, the troupe's names and all else that needs
 * no reckoning, and lays it into the page, so that it is seen before the scripts have come. Names lead on; the rest
 * waits for the page itself, which takes the picture away. Only at `/`, and only where no notebook was open before.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { createElement, type ComponentType } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { createRoutesStub } from "react-router";
import { firstPicture } from "../app/first-picture";
import BenchFrame from "../app/routes/bench";
import Troupe, { clientLoader } from "../app/routes/troupe";
import { beenOpen } from "../app/store/been-open";

const client = join(import.meta.dirname, "..", process.argv[2] ?? "build", "client");

/** The page as it stands before a record is read. Days are left out: they move with the day of the visit. */
async function drawn(): Promise<string> {
  // The troupe lies ready among the files of the build; there is no server to ask yet.
  globalThis.fetch = (address) =>
    Promise.resolve(
      new Response(readFileSync(join(client, String(address))), {
        headers: { "Content-Type": "application/json" },
      }),
    );
  const loaded = await clientLoader();
  const rows = loaded.rows.map((row) => ({ ...row, aim: row.aim.replace(/ by [^,]*$/, "") }));
  const page = () =>
    createElement(Troupe as ComponentType<never>, { loaderData: { ...loaded, rows } } as never);
  const Stub = createRoutesStub([
    {
      id: "frame",
      path: "/",
      Component: BenchFrame,
      children: [{ id: "page", index: true, Component: page }],
    },
  ]);
  return renderToStaticMarkup(createElement(Stub, { initialEntries: ["/"] }));
}

/** A picture has no names of its own and is no stop of the Tab key. */
const asPicture = (html: string): string =>
  html
    .replace(/ (?:id="desk"|(?:role|aria-live|for|aria-controls)="[^"]*")/g, "")
    .replace(/<(a|button|select)\b/g, '<$1 tabindex="-1"')
    .replace(/<input\b/g, '<input tabindex="-1" readonly');

const put = `(()=>{try{if(location.pathname==="/"&&localStorage.getItem(${JSON.stringify(beenOpen)})===null)document.currentScript.before(document.currentScript.previousElementSibling.content)}catch{}})()`;

const page = join(client, "index.html");
const picture = asPicture(await drawn());
writeFileSync(
  page,
  readFileSync(page, "utf8").replace(
    "<body>",
    () =>
      `<body><template><div id="${firstPicture}" class="first-picture no-print" aria-hidden="true">${picture}</div></template><script>${put}</script>`,
  ),
);
console.log(`the page holds a picture of the first page, ${Math.round(picture.length / 1000)} kB`);
process.exit(0);
