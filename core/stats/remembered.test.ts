import { describe, expect, it } from "vitest";
import { remembered, rememberedOfSame } from "./remembered";

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

describe("a function that remembers answers to the very same things", () => {
  const asking = () => {
    let asked = 0;
    const sum = rememberedOfSame(({ list }: { list: readonly number[]; on: string }) => {
      asked += 1;
      return list.reduce((all, one) => all + one, 0);
    }, 2);
    return { sum, times: () => asked };
  };

  it("answers from memory for the same objects, and anew for others that look the same", () => {
    const { sum, times } = asking();
    const list = [1, 2];
    expect([sum({ list, on: "a" }), sum({ list, on: "a" })]).toEqual([3, 3]);
    expect(times()).toBe(1);
    sum({ list: [1, 2], on: "a" });
    sum({ list, on: "b" });
    expect(times()).toBe(3);
  });

  it("forgets the oldest", () => {
    const { sum, times } = asking();
    const lists = [[1], [2], [3]];
    for (const list of lists) sum({ list, on: "a" });
    sum({ list: lists[2]!, on: "a" });
    expect(times()).toBe(3);
    sum({ list: lists[0]!, on: "a" });
    expect(times()).toBe(4);
  });
});
