import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { athlete, check } from "#core/test/people";
import { library } from "#library/index";
import { textOf } from "../../test/pages";
import { RoundVerdicts } from "./row-verdicts";

const said = (...protocolIds: string[]): string =>
  textOf(
    renderToStaticMarkup(
      <RoundVerdicts
        checks={protocolIds.map((protocolId) => check({ protocolId }))}
        earlier={[]}
        gaps={[]}
        athlete={athlete()}
        library={library}
        named
      />,
    ),
  );

describe("what a round of checks says", () => {
  it("names each check", () => {
    expect(said("shoulder-flexion")).toMatch(/shoulder flexion/i);
  });

  it("says nothing of a check that nobody knows here, and shows the rest", () => {
    expect(said("nobody-knows", "shoulder-flexion")).toBe(said("shoulder-flexion"));
    expect(said("nobody-knows")).toBe("");
  });
});
