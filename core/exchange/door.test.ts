import { describe, expect, it } from "vitest";
import { beyondDoor, door } from "./door";

describe("the door", () => {
  it("lets through what is no larger than anything may be, and names the place of what is", () => {
    expect(beyondDoor({ a: [1, { b: "x".repeat(door.text) }], c: null, d: 7 })).toBeNull();
    expect(beyondDoor({ a: [1, { b: "x".repeat(door.text + 1) }] })).toBe("a → 1 → b");
    expect(beyondDoor({ a: { list: new Array(door.list + 1).fill(0) } })).toBe("a → list");
  });
  it("gives a picture more room than a text", () => {
    const picture = `data:image/jpeg;base64,${"x".repeat(door.text)}`;
    expect(beyondDoor({ image: picture })).toBeNull();
    expect(beyondDoor({ image: `data:image/png,${"x".repeat(door.picture)}` })).toBe("image");
  });
});
