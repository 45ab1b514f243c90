import { runInNewContext } from "node:vm";
import { describe, expect, it } from "vitest";
import { earlyModules, earlyScript } from "./early-modules.mjs";

const manifest = {
  routes: {
    root: { id: "root", path: "", module: "/root.js" },
    frame: { id: "frame", parentId: "root", module: "/frame.js" },
    home: { id: "home", parentId: "frame", index: true, module: "/home.js" },
    hall: { id: "hall", parentId: "frame", path: "hall/:groupId", module: "/hall.js" },
    table: { id: "table", parentId: "hall", index: true, module: "/table.js" },
    round: { id: "round", parentId: "hall", path: "round", module: "/round.js" },
  },
};
const imports: Record<string, string[]> = {
  "/home.js": ["/list.js"],
  "/round.js": ["/list.js", "/ground.js"],
};
const needed = (modules: readonly string[]) =>
  new Set(modules.flatMap((one) => [one, ...(imports[one] ?? [])]));
const found = earlyModules(manifest, new Set(["/root.js", "/ground.js"]), needed);

/** What the script names in a page of this address. */
function named(pathname: string, been: string | null | Error): string[] {
  const links: { rel: string; href: string }[] = [];
  runInNewContext(earlyScript(found, "been"), {
    location: { pathname },
    document: {
      head: { append: (link: (typeof links)[number]) => links.push(link) },
      createElement: () => ({}),
    },
    localStorage: {
      getItem: () => {
        if (been instanceof Error) throw been;
        return been;
      },
    },
  });
  return links.map(({ rel, href }) => `${rel} ${href}`);
}

describe("the modules that a page names early", () => {
  it("are those of its address and of what lies around it, without what the page names anyway", () => {
    expect(named("/", "yes")).toEqual([
      "modulepreload /home.js",
      "modulepreload /list.js",
      "modulepreload /frame.js",
    ]);
    expect(named("/hall/all/round", "yes").toSorted()).toEqual(
      ["/frame.js", "/hall.js", "/list.js", "/round.js"].map((file) => `modulepreload ${file}`),
    );
    expect(named("/hall/wall-crew", "yes")).toContain("modulepreload /table.js");
    expect(named("/hall/wall-crew/", "yes")).toContain("modulepreload /table.js");
  });
  it("are none for an address that no page has", () => {
    for (const path of ["/nowhere", "/hall", "/hall/a/b", "/hall/a/round/more"])
      expect(named(path, "yes"), path).toEqual([]);
  });
  it("on a first visit the troupe of the weekday is asked for too, and where nothing is kept nothing breaks", () => {
    const [troupe] = named("/nowhere", null);
    expect(troupe).toBe(`preload /demo/${(new Date().getDay() + 6) % 7}.json`);
    expect(named("/nowhere", new Error("denied"))).toEqual([]);
  });
});
