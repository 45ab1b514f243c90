import { afterEach, describe, expect, it, vi } from "vitest";
import { plusDays } from "#core/dates/days";
import { readyWeek } from "#core/sample/shift";
import { askForTroupe, troupeReady } from "./demo-ready";

const tuesday = "2026-12-01";
const made = plusDays(readyWeek, 1);
const troupe = [
  { kind: "prep", id: `prep-wren-${made}`, on: made },
  { kind: "log", id: "log-1", on: plusDays(made, -3) },
];
const answer = (body: unknown, type = "application/json", status = 200) =>
  vi.fn(() =>
    Promise.resolve(
      new Response(JSON.stringify(body), { status, headers: { "Content-Type": type } }),
    ),
  );

afterEach(() => vi.unstubAllGlobals());

describe("the troupe that lies ready", () => {
  it("is that of the weekday, moved to the day, names and all", async () => {
    const fetched = answer(troupe);
    vi.stubGlobal("fetch", fetched);
    expect(await troupeReady(tuesday)).toEqual([
      { kind: "prep", id: "prep-wren-2026-12-01", on: tuesday },
      { kind: "log", id: "log-1", on: "2026-11-28" },
    ]);
    expect(fetched).toHaveBeenCalledWith("/demo/1.json");
  });

  it("asked for early it is fetched once, and again only when it was used", async () => {
    const fetched = answer(troupe);
    vi.stubGlobal("fetch", fetched);
    askForTroupe(tuesday);
    askForTroupe(tuesday);
    await troupeReady(tuesday);
    expect(fetched).toHaveBeenCalledTimes(1);
    await troupeReady(tuesday);
    expect(fetched).toHaveBeenCalledTimes(2);
  });

  it.each([
    ["no such file", answer({}, "application/json", 404)],
    ["a page in its place", answer(troupe, "text/html")],
    ["no network", vi.fn(() => Promise.reject(new TypeError("failed")))],
  ])("is none where there is %s", async (_what, fetched) => {
    vi.stubGlobal("fetch", fetched);
    expect(await troupeReady("2026-12-03")).toBeNull();
  });
});
