import { expect, it } from "vitest";
import { remembered } from "./remembered";

it("answers again without asking, null too, and forgets the oldest first", () => {
  let asked = 0;
  const half = remembered(
    (n: number) => {
      asked += 1;
      return n % 2 === 0 ? n / 2 : null;
    },
    String,
    2,
  );
  expect([half(4), half(4), half(3), half(3)]).toEqual([2, 2, null, null]);
  expect(asked).toBe(2);
  half(8);
  half(4);
  expect(asked).toBe(4);
});
