import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { OutcomeBox } from "./outcome-box";

describe("what became of a prep, on paper", () => {
  it("is drawn: done, partly, missed and to come differ, and none by a ground", () => {
    const drawn = ["done", "partly", "missed", "open"].map((outcome) =>
      renderToStaticMarkup(<OutcomeBox outcome={outcome} />),
    );
    expect(new Set(drawn).size).toBe(4);
    for (const html of drawn) expect(html).not.toMatch(/background|class="[^"]*bg-/);
  });
});
