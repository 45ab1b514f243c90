import type { AnyRecord, Kind } from "#core/records/records";

/**
 * Where a record lies. Rows of a person and a quarter of a year lie together on one page: large enough that a
 * person is read at once, small enough that an act rewrites little. A photograph is a page of its own.
 */
export type PageName = string;

/** Whose page a record is on: an athlete's identifier, or one of the two pages that are always open. */
export type Owner = string;

/** Every athlete's own record: who there is. */
export const people: PageName = "people";
/** What belongs to nobody: troupe, settings, places, groups, packs. */
export const common: PageName = "common";
/** Trainings of several, a page a quarter. */
const hallFolder = "hall/";
/** The owner of the pages that are always open. */
export const everybody: Owner = "";

/** The athlete a record belongs to; `everybody` for what is always open. */
export const ownerOf = (record: AnyRecord): Owner =>
  ("athleteId" in record ? record.athleteId : undefined) ?? everybody;

/** Kinds that belong to nobody alone, and are always open. */
export const isEverybodys = (kind: Kind): boolean =>
  kind === "troupe" ||
  kind === "settings" ||
  kind === "athlete" ||
  kind === "place" ||
  kind === "group" ||
  kind === "hall" ||
  kind === "pack";

/** @example quarterOf("2026-11-24") // "2026-4" */
const quarterOf = (on: string): string =>
  `${on.slice(0, 4)}-${Math.ceil(Number(on.slice(5, 7)) / 3)}`;

export function pageOf(record: AnyRecord): PageName {
  switch (record.kind) {
    case "athlete":
      return people;
    case "troupe":
    case "settings":
    case "place":
    case "group":
    case "pack":
      return common;
    case "hall":
      return `${hallFolder}${quarterOf(record.on)}`;
    case "gone":
      return record.athleteId ? `${folderOf(record.athleteId)}gone` : common;
    case "aim":
    case "season":
    case "run":
      return `${folderOf(record.athleteId)}now`;
    case "photo":
      return `${folderOf(record.athleteId)}photo/${encodeURIComponent(record.id)}`;
    case "check":
    case "prep":
    case "log":
    case "day":
      return `${folderOf(record.athleteId)}${quarterOf(record.on)}`;
  }
}

/** What the names of an athlete's pages begin with. */
export const folderOf = (owner: Owner): string => `at/${encodeURIComponent(owner)}/`;

/** The owner of a page by its name. */
export function ownerOfPage(page: PageName): Owner {
  const [, owner] = /^at\/([^/]*)\//.exec(page) ?? [];
  return owner === undefined ? everybody : decodeURIComponent(owner);
}

/** Whether a page is an owner's. */
export const isPageOf = (owner: Owner, page: PageName): boolean =>
  owner === everybody
    ? page === people || page === common || page.startsWith(hallFolder)
    : page.startsWith(folderOf(owner));

/** Names on the shelf: a generation is one whole notebook; an import or a fresh demo begins the next. */
export const nameOnShelf = (generation: number, page: PageName): string => `g${generation}/${page}`;
export const summaryName = (generation: number, owner: Owner): string =>
  `g${generation}/summary/${encodeURIComponent(owner)}`;

/** The generation that a name on the shelf belongs to; null for the head and what is set aside. */
export function generationOf(name: string): number | null {
  const [, generation] = /^g(\d+)\//.exec(name) ?? [];
  return generation === undefined ? null : Number(generation);
}
