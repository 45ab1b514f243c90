import { fileURLToPath } from "node:url";
import { expect, it } from "vitest";
import { pieceOf } from "./pieces";

const here = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** Modules and what each imports; one that two import, and a ring. */
const imports: Record<string, string[]> = {
  [here("app/root.tsx")]: ["look"],
  [here("app/routes/bench.tsx")]: ["frame"],
  [here("app/routes/troupe.tsx")]: ["list"],
  [here("app/routes/athlete.tsx")]: ["tape", "frame"],
  [here("app/routes/prep.tsx")]: ["planner", "tape"],
  list: ["words"],
  words: ["list"],
  tape: ["situation", "words"],
};
const graph = {
  getModuleInfo: (id: string) => ({ importedIds: imports[id] ?? [] }),
};

it("a module lies with the first page, else with the walk, else with whoever asks for it", () => {
  const pieces = ["look", "frame", "list", "words", "tape", "situation", "planner"];
  expect(Object.fromEntries(pieces.map((id) => [id, pieceOf(id, graph)]))).toEqual({
    look: "first",
    frame: "first",
    list: "first",
    words: "first",
    tape: "walk",
    situation: "walk",
    planner: null,
  });
});

it("a page is a piece of its own, whatever it brings along", () =>
  expect(pieceOf(here("app/routes/troupe.tsx"), graph)).toBeNull());
