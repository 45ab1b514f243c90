import { expect, it } from "vitest";
import { swapWords } from "./swap";

it("a swap says what it serves and how long it takes, against what goes", () => {
  expect(swapWords(0.05, 84)).toBe("prep serves 5 % more, 84 s longer");
  expect(swapWords(-0.013, -20)).toBe("prep serves 1 % less, 20 s shorter");
  expect(swapWords(0.004, 0)).toBe("prep serves as well, as long");
});
