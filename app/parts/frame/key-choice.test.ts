import { afterEach, describe, expect, it, vi } from "vitest";
import { keyChoice, pressed } from "./key-choice";

const press = (key: string, more: Partial<KeyboardEvent> = {}) => ({
  key,
  code: /^[a-z]$/i.test(key) ? `Key${key.toUpperCase()}` : /^\d$/.test(key) ? `Digit${key}` : key,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  ...more,
});

afterEach(() => vi.unstubAllGlobals());

describe("single keys", () => {
  it("act as they are, small or large, where that is chosen", () => {
    expect(pressed(press("R"), "plain")).toBe("r");
    expect(pressed(press("?"), "plain")).toBe("?");
    expect(pressed(press("r", { altKey: true }), "plain")).toBeNull();
  });

  it("act only with Alt, by where they lie, where that is chosen", () => {
    expect(pressed(press("r"), "alt")).toBeNull();
    expect(pressed(press("r", { altKey: true }), "alt")).toBe("r");
    expect(pressed(press("®", { altKey: true, code: "KeyR" }), "alt")).toBe("r");
    expect(pressed(press("¡", { altKey: true, code: "Digit1" }), "alt")).toBe("1");
  });

  it("do nothing where they are off; what writes nothing goes on", () => {
    expect(pressed(press("r"), "off")).toBeNull();
    expect(pressed(press("r", { altKey: true }), "off")).toBeNull();
    for (const choice of ["plain", "alt", "off"] as const) {
      for (const key of ["Enter", "ArrowLeft", " ", "PageDown"])
        expect(pressed(press(key), choice)).toBe(key);
      expect(pressed(press("z", { ctrlKey: true }), choice)).toBeNull();
    }
  });

  it("are remembered by the device, and plain where it remembers nothing", () => {
    const kept = new Map<string, string>();
    vi.stubGlobal("localStorage", {
      getItem: (name: string) => kept.get(name) ?? null,
      setItem: (name: string, value: string) => void kept.set(name, value),
    });
    expect(keyChoice.get()).toBe("plain");
    keyChoice.set("alt");
    expect(keyChoice.get()).toBe("alt");
    kept.set("yearling-keys", "nonsense");
    expect(keyChoice.get()).toBe("plain");
    vi.stubGlobal("localStorage", undefined);
    expect(keyChoice.get()).toBe("plain");
    keyChoice.set("off");
    expect(keyChoice.get()).toBe("off");
  });
});
