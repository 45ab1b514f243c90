import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { screenLock } from "./screen-lock";

const shelf = () => {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => void kept.set(name, value),
    removeItem: (name: string) => void kept.delete(name),
  };
};
let device = shelf();
beforeEach(() => {
  device = shelf();
  vi.stubGlobal("localStorage", device);
  vi.stubGlobal("sessionStorage", shelf());
});
afterEach(() => vi.unstubAllGlobals());

/** Another tab of the same device. */
const otherTab = () => vi.stubGlobal("sessionStorage", shelf());

describe("the lock of a screen", () => {
  it("is none until it is set, stays open where it was set, and is shut in another tab", async () => {
    expect(screenLock.state()).toBe("none");
    await screenLock.set("silo floor 9", 15);
    expect(screenLock.state()).toBe("open");
    expect(screenLock.minutes()).toBe(15);
    otherTab();
    expect(screenLock.state()).toBe("shut");
  });

  it("opens by its passphrase alone, which lies nowhere", async () => {
    await screenLock.set("silo floor 9", 15);
    expect([...device.kept.values()].join()).not.toContain("silo");
    screenLock.shut();
    expect(await screenLock.open("silo floor 8")).toBe(false);
    expect(screenLock.state()).toBe("shut");
    expect(await screenLock.open("silo floor 9")).toBe(true);
    expect(screenLock.state()).toBe("open");
  });

  it("is not taken off while it is shut, and a new one shuts what the old one opened", async () => {
    await screenLock.set("silo floor 9", 15);
    screenLock.shut();
    screenLock.takeOff();
    expect(screenLock.state()).toBe("shut");
    await screenLock.open("silo floor 9");
    const here = sessionStorage;
    otherTab();
    await screenLock.set("another one", 5);
    vi.stubGlobal("sessionStorage", here);
    expect(screenLock.state()).toBe("shut");
    expect(await screenLock.open("another one")).toBe(true);
    screenLock.takeOff();
    expect(screenLock.state()).toBe("none");
  });

  it("without storage, or with nonsense in it, there is none", () => {
    device.setItem("yearling-lock", '{"salt": 3}');
    expect(screenLock.state()).toBe("none");
    vi.stubGlobal("localStorage", undefined);
    expect(screenLock.state()).toBe("none");
  });
});
