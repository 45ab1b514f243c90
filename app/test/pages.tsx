import { createElement, type ComponentType } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { createRoutesStub } from "react-router";

type RouteModule = {
  default: ComponentType<never>;
  clientLoader?: (args: never) => Promise<unknown>;
  loader?: (args: never) => unknown;
};

/** The pages of one athlete by their path below `/at/:athleteId/`, and the module that makes each. */
const modules: Record<string, () => Promise<unknown>> = {
  aim: () => import("../routes/aim"),
  "aim/clinician": () => import("../routes/clinician"),
  check: () => import("../routes/check"),
  "check/record": () => import("../routes/record"),
  gap: () => import("../routes/gap"),
  prep: () => import("../routes/prep"),
  "prep/place": () => import("../routes/placement"),
  "prep/sheet": () => import("../routes/prep-sheet"),
  log: () => import("../routes/log"),
  "log/book": () => import("../routes/book"),
  season: () => import("../routes/season"),
  "season/date": () => import("../routes/season-date"),
  "season/dose": () => import("../routes/season-dose"),
  "season/out": () => import("../routes/season-out"),
  "season/sheet": () => import("../routes/season-sheet"),
};
export const pagePaths = Object.keys(modules);

const wholePages: Record<string, () => Promise<unknown>> = {
  "/": () => import("../routes/troupe"),
  "/file": () => import("../routes/file"),
  "/open": () => import("../routes/open"),
  "/coach": () => import("../routes/coach"),
  "/library": () => import("../routes/library"),
  "/library/drill": () => import("../routes/library-drill"),
  "/library/skill": () => import("../routes/library-skill"),
  "/library/check": () => import("../routes/library-check"),
  "/library/cautions": () => import("../routes/library-cautions"),
  "/words": () => import("../routes/words"),
};

/** A page as it first stands, before anything beside it has answered. */
export type ReadPage = {
  html: string;
  /** What a reader sees or hears, without the marks: hidden text too, drawings by their label alone. */
  text: string;
  headings: string[];
  links: string[];
};

/** Reads a page of an athlete, as it is rendered on the day that the browser has. @param path as in "season/sheet?of=week" */
export async function readPage(athleteId: string, path: string): Promise<ReadPage> {
  const [name = "", query = ""] = path.split("?");
  const address = `/at/${athleteId}/${name}${query ? `?${query}` : ""}`;
  return read((await (modules[name] ?? chosenPages[name])!()) as RouteModule, address, {
    athleteId,
  });
}

/** Pages of an athlete that stand only for something chosen. */
const chosenPages: Record<string, () => Promise<unknown>> = {
  "prep/send": () => import("../routes/send"),
};

const hallPages: Record<string, () => Promise<unknown>> = {
  "": () => import("../routes/hall-table"),
  round: () => import("../routes/hall-round"),
  session: () => import("../routes/hall-session"),
  group: () => import("../routes/hall-group"),
  sheet: () => import("../routes/hall-sheet"),
  log: () => import("../routes/hall-log"),
  wall: () => import("../routes/hall-wall"),
};
export const hallPaths = Object.keys(hallPages);

/** Reads a page of a group, or of all. @param path as in "sheet?sheet=strips" */
export async function readHallPage(groupId: string, path: string): Promise<ReadPage> {
  const [name = "", query = ""] = path.split("?");
  const address = `/hall/${groupId}/${name}${query ? `?${query}` : ""}`;
  return read((await hallPages[name]!()) as RouteModule, address, { groupId });
}

/** Reads a page that belongs to nobody. @param path as in "/library/drill/prayer" */
export async function readWholePage(path: string): Promise<ReadPage> {
  const [, name, id] = /^(\/library\/(?:drill|skill|check))\/(.+)$/.exec(path) ?? [null, path];
  return read((await wholePages[name!]!()) as RouteModule, path, id ? { id } : {});
}

async function read(
  module: RouteModule,
  address: string,
  params: Record<string, string>,
): Promise<ReadPage> {
  const request = new Request(`http://localhost${address}`);
  const load = module.clientLoader ?? module.loader ?? (() => Promise.resolve(undefined));
  const loaderData = await load({ params, request } as never);
  const Stub = createRoutesStub([
    {
      path: "*",
      Component: () => createElement(module.default, { loaderData, params } as never),
    },
  ]);
  // What is fetched beside a page is there by the time somebody reads it.
  const { allThatIsBeside } = await import("../parts/later");
  await allThatIsBeside();
  const html = renderToStaticMarkup(<Stub initialEntries={[address]} />);
  return {
    html,
    text: textOf(html),
    headings: all(html, /<h1[^>]*>([\s\S]*?)<\/h1>/g).map(textOf),
    links: all(html, /<a [^>]*href="([^"]*)"/g).map(decoded),
  };
}

const all = (html: string, pattern: RegExp): string[] =>
  [...html.matchAll(pattern)].map((found) => found[1]!);

const decoded = (text: string): string =>
  text
    .replace(/&#x27;/g, "'")
    .replace(/&quot;/g, '"')
    .replace(/&lt;/g, "<")
    .replace(/&gt;/g, ">")
    .replace(/&amp;/g, "&");

const inline = /<\/?(?:span|b|i|a|em|strong|button|label|tspan)(?: [^>]*)?>/g;

/** The words of some markup; what stands in one line stays together. */
export const textOf = (html: string): string =>
  decoded(
    html
      .replace(/<style[\s\S]*?<\/style>/g, "")
      .replace(inline, "")
      .replace(/<[^>]+>/g, " "),
  )
    .replace(/\s+/g, " ")
    .trim();
