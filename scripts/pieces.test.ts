import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { expect, it } from "vitest";
import { pieceNames, pieceOf, pieces } from "./pieces";

const here = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** Modules and what each imports; one that two import, and a ring. */
const imports: Record<string, string[]> = {
  [here("app/root.tsx")]: ["look"],
  [here("app/routes/bench.tsx")]: ["frame"],
  [here("app/routes/troupe.tsx")]: ["list"],
  [here("app/routes/athlete.tsx")]: ["tape", "frame"],
  [here("app/routes/prep.tsx")]: ["planner", "tape", here("app/parts/figure/pose-picture.tsx")],
  [here("app/parts/figure/pose-picture.tsx")]: ["bodies", "words"],
  [here("core/situation/planning.ts")]: [here("core/situation/request-of.ts"), "planner"],
  [here("core/situation/request-of.ts")]: ["steps", "tape"],
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
    planner: "planning",
  });
});

it("a page is a piece of its own, whatever it brings along", () =>
  expect(pieceOf(here("app/routes/troupe.tsx"), graph)).toBeNull());

it("what draws lies together, and what plans apart from what only asks", () => {
  expect(pieceOf("bodies", graph)).toBe("figures");
  expect(pieceOf(here("app/parts/figure/pose-picture.tsx"), graph)).toBe("figures");
  expect(pieceOf("steps", graph)).toBe("floor");
  expect(pieceOf("planner", graph)).toBe("planning");
});

it("pieces have their say in the order of the walk", () =>
  expect(pieceNames.slice(0, 2)).toEqual(["first", "walk"]));

it("what a piece is named after is there: moved away, its pages would wait for more and nobody would see why", () => {
  for (const path of Object.values(pieces).flat()) expect(existsSync(here(path)), path).toBe(true);
});
